export { plainStrapStage, slackToWorkMm, type StrapFoot, type StrapStage } from './plainStrap';
