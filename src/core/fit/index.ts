export { carryProblems } from './carryProblems';
export { contentsFit, type FitStage } from './contentsFit';
