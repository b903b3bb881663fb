import { SEAMS } from '@/core/body';
import { DEVIATIONS_IN_PLUS_MINUS, ROW_SLIP_CHANCE, TENSION_DRIFT_SHARE } from '@/core/defaults';
import type { Plan } from '@/core/plan';
import { nextNormal, type Random } from '@/core/random';

/** What is not sure about a bag before it is made. */
export const UNCERTAINTIES = ['stitch-width', 'row-height', 'drift', 'row-slips', 'seams'] as const;
export type Uncertainty = (typeof UNCERTAINTIES)[number];

/** Parts whose rows are counted, each by itself. */
interface Slips {
  front: number;
  back: number;
  /** Beyond the back: over the top, and the flap. */
  tail: number;
}

/** How one making of a bag differs from its plan. */
export interface Making {
  /** Width of a stitch and height of a row against the planned ones. */
  stitchShare: number;
  rowShare: number;
  /** How much higher the last row is than the first, as a share. */
  drift: number;
  /** Rows too many in each part; too few are negative. */
  slips: Slips;
  /** Stitches that the seams take. */
  takeUpStitches: number;
}

/**
 * One making of a planned bag, by chance. Gauges are drawn from normal distributions whose 95 % limits are their ±, drift likewise; a
 * part is a row off at most; a seam takes anything between the least and the most that is usual for it, each as likely.
 *
 * @param random gives numbers from 0 up to, but not including, 1; always as many of them are used
 */
export function drawMaking({ gauge, pouch, flap }: Plan, seam: keyof typeof SEAMS, random: Random): Making {
  const share = (plusMinus: number | null, value: number) =>
    1 + (nextNormal(random) * (plusMinus ?? 0)) / DEVIATIONS_IN_PLUS_MINUS / value;
  const slip = (rows: number) => {
    const [happens, way] = [random(), random()];
    return happens < 1 - (1 - ROW_SLIP_CHANCE) ** rows ? (way < 0.5 ? -1 : 1) : 0;
  };
  const { least, most } = SEAMS[seam].takeUp;
  return {
    // Whatever the ±, fabric has some size.
    stitchShare: Math.max(0.2, share(gauge.stitchWidth.plusMinus, gauge.stitchWidth.value)),
    rowShare: Math.max(0.2, share(gauge.rowHeight.plusMinus, gauge.rowHeight.value)),
    drift: (nextNormal(random) * TENSION_DRIFT_SHARE) / DEVIATIONS_IN_PLUS_MINUS,
    slips: {
      front: slip(pouch.frontRows),
      back: slip(pouch.backRows),
      tail: slip(flap.onPiece ? flap.bridgeRows + flap.flapRows : 0),
    },
    takeUpStitches: least + random() * (most - least),
  };
}

/** A making that goes just as planned. */
export const asPlanned = (takeUpStitches: number): Making => ({
  stitchShare: 1,
  rowShare: 1,
  drift: 0,
  slips: { front: 0, back: 0, tail: 0 },
  takeUpStitches,
});
