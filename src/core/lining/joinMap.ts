import type { FlatLining } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import { spread } from '@/core/shaping';

/** What a stretch of an edge is, between two anchors. */
export type SpanName = 'front' | 'back' | 'side' | 'start' | 'end';

/** A stretch of an edge between two anchors: the bag's stitches or row ends, and the holes of the lining that meet them. */
export interface JoinedSpan {
  name: SpanName;
  bag: number;
  lining: number;
}

/** How the edge of a lining meets that of the bag: hole by hole, between anchors that meet. */
export interface JoinMap {
  /** What of the lining meets the bag's stitches: its holes, or its own stitches. */
  of: 'hole' | 'stitch';
  spans: readonly JoinedSpan[];
  figures: { bag: Figure; lining: Figure };
}

/**
 * Spreads the holes of a lining's edge over the stitches of the bag's: between anchors in proportion to the stitches there, and evenly within.
 *
 * @param bagSpans the bag's edge from anchor to anchor, all round
 * @param edgeMm all round the lining's edge, where it is joined
 * @returns null where it is whipped in by hand, or no edge of stitches is there: there is nothing to count
 *
 * Source: holes are the length of the edge over their pitch; common practice.
 */
export function joinMap(
  lining: Pick<FlatLining, 'joined' | 'pitchMm' | 'counted'>,
  bagSpans: readonly { name: SpanName; bag: number }[],
  edgeMm: number,
  gauge: GaugeStage,
): JoinMap | null {
  if (lining.joined !== 'through-holes' || bagSpans.length === 0) return null;
  const bagCount = bagSpans.reduce((sum, { bag }) => sum + bag, 0);
  const bags = bagSpans.map(({ bag }) => bag);
  const half = bags.slice(0, bags.length / 2);
  const isPaired = bags.length % 2 === 0 && half.every((bag, index) => bag === bags[index + half.length]);
  const holes = edgeMm / lining.pitchMm;
  // Two halves that are alike get holes alike, as long as she has not counted an odd number.
  const planned = isPaired ? 2 * Math.round(holes / 2) : Math.round(holes);
  const count = Math.max(bags.length, lining.counted ?? planned);
  const halfCounts = isPaired && count % 2 === 0 ? shareOut(count / 2, half) : null;
  const lineCounts = halfCounts ? [...halfCounts, ...halfCounts] : shareOut(count, bags);
  return {
    of: 'hole',
    spans: bagSpans.map((span, index) => ({ ...span, lining: lineCounts[index] ?? 1 })),
    figures: {
      bag: makeFigure('lining.bagEdge', 'Stitches of the bag’s edge, all round', bagCount, 'stitch', {
        rule: 'Stitches along the edge that the lining is joined to, and row ends, one for each row.',
        inputs: bagSpans.map(({ name, bag }) => input(SPAN_LABELS[name], bag, 'stitch')),
        source: GEOMETRY,
      }),
      lining: makeFigure('lining.holes', 'Holes along the lining’s edge', count, 'count', {
        rule:
          lining.counted === null
            ? 'Length of the edge, divided by how far the holes lie from each other, to the nearest. Count your own, and write it down.'
            : 'As you counted them on your own.',
        inputs: [
          input('Edge of the lining, all round', edgeMm, 'mm'),
          input('From hole to hole', lining.pitchMm, 'mm'),
          inputFrom(gauge.stitchWidth),
        ],
        source: COMMON_PRACTICE,
      }),
    },
  };
}

/** What a stretch is called where a count rests on it. */
export const SPAN_LABELS: Readonly<Record<SpanName, string>> = {
  front: 'Front',
  back: 'Back',
  side: 'Each side',
  start: 'Where it begins',
  end: 'Where it ends',
};

/**
 * A count shared out in proportion to some weights, in whole numbers, at least one each: the largest remainders get what is left.
 *
 * @throws RangeError for a count that is not one each
 * Source: the method of largest remainders (Hamilton); that nobody gets less than one is ours.
 *
 * @example
 * shareOut(83, [40, 10, 40, 10]) // => [33, 8, 33, 9]
 * shareOut(5, [100, 100, 1, 1]) // => [1, 2, 1, 1]
 */
export function shareOut(count: number, weights: readonly number[]): number[] {
  if (count < weights.length) throw new RangeError(`${count} can’t be shared out over ${weights.length} places`);
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  const exact = weights.map((weight) => (count * weight) / all);
  // Whoever has less than one gets one, and the others share what is left.
  const isPoor = exact.map((one) => one < 1);
  if (isPoor.includes(true)) {
    const rest = weights.filter((_, index) => !isPoor[index]);
    const shares = shareOut(count - (weights.length - rest.length), rest).values();
    return isPoor.map((poor) => (poor ? 1 : (shares.next().value as number)));
  }
  const shares = exact.map(Math.floor);
  const left = count - shares.reduce((sum, one) => sum + one, 0);
  const order = exact
    .map((one, index) => ({ index, rest: one - Math.floor(one) }))
    .sort((a, b) => b.rest - a.rest || b.index - a.index);
  for (const { index } of order.slice(0, left)) shares[index] = (shares[index] as number) + 1;
  return shares;
}

/**
 * What is worked into each hole of a stretch, one after the other: stitches of the bag, spread evenly over its holes.
 *
 * @example
 * perHole({ name: 'front', bag: 10, lining: 4 }) // => [3, 2, 2, 3]
 */
export const perHole = ({ bag, lining }: JoinedSpan): number[] => spread(bag, lining);
