import type { CutCloth } from '@/core/fittings';
import { offsetOutline, type OutlinePoint } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { polyline, type Drawing, type Segment, type Shape } from './shape';

/** Room between pieces of lining, mm. */
const GAP_MM = 18;

/**
 * The lining as it is cut, piece beside piece, each with the line its edges are pressed along and the crochet it will cover, all about
 * one centre. Null without a lining.
 */
export function liningDrawing(plan: Plan): Drawing | null {
  const { lining } = plan;
  if (!lining) return null;
  const heightMm = Math.max(...lining.cloth.map(({ cutLength }) => cutLength.value));
  const shapes: Shape[] = [];
  let left = 0;
  for (const piece of lining.cloth) {
    shapes.push(...pieceShapes(piece, left, heightMm));
    left += piece.cutWidth.value + GAP_MM;
  }
  return { box: { x: 0, y: 0, widthMm: left - GAP_MM, heightMm }, shapes };
}

function pieceShapes(piece: CutCloth, left: number, heightMm: number): Shape[] {
  const wide = piece.cutWidth.value;
  const high = piece.cutLength.value;
  const centred = (width: number, height: number) => ({
    x: left + (wide - width) / 2,
    y: heightMm - high + (high - height) / 2,
    widthMm: width,
    heightMm: height,
  });
  if (piece.outline) return outlineShapes(piece, piece.outline, left + wide / 2, heightMm);
  return [
    { kind: 'rect', role: 'load', layer: 'cloth', mark: 'lining.cut', ...centred(wide, high) },
    {
      kind: 'rect',
      role: 'press',
      layer: 'folds',
      mark: 'lining.press',
      ...centred(piece.finishedWidth.value, piece.finishedLength.value),
    },
    {
      kind: 'rect',
      role: 'outline',
      layer: 'cloth',
      mark: 'panel',
      ...centred(piece.coversWidthMm, piece.coversLengthMm),
    },
  ];
}

/** A piece that is cut to the outline of its crochet, from where that begins, below, upwards. */
function outlineShapes(piece: CutCloth, covers: readonly OutlinePoint[], middle: number, heightMm: number): Shape[] {
  const allowanceMm = (piece.cutLength.value - piece.coversLengthMm) / 2;
  const insetMm = (piece.coversLengthMm - piece.finishedLength.value) / 2;
  const around = (points: readonly OutlinePoint[]): Segment[] =>
    polyline([
      ...points.map(({ alongMm, halfMm }) => ({ x: middle + halfMm, y: heightMm - allowanceMm - alongMm })),
      ...[...points]
        .reverse()
        .map(({ alongMm, halfMm }) => ({ x: middle - halfMm, y: heightMm - allowanceMm - alongMm })),
    ]);
  const path = (role: Shape['role'], layer: Shape['layer'], mark: string, points: readonly OutlinePoint[]): Shape => ({
    kind: 'path',
    role,
    layer,
    mark,
    segments: around(points),
    closed: true,
  });
  return [
    path('load', 'cloth', 'lining.cut', offsetOutline(covers, allowanceMm)),
    path('press', 'folds', 'lining.press', offsetOutline(covers, -insetMm)),
    path('outline', 'cloth', 'panel', covers),
  ];
}
