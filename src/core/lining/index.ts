import { usualFlapLining, usualLining, type Lining } from '@/core/design';
import type { FittingKind, FittingStage, StageOf } from '@/core/fittings';
import { crochetedLining } from './crocheted';
import { dropInLining } from './dropIn';
import { layOver } from './layOver';

/** Every kind of lining. A new one is a file and a line here. */
export const LININGS = {
  flat: layOver(usualLining, 'all'),
  'drop-in': dropInLining,
  'flap-only': layOver(usualFlapLining, 'flap'),
  crocheted: crochetedLining,
} satisfies {
  [Kind in Lining['kind']]: FittingKind<Extract<Lining, { kind: Kind }>, FittingStage<Extract<Lining, { kind: Kind }>>>;
};

/** What comes of any lining. */
export type LiningStage = StageOf<typeof LININGS>;

export type { CrochetedProblems, CrochetedRepairs, CrochetedStage } from './crocheted';
export type { DropInProblems, DropInRepairs, DropInStage } from './dropIn';
export { perHole, shareOut, type JoinMap, type JoinedSpan } from './joinMap';
export { frays, ringOf, type LayOverProblems, type LayOverRepairs, type LayOverStage } from './layOver';
export { LINING_NAMES, type LiningPattern, type LiningPieceName } from './liningPattern';
export { withPlaces } from './placesOnLining';
export type { InterfacingPiece } from './interfacing';
export { cameOutAs } from './measured';
export { dropInSizes } from './dropInSizes';
export { OPENING_MM } from './opening';
