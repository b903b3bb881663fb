import type { StitchKind } from './step';
import type { TurningChainRule, TurningChainSchool } from './stitch';

/** Chains as high as each stitch. Source: common practice, no source. */
const HEIGHT_CHAINS: Record<StitchKind, number> = {
  'sl-st': 1,
  sc: 1,
  esc: 2,
  hdc: 2,
  'herringbone-hdc': 2,
  dc: 3,
  'herringbone-dc': 3,
  tr: 4,
  bobble: 1,
};

/**
 * How rows of a stitch begin in both schools. Where the turning chain counts it is as high as the stitch it stands for, and
 * as many chains are passed over in the starting chain; where it doesn't, it is one lower for the taller stitches, and no
 * less than one. Source: common practice, no source.
 *
 * @example
 * turningChainOf('dc').counts // => { chains: 3, skippedInFoundation: 3 }
 * turningChainOf('hdc')['does-not-count'] // => { chains: 1, skippedInFoundation: 1 }
 */
export function turningChainOf(kind: StitchKind): Record<TurningChainSchool, TurningChainRule> {
  const high = HEIGHT_CHAINS[kind];
  const low = Math.max(1, high - 1);
  return {
    'does-not-count': { chains: low, skippedInFoundation: low },
    counts: { chains: high, skippedInFoundation: high },
  };
}
