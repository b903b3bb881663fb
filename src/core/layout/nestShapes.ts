import { ringBounds, type Ring, type RingPoint } from '@/core/cutting';
import { crossing, isWithin, noFitRing } from './convex';
import { hullOf } from './hullOf';
import type { ClothSheet, LaidPiece, LayoutPiece } from './layoutTypes';
import { turnedRing } from './turned';

const DUST_MM = 1e-6;

interface Shape {
  hull: Ring;
  wideMm: number;
  longMm: number;
}

/**
 * Pieces laid by their true outlines in an order, each as near to the beginning of the cloth as it goes, then as far left: at a corner of where it must not
 * be, or where two such outlines, or one and the cloth's edge, cross. What has a hollow is taken with it filled.
 *
 * Source: bottom-left placement over no-fit polygons, after Art (1966).
 *
 * @returns null where it would be longer than `bestMm`
 */
export function* nestInOrder(
  pieces: readonly LayoutPiece[],
  order: readonly number[],
  { widthMm, betweenMm, repeatMm }: ClothSheet,
  bestMm: number,
): Generator<number, { laid: LaidPiece[]; lengthMm: number } | null> {
  const known = new Map<string, Shape>();
  const shapeOf = (piece: number, turn: LayoutPiece['turns'][number]): Shape => {
    const key = `${piece} ${turn}`;
    const found = known.get(key);
    if (found) return found;
    const ring = turnedRing((pieces[piece] as LayoutPiece).ring, turn);
    const { widthMm: wideMm, heightMm: longMm } = ringBounds(ring);
    const made = { hull: hullOf(ring, betweenMm), wideMm, longMm };
    known.set(key, made);
    return made;
  };
  const laid: (LaidPiece & { shape: Shape })[] = [];
  let lengthMm = 0;
  for (const [done, piece] of order.entries()) {
    let best: (LaidPiece & { shape: Shape }) | null = null;
    for (const turn of (pieces[piece] as LayoutPiece).turns) {
      const shape = shapeOf(piece, turn);
      if (shape.wideMm > widthMm + DUST_MM) continue;
      const { atFold } = pieces[piece] as LayoutPiece;
      const at = lowestPlace(shape, laid, atFold ? shape.wideMm : widthMm, repeatMm);
      const top = at.yMm + shape.longMm;
      const bestTop = best ? best.yMm + best.shape.longMm : Infinity;
      if (top < bestTop - DUST_MM || (top < bestTop + DUST_MM && best && at.xMm < best.xMm))
        best = { piece, turn, ...at, remnant: null, shape };
    }
    if (!best) continue;
    lengthMm = Math.max(lengthMm, best.yMm + best.shape.longMm);
    if (lengthMm >= bestMm - DUST_MM) return null;
    laid.push(best);
    yield (done + 1) / order.length;
  }
  return { laid: laid.map(({ piece, turn, xMm, yMm, remnant }) => ({ piece, turn, xMm, yMm, remnant })), lengthMm };
}

function lowestPlace(
  shape: Shape,
  laid: readonly (LaidPiece & { shape: Shape })[],
  widthMm: number,
  repeatMm: number | null,
): { xMm: number; yMm: number } {
  const mostX = Math.max(0, widthMm - shape.wideMm);
  const barred = laid.map(({ xMm, yMm, shape: { hull } }) =>
    noFitRing(hull, shape.hull).map(([x, y]): RingPoint => [x + xMm, y + yMm]),
  );
  const boxes = barred.map(ringBounds);
  const candidates: RingPoint[] = [
    [0, 0],
    [mostX, 0],
  ];
  const take = (x: number, y: number) => {
    if (x < -DUST_MM || x > mostX + DUST_MM || y < -DUST_MM) return;
    const along = repeatMm === null ? Math.max(0, y) : Math.ceil(Math.max(0, y) / repeatMm - 1e-9) * repeatMm;
    candidates.push([Math.max(0, Math.min(mostX, x)), along]);
  };
  const edges: [RingPoint, RingPoint][] = [
    [
      [0, -1],
      [0, 1e6],
    ],
    [
      [mostX, -1],
      [mostX, 1e6],
    ],
    [
      [-1, 0],
      [mostX + 1, 0],
    ],
  ];
  barred.forEach((ring, index) => {
    const sides = sidesOf(ring);
    for (const [a, b] of sides) {
      take(a[0], a[1]);
      for (const [c, d] of edges) {
        const cross = crossing(a, b, c, d);
        if (cross) take(cross[0], cross[1]);
      }
    }
    const own = boxes[index] as (typeof boxes)[number];
    for (let other = 0; other < index; other++) {
      const box = boxes[other] as (typeof boxes)[number];
      if (own.leftMm > box.rightMm || box.leftMm > own.rightMm || own.lowMm > box.highMm || box.lowMm > own.highMm)
        continue;
      for (const [c, d] of sidesOf(barred[other] as Ring))
        for (const [a, b] of sides) {
          const cross = crossing(a, b, c, d);
          if (cross) take(cross[0], cross[1]);
        }
    }
  });
  candidates.sort((a, b) => a[1] - b[1] || a[0] - b[0]);
  const free = candidates.find(([x, y]) =>
    barred.every((ring, index) => {
      const box = boxes[index] as (typeof boxes)[number];
      return x <= box.leftMm || x >= box.rightMm || y <= box.lowMm || y >= box.highMm || !isWithin(ring, x, y);
    }),
  );
  if (free) return { xMm: free[0], yMm: free[1] };
  // Beyond all that is laid there is always room.
  const beyond = Math.max(0, ...boxes.map(({ highMm }) => highMm));
  return { xMm: 0, yMm: repeatMm === null ? beyond : Math.ceil(beyond / repeatMm) * repeatMm };
}

const sidesOf = (ring: Ring): [RingPoint, RingPoint][] =>
  ring.map((point, index) => [point, ring[(index + 1) % ring.length] as RingPoint]);
