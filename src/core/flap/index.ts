export { flapStage, flapSize, rowStitches, wishableFlap, type FlapStage } from './flapStage';
export { flapRowsOf, shapedPatternRow, type FlapRows } from './flapRows';
export { FLAP_KINDS, flapOutline, shapeHandle, usualFlap, type FlapHandle, type FlapSize } from './shapes';
export { flapHandles, pullFlapEdits } from './pullFlap';
