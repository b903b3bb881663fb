import type { ShapedRow } from '@/core/shaping';
import {
  atomsOf,
  beginsWithStitch,
  nearestCount,
  rowLike,
  rowOf,
  together,
  work,
  workPattern,
  type Atom,
  type Cell,
  type PatternRow,
  type Step,
  type StitchPattern,
} from '@/core/stitches';

/** A row of a piece as it is worked over the one before it. */
export interface RowAsWorked {
  shape: ShapedRow;
  /** The row of the pattern, where it is that to the stitch; null where its sides, or what they cut, make it another. */
  pattern: PatternRow | null;
  /** All steps of it, in the order of working, without what is done at the sides of a row that leaves or adds stitches. */
  steps: readonly Step[];
}

/** A chain or a stitch: what the row above can be worked into. */
type Kind = Cell['made'];

/** A row that was worked: the columns from `from` up to, not including, `to`, and what stands in each. */
interface MadeRow {
  from: number;
  to: number;
  kinds: Map<number, Kind>;
}

/** Rows of a piece that are worked from a row of the pattern on. */
interface PatternStretch {
  pattern: StitchPattern;
  /** The row of the pattern that the first of them is. */
  firstRow: number;
  /** Stitches of the row before the first one. */
  startStitches: number;
  rows: readonly ShapedRow[];
  /** Whether that row is one that the pattern does not know, such as the last round of the sides. */
  afterOther: boolean;
}

/**
 * A shaped piece in a stitch pattern, row by row: every motif stays in its column, as in the straight piece, as long as there is room
 * for all of it and the row below has what it goes into; where a side cuts one, plain stitches stand in its place.
 *
 * The row of the pattern is thought over a width that its repeat allows, at least as wide as the piece is anywhere, with the piece in its
 * middle. A row that comes out as the pattern's own is given as that.
 *
 * Source: common practice, no source (motifs cut at a side are worked plain).
 */
export function rowsAsWorked({ pattern, firstRow, startStitches, rows, afterOther }: PatternStretch): RowAsWorked[] {
  const widest = rows.reduce((most, { stitches }) => Math.max(most, stitches), startStitches);
  const width = gridWidth(pattern, widest);
  const ideal = new IdealRows(pattern, width);
  const plain = { work: pattern.base };
  const start = Math.floor((width - startStitches) / 2);
  let below: MadeRow = evenRow(start, start + startStitches);
  let twoBelow: MadeRow | null = null;
  return rows.map((shape, index) => {
    const row = firstRow + index;
    // Where two stitches become one, or one two, the columns stay whole.
    const from = Math.ceil(below.from - shape.changeEachSide);
    const to = from + shape.stitches;
    const forward = row % 2 === 1;
    // Of columns cut at the sides, in the order of working.
    const position = (column: number) => (forward ? column : width - 1 - column);
    const [first, last] = forward ? [from, to - 1] : [width - to, width - 1 - from];
    const isFirst = index === 0;
    const known = isFirst && afterOther ? null : ideal.atoms(row);
    const kindBelow = (at: number) => below.kinds.get(forward ? at : width - 1 - at);
    const hasTwoBelow = (at: number) => twoBelow !== null && twoBelow.kinds.has(forward ? at : width - 1 - at);
    const fits = (atom: Atom) =>
      atomFits(atom, (at) => ideal.kindBelow(row, at), isFirst && firstRow === 1 ? null : kindBelow, hasTwoBelow);
    const { inner, before, after } = sidesOf(shape, first, last, plain.work);
    const whole = shape.by === 'nothing' && shape.stitches === width;
    // A first row that is not the pattern's own, to the stitch, is a plain one.
    const middle = fill(isFirst && firstRow === 1 && !whole ? null : known, inner, fits, plain.work);
    const steps = [...before, ...middle.steps, ...after];
    const made: MadeRow = { from, to, kinds: new Map() };
    for (let column = from; column < to; column += 1)
      made.kinds.set(column, middle.chains.has(position(column)) ? 'chain' : 'stitch');
    twoBelow = below;
    below = made;
    const isPatterns = whole && middle.whole;
    return { shape, pattern: isPatterns ? rowOf(pattern, row) : null, steps: joinedSteps(steps) };
  });
}

/** The narrowest width that the repeat allows and the piece fits in. */
function gridWidth(pattern: StitchPattern, widest: number): number {
  const near = nearestCount(widest, pattern) ?? widest;
  return near >= widest ? near : near + pattern.repeatStitches;
}

const evenRow = (from: number, to: number): MadeRow => ({
  from,
  to,
  kinds: new Map(Array.from({ length: to - from }, (_, index) => [from + index, 'stitch' as const])),
});

/** The pattern over its full width, worked once through its setup and two repeats. */
class IdealRows {
  private readonly cells: Cell[][];
  private readonly known = new Map<number, Atom[] | null>();

  constructor(
    private readonly pattern: StitchPattern,
    private readonly width: number,
  ) {
    const worked = workPattern(pattern, width, pattern.setupRows.length + 2 * pattern.rows.length);
    this.cells = worked.ok ? worked.rows : [];
  }

  atoms(row: number): Atom[] | null {
    const like = rowLike(this.pattern, row);
    const known = this.known.get(like);
    if (known !== undefined) return known;
    const below = like === 1 ? null : (this.cells[like - 2] ?? null);
    const atoms = like > 1 && below === null ? null : atomsOf(rowOf(this.pattern, like), below, this.width);
    this.known.set(like, atoms);
    return atoms;
  }

  /** What the pattern has below a column of a row, counted in the order in which that row is worked. */
  kindBelow(row: number, at: number): Kind {
    const below = this.cells[rowLike(this.pattern, row) - 2];
    return below?.[this.width - 1 - at]?.made ?? 'stitch';
  }
}

/** Whether the row below has what an atom goes into. */
function atomFits(
  { at, columns, steps }: Atom,
  ideal: (at: number) => Kind,
  below: ((at: number) => Kind | undefined) | null,
  hasTwoBelow: (at: number) => boolean,
): boolean {
  // Into a chain or a foundation there is nothing but stitches to work into.
  if (below === null) return steps.every((step) => !('work' in step) || step.into === 'stitch' || isLoop(step.into));
  const intoSpace = steps.some((step) => 'work' in step && step.into === 'space');
  const deep = steps.some((step) => 'work' in step && (step.into === 'front-post-two-below' || step.into === 'spike'));
  for (let column = at; column < at + columns; column += 1) {
    if (below(column) !== ideal(column)) return false;
    if (deep && !hasTwoBelow(column)) return false;
  }
  if (!intoSpace) return true;
  // A space is whole only where no chain of another motif lies beside it.
  return [at - 1, at + columns].every((beside) => below(beside) === undefined || below(beside) === ideal(beside));
}

const isLoop = (into: string): boolean => into === 'back-loop' || into === 'third-loop';

/** What is done at both sides of a row, and the columns between that are worked in the pattern. */
function sidesOf(
  { changeEachSide, by, stitches }: ShapedRow,
  first: number,
  last: number,
  kind: StitchPattern['base'],
): { inner: [number, number]; before: Step[]; after: Step[] } {
  const change = Math.abs(changeEachSide);
  switch (by) {
    case 'decreasing':
      if (stitches === 1) return { inner: [first + 1, first], before: [together(kind, 1 + 2 * change)], after: [] };
      return {
        inner: [first + 1, last - 1],
        before: [together(kind, change + 1)],
        after: [together(kind, change + 1)],
      };
    case 'increasing':
      // Of a single stitch both sides' increases are worked into it.
      if (stitches === 1 + 2 * change)
        return { inner: [first + 1, first], before: [{ ...work(kind), each: stitches }], after: [] };
      return {
        inner: [first + change + 1, last - change - 1],
        before: [{ ...work(kind), each: change + 1 }],
        after: [{ ...work(kind), each: change + 1 }],
      };
    case 'adding':
      return { inner: [first + change, last - change], before: [], after: [] };
    case 'leaving':
    case 'nothing':
      return { inner: [first, last], before: [], after: [] };
  }
}

/** The columns between in the pattern: every atom that has room and fits; plain stitches elsewhere, and at the ends where a row turns. */
function fill(
  atoms: readonly Atom[] | null,
  [first, last]: [number, number],
  fits: (atom: Atom) => boolean,
  kind: StitchPattern['base'],
): { steps: Step[]; chains: Set<number>; whole: boolean } {
  const steps: Step[] = [];
  const chains = new Set<number>();
  let whole = atoms !== null;
  const byStart = new Map((atoms ?? []).map((atom) => [atom.at, atom]));
  for (let at = first; at <= last;) {
    const atom = byStart.get(at);
    const end = atom ? at + atom.columns - 1 : at;
    const turnsWell = atom && (at > first || beginsWithStitch({ before: atom.steps, repeat: [], after: [] }));
    const endsWell = atom && (end < last || 'work' in (atom.steps.at(-1) as Step));
    if (atom && end <= last && turnsWell && endsWell && fits(atom)) {
      steps.push(...atom.steps);
      chainColumns(atom).forEach((column) => chains.add(column));
      at = end + 1;
      continue;
    }
    whole = false;
    steps.push(work(kind));
    at += 1;
  }
  return { steps, chains, whole };
}

/** The columns in which an atom puts chains. */
function chainColumns({ at, steps }: Atom): number[] {
  let column = at;
  return steps.flatMap((step) => {
    if ('skip' in step) return [];
    const given = 'chain' in step ? step.chain : step.each;
    const columns = 'chain' in step ? Array.from({ length: given }, (_, index) => column + index) : [];
    column += given;
    return columns;
  });
}

/** Steps that do the same one after the other, put together. */
export function joinedSteps(steps: readonly Step[]): Step[] {
  const joined: Step[] = [];
  for (const step of steps) {
    const last = joined.at(-1);
    if (last && 'work' in last && 'work' in step && canJoin(last, step))
      joined[joined.length - 1] = { ...last, times: last.times + step.times };
    else if (last && 'skip' in last && 'skip' in step) joined[joined.length - 1] = { skip: last.skip + step.skip };
    else if (last && 'chain' in last && 'chain' in step) joined[joined.length - 1] = { chain: last.chain + step.chain };
    else joined.push(step);
  }
  return joined;
}

const canJoin = (a: Extract<Step, { work: unknown }>, b: Extract<Step, { work: unknown }>): boolean =>
  a.work === b.work &&
  a.into === b.into &&
  a.over === b.over &&
  a.each === b.each &&
  a.over === 1 &&
  a.into !== 'space';
