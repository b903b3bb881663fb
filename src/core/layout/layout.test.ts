import { polygonHull } from 'd3-polygon';
import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { greaterEq, lessEq, solve } from 'yalps';
import { rectangle, ringArea, ringBounds, stadiumRing, type Ring } from '@/core/cutting';
import { USUAL_POCKETS, applyEdits, usualDropIn, type Design } from '@/core/design';
import { seededRandom } from '@/core/random';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import {
  clothPieces,
  convexHull,
  cuttingLayout,
  layoutFigures,
  layoutBoundMm,
  noFitRing,
  sheetOf,
  turnedRing,
  type ClothSheet,
  type Layout,
  type LayoutPiece,
} from './index';

const cloth = (change: Partial<ClothSheet> = {}): ClothSheet => ({
  widthMm: 1000,
  betweenMm: 0,
  repeatMm: null,
  ...change,
});
const oblong = (wide: number, high: number, turns: LayoutPiece['turns'] = [0, 180]): LayoutPiece => ({
  id: `${wide} by ${high}`,
  name: `${wide} by ${high}`,
  atFold: false,
  ring: rectangle(wide, high),
  turns,
});

function run(pieces: readonly LayoutPiece[], on: ClothSheet, seed = 1): { steps: Layout[]; last: Layout } {
  const search = cuttingLayout(pieces, on, seededRandom(seed));
  const steps: Layout[] = [];
  let step = search.next();
  while (!step.done) {
    steps.push(step.value.best);
    step = search.next();
  }
  return { steps, last: step.value };
}

const placed = (pieces: readonly LayoutPiece[], { laid }: Layout): Ring[] =>
  laid.map(({ piece, turn, xMm, yMm }) =>
    turnedRing(pieces[piece]?.ring ?? [], turn).map(([x, y]) => [x + xMm, y + yMm] as const),
  );

/** How far two convex rings are apart along the direction in which they are furthest, mm; less than nought where they lie on each other. Separating axes. */
function apart(one: Ring, other: Ring): number {
  let most = -Infinity;
  for (const ring of [one, other])
    ring.forEach(([x, y], index) => {
      const [nextX, nextY] = ring[(index + 1) % ring.length] as readonly [number, number];
      const long = Math.hypot(nextX - x, nextY - y);
      if (long < 1e-9) return;
      const [ax, ay] = [(nextY - y) / long, -(nextX - x) / long];
      const along = (points: Ring) => points.map(([px, py]) => px * ax + py * ay);
      const [a, b] = [along(one), along(other)];
      most = Math.max(most, Math.min(...b) - Math.max(...a), Math.min(...a) - Math.max(...b));
    });
  return most;
}

/** That a layout can be cut: on the cloth, no two on each other, as far apart as is wished, no piece lost. */
function expectValid(
  pieces: readonly LayoutPiece[],
  on: ClothSheet,
  layout: Layout,
  leastApartMm = on.betweenMm,
): void {
  const all = [...layout.laid.map(({ piece }) => piece), ...layout.tooWide].sort((a, b) => a - b);
  expect(all).toEqual(pieces.map((_, index) => index));
  const rings = placed(pieces, layout);
  rings.forEach((ring, index) => {
    const { leftMm, rightMm, lowMm, highMm } = ringBounds(ring);
    expect(leftMm).toBeGreaterThanOrEqual(-1e-6);
    expect(rightMm).toBeLessThanOrEqual(on.widthMm + 1e-6);
    expect(lowMm).toBeGreaterThanOrEqual(-1e-6);
    expect(highMm).toBeLessThanOrEqual(layout.lengthMm + 1e-6);
    expect(pieces[layout.laid[index]?.piece ?? -1]?.turns).toContain(layout.laid[index]?.turn);
    for (const other of rings.slice(0, index)) expect(apart(ring, other)).toBeGreaterThanOrEqual(leastApartMm - 1e-4);
  });
}

/** A sheet cut up from edge to edge until there are so many rectangles: laid together again they fill it, so its length is the least there is. */
function cutUp(widthMm: number, lengthMm: number, count: number, random: () => number): LayoutPiece[] {
  const parts: [number, number][] = [[widthMm, lengthMm]];
  while (parts.length < count) {
    parts.sort((a, b) => b[0] * b[1] - a[0] * a[1]);
    const [wide, high] = parts.shift() as [number, number];
    const share = 0.3 + 0.4 * random();
    if (wide > high) parts.push([Math.round(wide * share), high], [wide - Math.round(wide * share), high]);
    else parts.push([wide, Math.round(high * share)], [wide, high - Math.round(high * share)]);
  }
  return parts.map(([wide, high]) => oblong(wide, high));
}

describe('pieces on a length of cloth', () => {
  const size = fc.integer({ min: 20, max: 700 });
  const shape = fc.oneof(
    fc.tuple(size, size).map(([wide, high]) => rectangle(wide, high)),
    fc.tuple(size, size).map(([wide, high]) => stadiumRing(wide, high)),
  );
  const turns = fc.constantFrom<LayoutPiece['turns']>([0], [0, 180], [0, 90, 180, 270]);
  const many = fc.array(
    fc.record({ id: fc.constant('one'), name: fc.constant('one'), ring: shape, turns, atFold: fc.constant(false) }),
    { minLength: 1, maxLength: 9 },
  );

  it('lie on it and beside each other, whenever the search is stopped, and none is lost', () => {
    fc.assert(
      fc.property(
        many,
        fc.integer({ min: 150, max: 1500 }),
        fc.integer({ min: 0, max: 8 }),
        (pieces, widthMm, betweenMm) => {
          const on = cloth({ widthMm, betweenMm });
          const { steps, last } = run(pieces, on);
          // Round outlines are reckoned a hair larger than they are, and their chords lie a hair nearer.
          for (const layout of new Set([...steps.slice(0, 3), last])) expectValid(pieces, on, layout, betweenMm - 0.4);
          expect(last.lengthMm).toBeGreaterThanOrEqual(last.boundMm - 1e-6);
          if (last.isProven && steps[0]) expect(last.lengthMm).toBeLessThanOrEqual(steps[0].lengthMm + 1e-6);
        },
      ),
      { numRuns: 25 },
    );
  });

  test.each([4, 6, 8])(
    '%i rectangles that were cut from one sheet fill it again, and that is known to be the least',
    (count) => {
      for (const seed of [1, 2, 3]) {
        const pieces = cutUp(1000, 600, count, seededRandom(seed));
        const { last } = run(pieces, cloth());
        expectValid(pieces, cloth(), last);
        expect(last.lengthMm).toBeCloseTo(600, 6);
        expect(last.isProven).toBe(true);
      }
    },
  );

  it('thirty that were cut from one sheet are laid on no more than 8 % over it', () => {
    const pieces = cutUp(1400, 900, 30, seededRandom(4));
    const { last } = run(pieces, cloth({ widthMm: 1400 }));
    expectValid(pieces, cloth({ widthMm: 1400 }), last);
    expect(last.lengthMm).toBeLessThan(900 * 1.08);
  });

  it('of a few the length is that which a program for whole numbers finds', () => {
    const random = seededRandom(11);
    for (let at = 0; at < 4; at++) {
      const sizes = Array.from(
        { length: 4 },
        () => [Math.ceil(random() * 60) + 20, Math.ceil(random() * 60) + 20] as const,
      );
      const pieces = sizes.map(([wide, high]) => oblong(wide, high, [0]));
      const { last } = run(pieces, cloth({ widthMm: 110 }));
      expect(last.lengthMm).toBeCloseTo(leastByWholeNumbers(sizes, 110), 4);
    }
  });

  it('by their true outlines need less cloth than by their rectangles', () => {
    const discs = Array.from({ length: 7 }, () => ({
      id: 'disc',
      name: 'disc',
      atFold: false,
      ring: stadiumRing(200, 200),
      turns: [0] as LayoutPiece['turns'],
    }));
    const on = cloth({ widthMm: 520 });
    const { last } = run(discs, on);
    // Rows of two would need four rows, 800 mm; nested, every second row lies between two others.
    expect(last.lengthMm).toBeLessThan(770);
    expectValid(discs, on, last, -0.4);
  });

  it('begin on a whole repeat of a print', () => {
    const pieces = [oblong(300, 110), oblong(400, 70), oblong(500, 95), oblong(600, 40)];
    const on = cloth({ widthMm: 700, repeatMm: 60 });
    const { last } = run(pieces, on);
    expectValid(pieces, on, last);
    for (const { yMm } of last.laid) expect(Math.abs(yMm / 60 - Math.round(yMm / 60))).toBeLessThan(1e-9);
  });

  it('wider than the cloth are told, and all others laid', () => {
    const pieces = [oblong(1200, 300), oblong(400, 300), oblong(1200, 300, [0, 90, 180, 270])];
    const { last } = run(pieces, cloth());
    expect(last.tooWide).toEqual([0]);
    expect(last.laid.map(({ piece, turn }) => [piece, turn % 180])).toEqual(
      expect.arrayContaining([
        [1, 0],
        [2, 90],
      ]),
    );
  });

  it('of nothing need no cloth', () => {
    expect(run([], cloth()).last).toMatchObject({ laid: [], lengthMm: 0, isProven: true });
  });
});

describe('the cloth of a bag', () => {
  const lined = { ...bagOf('gusset'), lining: usualDropIn({ body: { kind: 'gusset' } }) };

  it('takes every piece as often as it is cut, pockets of cloth too, those of vinyl not', () => {
    const bag = { ...lined, pockets: [USUAL_POCKETS.slip, { ...USUAL_POCKETS.vinyl, on: 'front' as const }] };
    const plan = planOf(bag);
    const pieces = clothPieces(plan, bag.cloth);
    // Front and back, the gusset, and one pocket.
    expect(pieces.map(({ name }) => name)).toEqual(['front', 'front', 'gusset', 'pocket']);
    expect(clothPieces(plan, { ...bag.cloth, oneWay: true }).map(({ turns }) => turns)).toEqual(Array(4).fill([0]));
    const { last } = run(pieces, sheetOf(bag.cloth));
    const { length, toBuy, waste } = layoutFigures(last, bag.cloth, 'cm');
    expect(toBuy.value % 50).toBeCloseTo(0, 9);
    expect(toBuy.value - length.value).toBeLessThan(50);
    const area = pieces.reduce((sum, { ring }) => sum + Math.abs(ringArea(ring)), 0);
    expect((1 - waste.value) * length.value * bag.cloth.widthMm).toBeCloseTo(area, 3);
  });

  it('that is too narrow is said, and wider is the way out', () => {
    const narrow: Design = { ...lined, cloth: { ...lined.cloth, widthMm: 200, oneWay: true } };
    const problem = planOf(narrow).problems.find(({ code }) => code === 'cloth-too-narrow');
    const read = applyEdits(narrow, problem?.repairs[0]?.edits ?? []);
    expect(read.ok && planOf(read.design).problems.map(({ code }) => code)).not.toContain('cloth-too-narrow');
    expect(problem).toBeDefined();
  });

  it('whose print does not repeat once on what is at hand can’t match', () => {
    const printed: Design = { ...lined, cloth: { ...lined.cloth, repeatMm: 640, haveMm: 500 } };
    expect(planOf(printed).problems.map(({ code }) => code)).toContain('cloth-repeat-long');
  });
});

/** The least length of a strip that rectangles fit on, as a mixed integer program with one choice of four for each pair. */
function leastByWholeNumbers(sizes: readonly (readonly [number, number])[], widthMm: number): number {
  const most = sizes.reduce((sum, [, high]) => sum + high, 0);
  const variables: Record<string, Record<string, number>> = { length: { cost: 1 } };
  const constraints: Record<string, ReturnType<typeof lessEq>> = {};
  const binaries: string[] = [];
  const add = (variable: string, constraint: string, factor: number) => {
    (variables[variable] ??= {})[constraint] = factor;
  };
  sizes.forEach(([wide, high], i) => {
    add(`x${i}`, `width${i}`, 1);
    constraints[`width${i}`] = lessEq(widthMm - wide);
    add(`y${i}`, `top${i}`, 1);
    add('length', `top${i}`, -1);
    constraints[`top${i}`] = lessEq(-high);
    for (let j = 0; j < i; j++) {
      const pair = `${i}-${j}`;
      const [otherWide, otherHigh] = sizes[j] as readonly [number, number];
      // Left of, right of, below or above the other: one of them holds.
      for (const [name, first, second, size, big] of [
        ['l', `x${i}`, `x${j}`, wide, widthMm],
        ['r', `x${j}`, `x${i}`, otherWide, widthMm],
        ['b', `y${i}`, `y${j}`, high, most],
        ['a', `y${j}`, `y${i}`, otherHigh, most],
      ] as const) {
        const key = `${name}${pair}`;
        add(first, key, 1);
        add(second, key, -1);
        add(`z${key}`, key, big);
        constraints[key] = lessEq(big - size);
        add(`z${key}`, `one${pair}`, 1);
        add(`z${key}`, `most${key}`, 1);
        constraints[`most${key}`] = lessEq(1);
        binaries.push(`z${key}`);
      }
      constraints[`one${pair}`] = greaterEq(1);
    }
  });
  const solved = solve({ direction: 'minimize', objective: 'cost', variables, constraints, binaries });
  expect(solved.status).toBe('optimal');
  return solved.result;
}

describe('what no layout can be shorter than', () => {
  it('is the area over the width, the longest, and all that can lie beside nothing', () => {
    expect(layoutBoundMm([oblong(500, 300), oblong(500, 300)], cloth())).toBeCloseTo(300, 1);
    expect(layoutBoundMm([oblong(100, 300), oblong(100, 20)], cloth())).toBeCloseTo(300, 6);
    expect(layoutBoundMm([oblong(600, 100), oblong(600, 100), oblong(600, 100)], cloth({ betweenMm: 5 }))).toBeCloseTo(
      310,
      6,
    );
  });
});

describe('where a ring must not be', () => {
  const point = fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 }));
  const convex = fc
    .array(point, { minLength: 3, maxLength: 9 })
    .map((points) => convexHull(points))
    .filter((ring) => ring.length >= 3 && ringArea(ring) > 20);

  it('is just where it would lie on the other', () => {
    fc.assert(
      fc.property(
        convex,
        convex,
        fc.integer({ min: -70, max: 70 }),
        fc.integer({ min: -70, max: 70 }),
        (still, moved, x, y) => {
          const barred = noFitRing(still, moved);
          const overMm = -apart(
            still,
            moved.map(([px, py]) => [px + x, py + y] as const),
          );
          // How far within: the least distance to a side.
          const within = Math.min(
            ...barred.map(([ax, ay], index) => {
              const [bx, by] = barred[(index + 1) % barred.length] as readonly [number, number];
              return ((bx - ax) * (y - ay) - (by - ay) * (x - ax)) / Math.hypot(bx - ax, by - ay);
            }),
          );
          if (Math.abs(overMm) < 1e-6) return;
          expect(within > 0).toBe(overMm > 0);
        },
      ),
    );
  });

  it('a hull is that of another library', () => {
    fc.assert(
      fc.property(fc.array(point, { minLength: 3, maxLength: 30 }), (points) => {
        const theirs = polygonHull(points.map(([x, y]): [number, number] => [x, y]));
        fc.pre(theirs !== null && Math.abs(ringArea(theirs)) > 1);
        const ours = convexHull(points);
        expect(Math.abs(ringArea(ours))).toBeCloseTo(Math.abs(ringArea(theirs ?? [])), 6);
        expect(ringArea(ours)).toBeGreaterThan(0);
      }),
    );
  });
});
