import { SEAM_YARN_RATIO, WHIP_TAKE_UP_STITCHES } from '@/core/defaults';
import { COMMON_PRACTICE, MEMORY, type Source } from '@/core/figures';
import type { SeamKind } from '@/core/design';

/** A way of joining two edges: what it takes of each, and the yarn that it uses. */
interface SeamRule {
  /** Stitches taken from each edge: the least, the usual, the most. Makers differ; logged results count for more. */
  takeUp: { least: number; usual: number; most: number; source: Source };
  /** Yarn as a multiple of the seam's length. */
  yarnRatio: number;
  yarnSource: Source;
  /** It is worked with the hook, not with a needle. */
  hooked: boolean;
  /** It stands up as a ridge where it is left showing. */
  ridge: boolean;
  /** It is sewn from outside, the edges side by side, and draws them together unseen: it is neither turned nor left showing. */
  fromOutside: boolean;
}

const takeUp = (least: number, usual: number, most: number, source: Source = COMMON_PRACTICE): SeamRule['takeUp'] => ({
  least,
  usual,
  most,
  source,
});

/** Every kind of seam. Take-ups are common practice, no source; yarn for all but the whipped ones is from memory, as is that mattress stitch is sewn from outside. */
export const SEAMS: Record<SeamKind, SeamRule> = {
  whip: {
    takeUp: takeUp(0, WHIP_TAKE_UP_STITCHES, 0.5),
    yarnRatio: SEAM_YARN_RATIO,
    yarnSource: COMMON_PRACTICE,
    hooked: false,
    ridge: false,
    fromOutside: false,
  },
  'through-the-edge': {
    takeUp: takeUp(0, WHIP_TAKE_UP_STITCHES, 0.5),
    yarnRatio: SEAM_YARN_RATIO,
    yarnSource: COMMON_PRACTICE,
    hooked: false,
    ridge: false,
    fromOutside: false,
  },
  mattress: {
    takeUp: takeUp(0.5, 0.75, 1),
    yarnRatio: 3.5,
    yarnSource: MEMORY,
    hooked: false,
    ridge: false,
    fromOutside: true,
  },
  'slip-stitch': {
    takeUp: takeUp(0.5, 0.5, 0.5),
    yarnRatio: 5,
    yarnSource: MEMORY,
    hooked: true,
    ridge: true,
    fromOutside: false,
  },
  'sc-join': {
    takeUp: takeUp(0.5, 0.5, 0.5),
    yarnRatio: 7,
    yarnSource: MEMORY,
    hooked: true,
    ridge: true,
    fromOutside: false,
  },
  'outer-loops': {
    takeUp: takeUp(0, 0, 0.25, MEMORY),
    yarnRatio: SEAM_YARN_RATIO,
    yarnSource: MEMORY,
    hooked: false,
    ridge: false,
    fromOutside: false,
  },
};

/**
 * Whether a bag is seamed inside out and then turned.
 *
 * @example
 * isSeamTurned({ kind: 'whip', finish: 'turned' }) // => true
 * isSeamTurned({ kind: 'mattress', finish: 'turned' }) // => false
 */
export const isSeamTurned = ({ kind, finish }: { kind: SeamKind; finish: 'turned' | 'showing' }): boolean =>
  finish === 'turned' && !SEAMS[kind].fromOutside;
