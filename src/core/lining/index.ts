export { LINING_NAMES, flatLiningStage, type LiningPiece, type LiningStage } from './flatLining';
export { offsetOutline, pieceOutline, type OutlinePoint } from './outline';
