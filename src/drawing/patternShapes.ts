import { ringBounds, type PatternPiece, type PieceMark, type Ring } from '@/core/cutting';
import { lineSegments, polyline, type Shape } from './shape';

/** Where a piece's own nought lies on paper: x to the right, y down. */
interface At {
  x: number;
  y: number;
}

/**
 * A piece of cloth or stiffener as it is cut, sewn and marked: its cut line solid, its finished line dashed, on paper, mm.
 *
 * @param of what it belongs to, for the one selection that all views share
 */
export function patternShapes({ cut, seam, marks, grain }: PatternPiece, at: At, of = 'lining'): Shape[] {
  return [
    ringShape(cut, at, 'load', 'cloth', `${of}.cut`),
    ...(same(cut, seam) ? [] : [ringShape(seam, at, 'press', 'folds', `${of}.press`)]),
    ...marks.flatMap((mark) => markShapes(mark, at)),
    ...(grain === 'up' ? grainShapes(seam, at) : []),
  ];
}

/** A ring on paper; a rectangle as one. */
function ringShape(ring: Ring, { x, y }: At, role: Shape['role'], layer: Shape['layer'], mark?: string): Shape {
  const base = { role, layer, ...(mark === undefined ? {} : { mark }) };
  const { leftMm, highMm, rightMm, lowMm, widthMm, heightMm } = ringBounds(ring);
  const isRectangle =
    ring.length === 4 &&
    ring.every(([across, up]) => (across === leftMm || across === rightMm) && (up === lowMm || up === highMm));
  if (isRectangle) return { kind: 'rect', ...base, x: x + leftMm, y: y - highMm, widthMm, heightMm };
  return {
    kind: 'path',
    ...base,
    closed: true,
    segments: polyline(ring.map(([across, up]) => ({ x: x + across, y: y - up }))),
  };
}

const same = (one: Ring, other: Ring): boolean =>
  one.length === other.length && one.every(([x, y], index) => x === other[index]?.[0] && y === other[index]?.[1]);

function markShapes(mark: PieceMark, { x, y }: At): Shape[] {
  const line = (role: Shape['role'], from: readonly [number, number], to: readonly [number, number]): Shape => ({
    kind: 'path',
    role,
    layer: 'folds',
    closed: false,
    segments: lineSegments({ x: x + from[0], y: y - from[1] }, { x: x + to[0], y: y - to[1] }),
  });
  switch (mark.kind) {
    case 'notch':
      return [line('tick', mark.at, mark.to)];
    case 'fold':
    case 'sew':
      return [line(mark.kind === 'fold' ? 'crease' : 'press', mark.from, mark.to)];
    case 'opening':
      return [line('opening', mark.from, mark.to)];
    case 'spot':
      return [
        {
          kind: 'circle',
          role: 'metal',
          layer: 'hardware',
          x: x + mark.at[0],
          y: y - mark.at[1],
          radiusMm: mark.radiusMm,
        },
      ];
    case 'outline':
      return mark.of === 'crochet'
        ? [ringShape(mark.ring, { x, y }, 'outline', 'cloth', 'panel')]
        : [ringShape(mark.ring, { x, y }, 'crease', 'lining')];
    case 'holes':
      return [
        {
          kind: 'dots',
          role: 'bump',
          layer: 'hardware',
          at: mark.at.map(([across, up]) => ({ x: x + across, y: y - up })),
          radiusMm: 0.9,
        },
      ];
  }
}

/** An arrow with two heads along the grain, within the seams, two fifths as long as the piece. */
function grainShapes(seam: Ring, { x, y }: At): Shape[] {
  const { heightMm, lowMm, leftMm, widthMm } = ringBounds(seam);
  const middle = y - lowMm - heightMm / 2;
  const at = x + leftMm + widthMm * 0.25;
  const half = heightMm / 5;
  const head = Math.min(4, half / 2, widthMm / 12);
  const lines = [
    [
      { x: at, y: middle - half },
      { x: at, y: middle + half },
    ],
    ...([-1, 1] as const).flatMap((way) =>
      ([-1, 1] as const).map((side) => [
        { x: at, y: middle + way * half },
        { x: at + side * head, y: middle + way * (half - head * 1.6) },
      ]),
    ),
  ];
  return [
    {
      kind: 'path',
      role: 'tick',
      layer: 'folds',
      closed: false,
      segments: lines.flatMap(([from, to]) => (from && to ? lineSegments(from, to) : [])),
    },
  ];
}
