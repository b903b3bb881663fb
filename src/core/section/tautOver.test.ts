import { polygonHull } from 'd3-polygon';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tautLengthMm, tautOver } from './tautOver';

const STEPS = 720;

/** The same by another way: the length of the hull of both ends and of many points on every circle, without its base. By d3-polygon. */
function hullLengthMm(from: [number, number], to: [number, number], corners: readonly [number, number][], r: number) {
  const points: [number, number][] = [from, to];
  for (const [x, y] of corners)
    for (let step = 0; step < STEPS; step += 1) {
      const angle = (2 * Math.PI * step) / STEPS;
      points.push([x + r * Math.cos(angle), y + r * Math.sin(angle)]);
    }
  const hull = polygonHull(points) ?? [];
  // The sides of the hull that go from the one end to the other over the top.
  const at = (point: [number, number]) => hull.findIndex(([x, y]) => x === point[0] && y === point[1]);
  const [start, end] = [at(from), at(to)];
  const round = (i: number, step: number) => (i + step + hull.length) % hull.length;
  const way = (step: 1 | -1) => {
    let [length, top, i] = [0, -Infinity, start];
    while (i !== end) {
      const [a, b] = [hull[i] as [number, number], hull[round(i, step)] as [number, number]];
      length += Math.hypot(b[0] - a[0], b[1] - a[1]);
      top = Math.max(top, b[1]);
      i = round(i, step);
    }
    return { length, top };
  };
  const [one, other] = [way(1), way(-1)];
  return one.top > other.top || (one.top === other.top && one.length > other.length) ? one.length : other.length;
}

describe('a line drawn taut', () => {
  it('is straight over nothing, and over what lies below it', () => {
    expect(tautLengthMm(tautOver({ x: 40, y: 0 }, { x: 0, y: 0 }, [], 3))).toBe(40);
    const below = tautOver({ x: 40, y: 0 }, { x: 0, y: 0 }, [{ x: 20, y: -10 }], 3);
    expect(tautLengthMm(below)).toBe(40);
  });

  it('goes round a box: up, across and down, with a quarter circle at both corners', () => {
    // A box from 2 to 38, 30 high, passed at 2: the line runs straight up from 40 and straight down to 0.
    const over = tautOver(
      { x: 40, y: 0 },
      { x: 0, y: 0 },
      [
        { x: 2, y: 30 },
        { x: 38, y: 30 },
      ],
      2,
    );
    expect(tautLengthMm(over)).toBeCloseTo(30 + 36 + 30 + Math.PI * 2, 9);
    expect(over.map(({ kind }) => kind)).toEqual(['line', 'arc', 'line', 'arc', 'line']);
  });

  it('is the hull’s side, as a geometry library finds it', () => {
    const corner = fc.record({
      x: fc.double({ min: 4, max: 56, noNaN: true }),
      y: fc.double({ min: 4, max: 90, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.array(corner, { minLength: 1, maxLength: 7 }),
        fc.double({ min: 0.2, max: 3.9, noNaN: true }),
        (corners, r) => {
          const taut = tautLengthMm(tautOver({ x: 60, y: 0 }, { x: 0, y: 0 }, corners, r));
          const hull = hullLengthMm(
            [60, 0],
            [0, 0],
            corners.map(({ x, y }) => [x, y]),
            r,
          );
          // A circle of many straight sides is a little shorter.
          expect(Math.abs(taut - hull)).toBeLessThan(1e-3 + 4e-5 * hull);
        },
      ),
    );
  });

  it('goes on from where it is, and never turns to the right', () => {
    const corner = fc.record({
      x: fc.double({ min: 4, max: 56, noNaN: true }),
      y: fc.double({ min: 4, max: 90, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(corner, { maxLength: 7 }), (corners) => {
        let at = { x: 60, y: 0 };
        for (const stretch of tautOver({ x: 60, y: 0 }, { x: 0, y: 0 }, corners, 2)) {
          const point = (angle: number) =>
            stretch.kind === 'arc'
              ? { x: stretch.centre.x + 2 * Math.cos(angle), y: stretch.centre.y + 2 * Math.sin(angle) }
              : at;
          const from = stretch.kind === 'line' ? stretch.from : point(stretch.fromRad);
          expect(Math.hypot(from.x - at.x, from.y - at.y)).toBeLessThan(1e-6);
          if (stretch.kind === 'arc') expect(stretch.toRad).toBeGreaterThanOrEqual(stretch.fromRad - 1e-9);
          at = stretch.kind === 'line' ? stretch.to : point(stretch.toRad);
        }
        expect(Math.hypot(at.x, at.y)).toBeLessThan(1e-6);
      }),
    );
  });
});
