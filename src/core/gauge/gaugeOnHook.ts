import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { CONFIDENCE, GAUGE_FROM_HOOK_SHARE } from '@/core/defaults';

/** One swatch of a yarn on one hook: the width of its stitch (or the height of its row) with its ±. */
export interface HookPoint {
  hookMm: number;
  mm: number;
  plusMinusMm: number;
}

interface HookPrediction {
  mm: number;
  /** Half-width of the 95 % interval for a new swatch on that hook. */
  plusMinusMm: number;
  /** The hook lies outside those that were tried: the line is trusted less there. */
  outside: boolean;
}

/** A line through the swatches of one yarn: gauge against hook. */
export interface HookLine {
  /** mm of gauge at a hook of 0, and more for each mm of hook. */
  interceptMm: number;
  slope: number;
  predict: (hookMm: number) => HookPrediction;
}

/**
 * Fits gauge against hook for swatches of the same yarn in the same stitch, to foretell the gauge on a hook that was not
 * tried.
 *
 * With three hooks or more, the scatter about the line gives the ± of a foretold swatch (a prediction interval); with two the
 * line runs through both and its ± is taken from theirs and from what is usually left open. It misleads where the yarn is
 * far too thick or thin for the hooks: there gauge no longer follows them.
 *
 * @param points swatches on at least two different hooks; lengths in mm
 * @returns null with fewer than two different hooks: there is no line
 * Source: simple linear regression and its prediction interval, NIST/SEMATECH e-Handbook of Statistical Methods, 4.5.2.
 *
 * @example
 * gaugeOnHook([{ hookMm: 3, mm: 4, plusMinusMm: 0.1 }, { hookMm: 4, mm: 5, plusMinusMm: 0.1 }])?.predict(3.5).mm // => 4.5
 */
export function gaugeOnHook(points: readonly HookPoint[]): HookLine | null {
  const n = points.length;
  const meanHook = mean(points.map(({ hookMm }) => hookMm));
  const meanMm = mean(points.map(({ mm }) => mm));
  const hookSquares = sum(points.map(({ hookMm }) => (hookMm - meanHook) ** 2));
  if (n < 2 || hookSquares < 1e-9) return null;

  const slope = sum(points.map(({ hookMm, mm }) => (hookMm - meanHook) * (mm - meanMm))) / hookSquares;
  const interceptMm = meanMm - slope * meanHook;
  const at = (hookMm: number): number => interceptMm + slope * hookMm;
  const freedom = n - 2;
  const residualMm = freedom > 0 ? Math.sqrt(sum(points.map(({ hookMm, mm }) => (mm - at(hookMm)) ** 2)) / freedom) : 0;
  const ownMm = Math.sqrt(mean(points.map(({ plusMinusMm }) => plusMinusMm ** 2)));
  const least = Math.min(...points.map(({ hookMm }) => hookMm));
  const most = Math.max(...points.map(({ hookMm }) => hookMm));

  const predict = (hookMm: number): HookPrediction => {
    const mm = at(hookMm);
    const reach = Math.sqrt(1 + 1 / n + (hookMm - meanHook) ** 2 / hookSquares);
    const scatterMm =
      freedom > 0
        ? tQuantile(1 - (1 - CONFIDENCE) / 2, freedom) * residualMm * reach
        : GAUGE_FROM_HOOK_SHARE * mm * reach;
    return { mm, plusMinusMm: Math.hypot(scatterMm, ownMm), outside: hookMm < least || hookMm > most };
  };
  return { interceptMm, slope, predict };
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
const mean = (values: readonly number[]): number => sum(values) / values.length;
