import type { HardwareKind } from '@/core/design';
import { lineSegments, polyline, type Drawing, type Point, type Role, type Shape } from './shape';

/** Hardware is chosen by a piece of a front with it on, mm. */
const W = 34;
const H = 26;
const M = W / 2;

const p = (x: number, y: number): Point => ({ x, y });
const cloth = (points: readonly Point[], role: 'cloth' | 'flap' = 'cloth'): Shape => ({
  kind: 'path',
  role,
  layer: 'cloth',
  closed: true,
  segments: polyline(points),
});
const disc = (x: number, y: number, radiusMm: number, role: Role = 'metal'): Shape => ({
  kind: 'circle',
  role,
  layer: 'hardware',
  x,
  y,
  radiusMm,
});
const rect = (x: number, y: number, widthMm: number, heightMm: number, role: Role = 'metal'): Shape => ({
  kind: 'rect',
  role,
  layer: 'hardware',
  x,
  y,
  widthMm,
  heightMm,
});
const wire = (points: readonly Point[], strokeMm: number): Shape => ({
  kind: 'path',
  role: 'metal',
  layer: 'hardware',
  closed: false,
  // Piece by piece: a bent wire has no face that could be filled.
  segments: points.slice(1).flatMap((to, index) => lineSegments(points[index] as Point, to)),
  strokeMm,
});
const arc = (x: number, y: number, radiusMm: number, fromDeg: number, toDeg: number): Point[] =>
  Array.from({ length: 13 }, (_, step) => {
    const rad = ((fromDeg + ((toDeg - fromDeg) * step) / 12) * Math.PI) / 180;
    return p(x + radiusMm * Math.cos(rad), y + radiusMm * Math.sin(rad));
  });

const face = (): Shape => cloth([p(0, 0), p(W, 0), p(W, H), p(0, H)]);
const tab = (): Shape => cloth([p(M - 4, 3), p(M + 4, 3), p(M + 4, 11), p(M - 4, 11)], 'flap');
const stitching = (): Shape => ({
  kind: 'path',
  role: 'cord',
  layer: 'hardware',
  closed: false,
  segments: lineSegments(p(M - 4, 8.6), p(M + 4, 8.6)),
  strokeMm: 0.6,
});

const ICONS: Readonly<Record<HardwareKind, () => Shape[]>> = {
  ring: () => [face(), wire([...arc(M, 12, 6.5, 0, 180), p(M - 6.5, 10), p(M + 6.5, 10)], 1.6), tab(), stitching()],
  rivet: () => [face(), ...[M - 8, M + 8].flatMap((x) => [disc(x, H / 2, 3.4), disc(x, H / 2, 1.2, 'metalBehind')])],
  eyelet: () => [
    face(),
    ...[M - 11, M, M + 11].flatMap((x) => [disc(x, H / 2, 3.6), disc(x, H / 2, 1.9, 'metalBehind')]),
  ],
  clasp: () => [face(), tab(), stitching(), disc(M, 12.4, 1.6), wire([p(M, 14), ...arc(M, 18.4, 4, -90, 210)], 1.6)],
  'handle-plate': () => [
    face(),
    rect(M - 5, 4, 10, 14),
    ...[7, 11, 15].flatMap((y) => [disc(M - 2.6, y, 0.7, 'metalBehind'), disc(M + 2.6, y, 0.7, 'metalBehind')]),
    wire(arc(M, 4, 5, 180, 360), 1.4),
  ],
};

/** A piece of a front with a piece of hardware on it. */
export const hardwareIcon = (kind: HardwareKind): Drawing => ({
  box: { x: 0, y: 0, widthMm: W, heightMm: H },
  shapes: ICONS[kind](),
});
