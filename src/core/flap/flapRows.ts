import type { Flap } from '@/core/design';
import { radiusMm } from '@/core/pieces';
import { outlineRows, spread, shapedRows, shapingFor, type OutlineRows, type ShapedRow } from '@/core/shaping';
import type { Scallops } from '@/core/stages';
import { nearestCount, type StitchPattern } from '@/core/stitches';
import { flapOutline } from './shapes';

/** A flap's stitches, row by row. */
export interface FlapRows extends OutlineRows {
  /** Stitches of the bridge, and of the flap where it starts; as many are left at each side of the back. */
  startStitches: number;
  leftEachSide: number;
  scallops: Scallops | null;
}

/** What a flap goes on from: all stitches of the back's upper edge, and of those the ones that a flap as wide as the back takes. */
interface BackEdge {
  topStitches: number;
  backStitches: number;
  stitchMm: number;
  rowMm: number;
}

/**
 * The rows of a flap. One narrower than the back is picked up from the middle of its edge, with as many stitches left at each side;
 * from there its outline is followed as near as whole stitches come.
 *
 * @param rowCount rows of the flap, without those over the top
 */
export function flapRowsOf(flap: Flap, pattern: StitchPattern, back: BackEdge, rowCount: number): FlapRows {
  const startStitches = startCount(flap, pattern, back);
  const size = { widthMm: startStitches * back.stitchMm, lengthMm: rowCount * back.rowMm };
  const scallops = flap.kind === 'scalloped' ? scallopsOf(flap, startStitches, rowCount, back) : null;
  const shaped = scallops
    ? scallopedRows(startStitches, rowCount, scallops)
    : outlineRows(flapOutline(flap, size), startStitches, rowCount, back);
  return {
    startStitches,
    leftEachSide: (back.topStitches - startStitches) / 2,
    scallops,
    ...shaped,
    ...(scallops ? { mostOffStitches: scallops.mostOffStitches } : {}),
  };
}

/** The count nearest to the wished width that leaves as much at each side and still suits the pattern's repeat. */
function startCount({ kind, widthMm }: Flap, pattern: StitchPattern, { backStitches, stitchMm }: BackEdge): number {
  if (widthMm === null || kind === 'none' || kind === 'half-disc') return backStitches;
  const even = pattern.repeatStitches % 2 === 0 ? pattern.repeatStitches : 2 * pattern.repeatStitches;
  const wished = Math.round((backStitches - widthMm / stitchMm) / even);
  const most = Math.floor((backStitches - (nearestCount(1, pattern) ?? 1)) / even);
  return backStitches - Math.max(0, Math.min(wished, most)) * even;
}

/**
 * Stitches left before each scallop: those over are spread between them, and at the ends of one alone.
 *
 * @example
 * gapsBefore({ count: 4, leftOver: 2, stitchesEach: 9, rows: [] }) // => [0, 1, 0, 1]
 */
export function gapsBefore({ count, leftOver }: Scallops): number[] {
  if (count === 1) return [Math.floor(leftOver / 2)];
  return [0, ...spread(leftOver, count - 1)];
}

/** Two stitches are the least that a scallop can be rounded from. */
const LEAST_SCALLOP_STITCHES = 2;

function scallopsOf(
  { scallops, depthMm }: Extract<Flap, { kind: 'scalloped' }>,
  startStitches: number,
  rowCount: number,
  gauge: BackEdge,
): (Scallops & { mostOffStitches: number }) | null {
  const count = Math.min(scallops, Math.floor(startStitches / LEAST_SCALLOP_STITCHES));
  const rows = Math.min(rowCount, Math.max(1, Math.round(depthMm / gauge.rowMm)));
  if (count < 1 || rowCount < 1) return null;
  const stitchesEach = Math.floor(startStitches / count);
  const halfMm = (stitchesEach * gauge.stitchMm) / 2;
  const lengthMm = rows * gauge.rowMm;
  const shaped = outlineRows(
    (downMm) => halfMm * Math.sqrt(Math.max(0, 1 - (downMm / lengthMm) ** 2)),
    stitchesEach,
    rows,
    gauge,
  );
  return {
    count,
    stitchesEach,
    rows: shaped.rows,
    leftOver: startStitches - count * stitchesEach,
    mostOffStitches: shaped.mostOffStitches,
  };
}

/** Straight rows, then those of all scallops together: each row as many stitches as all of them have. */
function scallopedRows(
  startStitches: number,
  rowCount: number,
  { count, rows }: Scallops,
): { rows: ShapedRow[] } & OutlineRows {
  const straight = shapedRows(startStitches, Array<number>(rowCount - rows.length).fill(startStitches));
  return {
    rows: [...straight, ...rows.map((row) => ({ ...row, stitches: count * row.stitches }))],
    mostOffStitches: 0,
  };
}

/**
 * The rows of a half disc that is worked apart, as chords across it at the end of each: what its rows come to where it hangs. Its
 * diameter is the width of the back.
 */
export function halfDiscRows(back: BackEdge, counts: readonly number[], bridgeRows: number): FlapRows {
  const radius = radiusMm({ counts, rowMm: back.rowMm });
  const chord = (row: number) =>
    Math.max(1, (2 * Math.sqrt(Math.max(0, radius ** 2 - (row * back.rowMm) ** 2))) / back.stitchMm);
  const rows: ShapedRow[] = [];
  let before = chord(bridgeRows);
  for (let row = bridgeRows + 1; row <= counts.length; row += 1) {
    const stitches = chord(row);
    rows.push({ stitches, changeEachSide: (stitches - before) / 2, by: shapingFor(0) });
    before = stitches;
  }
  return {
    startStitches: back.backStitches,
    leftEachSide: (back.topStitches - back.backStitches) / 2,
    rows,
    scallops: null,
    mostOffStitches: 0,
  };
}
