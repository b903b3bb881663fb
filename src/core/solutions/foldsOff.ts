import { isPlainAt, type StitchPattern } from '@/core/stitches';

/** Where folds and edges of a bag lie, in rows. */
interface FoldRows {
  /** One strip from the front's edge to the flap's; else the back is worked from its base up. */
  isStrip: boolean;
  fromFront: boolean;
  front: number;
  back: number;
  bridge: number;
  /** All rows of the strip. */
  total: number;
}

/**
 * How many folds lie on rows that are not plain, with one more where the edges of a strip end on another kind of row than they began with.
 * Common practice: fold on a plain row, and keep the same phase of the repeat at both edges.
 *
 * @returns how to tell it, for a pattern; always nought for one that has no plain rows, or no others
 *
 * @example
 * foldsOff(STITCHES.sc)({ isStrip: true, fromFront: true, front: 20, back: 20, bridge: 3, total: 60 }) // => 0
 * foldsOff(STITCHES['bobble-field'])({ isStrip: true, fromFront: true, front: 6, back: 5, bridge: 2, total: 25 }) // => 1
 */
export function foldsOff(pattern: StitchPattern): (rows: FoldRows) => number {
  const setup = pattern.setupRows.length;
  const repeat = pattern.rows.length;
  const plain = Array.from({ length: setup + repeat }, (_, index) => isPlainAt(pattern, index + 1));
  const inRepeat = plain.slice(setup).filter(Boolean).length;
  if (inRepeat === 0 || inRepeat === repeat) return () => 0;
  const isPlain = (row: number) => plain[row <= setup ? row - 1 : setup + ((row - 1 - setup) % repeat)] ?? true;
  return ({ isStrip, fromFront, front, back, bridge, total }) => {
    const off = (row: number): number => {
      const worked = fromFront || !isStrip ? row : total - row;
      return worked >= 1 && !isPlain(worked) ? 1 : 0;
    };
    const topRow = isStrip ? front + back : back;
    const edges = isStrip && isPlain(total) !== isPlain(1) ? 1 : 0;
    return (isStrip ? off(front) : 0) + off(topRow) + (bridge > 0 ? off(topRow + bridge) : 0) + edges;
  };
}
