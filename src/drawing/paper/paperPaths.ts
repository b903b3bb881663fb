import type { Point, Segment, Shape } from '../shape';

/** A run of straight lines on paper, mm. */
export interface PaperPath {
  role: Shape['role'];
  points: Point[];
  closed: boolean;
}

/** An arc is made of chords that lie no further from it than this, mm. */
const CHORD_MM = 0.005;

/**
 * The straight lines that a shape is made of, circles and arcs as many chords: what printers and cutters are given.
 *
 * @example
 * paperPaths({ kind: 'rect', role: 'load', layer: 'cloth', x: 0, y: 0, widthMm: 2, heightMm: 1 })[0].points.length // => 4
 */
export function paperPaths(shape: Shape): PaperPath[] {
  const { role } = shape;
  switch (shape.kind) {
    case 'rect': {
      const { x, y, widthMm, heightMm } = shape;
      const points = [
        { x, y },
        { x: x + widthMm, y },
        { x: x + widthMm, y: y + heightMm },
        { x, y: y + heightMm },
      ];
      return [{ role, points, closed: true }];
    }
    case 'circle':
      return [{ role, points: circle(shape.x, shape.y, shape.radiusMm), closed: true }];
    case 'dots':
      return shape.at.map(({ x, y }) => ({ role, points: circle(x, y, shape.radiusMm), closed: true }));
    case 'lines':
      return Array.from({ length: shape.count }, (_, index) => {
        const y = shape.y + index * shape.stepMm;
        return {
          role,
          points: [
            { x: shape.x, y },
            { x: shape.x + shape.lengthMm, y },
          ],
          closed: false,
        };
      });
    case 'path':
      return runs(shape.segments).map((points) => ({ role, points, closed: shape.closed }));
  }
}

/** Where a path is lifted a new run begins. */
function runs(segments: readonly Segment[]): Point[][] {
  const all: Point[][] = [];
  for (const segment of segments) {
    const to = { x: segment.x, y: segment.y };
    const last = all.at(-1);
    if (segment.to === 'move' || !last) all.push([to]);
    else if (segment.to === 'line') last.push(to);
    else if (segment.to === 'arc') last.push(...arc(last.at(-1) ?? to, segment));
  }
  return all.filter((points) => points.length > 1);
}

function circle(x: number, y: number, radiusMm: number): Point[] {
  const count = Math.max(12, chords(2 * Math.PI, radiusMm));
  return Array.from({ length: count }, (_, index) => {
    const rad = (2 * Math.PI * index) / count;
    return { x: x + radiusMm * Math.cos(rad), y: y + radiusMm * Math.sin(rad) };
  });
}

/** As many chords as keep an arc within what a cutter tells apart. */
const chords = (rad: number, radiusMm: number): number =>
  radiusMm <= CHORD_MM ? 1 : Math.ceil(Math.abs(rad) / (2 * Math.acos(1 - CHORD_MM / radiusMm)));

/** The chords of an arc, from where the path is; without its first point. Source: the SVG 2 recommendation, B.2.4. */
function arc(from: Point, to: Extract<Segment, { to: 'arc' }>): Point[] {
  const [dx, dy] = [(from.x - to.x) / 2, (from.y - to.y) / 2];
  const half = Math.hypot(dx, dy);
  const radius = Math.max(to.radiusMm, half);
  const off = Math.sqrt(Math.max(0, radius ** 2 - half ** 2)) / (half || 1);
  const sign = to.large === to.sweep ? -1 : 1;
  const centre = {
    x: (from.x + to.x) / 2 + sign * off * dy,
    y: (from.y + to.y) / 2 - sign * off * dx,
  };
  const begin = Math.atan2(from.y - centre.y, from.x - centre.x);
  let turn = Math.atan2(to.y - centre.y, to.x - centre.x) - begin;
  if (to.sweep && turn < 0) turn += 2 * Math.PI;
  if (!to.sweep && turn > 0) turn -= 2 * Math.PI;
  const count = Math.max(1, chords(turn, radius));
  return Array.from({ length: count }, (_, index) => {
    if (index === count - 1) return { x: to.x, y: to.y };
    const rad = begin + (turn * (index + 1)) / count;
    return { x: centre.x + radius * Math.cos(rad), y: centre.y + radius * Math.sin(rad) };
  });
}
