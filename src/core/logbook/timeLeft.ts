import type { Correction } from '@/core/design';
import type { BenchState, PartToWork } from '@/core/bench';
import { USUAL_PACE_HOURS, USUAL_PACE_SHARE } from './corrections';
import { timedRows } from './timedRows';
import { workCounted } from './workCounted';

/** What is left of the crochet of a bag, in hours, and how far that may be off (95 %). */
export interface TimeLeft {
  hours: number;
  plusMinus: number;
  /** What it rests on: rows of this bag that were timed, her logbook, or what is usual. */
  by: 'timed' | 'logbook' | 'usual';
  /** Rows that were timed. */
  timed: number;
  stitches: number;
}

/** From so many timed rows on they say it by themselves. Ours. */
const LEAST_TIMED = 5;
/** From one row to the rest of the bag: hands tire, and plain rows go faster. As a share (95 %). From memory. */
const REST_SHARE = 0.15;

/**
 * Hours that the rows still take: stitches left, of pieces, straps, borders and whatever else is worked by rows, times what a stitch takes. Seams and cloth come on top.
 *
 * @param pace from her logbook; null without it
 */
export function timeLeft(
  parts: readonly PartToWork[],
  bench: Pick<BenchState, 'rows' | 'steps' | 'rowMs'>,
  pace: Correction | null,
): TimeLeft {
  const { all, worked } = workCounted(parts, bench).stitches;
  const stitches = all - worked;
  const each = timedRows(parts, bench);
  if (each.length >= LEAST_TIMED) {
    // A ratio estimate: all of the time over all of the stitches, and the spread of rows about it.
    const counted = each.reduce((sum, one) => sum + one.stitches, 0);
    const msEach = each.reduce((sum, one) => sum + one.ms, 0) / counted;
    const squares = each.reduce((sum, one) => sum + (one.ms - msEach * one.stitches) ** 2, 0);
    const sdOfMean = Math.sqrt((squares * each.length) / (each.length - 1)) / (msEach * counted);
    const hours = (stitches * msEach) / 3_600_000;
    return {
      hours,
      plusMinus: hours * Math.hypot(1.96 * sdOfMean, REST_SHARE),
      by: 'timed',
      timed: each.length,
      stitches,
    };
  }
  const hours = (stitches / 1000) * (pace?.value ?? USUAL_PACE_HOURS);
  return {
    hours,
    plusMinus: hours * (pace?.plusMinus ?? USUAL_PACE_SHARE),
    by: pace ? 'logbook' : 'usual',
    timed: each.length,
    stitches,
  };
}
