import type { Closure } from '@/core/design';
import type { FittingKind, FittingStage, StageOf } from '@/core/fittings';
import { magneticSnap } from './magneticSnap';

/** Every kind of closure. A new one is a file and a line here. */
export const CLOSURES = { 'magnetic-snap': magneticSnap } satisfies {
  [Kind in Closure['kind']]: FittingKind<
    Extract<Closure, { kind: Kind }>,
    FittingStage<Extract<Closure, { kind: Kind }>>
  >;
};
/** What comes of any closure. */
export type ClosureStage = StageOf<typeof CLOSURES>;

export type { SnapSpot } from './placeSnap';
export type { SnapStage } from './magneticSnap';
export type { SnapProblems, SnapRepairs } from './snapProblems';
