import { Polygon, BooleanOperations, Relations } from '@flatten-js/core';
import { Clipper, EndType, JoinType, type Path64 } from 'clipper2-ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  commonArea,
  cutLine,
  movedRing,
  offsetRing,
  rectangle,
  ringArea,
  ringBounds,
  ringLength,
  roundedBelow,
  stadiumRing,
  type Ring,
} from '.';

const size = fc.double({ min: 30, max: 400, noNaN: true });
const by = fc.double({ min: 1, max: 30, noNaN: true });
/** Convex outlines of pieces that linings are cut to. */
const convex = fc.oneof(
  fc.tuple(size, size).map(([w, h]) => rectangle(w, h)),
  fc.tuple(size, size, fc.double({ min: 0, max: 60, noNaN: true })).map(([w, h, r]) => roundedBelow(w, h, r)),
  fc.tuple(size, size).map(([w, h]) => stadiumRing(Math.max(w, h), Math.min(w, h))),
);
const polygonOf = (ring: Ring) => new Polygon(ring.map(([x, y]) => [x, y] as [number, number]));

describe('an outline that is moved out', () => {
  // Geometry: a convex outline of area A and girth P, moved out by d with round corners, has A + P·d + π·d² and P + 2π·d (Steiner).
  it('with round corners has the area and the girth of Steiner’s formula', () => {
    fc.assert(
      fc.property(convex, by, (ring, mm) => {
        const moved = offsetRing(ring, mm, 'round');
        if (!moved) throw new Error('nothing left');
        const area = ringArea(ring) + ringLength(ring) * mm + Math.PI * mm ** 2;
        expect(Math.abs(ringArea(moved) / area - 1)).toBeLessThan(0.004);
        expect(Math.abs(ringLength(moved) / (ringLength(ring) + 2 * Math.PI * mm) - 1)).toBeLessThan(0.01);
      }),
      { numRuns: 60 },
    );
  });

  it('keeps every corner where it is mitred: a rectangle is larger by as much on all sides', () => {
    fc.assert(
      fc.property(size, size, by, (w, h, mm) => {
        const moved = offsetRing(rectangle(w, h), mm, 'mitred');
        const { widthMm, heightMm } = ringBounds(moved ?? []);
        expect(widthMm).toBeCloseTo(w + 2 * mm, 2);
        expect(heightMm).toBeCloseTo(h + 2 * mm, 2);
        expect(moved).toHaveLength(4);
      }),
    );
  });

  it('and in again is what it was; moved in by more than there is of it, nothing is left', () => {
    fc.assert(
      fc.property(convex, by, (ring, mm) => {
        const back = offsetRing(offsetRing(ring, mm, 'mitred') ?? [], -mm, 'mitred');
        expect(Math.abs(ringArea(back ?? []) / ringArea(ring) - 1)).toBeLessThan(0.002);
        const { widthMm, heightMm } = ringBounds(ring);
        expect(offsetRing(ring, -Math.min(widthMm, heightMm) / 2 - 1, 'mitred')).toBeNull();
      }),
      { numRuns: 40 },
    );
  });
});

/** Outlines with hollows: scallops, stars and notches, some so narrow that they close when moved. */
const hollow = fc
  .array(fc.tuple(fc.double({ min: 20, max: 160, noNaN: true }), fc.double({ min: 0.2, max: 1, noNaN: true })), {
    minLength: 5,
    maxLength: 60,
  })
  .map((corners): Ring => {
    const whole = corners.reduce((sum, [, share]) => sum + share, 0);
    let turned = 0;
    return corners.map(([reach, share]) => {
      turned += (2 * Math.PI * share) / whole;
      return [reach * Math.cos(turned), reach * Math.sin(turned)] as const;
    });
  });

describe('an outline with hollows', () => {
  it('is moved as the library’s own offset moves it, out and in', () => {
    const per = 1000;
    const pathOf = (ring: Ring) => ring.map(([x, y]) => ({ x: Math.round(x * per), y: Math.round(y * per) })) as Path64;
    let compared = 0;
    fc.assert(
      fc.property(hollow, fc.double({ min: -12, max: 30, noNaN: true }), (ring, mm) => {
        fc.pre(Math.abs(mm) > 0.5 && ringArea(ring) > 0);
        const paths = Clipper.inflatePaths([pathOf(ring)], mm * per, JoinType.Miter, EndType.Polygon, 3, 20);
        const areas = paths.map((path) => Math.abs(Clipper.area(path)) / per ** 2);
        const most = Math.max(0, ...areas);
        // Where two islands are as large as each other, either may be given.
        fc.pre(areas.filter((area) => area > 0.98 * most).length <= 1);
        const moved = offsetRing(ring, mm, 'mitred');
        const area = moved ? ringArea(moved) : 0;
        expect(Math.abs(area - most)).toBeLessThan(1 + 0.0005 * most);
        compared += 1;
      }),
      { numRuns: 400 },
    );
    expect(compared).toBeGreaterThan(200);
  });
});

describe('what two outlines have in common', () => {
  it('is as large as another library of polygons says', () => {
    fc.assert(
      fc.property(
        convex,
        convex,
        fc.integer({ min: -150, max: 150 }),
        fc.integer({ min: -150, max: 150 }),
        (a, b, x, y) => {
          const moved = movedRing(b, x + 0.37, y + 0.73);
          const [one, other] = [polygonOf(a), polygonOf(moved)];
          const common = Relations.disjoint(one, other) ? 0 : Math.abs(BooleanOperations.intersect(one, other).area());
          expect(Math.abs(commonArea(a, moved) - common)).toBeLessThan(Math.max(0.5, 0.002 * common));
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('a cut line', () => {
  it('has the seam allowance at its seams and the hem at its edge, mirrored so that its sides fall on those of the piece', () => {
    fc.assert(
      fc.property(
        size,
        size,
        fc.double({ min: 3, max: 15, noNaN: true }),
        fc.double({ min: 5, max: 25, noNaN: true }),
        (w, h, seamMm, hemMm) => {
          const seam = rectangle(w, h);
          const cut = cutLine(seam, { seamMm, hemMm, hemAt: 'top' });
          const { widthMm, heightMm, lowMm, highMm } = ringBounds(cut);
          expect(widthMm).toBeCloseTo(w + 2 * seamMm, 2);
          expect(heightMm).toBeCloseTo(h + seamMm + hemMm, 2);
          expect(lowMm).toBeCloseTo(-seamMm, 2);
          expect(highMm).toBeCloseTo(h + hemMm, 2);
          const both = ringBounds(cutLine(seam, { seamMm, hemMm, hemAt: 'both' }));
          expect(both.heightMm).toBeCloseTo(h + 2 * hemMm, 2);
        },
      ),
    );
  });

  it('of sides that slope turns in a hem that slopes the other way', () => {
    const seam: Ring = [
      [-30, 0],
      [30, 0],
      [60, 100],
      [-60, 100],
    ];
    const cut = cutLine(seam, { seamMm: 8, hemMm: 20, hemAt: 'top' });
    const at = (y: number) => {
      const xs = cut.flatMap(([x, up], index) => {
        const [nextX, nextUp] = cut[(index + 1) % cut.length] as readonly [number, number];
        return (up - y) * (nextUp - y) < 0 ? [x + ((y - up) / (nextUp - up)) * (nextX - x)] : [];
      });
      return Math.max(...xs) - Math.min(...xs);
    };
    // As wide so far above the fold of the hem as below it.
    for (const mm of [2, 7, 12, 18]) expect(at(100 + mm)).toBeCloseTo(at(100 - mm), 1);
  });

  it('of an edge without a hem ends there, and without any allowance is the piece itself', () => {
    const seam = rectangle(80, 50);
    expect(ringBounds(cutLine(seam, { seamMm: 10, hemMm: 0, hemAt: 'top' })).highMm).toBeCloseTo(50, 3);
    expect(cutLine(seam, { seamMm: 0, hemMm: 0, hemAt: 'none' })).toBe(seam);
  });
});
