import { everywhere, work, type PatternRow } from './step';
import type { Foundation, StitchPattern } from './stitch';
import { rowOf } from './workPattern';

/** Whether a row is one stitch all along, each in the next: it can be made as foundation stitches, or round a chain. */
const isOneStitch = ({ before, repeat, after }: PatternRow): boolean => {
  const [only] = repeat;
  return (
    before.length + after.length === 0 &&
    repeat.length === 1 &&
    only !== undefined &&
    'work' in only &&
    only.times === 1 &&
    only.each === 1 &&
    only.over === 1 &&
    only.into === 'stitch'
  );
};

/** Whether a pattern's first row is plain, so that it can be made as foundation stitches or into both sides of a chain. */
export const beginsPlain = (pattern: StitchPattern): boolean => isOneStitch(rowOf(pattern, 1));

const made = new WeakMap<StitchPattern, StitchPattern>();

/**
 * A pattern with a plain row before its first one, where that is none: what foundation stitches, or a round about a chain, make. It
 * is a row like any other, counted and planned.
 *
 * @example
 * begunPlain(STITCHES.linen).setupRows.length // => 2
 * begunPlain(STITCHES.sc) === STITCHES.sc // => true
 */
export function begunPlain(pattern: StitchPattern): StitchPattern {
  if (beginsPlain(pattern)) return pattern;
  const known = made.get(pattern);
  if (known) return known;
  const begun: StitchPattern = {
    ...pattern,
    setupRows: [everywhere(work(pattern.base)), ...pattern.setupRows],
    // Every row comes one later, and shows the other side.
    firstRowPublic: !pattern.firstRowPublic,
  };
  made.set(pattern, begun);
  return begun;
}

/**
 * How a piece in a pattern is really begun: nobody makes foundation slip stitches, they go into a chain.
 *
 * @example
 * foundationOf(STITCHES['sl-st-rib'], 'foundation-stitches') // => 'chain'
 */
export const foundationOf = ({ base }: Pick<StitchPattern, 'base'>, wished: Foundation): Foundation =>
  base === 'sl-st' ? 'chain' : wished;
