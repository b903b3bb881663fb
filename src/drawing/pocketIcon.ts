import type { PocketKind } from '@/core/design';
import { ICON_MM, cloth, front, p, rect } from './iconShapes';
import { lineSegments, type Drawing, type Point, type Role, type Shape } from './shape';

const line = (from: Point, to: Point, role: Role = 'tick'): Shape => ({
  kind: 'path',
  role,
  layer: 'lining',
  closed: false,
  segments: lineSegments(from, to),
});

/** A pocket open above: its sides and bottom sewn down. */
const patch = (role: Role): Shape => cloth([p(8, 9), p(26, 9), p(26, 22), p(8, 22)], role);

const ICONS: Readonly<Record<PocketKind, () => Shape[]>> = {
  slip: () => [front(), patch('load'), line(p(8, 11.5), p(26, 11.5))],
  divided: () => [front(), patch('load'), line(p(8, 11.5), p(26, 11.5)), line(p(17, 11.5), p(17, 22))],
  zipped: () => [
    front(),
    cloth([p(6, 6), p(28, 6), p(28, 23), p(6, 23)], 'load'),
    rect(9, 9, 16, 2.4),
    line(p(9, 10.2), p(25, 10.2)),
  ],
  // Its rows show that it is crocheted.
  crocheted: () => [
    front(),
    patch('flap'),
    ...[12, 15, 18].map((y): Shape => line(p(8.5, y), p(25.5, y), 'rowPublic')),
  ],
  vinyl: () => [
    front(),
    cloth([p(11, 6), p(22, 6), p(22, 20), p(11, 20)], 'thing'),
    patch('vinyl'),
    {
      kind: 'dots',
      role: 'symbolSolid',
      layer: 'lining',
      radiusMm: 0.45,
      at: [10, 13, 16.5, 20].flatMap((y) => [p(9.4, y), p(24.6, y)]).concat([13, 17, 21].map((x) => p(x, 20.6))),
    },
  ],
  loop: () => [
    front(),
    rect(15.6, 3, 2.8, 20, 'thing'),
    cloth([p(11, 10), p(23, 10), p(23, 13.4), p(11, 13.4)], 'load'),
  ],
};

/** A small wall with such a pocket. */
export const pocketIcon = (kind: PocketKind): Drawing => ({
  box: { x: 0, y: 0, widthMm: ICON_MM.wide, heightMm: ICON_MM.high },
  shapes: ICONS[kind](),
});
