import type { Lining } from '@/core/design';
import { ICON_MM, cloth, p } from './iconShapes';
import { lineSegments, type Drawing, type Point, type Role, type Shape } from './shape';

/** A lining is chosen by a small bag cut open from the side, mm. */
const { wide: W, high: H } = ICON_MM;

const line = (role: Role, points: readonly Point[], strokeMm: number): Shape => ({
  kind: 'path',
  role,
  layer: 'cloth',
  closed: false,
  segments: points.slice(1).flatMap((to, index) => lineSegments(points[index] as Point, to)),
  strokeMm,
});

const ICONS: Readonly<Record<Lining['kind'], () => Shape[]>> = {
  // A strip laid flat, the cloth a little inside its edge.
  flat: () => [
    cloth([p(8, 1), p(26, 1), p(26, 25), p(8, 25)], 'cloth'),
    cloth([p(10, 3), p(24, 3), p(24, 23), p(10, 23)], 'lining'),
  ],
  // A bag of cloth on its way into the other.
  'drop-in': () => [
    cloth([p(6, 11), p(28, 11), p(28, 25), p(6, 25)], 'cloth'),
    cloth([p(9, 2), p(25, 2), p(25, 17), p(9, 17)], 'lining'),
    line('tick', [p(17, 18), p(17, 23)], 0.9),
    line('tick', [p(15, 21), p(17, 23), p(19, 21)], 0.9),
  ],
  // A bag of crochet on its way into the other.
  crocheted: () => [
    cloth([p(6, 11), p(28, 11), p(28, 25), p(6, 25)], 'cloth'),
    cloth([p(9, 2), p(25, 2), p(25, 17), p(9, 17)], 'cloth'),
    ...[4.5, 7, 9.5, 12, 14.5].map((y) => line('row', [p(9, y), p(25, y)], 0.5)),
    line('tick', [p(17, 18), p(17, 23)], 0.9),
    line('tick', [p(15, 21), p(17, 23), p(19, 21)], 0.9),
  ],
  // The flap thrown open, its inner face lined.
  'flap-only': () => [
    cloth([p(6, 13), p(28, 13), p(28, 25), p(6, 25)], 'cloth'),
    cloth([p(6, 2), p(28, 2), p(28, 13), p(6, 13)], 'flap'),
    cloth([p(8, 4), p(26, 4), p(26, 12), p(8, 12)], 'lining'),
  ],
};

/** A small bag that is lined so. */
export const liningIcon = (kind: Lining['kind']): Drawing => ({
  box: { x: 0, y: 0, widthMm: W, heightMm: H },
  shapes: ICONS[kind](),
});
