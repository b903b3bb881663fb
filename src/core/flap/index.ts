export { straightFlapStage, type FlapStage } from './straightFlap';
