import { ASSUMED_SPREAD, COUNT_ERROR, PIECE_FROM_SWATCH_SHARE, TAPE_ERROR_MM } from '@/core/defaults';
import type { Measure } from './carriedOver';
import type { Reading } from './estimateGauge';

/** How many standard deviations lie between a mean and the 95 % limit. */
const LIMIT = 1.959964;

/** A size and how far it may be off, as one standard deviation, mm. */
export interface Believed {
  mm: number;
  sdMm: number;
}

/**
 * A size that was believed, corrected by what was seen: each weighed by how sure it is.
 *
 * Source: the conjugate normal update with known variance, Gelman and others, Bayesian Data Analysis, § 2.5: precisions add, and the mean is weighed by them.
 *
 * @example
 * updatedNormal({ mm: 4, sdMm: 0.5 }, { mm: 5, sdMm: 0.5 }).mm // => 4.5
 */
export function updatedNormal(prior: Believed, seen: Believed): Believed {
  const [known, told] = [1 / prior.sdMm ** 2, 1 / seen.sdMm ** 2];
  return { mm: (known * prior.mm + told * seen.mm) / (known + told), sdMm: 1 / Math.sqrt(known + told) };
}

/**
 * What a piece on the way says of its own stitch or row: its length over its count, and how far that may be off: a tape read at both ends, a quarter of a stitch
 * miscounted, and stitches as uneven as they usually are.
 */
export function seenOn({ count, lengthMm }: Reading): Believed {
  const mm = lengthMm / count;
  const readingMm = Math.hypot(TAPE_ERROR_MM, COUNT_ERROR * mm) / Math.sqrt(3) / count;
  const perStitch = ASSUMED_SPREAD.share * mm * Math.sqrt(ASSUMED_SPREAD.overMm / mm);
  return { mm, sdMm: Math.hypot(readingMm, perStitch / Math.sqrt(count)) };
}

/**
 * The gauge of the swatch, corrected by the piece itself. Before it is measured, the piece may differ from its swatch by more than the swatch's own ± says.
 *
 * @param swatch as the swatch has it, with its ± (95 %)
 * @param share how far a piece may be from that besides, as a share (95 %)
 *
 * @example
 * updatedBy({ mm: 5, plusMinusMm: 0.1 }, { count: 40, lengthMm: 190 }).mm < 4.9 // => true
 */
export function updatedBy(swatch: Measure, piece: Reading, share = PIECE_FROM_SWATCH_SHARE): Measure {
  const priorMm = Math.hypot(swatch.plusMinusMm, share * swatch.mm) / LIMIT;
  const { mm, sdMm } = updatedNormal({ mm: swatch.mm, sdMm: priorMm }, seenOn(piece));
  return { mm, plusMinusMm: LIMIT * sdMm };
}
