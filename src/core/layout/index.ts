export { layoutBoundMm } from './bound';
export { cuttingLayout, type LayoutStep } from './cuttingLayout';
export type { ClothSheet, LaidPiece, Layout, LayoutPiece } from './layoutTypes';
export { convexHull, noFitRing } from './nestShapes';
export { turnedRing, type Turn } from './turned';
