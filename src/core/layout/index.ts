export { layoutBoundMm } from './bound';
export { cuttingLayout, type LayoutStep } from './cuttingLayout';
export type { ClothSheet, LaidPiece, Layout, LayoutPiece } from './layoutTypes';
export { convexHull, noFitRing } from './convex';
export { turnedRing, type Turn } from './turned';
export { clothProblems } from './clothProblems';
export { clothPieces, sheetOf } from './clothPieces';
export { layoutFigures, type LayoutFigures } from './layoutFigures';
