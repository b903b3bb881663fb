import type { TrimKind } from '@/core/design';
import { ICON_MM, cloth, front, p } from './iconShapes';
import { lineSegments, polyline, type Drawing, type Point, type Shape } from './shape';

/** A trim is chosen by a piece of a front with one on it, mm. */
const { wide: W, high: H, middle: M } = ICON_MM;

const cord = (points: readonly Point[], strokeMm = 1): Shape => ({
  kind: 'path',
  role: 'cord',
  layer: 'hardware',
  closed: false,
  segments: polyline(points),
  strokeMm,
});
const line = (x1: number, y1: number, x2: number, y2: number, strokeMm = 1): Shape => ({
  kind: 'path',
  role: 'cord',
  layer: 'hardware',
  closed: false,
  segments: lineSegments(p(x1, y1), p(x2, y2)),
  strokeMm,
});

/** A petal of a flower: out to its tip and back, its sides bent. */
const petal = (turn: number): Shape => {
  const at = (radius: number, by: number) => p(M + radius * Math.cos(turn + by), H / 2 + radius * Math.sin(turn + by));
  return cord([at(2, 0), at(6, 0.35), at(9, 0.12), at(9, -0.12), at(6, -0.35), at(2, 0)], 0.9);
};

const ICONS: Readonly<Record<TrimKind, () => Shape[]>> = {
  tassel: () => [
    line(M, 2, M, 6),
    line(M - 2.2, 9, M + 2.2, 9, 1.4),
    ...[-3, -1.5, 0, 1.5, 3].map((x) => line(M + x / 3, 6, M + x, 22)),
  ],
  flower: () => Array.from({ length: 6 }, (_, index) => petal((index * Math.PI) / 3)),
  pompon: () =>
    Array.from({ length: 20 }, (_, index) => {
      const turn = (index * Math.PI) / 10;
      return line(M, H / 2, M + 9 * Math.cos(turn), H / 2 + 9 * Math.sin(turn), 0.8);
    }),
  bow: () => [
    cord(
      [
        p(M, H / 2 - 2),
        p(M - 11, H / 2 - 7),
        p(M - 11, H / 2 + 7),
        p(M, H / 2 + 2),
        p(M + 11, H / 2 + 7),
        p(M + 11, H / 2 - 7),
        p(M, H / 2 - 2),
      ],
      1.2,
    ),
    line(M, H / 2 - 3, M, H / 2 + 3, 2.4),
  ],
  patch: () => [
    { kind: 'rect', role: 'lining', layer: 'hardware', x: M - 9, y: H / 2 - 4.5, widthMm: 18, heightMm: 9 },
    line(M - 6, H / 2 - 1, M + 6, H / 2 - 1, 0.7),
    line(M - 6, H / 2 + 1.6, M + 3, H / 2 + 1.6, 0.7),
  ],
  charm: () => [
    { kind: 'circle', role: 'metal', layer: 'hardware', x: M, y: 7, radiusMm: 1.6 },
    cord([p(M, 9), p(M + 4, 13), p(M, 20), p(M - 4, 13), p(M, 9)], 1),
  ],
  'surface-line': () =>
    [-7, 0, 7].flatMap((x) =>
      [4, 8, 12, 16, 20].map((y) =>
        cord([p(M + x - 1, y), p(M + x, y + 3), p(M + x + 1, y), p(M + x, y + 0.6), p(M + x - 1, y)], 0.8),
      ),
    ),
  beads: () => [
    line(0, 12, W, 12, 0.8),
    ...[3, 7, 11, 15, 19, 23, 27, 31].map((x): Shape => ({
      kind: 'circle',
      role: 'metal',
      layer: 'hardware',
      x,
      y: 12,
      radiusMm: 1.5,
    })),
  ],
  fringe: () =>
    [2, 6, 10, 14, 18, 22, 26, 30].flatMap((x) => [line(x, 12, x - 0.8, 24, 0.8), line(x + 1, 12, x + 1.8, 24, 0.8)]),
  frill: () =>
    Array.from({ length: 8 }, (_, index) =>
      cord(
        Array.from({ length: 9 }, (__, step) => {
          const turn = Math.PI + (Math.PI * step) / 8;
          return p(3 + 4 * index + 2.2 * Math.cos(turn), 9 + 5 * Math.sin(turn));
        }),
        0.9,
      ),
    ),
};

/** A front that ends so far down: what stands on its edge is seen. */
const below = (y: number): Shape => cloth([p(0, y), p(W, y), p(W, H), p(0, H)]);

/** A piece of a front with a trim on it; what runs along an edge hangs from one, or stands on it. */
export const trimIcon = (kind: TrimKind): Drawing => ({
  box: { x: 0, y: 0, widthMm: W, heightMm: H },
  shapes: [kind === 'frill' ? below(9) : kind === 'beads' ? below(12) : front(), ...ICONS[kind]()],
});
