export { LINING_NAMES, flatLiningStage, type LiningPiece, type LiningStage } from './flatLining';
