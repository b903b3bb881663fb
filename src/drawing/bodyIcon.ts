import type { BodyKind } from '@/core/design';
import { cloth, p } from './iconShapes';
import { lineSegments, type Drawing, type Point, type Shape } from './shape';

/** The icons are drawn as bags stand, a little from the side and above, mm. */
const W = 30;
const H = 24;
/** How far the side recedes on paper. */
const DX = 8;
const DY = 5;

const thread = (...lines: [Point, Point][]): Shape => ({
  kind: 'path',
  role: 'rowPublic',
  layer: 'rows',
  closed: false,
  segments: lines.flatMap(([from, to]) => lineSegments(from, to)),
});

/** Lines across a face, as rows lie. */
const rows = (x: number, y: number, wide: number, high: number, count: number): Shape =>
  thread(
    ...Array.from({ length: count }, (_, row): [Point, Point] => {
      const at = y + (high * (row + 1)) / (count + 1);
      return [p(x, at), p(x + wide, at)];
    }),
  );

const arc = (x: number, y: number, radiusMm: number, sweep = true) =>
  ({ to: 'arc', radiusMm, sweep, large: false, x, y }) as const;

const box = { x: 0, y: 0, widthMm: W + DX, heightMm: H + DY };

/** A small drawing of each construction, to choose it by: how it stands, and which way its rows or rounds run. */
const ICONS: Record<BodyKind, () => Drawing> = {
  'fold-over-strip': () => ({
    box,
    shapes: [
      cloth([p(DX / 2, DY), p(DX / 2 + W, DY), p(DX / 2 + W, DY + H), p(DX / 2, DY + H)]),
      rows(DX / 2, DY, W, H, 5),
      cloth([p(DX / 2, DY), p(DX / 2 + W, DY), p(DX / 2 + W, DY + 11), p(DX / 2, DY + 11)], 'flap'),
    ],
  }),
  'boxed-corners': () => ({
    box,
    shapes: [
      cloth([p(W, DY), p(W + DX, 0), p(W + DX, H), p(W, H + DY)]),
      cloth([p(0, DY), p(W, DY), p(W, H + DY), p(0, H + DY)]),
      rows(0, DY, W, H, 5),
      cloth([p(0, DY), p(DX, 0), p(W + DX, 0), p(W, DY)], 'flap'),
      {
        kind: 'path',
        role: 'seam',
        layer: 'seams',
        closed: false,
        segments: lineSegments(p(W, H + DY), p(W + DX, H)),
      },
    ],
  }),
  'side-bands': () => ({
    box,
    shapes: [
      cloth([p(W, DY), p(W + DX, 0), p(W + DX, H), p(W, H + DY)], 'flap'),
      thread(...[0, 1, 2, 3, 4].map((row): [Point, Point] => [p(W, DY + 4 + 4.4 * row), p(W + DX, 4 + 4.4 * row)])),
      cloth([p(0, DY), p(W, DY), p(W, H + DY), p(0, H + DY)]),
      rows(0, DY, W, H, 5),
      cloth([p(0, DY), p(DX, 0), p(W + DX, 0), p(W, DY)]),
      rows(0, DY, W, 11, 2),
    ],
  }),
  gusset: () => ({
    box,
    shapes: [
      {
        kind: 'path',
        role: 'flap',
        layer: 'cloth',
        closed: true,
        segments: [
          { to: 'move', x: W, y: DY },
          { to: 'line', x: W + DX, y: 0 },
          { to: 'line', x: W + DX, y: H - 6 },
          arc(W + DX - 6, H, 6),
          { to: 'line', x: W - 6, y: H + DY },
        ],
      },
      {
        kind: 'path',
        role: 'cloth',
        layer: 'cloth',
        closed: true,
        segments: [
          { to: 'move', x: 0, y: DY },
          { to: 'line', x: W, y: DY },
          { to: 'line', x: W, y: H + DY - 6 },
          arc(W - 6, H + DY, 6),
          { to: 'line', x: 6, y: H + DY },
          arc(0, H + DY - 6, 6),
        ],
      },
      rows(0, DY, W, H - 6, 4),
      thread([p(W + 2, DY + 3), p(W + DX, 3)], [p(W + 2, DY + 9), p(W + DX, 9)], [p(W + 1.5, DY + 15), p(W + DX, 15)]),
    ],
  }),
  'round-purse': () => {
    const r = (H + DY) / 2 - 1;
    const [cx, cy] = [r + 2, r + 1];
    const round = (radius: number, role: 'cloth' | 'rowPublic' | 'flap', x = cx): Shape => ({
      kind: 'circle',
      role,
      layer: role === 'rowPublic' ? 'rows' : 'cloth',
      x,
      y: cy,
      radiusMm: radius,
    });
    return {
      box,
      shapes: [
        round(r, 'flap', cx + DX),
        cloth([p(cx, cy - r), p(cx + DX, cy - r), p(cx + DX, cy + r), p(cx, cy + r)]),
        round(r, 'cloth'),
        ...[0.25, 0.5, 0.75].map((share) => round(r * share, 'rowPublic')),
      ],
    };
  },
  'around-chain': () => ({
    box,
    shapes: [
      {
        kind: 'path',
        role: 'cloth',
        layer: 'cloth',
        closed: true,
        segments: [
          { to: 'move', x: 2, y: DY },
          { to: 'line', x: 2, y: H + DY - 2 },
          arc(4, H + DY, 2, false),
          { to: 'line', x: W + 4, y: H + DY },
          arc(W + 6, H + DY - 2, 2, false),
          { to: 'line', x: W + 6, y: DY },
        ],
      },
      rows(2, DY, W + 4, H, 5),
      {
        kind: 'path',
        role: 'flap',
        layer: 'cloth',
        closed: true,
        segments: [
          { to: 'move', x: 2, y: DY },
          { to: 'arc', radiusMm: 40, sweep: true, large: false, x: W + 6, y: DY },
          { to: 'arc', radiusMm: 40, sweep: true, large: false, x: 2, y: DY },
        ],
      },
    ],
  }),
  'oval-base': () => ({
    box,
    shapes: [
      {
        kind: 'path',
        role: 'cloth',
        layer: 'cloth',
        closed: true,
        segments: [
          { to: 'move', x: 1, y: DY + 1 },
          { to: 'line', x: 1, y: H - 1 },
          { to: 'arc', radiusMm: 30, sweep: false, large: false, x: W + DX - 1, y: H - 1 },
          { to: 'line', x: W + DX - 1, y: DY + 1 },
        ],
      },
      ...[0, 1, 2, 3].map((row): Shape => ({
        kind: 'path',
        role: 'rowPublic',
        layer: 'rows',
        closed: false,
        segments: [
          { to: 'move', x: 1, y: DY + 2 + 4.4 * row },
          { to: 'arc', radiusMm: 30, sweep: false, large: false, x: W + DX - 1, y: DY + 2 + 4.4 * row },
        ],
      })),
      {
        kind: 'path',
        role: 'flap',
        layer: 'cloth',
        closed: true,
        segments: [
          { to: 'move', x: 1, y: DY + 1 },
          { to: 'arc', radiusMm: 30, sweep: true, large: false, x: W + DX - 1, y: DY + 1 },
          { to: 'arc', radiusMm: 30, sweep: true, large: false, x: 1, y: DY + 1 },
        ],
      },
    ],
  }),
};

/** A small bag of a construction. */
export const bodyIcon = (kind: BodyKind): Drawing => ICONS[kind]();
