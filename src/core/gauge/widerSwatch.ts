import type { GaugeEstimate } from './estimateGauge';

/**
 * How many times longer the readings of a swatch must be for a wished share of its present ±, taking as many of them.
 *
 * Two parts shrink differently: what a tape and a count can be off is spread over more stitches (1/f), and the stitches'
 * own unevenness averages out (1/√f, if one stitch knows nothing of the next). It misleads where the unevenness goes along with
 * the work, by tension that drifts: then only readings at other places help.
 *
 * @param estimate the gauge from the readings as they are
 * @param share the ± wished for, as a share of the present one; above 0, at most 1
 * @returns the factor f, at least 1
 * @throws RangeError for a share outside (0, 1]
 * Source: propagation of uncertainty, JCGM 100:2008 (GUM), 5.1.2, solved for f.
 *
 * @example
 * timesLonger({ mm: 5, plusMinusMm: 0.2, spreadMm: 0, readingMm: 0.2 }, 0.5) // => 2
 * timesLonger({ mm: 5, plusMinusMm: 0.2, spreadMm: 0.2, readingMm: 0 }, 0.5) // => 4
 */
export function timesLonger({ spreadMm, readingMm }: GaugeEstimate, share: number): number {
  if (!(share > 0) || share > 1) throw new RangeError('a share of the ± is above 0 and at most 1');
  const target = share ** 2 * (spreadMm ** 2 + readingMm ** 2);
  if (target === 0) return 1;
  if (readingMm === 0) return spreadMm ** 2 / target;
  // spread² x + reading² x² = target, with x = 1/f; written so that a tiny reading error does not cancel out.
  const x = (2 * target) / (spreadMm ** 2 + Math.sqrt(spreadMm ** 4 + 4 * readingMm ** 2 * target));
  return 1 / x;
}
