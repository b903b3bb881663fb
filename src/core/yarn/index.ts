export { yarnStage, type YarnStage } from './yarnNeeded';
