import { radiusMm, type DiscPiece, type JoinedEdge, type OvalPiece, type Piece } from '@/core/pieces';
import { rowsPlace, sideOf, stitchesAfter } from './rowsPiece';
import type { Point } from './shape';

/** Points on a circle between two of its stitches. */
const ARC_STEPS = 48;

/**
 * The lines along which an edge of a piece is joined, in the piece's own coordinates on paper; the halves of a symmetric edge are
 * lines of their own.
 *
 * @param halfDepthMm half the depth of a bag with boxed corners
 */
export function edgeLines(piece: Piece, { edge, from, to }: JoinedEdge, halfDepthMm: number): Point[][] {
  if (piece.kind !== 'rows') return roundEdge(piece, edge, from, to);
  const place = rowsPlace(piece);
  const { widthMm, lengthMm, y, half } = place;
  const middle = widthMm / 2;
  const side = (fromRow: number, toRow: number, sign: 1 | -1): Point[] =>
    sideOf(place, toRow, fromRow).map((point) => ({ x: middle + sign * point.x, y: y(point.y) }));
  const level = (row: number): Point[] => {
    const halfMm = half(stitchesAfter(piece, row));
    return [
      { x: middle - halfMm, y: y(row * piece.rowMm) },
      { x: middle + halfMm, y: y(row * piece.rowMm) },
    ];
  };
  const rows = piece.rows.length;
  switch (edge) {
    case 'left':
      return [side(0, rows, -1)];
    case 'right':
      return [side(0, rows, 1)];
    case 'start':
      return [level(0)];
    case 'end':
      return [level(rows)];
    case 'both-sides':
    case 'each-side':
      return [side(from ?? 0, to ?? rows, -1), side(from ?? 0, to ?? rows, 1)];
    case 'outline': {
      const bodyRows = piece.zones[0]?.toRow ?? rows;
      return [[...side(0, bodyRows, -1).reverse(), ...side(0, bodyRows, 1)]];
    }
    case 'corners': {
      const fold = piece.lines.find(({ mark }) => mark === 'fold.base');
      const base = y((fold?.afterRow ?? 0) * piece.rowMm);
      const d = Math.min(halfDepthMm, widthMm / 2, lengthMm / 2);
      return ([1, -1] as const).map((sign) => {
        const outer = middle + (sign * widthMm) / 2;
        return [
          { x: outer, y: base - d },
          { x: outer - sign * d, y: base - d },
          { x: outer - sign * d, y: base + d },
          { x: outer, y: base + d },
        ];
      });
    }
    case 'rim':
      return [];
  }
}

function roundEdge(
  piece: DiscPiece | OvalPiece,
  edge: JoinedEdge['edge'],
  from: number | null,
  to: number | null,
): Point[][] {
  const r = radiusMm(piece);
  if (piece.kind === 'half-disc')
    return edge === 'start'
      ? [
          [
            { x: 0, y: r },
            { x: 2 * r, y: r },
          ],
        ]
      : [];
  if (piece.kind === 'oval') {
    const straight = piece.straightStitches * piece.stitchMm;
    const end = (x: number, startRad: number): Point[] =>
      Array.from({ length: ARC_STEPS / 2 + 1 }, (_, step) => {
        const angle = startRad + (Math.PI * step) / (ARC_STEPS / 2);
        return { x: x + r * Math.cos(angle), y: r + r * Math.sin(angle) };
      });
    const right = end(r + straight, -Math.PI / 2);
    return [[...right, ...end(r, Math.PI / 2), right[0] as Point]];
  }
  const all = piece.counts.at(-1) ?? 1;
  const share = ((to ?? all) - (from ?? 0)) / all;
  // What is joined lies below; what is left open, above.
  const startRad = Math.PI / 2 - Math.PI * share;
  return [
    Array.from({ length: ARC_STEPS + 1 }, (_, step) => {
      const angle = startRad + (2 * Math.PI * share * step) / ARC_STEPS;
      return { x: r + r * Math.cos(angle), y: r + r * Math.sin(angle) };
    }),
  ];
}

/** The point halfway along a line. */
export function halfway(line: readonly Point[]): Point {
  const lengths = line.slice(1).map((point, index) => distance(line[index] as Point, point));
  let left = lengths.reduce((sum, length) => sum + length, 0) / 2;
  for (let index = 0; index < lengths.length; index += 1) {
    const length = lengths[index] as number;
    if (left > length) {
      left -= length;
      continue;
    }
    const [a, b] = [line[index] as Point, line[index + 1] as Point];
    const share = length === 0 ? 0 : left / length;
    return { x: a.x + share * (b.x - a.x), y: a.y + share * (b.y - a.y) };
  }
  return line[0] ?? { x: 0, y: 0 };
}

const distance = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y);
