import type { Turn } from './turned';

/** A piece as a rectangle, each way it may lie, grown by what is left between pieces, mm. */
export interface Box {
  ways: readonly { turn: Turn; wideMm: number; longMm: number }[];
  /** Whether it has to lie at the left edge. */
  atFold: boolean;
}

/** Where a rectangle lies. */
export interface Put {
  box: number;
  turn: Turn;
  xMm: number;
  yMm: number;
}

/** The upper rim of what is laid: stretches from left to right, each so high. */
export interface Stretch {
  xMm: number;
  wideMm: number;
  yMm: number;
}

/** Heights that differ by less are one, mm. */
export const SAME_MM = 1e-6;

/** The lowest stretch of a skyline, the leftmost of those. */
export function lowest(line: readonly Stretch[]): number {
  let least = 0;
  for (let at = 1; at < line.length; at++)
    if ((line[at] as Stretch).yMm < (line[least] as Stretch).yMm - SAME_MM) least = at;
  return least;
}

/** Neighbours that are equally high become one. */
function merged(line: Stretch[]): Stretch[] {
  const out: Stretch[] = [];
  for (const one of line) {
    const before = out.at(-1);
    if (before && Math.abs(before.yMm - one.yMm) <= SAME_MM) before.wideMm += one.wideMm;
    else out.push({ ...one });
  }
  return out;
}

/** The skyline once something is put into the left end of a stretch. */
export function withPut(line: readonly Stretch[], at: number, wideMm: number, topMm: number): Stretch[] {
  const stretch = line[at] as Stretch;
  const rest = stretch.wideMm - wideMm;
  return merged([
    ...line.slice(0, at),
    { xMm: stretch.xMm, wideMm, yMm: topMm },
    ...(rest > SAME_MM ? [{ xMm: stretch.xMm + wideMm, wideMm: rest, yMm: stretch.yMm }] : []),
    ...line.slice(at + 1),
  ]);
}

/** The skyline once a stretch into which nothing more goes is filled up to its lower neighbour. */
export function withRaised(line: readonly Stretch[], at: number): Stretch[] | null {
  const beside = [line[at - 1], line[at + 1]].filter((one): one is Stretch => one !== undefined);
  if (beside.length === 0) return null;
  const yMm = Math.min(...beside.map((one) => one.yMm));
  return merged(line.map((one, index) => (index === at ? { ...one, yMm } : one)));
}

/** On a print a piece begins on a whole repeat. */
export const startsAt = (yMm: number, repeatMm: number | null): number =>
  repeatMm === null ? yMm : Math.ceil(yMm / repeatMm - 1e-9) * repeatMm;

/**
 * Rectangles laid in an order: into the lowest gap goes the first that it takes, in the way that is listed first; a gap that takes none is left.
 *
 * @param mostMm it is left off where it becomes longer than this, without the rest of the boxes
 * @param order every box once; `first` says which of its ways each is tried in first
 */
export function laidInOrder(
  boxes: readonly Box[],
  order: readonly number[],
  first: readonly number[],
  widthMm: number,
  repeatMm: number | null,
  mostMm = Infinity,
): { puts: Put[]; lengthMm: number; spentMm: number } {
  let line: Stretch[] = [{ xMm: 0, wideMm: widthMm, yMm: 0 }];
  const left = [...order];
  const puts: Put[] = [];
  let lengthMm = 0;
  while (left.length > 0) {
    const at = lowest(line);
    const { xMm, wideMm, yMm } = line[at] as Stretch;
    const startMm = startsAt(yMm, repeatMm);
    let found: { place: number; way: Box['ways'][number] } | null = null;
    for (let place = 0; place < left.length && !found; place++) {
      const box = left[place] as number;
      const { ways, atFold } = boxes[box] as Box;
      if (atFold && xMm > SAME_MM) continue;
      const preferred = first[box] ?? 0;
      for (let step = 0; step < ways.length && !found; step++) {
        const way = ways[(preferred + step) % ways.length] as Box['ways'][number];
        if (way.wideMm <= wideMm + SAME_MM) found = { place, way };
      }
    }
    if (!found) {
      const raised = withRaised(line, at);
      // All are no wider than the cloth, so that an even skyline takes any.
      if (!raised) throw new RangeError('a piece is wider than the cloth');
      line = raised;
      continue;
    }
    const [box] = left.splice(found.place, 1) as [number];
    puts.push({ box, turn: found.way.turn, xMm, yMm: startMm });
    line = withPut(line, at, Math.min(found.way.wideMm, wideMm), startMm + found.way.longMm);
    lengthMm = Math.max(lengthMm, startMm + found.way.longMm);
    if (lengthMm > mostMm) break;
  }
  // How high the skyline stands on an average: what of the cloth is spent, between the pieces too.
  const spentMm = line.reduce((sum, one) => sum + one.wideMm * one.yMm, 0) / widthMm;
  return { puts, lengthMm, spentMm };
}
