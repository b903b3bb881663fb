export { flatLiningStage, type LiningStage } from './flatLining';
