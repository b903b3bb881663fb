export { contentsFit, type FitStage } from './contentsFit';
