export { massPerArea, wholeSwatch } from './massPerArea';
export { yarnStage, type YarnStage } from './yarnNeeded';
export { HOOK_LETTERS } from './yarnClass';
