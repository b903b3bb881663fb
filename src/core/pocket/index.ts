import { pocketKind } from './pocketKind';

/** Every kind of pocket, in the order in which they are offered. A new one is a nature and a line here. */
export const POCKETS = {
  slip: pocketKind('slip'),
  divided: pocketKind('divided'),
  zipped: pocketKind('zipped'),
  crocheted: pocketKind('crocheted'),
  vinyl: pocketKind('vinyl'),
  loop: pocketKind('loop'),
} as const;

export { LOOP_ENDS_MM, SLIT_MM, vinylHoles, type PocketPiece } from './pocketPieces';
export type { PocketProblems, PocketRepairs } from './pocketProblems';
export { type PocketSizes } from './pocketSizes';
export { type PocketStage } from './pocketKind';
export { pocketOverlaps, type PocketOverlapProblems, type PocketOverlapRepairs } from './pocketOverlaps';
