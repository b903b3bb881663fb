import { increaseGroups, radiusMm, type DiscPiece, type OvalPiece } from '@/core/pieces';
import type { Drawing, Point, Segment, Shape } from './shape';

/** Above so many, increases are not marked one by one. */
const MOST_MARKED = 900;

/** A disc, half a disc, or an oval, flat and to scale: its rounds, and where it grows. */
export function roundPieceDrawing(piece: DiscPiece | OvalPiece): Drawing {
  const radius = radiusMm(piece);
  const straight = piece.kind === 'oval' ? piece.straightStitches * piece.stitchMm : 0;
  const widthMm = 2 * radius + straight;
  const heightMm = piece.kind === 'half-disc' ? radius : 2 * radius;
  const outline = (r: number): Segment[] => outlineSegments(piece, radius, straight, r);
  const round = (role: 'row' | 'rowPublic', first: number): Shape => ({
    kind: 'path',
    role,
    layer: 'rows',
    closed: false,
    segments: Array.from({ length: Math.max(0, Math.ceil((piece.counts.length - first) / 2)) }, (_, index) =>
      outline((first + 2 * index) * piece.rowMm),
    ).flat(),
  });
  const marks = increaseMarks(piece, radius, straight);
  return {
    box: { x: 0, y: 0, widthMm, heightMm },
    shapes: [
      { kind: 'path', role: 'cloth', layer: 'cloth', closed: true, segments: outline(radius) },
      round('rowPublic', 1),
      round('row', 2),
      ...(straight > 0
        ? [
            {
              kind: 'path',
              role: 'fold',
              layer: 'folds',
              mark: 'base.chain',
              closed: false,
              segments: [
                { to: 'move', x: radius, y: radius },
                { to: 'line', x: radius + straight, y: radius },
              ],
            } satisfies Shape,
          ]
        : []),
      ...(marks.length > 0
        ? [{ kind: 'dots', role: 'bump', layer: 'rows', at: marks, radiusMm: 0.22 * piece.rowMm } satisfies Shape]
        : []),
      {
        kind: 'path',
        role: 'edge',
        layer: 'folds',
        mark: `rim.${piece.id}`,
        closed: piece.kind !== 'half-disc',
        segments: outline(radius),
      },
    ],
  };
}

/** A round at a distance from the middle, or from the chain, as a path. */
export function outlineSegments(piece: DiscPiece | OvalPiece, radius: number, straight: number, r: number): Segment[] {
  const arc = (x: number, y: number): Segment => ({ to: 'arc', radiusMm: r, sweep: true, large: false, x, y });
  if (piece.kind === 'half-disc')
    return [{ to: 'move', x: radius - r, y: radius }, arc(radius, radius - r), arc(radius + r, radius)];
  const right = radius + straight;
  return [
    { to: 'move', x: radius, y: radius - r },
    { to: 'line', x: right, y: radius - r },
    arc(right + r, radius),
    arc(right, radius + r),
    { to: 'line', x: radius, y: radius + r },
    arc(radius - r, radius),
    arc(radius, radius - r),
  ];
}

/** Where stitches are added, round by round, as they are spread. */
function increaseMarks(piece: DiscPiece | OvalPiece, radius: number, straight: number): Point[] {
  const marks: Point[] = [];
  for (let round = 2; round <= piece.counts.length; round += 1) {
    const below = piece.counts[round - 2] as number;
    const more = (piece.counts[round - 1] as number) - below;
    if (more <= 0 || marks.length + more > MOST_MARKED) continue;
    const r = (round - 0.5) * piece.rowMm;
    if (piece.kind === 'oval') {
      const perEnd = increasePlaces(below / 2 - piece.straightStitches, more / 2, round, piece.school);
      for (const share of perEnd) {
        const angle = Math.PI * share - Math.PI / 2;
        marks.push({ x: radius + straight + r * Math.cos(angle), y: radius + r * Math.sin(angle) });
        marks.push({ x: radius - r * Math.cos(angle), y: radius - r * Math.sin(angle) });
      }
      continue;
    }
    const turn = piece.kind === 'half-disc' ? Math.PI : 2 * Math.PI;
    for (const share of increasePlaces(below, more, round, piece.school)) {
      const angle = turn * share - (piece.kind === 'half-disc' ? Math.PI : Math.PI / 2);
      marks.push({ x: radius + r * Math.cos(angle), y: radius + r * Math.sin(angle) });
    }
  }
  return marks;
}

/** Where on an arc the increases lie, as shares of it. */
function increasePlaces(below: number, more: number, round: number, school: DiscPiece['school']): number[] {
  if (below < 1 || more < 1 || more > below) return [];
  let at = 0;
  return increaseGroups(below, more, round, school).map(({ before, after }) => {
    const place = (at + before + 0.5) / below;
    at += before + 1 + after;
    return place;
  });
}
