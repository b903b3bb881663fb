import type { FlapKind } from '@/core/design';
import { flapOutlinePoints, usualFlap } from '@/core/flap';
import { polyline, type Drawing, type Point, type Shape } from './shape';

/** The bag of the icon, mm: its front, and how far its flap comes down. */
const WIDE_MM = 36;
const HIGH_MM = 26;
const DROP_MM = 18;
const STEPS = 36;

/** A small bag seen from the front, closed by a flap of a shape, to choose it by. */
export function flapIcon(kind: FlapKind): Drawing {
  const size = { widthMm: WIDE_MM, lengthMm: DROP_MM };
  const points = flapOutlinePoints(
    usualFlap(kind, { dropMm: DROP_MM, widthMm: null, hemMm: null }, size),
    size,
    STEPS,
  ).map(({ x, y }) => ({ x: WIDE_MM / 2 + x, y }));
  return {
    box: { x: 0, y: 0, widthMm: WIDE_MM, heightMm: HIGH_MM },
    shapes: [
      { kind: 'rect', role: 'cloth', layer: 'cloth', x: 0, y: 0, widthMm: WIDE_MM, heightMm: HIGH_MM },
      ...(kind === 'none' ? [MOUTH] : [flapShape(points)]),
    ],
  };
}

/** The mouth of an open bag: the front's edge hangs a little below the back's. */
const MOUTH: Shape = {
  kind: 'path',
  role: 'tick',
  layer: 'folds',
  closed: false,
  segments: [
    { to: 'move', x: 0, y: 0 },
    { to: 'arc', radiusMm: 1.2 * WIDE_MM, sweep: false, large: false, x: WIDE_MM, y: 0 },
  ],
};

const flapShape = (points: readonly Point[]): Shape => ({
  kind: 'path',
  role: 'flap',
  layer: 'cloth',
  closed: true,
  segments: polyline(points),
});
