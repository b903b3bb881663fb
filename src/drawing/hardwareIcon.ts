import type { HardwareKind } from '@/core/design';
import { ICON_MM, cloth, disc, front, p, rect } from './iconShapes';
import { lineSegments, type Drawing, type Point, type Shape } from './shape';

/** Hardware is chosen by a piece of a front with it on, mm. */
const { wide: W, high: H, middle: M } = ICON_MM;

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
  ring: () => [front(), wire([...arc(M, 12, 6.5, 0, 180), p(M - 6.5, 10), p(M + 6.5, 10)], 1.6), tab(), stitching()],
  rivet: () => [front(), ...[M - 8, M + 8].flatMap((x) => [disc(x, H / 2, 3.4), disc(x, H / 2, 1.2, 'metalBehind')])],
  eyelet: () => [
    front(),
    ...[M - 11, M, M + 11].flatMap((x) => [disc(x, H / 2, 3.6), disc(x, H / 2, 1.9, 'metalBehind')]),
  ],
  clasp: () => [front(), tab(), stitching(), disc(M, 12.4, 1.6), wire([p(M, 14), ...arc(M, 18.4, 4, -90, 210)], 1.6)],
  'handle-plate': () => [
    front(),
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
