import { commonRings, ringBounds, type Ring } from '@/core/cutting';
import type { Design } from '@/core/design';
import { ringAt, sheetOf, type LaidOut, type LaidPiece } from '@/core/layout';
import type { PiecesDrawing } from './liningDrawing';
import { lineSegments, polyline, type Point, type Shape } from './shape';

/** Room between the cloth and what was left over of it, mm. */
const GAP_MM = 40;

/** Pieces on cloth; where nought across and up lies of the cloth, and of every remnant. */
export interface LayoutDrawing extends PiecesDrawing {
  cloth: Point;
  remnants: Point[];
}

/** What of a layout is drawn. */
type Laid = Pick<LaidOut, 'pieces' | 'laid' | 'lengthMm' | 'clashes' | 'beyond'>;
const NOTHING: Laid = { pieces: [], laid: [], lengthMm: 0, clashes: [], beyond: [] };

/**
 * Pieces as they are laid on cloth, its width across and its first cut below: the selvedges dashed, or the fold at its left edge; what was left over of it
 * above; and each piece within its cut line. What two have in common, and what lies beyond an edge, is drawn over them. In the order in which they are laid.
 */
export function layoutDrawing(layout: Laid | null, cloth: Design['cloth']): LayoutDrawing {
  const { pieces, laid, lengthMm, clashes, beyond } = layout ?? NOTHING;
  const wideMm = cloth.folded ? cloth.widthMm / 2 : cloth.widthMm;
  const leftMm = cloth.folded ? 0 : cloth.selvedgeMm;
  const { remnants, topMm } = remnantPlaces(cloth.remnants, wideMm);
  const bottom = topMm + lengthMm;
  const shapes: Shape[] = [];
  const line = (role: Shape['role'], x: number): Shape => ({
    ...{ kind: 'path', role, layer: 'cloth', closed: false },
    segments: lineSegments({ x, y: topMm }, { x, y: bottom }),
  });
  if (lengthMm > 0)
    shapes.push(
      { kind: 'rect', role: 'bolt', layer: 'cloth', x: 0, y: topMm, widthMm: wideMm, heightMm: lengthMm },
      cloth.folded ? line('crease', 0) : line('press', leftMm),
      line('press', leftMm + sheetOf(cloth).widthMm),
    );
  const filled = (ring: Ring, origin: Point, role: Shape['role']): Shape => ({
    ...{ kind: 'path', role, layer: 'load', closed: true },
    segments: polyline(ring.map(([x, y]) => ({ x: origin.x + x, y: origin.y - y }))),
  });
  cloth.remnants.forEach(({ outline }, index) =>
    shapes.push({ ...filled(outline, remnants[index] as Point, 'bolt'), layer: 'cloth' }),
  );
  const origin = { x: leftMm, y: bottom };
  const originOf = ({ remnant }: LaidPiece): Point => (remnant === null ? origin : (remnants[remnant] ?? origin));
  const rings = laid.map((one) => ringAt(pieces, one));
  const places = laid.map((one, index) => {
    const ring = rings[index] as Ring;
    const { leftMm: left, lowMm, widthMm, heightMm } = ringBounds(ring);
    const { x, y } = originOf(one);
    shapes.push(filled(ring, originOf(one), 'load'));
    return { x: x + left + widthMm / 2, y: y - lowMm - heightMm / 2, widthMm, heightMm };
  });
  for (const [one, other] of clashes)
    for (const ring of commonRings(rings[one] as Ring, rings[other] as Ring))
      shapes.push(filled(ring, originOf(laid[one] as LaidPiece), 'clash'));
  for (const index of new Set([...beyond, ...clashes.flat()]))
    shapes.push({ ...filled(rings[index] as Ring, originOf(laid[index] as LaidPiece), 'clashEdge') });
  const box = { x: 0, y: 0, widthMm: wideMm, heightMm: Math.max(1, bottom) };
  return { box, shapes, places, cloth: origin, remnants };
}

/** Remnants beside each other above the cloth, in rows no wider than it: where nought of each lies, and where the cloth begins below them. */
function remnantPlaces(all: Design['cloth']['remnants'], wideMm: number): { remnants: Point[]; topMm: number } {
  let [left, top, rowMm] = [0, 0, 0];
  const remnants = all.map(({ outline }) => {
    const { leftMm, lowMm, widthMm, heightMm } = ringBounds(outline);
    if (left > 0 && left + widthMm > wideMm) [left, top, rowMm] = [0, top + rowMm + GAP_MM, 0];
    const at = { x: left - leftMm, y: top + heightMm + lowMm };
    left += widthMm + GAP_MM;
    rowMm = Math.max(rowMm, heightMm);
    return at;
  });
  return { remnants, topMm: all.length > 0 ? top + rowMm + GAP_MM : 0 };
}
