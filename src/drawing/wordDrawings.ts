import type { WordId } from '@/core/wording';
import { lineSegments, polyline, type Drawing, type Point, type Role, type Shape } from './shape';

/** All are drawn on a card of one size, mm. */
const WIDE_MM = 44;
const HIGH_MM = 30;

const path = (role: Role, points: readonly (readonly [number, number])[], closed = false): Shape => ({
  ...{ kind: 'path', role, layer: 'cloth', closed },
  segments: polyline(points.map(([x, y]): Point => ({ x, y }))),
});
const line = (role: Role, x1: number, y1: number, x2: number, y2: number): Shape => ({
  ...{ kind: 'path', role, layer: 'folds', closed: false },
  segments: lineSegments({ x: x1, y: y1 }, { x: x2, y: y2 }),
});
const rect = (role: Role, x: number, y: number, widthMm: number, heightMm: number): Shape => ({
  ...{ kind: 'rect', role, layer: 'cloth', x, y, widthMm, heightMm },
});
const spot = (role: Role, x: number, y: number, radiusMm: number): Shape => ({
  ...{ kind: 'circle', role, layer: 'hardware', x, y, radiusMm },
});
/** A measure with a tick at each end. */
const measure = (x1: number, y1: number, x2: number, y2: number): Shape[] => {
  const [dx, dy] = y1 === y2 ? [0, 1.2] : [1.2, 0];
  return [
    line('dimension', x1, y1, x2, y2),
    line('tick', x1 - dx, y1 - dy, x1 + dx, y1 + dy),
    line('tick', x2 - dx, y2 - dy, x2 + dx, y2 + dy),
  ];
};

/** The bag from the side: front at the left, back at the right, and over the top to the flap. */
const FROM_THE_SIDE = path('outline', [
  [16, 8],
  [16, 26],
  [30, 26],
  [30, 6],
  [13, 6],
  [13, 18],
]);
const FRONT = rect('cloth', 8, 8, 26, 19);
const FLAP = path(
  'flap',
  [
    [8, 8],
    [34, 8],
    [34, 18],
    [8, 18],
  ],
  true,
);
const stitchRow = (y: number, from = 4, count = 9): Shape[] =>
  Array.from({ length: count }, (_, index) =>
    path('symbol', [
      [from + index * 4, y],
      [from + 1.5 + index * 4, y + 5],
      [from + 3 + index * 4, y],
    ]),
  );

const SHAPES: Record<WordId, readonly Shape[]> = {
  bridge: [FROM_THE_SIDE, ...measure(13, 3, 30, 3)],
  drop: [FRONT, FLAP, ...measure(38, 8, 38, 18)],
  mate: [
    FRONT,
    path(
      'flap',
      [
        [8, 8],
        [34, 8],
        [34, 3],
        [8, 3],
      ],
      true,
    ),
    spot('metal', 21, 5.5, 1.6),
    spot('metal', 21, 17, 1.6),
  ],
  foot: [
    FRONT,
    path('symbol', [
      [11, 12],
      [11, 2],
      [31, 2],
      [31, 12],
    ]),
    rect('foot', 9.5, 8, 3, 5),
    rect('foot', 29.5, 8, 3, 5),
  ],
  'public-side': [
    rect('cloth', 4, 5, 17, 20),
    spot('bump', 8, 11, 1.6),
    spot('bump', 16, 11, 1.6),
    spot('bump', 12, 19, 1.6),
    rect('cloth', 25, 5, 15, 20),
  ],
  slack: [
    path('outline', [
      [4, 8],
      [10, 12],
      [16, 8],
      [22, 12],
      [28, 8],
    ]),
    ...measure(4, 4, 28, 4),
    line('outline', 4, 20, 40, 20),
    ...measure(4, 25, 40, 25),
  ],
  ease: [
    rect('inside', 6, 5, 32, 20),
    rect('thing', 11, 9, 22, 12),
    ...measure(6, 15, 11, 15),
    ...measure(33, 15, 38, 15),
  ],
  inset: [FRONT, spot('metal', 21, 20, 1.8), ...measure(21, 20, 21, 27)],
  'take-up': [
    rect('cloth', 4, 5, 16, 20),
    rect('cloth', 24, 5, 16, 20),
    line('seam', 20, 5, 20, 25),
    line('seam', 24, 5, 24, 25),
    ...measure(18, 28, 20, 28),
    ...measure(24, 28, 26, 28),
  ],
  gusset: [
    path(
      'cloth',
      [
        [6, 12],
        [24, 12],
        [24, 27],
        [6, 27],
      ],
      true,
    ),
    path(
      'flap',
      [
        [24, 12],
        [33, 6],
        [33, 21],
        [24, 27],
      ],
      true,
    ),
    ...measure(27, 28, 36, 22),
  ],
  repeat: [...stitchRow(8), ...stitchRow(17), rect('load', 12, 25, 8, 1.5), rect('load', 20, 25, 8, 1.5)],
  'turning-chain': [
    ...stitchRow(12, 10, 7),
    path(
      'symbol',
      [
        [6, 18],
        [4.6, 14],
        [6, 10],
        [7.4, 14],
      ],
      true,
    ),
  ],
};

/**
 * The small drawing that goes with a word of the trade.
 *
 * @example
 * wordDrawing('bridge').box.widthMm // => 44
 */
export const wordDrawing = (id: WordId): Drawing => ({
  box: { x: 0, y: 0, widthMm: WIDE_MM, heightMm: HIGH_MM },
  shapes: [...SHAPES[id]],
});
