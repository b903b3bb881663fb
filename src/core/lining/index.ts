import type { Lining } from '@/core/design';
import type { FittingKind, FittingStage, StageOf } from '@/core/fittings';
import { flatLining } from './flatLining';

/** Every kind of lining. A new one is a file and a line here. */
export const LININGS = { flat: flatLining } satisfies {
  [Kind in Lining['kind']]: FittingKind<Extract<Lining, { kind: Kind }>, FittingStage<Extract<Lining, { kind: Kind }>>>;
};
/** What comes of any lining. */
export type LiningStage = StageOf<typeof LININGS>;

export { LINING_NAMES, type FlatLiningStage } from './flatLining';
