import type { PatternRow, Step, Worked } from './step';

/** A place in a row that the next row can work into, in the order in which it was made. */
export type Cell =
  | { made: 'chain' }
  /** `from`: the place below that it was worked into, counted from 0 in the order of the row below as it was made. */
  | { made: 'stitch'; step: Worked; from: number };

export type RowFault =
  /** The repeat does not come out: so many stitches are over after its last full turn. */
  | { code: 'repeat-does-not-come-out'; over: number; repeatStitches: number }
  /** There are fewer stitches below than the row needs before and after its repeat. */
  | { code: 'too-few-stitches'; needs: number; has: number }
  /** A step goes into a chain space where there is a stitch, or the other way round. */
  | { code: 'no-space-here' | 'no-stitch-here'; at: number }
  /** The repeat takes no stitches, so it would never end. */
  | { code: 'repeat-takes-nothing' };

export type RowResult = { ok: true; cells: Cell[]; repeats: number } | { ok: false; fault: RowFault };

/** What a step takes from the row below, in places; a chain space is as many places as it has chains. */
const takesOf = (step: Step, spaceChains: number): number => {
  if ('chain' in step) return 0;
  if ('skip' in step) return step.skip;
  return step.into === 'space' ? step.times * spaceChains : step.times * step.over;
};

/**
 * Works a row over the row below, stitch by stitch, and gives its stitches or the first thing that does not fit.
 *
 * @param below the places of the row below, in the order in which it was made; for row 1 the foundation
 * @param turned whether the work was turned since, so that the row below is met from its end
 *
 * @example
 * workRow(everywhere(work('sc')), foundation(5)).ok // => true
 * workRow(everywhere(work('sc', 2)), foundation(5)) // => { ok: false, fault: { code: 'repeat-does-not-come-out', over: 1, repeatStitches: 2 } }
 */
export function workRow(row: PatternRow, below: readonly Cell[], turned = true): RowResult {
  const places = below.map((cell, index) => ({ cell, index }));
  if (turned) places.reverse();
  const cells: Cell[] = [];
  let at = 0;

  const spaceAt = (from: number): number => {
    let chains = 0;
    while (places[from + chains]?.cell.made === 'chain') chains += 1;
    return chains;
  };
  /** Does one step; answers what does not fit. */
  const take = (step: Step): RowFault | null => {
    if ('chain' in step) {
      for (let made = 0; made < step.chain; made += 1) cells.push({ made: 'chain' });
      return null;
    }
    if ('skip' in step) {
      if (at + step.skip > places.length)
        return { code: 'too-few-stitches', needs: at + step.skip, has: places.length };
      at += step.skip;
      return null;
    }
    for (let time = 0; time < step.times; time += 1) {
      const takes = takesOf({ ...step, times: 1 }, spaceAt(at));
      if (step.into === 'space' && takes === 0) return { code: 'no-space-here', at: at + 1 };
      if (at + takes > places.length) return { code: 'too-few-stitches', needs: at + takes, has: places.length };
      const place = places[at];
      if (step.into !== 'space' && step.into !== 'stitch' && place?.cell.made === 'chain')
        return { code: 'no-stitch-here', at: at + 1 };
      for (let made = 0; made < step.each; made += 1) cells.push({ made: 'stitch', step, from: place?.index ?? 0 });
      at += takes;
    }
    return null;
  };

  for (const step of row.before) {
    const fault = take(step);
    if (fault) return { ok: false, fault };
  }
  const afterTakes = sumOf(row.after, (step) => takesOf(step, lastSpace(places.map(({ cell }) => cell))));
  const repeatTakes = sumOf(row.repeat, (step) => takesOf(step, 1));
  if (row.repeat.length > 0 && repeatTakes === 0) return { ok: false, fault: { code: 'repeat-takes-nothing' } };
  let repeats = 0;
  while (row.repeat.length > 0 && places.length - at - afterTakes > 0) {
    const begun = at;
    for (const step of row.repeat) {
      const fault = take(step);
      if (fault?.code === 'too-few-stitches') return { ok: false, fault: notComingOut(begun) };
      if (fault) return { ok: false, fault };
    }
    repeats += 1;
    if (places.length - at < afterTakes) return { ok: false, fault: notComingOut(begun) };
  }
  for (const step of row.after) {
    const fault = take(step);
    if (fault) return { ok: false, fault };
  }
  const left = places.length - at;
  if (left > 0)
    return { ok: false, fault: { code: 'repeat-does-not-come-out', over: left, repeatStitches: repeatTakes } };
  return { ok: true, cells, repeats };

  function notComingOut(begun: number): RowFault {
    return {
      code: 'repeat-does-not-come-out',
      over: places.length - begun - afterTakes,
      repeatStitches: repeatTakes,
    };
  }
}

/** Places to work row 1 into: chains, or the loops of a foundation. */
export const foundation = (stitchCount: number): Cell[] =>
  Array.from({ length: stitchCount }, (_, index) => ({
    made: 'stitch',
    step: { work: 'sc', into: 'stitch', times: 1, over: 1, each: 1 },
    from: index,
  }));

/** The chains of the last space of a row: what an end that works into a space would take. */
function lastSpace(cells: readonly Cell[]): number {
  let end = cells.length - 1;
  while (end >= 0 && cells[end]?.made !== 'chain') end -= 1;
  let chains = 0;
  while (cells[end - chains]?.made === 'chain') chains += 1;
  return chains;
}

const sumOf = <T>(items: readonly T[], value: (item: T) => number): number =>
  items.reduce((sum, item) => sum + value(item), 0);
