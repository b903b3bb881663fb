import type { Closure } from '@/core/design';
import { ICON_MM, cloth, disc, front, p, rect } from './iconShapes';
import { lineSegments, polyline, type Drawing, type Point, type Shape } from './shape';

/** A closure is chosen by the front of a small bag, mm: its flap down to here where it closes one. */
const { wide: W, high: H, middle: M } = ICON_MM;
const FLAP = 15;

const line = (role: Shape['role'], from: Point, to: Point, strokeMm?: number): Shape => ({
  kind: 'path',
  role,
  layer: 'hardware',
  closed: false,
  segments: lineSegments(from, to),
  ...(strokeMm === undefined ? {} : { strokeMm }),
});

const body = (): Shape[] => [front()];
const withFlap = (): Shape[] => [...body(), cloth([p(0, 0), p(W, 0), p(W, FLAP), p(0, FLAP)], 'flap')];

/** A chain's loop that hangs from a place, as wide and as long. */
const loop = (x: number, y: number, wide: number, long: number): Shape => ({
  kind: 'path',
  role: 'cord',
  layer: 'hardware',
  closed: false,
  strokeMm: 1.2,
  segments: polyline(
    Array.from({ length: 13 }, (_, step) => {
      const rad = (Math.PI * step) / 12;
      return p(x - (wide / 2) * Math.cos(rad), y + long * Math.sin(rad));
    }),
  ),
});

const ICONS: Readonly<Record<Closure['kind'], () => Shape[]>> = {
  'magnetic-snap': () => [...withFlap(), disc(M, FLAP - 4, 3, 'metalBehind')],
  'press-stud': () => [...withFlap(), disc(M, FLAP - 4, 2.4, 'metalBehind'), disc(M, FLAP - 4, 0.8)],
  'hook-tape': () => [...withFlap(), rect(M - 8, FLAP - 6, 16, 4, 'lining')],
  'turn-lock': () => [...withFlap(), rect(M - 5, FLAP - 7, 10, 5.5), rect(M - 2.5, FLAP - 5.2, 5, 1.8, 'metalBehind')],
  'tuck-lock': () => [...withFlap(), rect(M - 5.5, FLAP - 1, 11, 6, 'metalBehind'), rect(M - 2.6, FLAP - 5, 5.2, 8.5)],
  buttonhole: () => [
    ...withFlap(),
    disc(M, FLAP - 5, 3),
    line('cord', p(M - 4.4, FLAP - 5), p(M + 4.4, FLAP - 5), 0.8),
  ],
  'button-loop': () => [...withFlap(), disc(M, FLAP + 5, 2.8), loop(M, FLAP, 6.4, 8.6)],
  'toggle-loop': () => [...withFlap(), rect(M - 6, FLAP + 4, 12, 2.6), loop(M, FLAP, 4, 7.4)],
  tab: () => [
    ...withFlap(),
    cloth([p(M - 3.4, FLAP), p(M + 3.4, FLAP), p(M + 3.4, FLAP + 8), p(M - 3.4, FLAP + 8)], 'flap'),
    line('cord', p(M - 5, FLAP + 4), p(M + 5, FLAP + 4), 1.4),
  ],
  zipper: () => [
    ...body(),
    rect(2, 1, W - 4, 3.4, 'lining'),
    ...Array.from({ length: 14 }, (_, tooth) => line('metal', p(3.5 + 2 * tooth, 1.6), p(3.5 + 2 * tooth, 3.8), 0.7)),
    rect(W - 8, 1.6, 4, 2.2),
  ],
  drawstring: () => [
    ...body(),
    ...[1, 7, 13, 22, 28].map((x) => line('cord', p(x, 5), p(x + 4, 5), 1.2)),
    line('cord', p(M - 1, 5), p(M - 5, 14), 1.2),
    line('cord', p(M + 1, 5), p(M + 5, 14), 1.2),
    disc(M, 7.5, 1.6),
  ],
  frame: () => [
    cloth([p(3, 8), p(W - 3, 8), p(W, H), p(0, H)]),
    line('metal', p(3, 13), p(5, 5), 1.8),
    line('metal', p(5, 5), p(W - 5, 5), 1.8),
    line('metal', p(W - 5, 5), p(W - 3, 13), 1.8),
    disc(M - 2, 3, 1.8),
    disc(M + 2, 3, 1.8),
  ],
  'part-sewn': () => [
    ...body(),
    ...[1, 4, 7, W - 8, W - 5, W - 2].map((x) => line('cord', p(x, -0.8), p(x + 1, 2), 0.9)),
  ],
};

/** The front of a small bag that is closed so. */
export const closureIcon = (kind: Closure['kind']): Drawing => ({
  box: { x: 0, y: 0, widthMm: W, heightMm: H },
  shapes: ICONS[kind](),
});
