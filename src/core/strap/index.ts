export { footDepthMm, plainStrapStage, slackToWorkMm, type StrapFoot, type StrapStage } from './plainStrap';
export { grownFigures, grownStrap, type GrownStrap } from './grownStrap';
