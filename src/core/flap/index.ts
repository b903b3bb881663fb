export { flapStage, flapSize, rowStitches, wishableFlap } from './flapStage';
export { flapRowsOf, type FlapRows } from './flapRows';
export {
  FLAP_KINDS,
  flapOutline,
  flapOutlinePoints,
  shapeHandle,
  usualFlap,
  type FlapHandle,
  type FlapSize,
} from './shapes';
export { flapHandles, pullFlapEdits } from './pullFlap';
export { canHaveHem } from './hem';
export { withHalfDisc } from './withHalfDisc';
export { flapSplits, type Split, type SplitId } from './splits';
