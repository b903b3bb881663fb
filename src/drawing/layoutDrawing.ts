import { ringBounds } from '@/core/cutting';
import type { Design } from '@/core/design';
import { turnedRing, type Layout, type LayoutPiece } from '@/core/layout';
import type { PiecesDrawing } from './liningDrawing';
import { lineSegments, polyline, type Shape } from './shape';

/**
 * Pieces as they are laid on cloth, its width across and its first cut below: the selvedges, and each piece within its cut line, a short line at its lower
 * edge. In the order in which they are laid.
 */
export function layoutDrawing(
  pieces: readonly LayoutPiece[],
  { laid, lengthMm }: Pick<Layout, 'laid' | 'lengthMm'>,
  { widthMm, selvedgeMm }: Design['cloth'],
): PiecesDrawing {
  const shapes: Shape[] = [
    { kind: 'rect', role: 'inside', layer: 'cloth', x: 0, y: 0, widthMm, heightMm: lengthMm },
    ...[selvedgeMm, widthMm - selvedgeMm].map((x): Shape => ({
      kind: 'path',
      role: 'press',
      layer: 'cloth',
      segments: lineSegments({ x, y: 0 }, { x, y: lengthMm }),
      closed: false,
    })),
  ];
  const places: PiecesDrawing['places'] = [];
  for (const { piece, turn, xMm, yMm } of laid) {
    const ring = turnedRing(pieces[piece]?.ring ?? [], turn);
    const at = (x: number, y: number) => ({ x: selvedgeMm + xMm + x, y: lengthMm - yMm - y });
    const { widthMm: wide, heightMm: high } = ringBounds(ring);
    shapes.push({
      kind: 'path',
      role: 'load',
      layer: 'load',
      segments: polyline(ring.map(([x, y]) => at(x, y))),
      closed: true,
    });
    places.push({ ...at(wide / 2, high / 2), widthMm: wide, heightMm: high });
  }
  return { box: { x: 0, y: 0, widthMm, heightMm: Math.max(1, lengthMm) }, shapes, places };
}
