import type { Plan } from '@/core/plan';
import { lineSegments, type Drawing, type Segment, type Shape } from './shape';

/** How much of the height a short drawing of the strap may take above the bag. */
const STRAP_RISE_SHARE = 0.55;

/** The closed bag from the front, true to its planned sizes: body, flap, snap behind the flap, and the strap's start. */
export function foldedDrawing(plan: Plan): Drawing {
  const widthMm = plan.pouch.figures.width.value;
  const heightMm = plan.pouch.figures.heightLoaded.value;
  const dropMm = Math.max(0, plan.flap.dropMm.loaded);
  const riseMm = plan.strap ? heightMm * STRAP_RISE_SHARE : 0;
  return {
    box: { x: 0, y: 0, widthMm, heightMm: riseMm + Math.max(heightMm, dropMm) },
    shapes: [
      ...(plan.strap ? [strapShape(plan, widthMm, riseMm)] : []),
      { kind: 'rect', role: 'cloth', layer: 'cloth', x: 0, y: riseMm, widthMm, heightMm },
      rowsShape(plan.pouch.rowMm, widthMm, riseMm + dropMm, riseMm + heightMm),
      { kind: 'rect', role: 'flap', layer: 'cloth', x: 0, y: riseMm, widthMm, heightMm: dropMm },
      rowsShape(plan.pouch.rowMm, widthMm, riseMm, riseMm + dropMm),
      ...snapShapes(plan, widthMm, riseMm),
    ],
  };
}

function rowsShape(rowMm: number, widthMm: number, fromMm: number, toMm: number): Shape {
  const segments: Segment[] = [];
  for (let y = fromMm + rowMm; y < toMm - 1e-6; y += rowMm)
    segments.push(...lineSegments({ x: 0, y }, { x: widthMm, y }));
  return { kind: 'path', role: 'row', layer: 'rows', segments, closed: false };
}

function strapShape(plan: Plan, widthMm: number, riseMm: number): Shape {
  const strapMm = plan.strap?.figures.width.value ?? 0;
  const inset = strapMm / 2;
  // A chord of the bag's width under a rise: the radius of the circle through three points.
  const chord = widthMm - 2 * inset;
  const rise = Math.max(1, riseMm - strapMm / 2);
  const radiusMm = (chord * chord) / (8 * rise) + rise / 2;
  return {
    kind: 'path',
    role: 'strap',
    layer: 'feet',
    mark: 'strap',
    strokeMm: strapMm,
    closed: false,
    segments: [
      { to: 'move', x: inset, y: riseMm },
      { to: 'arc', radiusMm, sweep: true, large: rise > radiusMm, x: widthMm - inset, y: riseMm },
    ],
  };
}

function snapShapes(plan: Plan, widthMm: number, riseMm: number): Shape[] {
  const { snap } = plan;
  if (!snap) return [];
  const shrink = widthMm / plan.pouch.figures.panelWidth.value;
  return snap.halves.map((half) => ({
    kind: 'circle',
    role: 'metalBehind',
    layer: 'hardware',
    mark: 'snap.half',
    x: half.acrossMm * shrink,
    y: riseMm + snap.meetsMm.loaded,
    radiusMm: snap.diameterMm / 2,
  }));
}
