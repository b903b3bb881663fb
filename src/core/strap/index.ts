import type { Strap } from '@/core/design';
import type { FittingKind, FittingStage, StageOf } from '@/core/fittings';
import { plainStrap } from './plainStrap';

/** Every kind of strap and handle. A new one is a file and a line here. */
export const STRAPS = { plain: plainStrap } satisfies {
  [Kind in Strap['kind']]: FittingKind<Extract<Strap, { kind: Kind }>, FittingStage<Extract<Strap, { kind: Kind }>>>;
};
/** What comes of any strap. */
export type StrapStage = StageOf<typeof STRAPS>;

export type { GrownStrap } from './grownStrap';
export { grownFigures } from './grownStrap';
export type { StrapFoot } from './strapFoot';
export type { PlainStrapStage } from './plainStrap';
export type { StrapProblems, StrapRepairs } from './ownProblems';
export { pullOfMassN, shareAt, stretchDoubt, type StretchCurve } from './stretch';
