import { patternOf, type Design } from '@/core/design';
import { widestStitches, type RowsPiece } from '@/core/pieces';
import { isRaised, nearestCount, patternRowCount, workPattern } from '@/core/stitches';
import { lineSegments, type Segment, type Shape } from './shape';

/**
 * Where the pattern stands out from the panel, hinted so that folds can be seen against it: bobbles and clusters as spots,
 * posts and drops as short ribs. Nothing for a fabric that is the same all over.
 *
 * @param y the place on paper of a distance along the strip
 */
export function textureShapes(design: Design, piece: RowsPiece, y: (alongMm: number) => number): Shape[] {
  const pattern = patternOf(design);
  const steps = [...pattern.setupRows, ...pattern.rows].flatMap(({ before, repeat, after }) => [
    ...before,
    ...repeat,
    ...after,
  ]);
  if (!steps.some((step) => 'work' in step && isRaised(step))) return [];
  const { stitchMm, rowMm } = piece;
  const stitchCount = textureWidth(piece, pattern);
  const setup = pattern.setupRows.length;
  // Two turns of the pattern: a row that repeats after an odd number of rows is met from either side.
  const turnRows = pattern.rows.length * (pattern.rows.length % 2 === 0 ? 1 : 2);
  const worked = workPattern(pattern, stitchCount, Math.max(patternRowCount(pattern), setup + turnRows));
  if (!worked.ok) return [];
  const rightHanded = design.settings.hand === 'right';
  const ribs: Segment[] = [];
  const spots: { x: number; y: number }[] = [];
  for (let row = 1; row <= piece.rows.length; row += 1) {
    const like = row <= setup ? row : setup + 1 + ((row - 1 - setup) % turnRows);
    const cells = worked.rows[like - 1] ?? [];
    const besideStitches = (stitchCount - (piece.rows[row - 1]?.stitches ?? 0)) / 2;
    const fromLeft = (row % 2 === 1) !== rightHanded;
    cells.forEach((cell, index) => {
      if (cell.made !== 'stitch' || !isRaised(cell.step)) return;
      if (index < besideStitches || index >= stitchCount - besideStitches) return;
      const along = (fromLeft ? index + 0.5 : stitchCount - index - 0.5) * stitchMm;
      const post = cell.step.into !== 'stitch';
      const rows = cell.step.into === 'front-post-two-below' ? 2 : 1;
      if (post) ribs.push(...lineSegments({ x: along, y: y((row - rows) * rowMm) }, { x: along, y: y(row * rowMm) }));
      else spots.push({ x: along, y: y((row - 0.5) * rowMm) });
    });
  }
  const radiusMm = 0.42 * Math.min(2 * stitchMm, rowMm);
  return [
    ...(ribs.length > 0
      ? [{ kind: 'path', role: 'rib', layer: 'rows', segments: ribs, closed: false } satisfies Shape]
      : []),
    ...(spots.length > 0 ? [{ kind: 'dots', role: 'bump', layer: 'rows', at: spots, radiusMm } satisfies Shape] : []),
  ];
}

/** The width that the pattern is laid out over: that of the widest row, or the nearest count that its repeat allows. */
function textureWidth(piece: RowsPiece, pattern: ReturnType<typeof patternOf>): number {
  const widest = widestStitches(piece);
  return nearestCount(widest, pattern) ?? widest;
}
