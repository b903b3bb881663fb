import type { Strap } from '@/core/design';
import type { FittingKind } from '@/core/fittings';
import { workedStrapKind, type WorkedStrapStage } from './workedStrap';

/** Every kind of strap and handle. A new one is a file and a line here. */
export const STRAPS = {
  plain: workedStrapKind('plain'),
  lengthwise: workedStrapKind('lengthwise'),
  double: workedStrapKind('double'),
  linen: workedStrapKind('linen'),
  tube: workedStrapKind('tube'),
  spiral: workedStrapKind('spiral'),
} satisfies {
  [Kind in Strap['kind']]: FittingKind<
    Extract<Strap, { kind: Kind }>,
    WorkedStrapStage<Extract<Strap, { kind: Kind }>>
  >;
};
/** What comes of any strap. */
export type StrapStage = WorkedStrapStage;

export type { GrownStrap } from './grownStrap';
export { grownFigures } from './grownStrap';
export type { StrapFoot } from './strapFoot';
export type { WorkedStrapStage } from './workedStrap';
export { ALONG } from './stripGauge';
export { STRAP_NATURES, strapStitch } from './natures';
export type { StrapProblems, StrapRepairs } from './ownProblems';
export { pullOfMassN, shareAt, stretchDoubt, type StretchCurve } from './stretch';
