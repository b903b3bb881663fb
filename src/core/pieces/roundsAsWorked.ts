import {
  atomsOf,
  everywhere,
  foundation,
  rowOf,
  work,
  workPattern,
  workRow,
  type Atom,
  type Cell,
  type PatternRow,
  type Step,
  type StitchPattern,
} from '@/core/stitches';
import { joinedSteps } from './rowsAsWorked';

/**
 * The rounds of a pattern that was thought out in turned rows, each turned after it is joined, so that what stands out on the far side of
 * its row comes to lie outside. A round closes: it is the row's repeat alone, begun so far into it that its motifs lie in the same
 * columns as in the flat fabric, which keeps the stagger of one round to another. Where it can't begin there (a chain would lie at
 * the join) or does not fit over the round below, it begins with the next motif that can; and where none can, it is plain.
 *
 * @param all stitches of a round: full repeats
 * @param rounds how many
 * @returns each round as its repeat
 * Source: geometry; turned rounds are common practice.
 */
export function roundsAsWorked(pattern: StitchPattern, all: number, rounds: number): PatternRow[] {
  const width = all + pattern.edgeStitches;
  const flat = workPattern(pattern, width, rounds);
  let below: Cell[] = foundation(all);
  return Array.from({ length: rounds }, (_, index) => {
    const number = index + 1;
    const flatBelow = number === 1 || !flat.ok ? null : (flat.rows[number - 2] ?? null);
    const row = rowOf(pattern, number);
    const atoms = flat.ok ? atomsOf(row, flatBelow, width) : null;
    const shift = number % 2 === 1 ? 0 : pattern.edgeStitches;
    for (const round of begunAnywhere(atoms, row, pattern.repeatStitches, shift)) {
      const [first] = round.repeat;
      if (first === undefined || !('work' in first)) continue;
      const worked = workRow(round, below, { turned: number > 1 });
      if (!worked.ok || worked.cells.length !== all) continue;
      below = worked.cells;
      return round;
    }
    const plain = everywhere(work(pattern.base));
    const worked = workRow(plain, below, { turned: number > 1 });
    below = worked.ok ? worked.cells : foundation(all);
    return plain;
  });
}

/** The repeat of a row begun at each of its atoms, first there where the flat fabric has it. */
function* begunAnywhere(
  atoms: readonly Atom[] | null,
  row: PatternRow,
  repeatStitches: number,
  shift: number,
): Generator<PatternRow> {
  if (atoms === null || row.repeat.length === 0) return;
  const widthBefore = columnsBefore(atoms, row);
  const block = atoms.filter(({ at }) => at >= widthBefore && at < widthBefore + repeatStitches);
  const offsets = block.map(({ at }) => at - widthBefore);
  const wanted = (((shift - widthBefore) % repeatStitches) + repeatStitches) % repeatStitches;
  const begin = offsets.indexOf(wanted);
  const order = [...block.keys()].map((index) => (index + Math.max(0, begin)) % block.length);
  for (const from of order)
    yield roundOf([...block.slice(from), ...block.slice(0, from)].flatMap(({ steps }) => steps));
}

/** A round of steps that are repeated all along; of one plain stitch where they are no more than that. */
function roundOf(steps: readonly Step[]): PatternRow {
  const joined = joinedSteps(steps);
  const [only] = joined;
  const isPlain = joined.length === 1 && only !== undefined && 'work' in only && only.each === 1 && only.over === 1;
  return { before: [], repeat: isPlain ? [{ ...only, times: 1 }] : joined, after: [] };
}

/** Columns that lie before the first repeat of a row. */
function columnsBefore(atoms: readonly Atom[], { before }: PatternRow): number {
  let given = 0;
  for (const step of before) given += 'chain' in step ? step.chain : 'skip' in step ? 0 : step.times * step.each;
  // Atoms may reach over the end of what is done before; the repeat is then taken from the next.
  return atoms.find(({ at }) => at >= given)?.at ?? 0;
}
