export { carryProblems } from './carryProblems';
export { throughFabricStage, type ThroughFabricStage } from './throughFabric';
export { contentsFit, type FitStage } from './contentsFit';
