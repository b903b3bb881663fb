export { footDepthMm, plainStrapStage, slackToWorkMm, type StrapFoot, type StrapStage } from './plainStrap';
