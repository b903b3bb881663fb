import { SAME_MM, lowest, startsAt, withPut, withRaised, type Box, type Put, type Stretch } from './skyline';

/** A node of the search through all layouts. */
interface Open {
  line: Stretch[];
  left: readonly number[];
  puts: Put[];
  lengthMm: number;
}

/**
 * Every layout of a few rectangles in which each lies as low and as far left as it can: into the lowest gap each that it takes, in each way, or none. It
 * gives the shortest it has found whenever it pauses, and says at the end whether all were gone through.
 *
 * Source: branch and bound over niches, after Martello, Monaci and Vigo (2003); what can't become shorter than the best by area is not gone into.
 *
 * @param alike boxes of one size have one number, so that only one of them is tried in a gap
 */
export function* allLayouts(
  boxes: readonly Box[],
  alike: readonly number[],
  widthMm: number,
  repeatMm: number | null,
  bestMm: number,
  boundMm: number,
  mostNodes: number,
): Generator<{ puts: Put[]; lengthMm: number }, boolean> {
  const areaOf = boxes.map(({ ways: [way] }) => (way ? way.wideMm * way.longMm : 0));
  const open: Open[] = [
    { line: [{ xMm: 0, wideMm: widthMm, yMm: 0 }], left: boxes.map((_, index) => index), puts: [], lengthMm: 0 },
  ];
  let best = bestMm;
  for (let nodes = 0; open.length > 0; nodes++) {
    if (nodes >= mostNodes) return false;
    const { line, left, puts, lengthMm } = open.pop() as Open;
    if (lengthMm >= best - SAME_MM) continue;
    if (left.length === 0) {
      best = lengthMm;
      yield { puts, lengthMm };
      if (best <= boundMm + SAME_MM) return true;
      continue;
    }
    // What is under the skyline is spent; what is left has to go above it.
    const spentMm2 = line.reduce((sum, one) => sum + one.wideMm * one.yMm, 0);
    const restMm2 = left.reduce((sum, box) => sum + (areaOf[box] ?? 0), 0);
    if ((spentMm2 + restMm2) / widthMm >= best - SAME_MM) continue;
    const at = lowest(line);
    const { xMm, wideMm, yMm } = line[at] as Stretch;
    const startMm = startsAt(yMm, repeatMm);
    const raised = withRaised(line, at);
    if (raised) open.push({ line: raised, left, puts, lengthMm });
    const tried = new Set<number>();
    for (const box of left) {
      const kind = alike[box] as number;
      if (tried.has(kind)) continue;
      tried.add(kind);
      if ((boxes[box] as Box).atFold && xMm > SAME_MM) continue;
      for (const { turn, wideMm: wide, longMm } of (boxes[box] as Box).ways)
        if (wide <= wideMm + SAME_MM)
          open.push({
            line: withPut(line, at, Math.min(wide, wideMm), startMm + longMm),
            left: left.filter((other) => other !== box),
            puts: [...puts, { box, turn, xMm, yMm: startMm }],
            lengthMm: Math.max(lengthMm, startMm + longMm),
          });
    }
  }
  return true;
}
