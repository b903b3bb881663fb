import { isRaised, work, type PatternRow, type Step, type StitchKind, type Worked } from './step';
import type { StitchPattern } from './stitch';

/**
 * A pattern with plain stitches worked at each side of it: a firmer edge, and a way to a count that its repeat alone does not
 * allow. They are of the kind that the row is mostly made of, so that they are as high as the row.
 *
 * @param stitches at each side, a whole number
 *
 * @example
 * withPlainEdge(STITCHES['bobble-field'], 2).edgeStitches // => 5
 */
export function withPlainEdge(pattern: StitchPattern, stitches: number): StitchPattern {
  if (stitches === 0) return pattern;
  const edged = (row: PatternRow): PatternRow => rowWithEdge(row, stitches, pattern.base);
  return {
    ...pattern,
    edgeStitches: pattern.edgeStitches + 2 * stitches,
    setupRows: pattern.setupRows.map(edged),
    rows: pattern.rows.map(edged),
  };
}

function rowWithEdge(row: PatternRow, stitches: number, base: StitchKind): PatternRow {
  if (isAllPlain(row)) return row;
  const edge = work(edgeKind(row, base), stitches);
  return { before: joinPlain([edge, ...row.before]), repeat: row.repeat, after: joinPlain([...row.after, edge]) };
}

/** A row that is one plain stitch all along has its edge already. */
const isAllPlain = ({ before, repeat, after }: PatternRow): boolean => {
  const [only] = repeat;
  return (
    before.length + after.length === 0 && repeat.length === 1 && only !== undefined && isPlain(only) && only.times === 1
  );
};

const isPlain = (step: Step): step is Worked =>
  'work' in step && step.each === 1 && step.over === 1 && step.into === 'stitch' && !isRaised(step);

/** What the row's own plain stitches are, else what the pattern is mostly made of. */
function edgeKind({ before, repeat, after }: PatternRow, base: StitchKind): StitchKind {
  return [...before, ...repeat, ...after].find(isPlain)?.work ?? base;
}

/** Plain stitches of one kind beside each other are said as one step. */
function joinPlain(steps: readonly Step[]): Step[] {
  const joined: Step[] = [];
  for (const step of steps) {
    const last = joined.at(-1);
    if (last && isPlain(last) && isPlain(step) && last.work === step.work)
      joined[joined.length - 1] = work(step.work, last.times + step.times);
    else joined.push(step);
  }
  return joined;
}
