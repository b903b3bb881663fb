import { foundation, workRow, type Cell } from './replay';
import type { PatternRow, Step } from './step';

/**
 * The smallest part of a row that takes as many places of the row below as it gives: it stands in its own columns, and can be put
 * there or left out without moving anything beside it. A cluster with the chains at its sides is one, a single crochet is one.
 */
export interface Atom {
  /** Its first column, from 0, in the order of working. */
  at: number;
  columns: number;
  steps: readonly Step[];
}

/**
 * A row as the atoms that it is made of over so many stitches, in the order of working.
 *
 * @param below the row below, as it was made; null before row 1
 * @param count stitches of the row below and of this one
 * @returns null where the row does not come out over that count
 *
 * @example
 * atomsOf({ before: [], repeat: [{ chain: 1 }, { skip: 1 }], after: [] }, null, 3)?.map(({ at }) => at) // => [0, 1, 2]
 */
export function atomsOf(row: PatternRow, below: readonly Cell[] | null, count: number): Atom[] | null {
  const places = below ?? foundation(count);
  const worked = workRow(row, places);
  if (!worked.ok || worked.cells.length !== count) return null;
  const units = unitsOf(row, worked.repeats);
  const inOrder = [...places].reverse();
  const atoms: Atom[] = [];
  let [taken, given, begun] = [0, 0, 0];
  let steps: Step[] = [];
  for (const unit of units) {
    steps.push(unit);
    taken += takesOf(unit, inOrder, taken);
    given += givesOf(unit);
    if (taken !== given) continue;
    atoms.push({ at: begun, columns: given - begun, steps });
    begun = given;
    steps = [];
  }
  return steps.length === 0 ? atoms : null;
}

/** A row step by step, each stitch its own step. */
const unitsOf = ({ before, repeat, after }: PatternRow, repeats: number): Step[] =>
  [...before, ...Array.from({ length: repeats }, () => repeat).flat(), ...after].flatMap((step) =>
    'work' in step && step.times > 1 ? Array.from({ length: step.times }, () => ({ ...step, times: 1 })) : [step],
  );

function takesOf(step: Step, below: readonly Cell[], at: number): number {
  if ('chain' in step) return 0;
  if ('skip' in step) return step.skip;
  if (step.into !== 'space') return step.over;
  let chains = 0;
  while (below[at + chains]?.made === 'chain') chains += 1;
  return chains;
}

const givesOf = (step: Step): number => ('chain' in step ? step.chain : 'skip' in step ? 0 : step.each);
