import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import type { Design } from '@/core/design';
import { foldBag, sheetGrid } from '@/core/fold';
import { isInRounds, type Piece } from '@/core/pieces';
import { planBag, type Plan } from '@/core/plan';
import { PANEL_STITCH_IDS, STITCHES, work, type Worked } from '@/core/stitches';
import { someBag } from '@/core/testing/someBag';
import { workableBag } from '@/core/testing/workableBag';
import {
  fabricOf,
  fabricPlaces,
  hidesLoops,
  layersOfLook,
  lookBounds,
  roundPlaces,
  stitchStrands,
  swatchFabric,
  topLoops,
} from '.';

const strands = (step: Partial<Worked> & Pick<Worked, 'work'>, feet: readonly number[] = [0]) =>
  stitchStrands({ into: 'stitch', times: 1, over: feet.length, each: 1, ...step }, feet);
const parts = (step: Partial<Worked> & Pick<Worked, 'work'>, part: string) =>
  strands(step).filter((one) => one.part === part);
const lowest = (step: Partial<Worked> & Pick<Worked, 'work'>) => lookBounds(strands(step)).low;

// What a chart's symbol means: how often the yarn is laid over, and which loop the hook goes into.
// Source: Craft Yarn Council, Crochet Chart Symbols; the cross bars of a symbol are its yarn overs.
describe('the yarn of a stitch lies as its symbol says', () => {
  it.each([
    ['sc', 0],
    ['hdc', 0],
    ['dc', 1],
    ['tr', 2],
  ] as const)('%s: %i bars across its post', (kind, wraps) => {
    expect(parts({ work: kind }, 'wrap')).toHaveLength(wraps);
  });

  it('leaves the loop free that is not worked into', () => {
    expect(hidesLoops('back-loop')).toEqual({ front: false, back: true });
    expect(hidesLoops('stitch')).toEqual({ front: true, back: true });
    expect(hidesLoops('front-post')).toEqual({ front: false, back: false });
  });

  it('goes round the post below from the front: behind it at its foot, before it above', () => {
    for (const { points } of parts({ work: 'dc', into: 'front-post' }, 'leg')) {
      expect(points[0]?.[2]).toBeLessThan(0);
      expect(points[0]?.[1]).toBeLessThan(-0.4);
      expect(points[2]?.[2]).toBeGreaterThan(0.5);
    }
  });

  it('reaches as far down as it is worked', () => {
    expect(lowest({ work: 'sc' })).toBeGreaterThan(-0.5);
    expect(lowest({ work: 'sc', into: 'spike' })).toBeLessThan(-0.9);
    expect(lowest({ work: 'dc', into: 'front-post-two-below' })).toBeLessThan(-1.5);
  });

  it('joins legs at one top', () => {
    const legs = strands({ work: 'dc' }, [-1, 0, 1, 2]).filter(({ part }) => part === 'leg');
    expect(legs).toHaveLength(4);
    const tops = legs.map(({ points }) => points.at(-1)?.[0] ?? 0);
    const feet = legs.map(({ points }) => points[0]?.[0] ?? 0);
    expect(Math.max(...tops) - Math.min(...tops)).toBeLessThan(0.3);
    expect(Math.max(...feet) - Math.min(...feet)).toBeCloseTo(3);
  });

  it('bulges out of the far side as a bobble, and nowhere out of the near one', () => {
    const depth = strands({ work: 'bobble' }).flatMap(({ points }) => points.map(([, , z]) => z));
    expect(Math.min(...depth)).toBeLessThan(-2);
    expect(Math.max(...depth)).toBeLessThan(1);
  });

  it('has both loops on top of every stitch, one before and one behind', () => {
    const [back, front] = topLoops();
    expect(back?.points.every(([, , z]) => z < 0)).toBe(true);
    expect(front?.points.every(([, , z]) => z > 0)).toBe(true);
  });
});

const planned = (design: Design): Plan | null => {
  const result = planBag(design);
  return result.ok ? result.plan : null;
};

const stitchesOf = (piece: Piece, row: number): number =>
  piece.kind === 'rows' ? (piece.rows[row]?.stitches ?? 0) : (piece.counts[row] ?? 0);

it.each(BODY_KINDS)('%s: a fabric has every stitch of the plan, each in its own column', (kind) => {
  fc.assert(
    fc.property(fc.oneof(someBag(kind), workableBag(kind)), (design) => {
      const plan = planned(design);
      if (!plan) return;
      for (const piece of plan.pieces)
        for (const face of ['outer', 'inner'] as const) {
          const fabric = fabricOf(design, piece, face);
          fabric.rows.forEach(({ stitches }, row) => {
            expect(stitches).toHaveLength(stitchesOf(piece, row));
            const columns = stitches.map(({ column }) => column);
            expect(new Set(columns).size).toBe(columns.length);
            expect(Math.min(...columns)).toBeGreaterThanOrEqual(-1e-9);
            expect(Math.max(...columns)).toBeLessThanOrEqual(fabric.columns - 1 + 1e-9);
          });
        }
    }),
    { numRuns: 25 },
  );
});

it.each(PANEL_STITCH_IDS)('%s: every stitch stands over the place that it is worked into', (id) => {
  const fabric = swatchFabric(STITCHES[id], 12, 10, true);
  // Its legs begin within what it joins, never at the other end of the row.
  for (const look of fabric.looks) {
    const { left, right } = lookBounds(look);
    expect(right - left).toBeLessThan(7);
    expect(Math.max(Math.abs(left), Math.abs(right))).toBeLessThan(6);
  }
});

it('rounds that are not turned stand straight over each other', () => {
  fc.assert(
    fc.property(workableBag('oval-base'), (made) => {
      const design: Design = { ...made, stitch: 'sc', swatch: { ...made.swatch, stitch: 'sc' }, plainEdge: 0 };
      const plan = planned(design);
      const sides = plan?.pieces.find(isInRounds);
      if (!sides) return;
      for (const look of fabricOf(design, sides, 'outer').looks) {
        const { left, right } = lookBounds(look);
        expect(right - left).toBeLessThan(2);
      }
    }),
    { numRuns: 15 },
  );
});

it('the inner face is the outer one from behind: what stands out of one lies behind the other', () => {
  const design = { stitch: 'bobble-field' } as const;
  const out = (face: 'outer' | 'inner') => {
    const rows = Array.from({ length: 8 }, () => ({ stitches: 9, by: 'nothing' as const, left: [], right: [] }));
    const piece = {
      id: 'panel',
      kind: 'rows',
      rows,
      roundCount: 0,
      plain: false,
      stitchMm: 5,
      rowMm: 5,
      copies: 1,
      startStitches: 9,
      zones: [],
      lines: [],
    };
    const whole = { colourRows: [], ownStitches: [], plainEdge: 0, settings: { hand: 'right' }, ...design };
    const { looks } = fabricOf(whole as unknown as Design, piece as unknown as Piece, face);
    return looks.flatMap((look) => layersOfLook(look).before).length;
  };
  // A bobble stands out of the public side.
  expect(out('outer')).toBeGreaterThan(0);
  expect(out('inner')).toBe(0);
});

it('a round has its stitches evenly along it, each pointing outward', () => {
  const disc = {
    id: 'disc',
    kind: 'disc',
    counts: [6, 12, 18],
    increase: 6,
    school: 'stacked',
    copies: 1,
    stitchMm: 5,
    rowMm: 5,
    plain: true,
  } as const;
  const places = roundPlaces({ ...disc, counts: [...disc.counts] }, 2);
  expect(places).toHaveLength(18);
  for (const { x, y, turnRad } of places) {
    expect(Math.hypot(x - 15, y - 15)).toBeCloseTo(10);
    expect(Math.atan2(x - 15, 15 - y)).toBeCloseTo(Math.atan2(Math.sin(turnRad), Math.cos(turnRad)));
  }
});

it.each(BODY_KINDS)('%s: every point of the folded bag lies on its piece', (kind) => {
  fc.assert(
    fc.property(workableBag(kind), (design) => {
      const plan = planned(design);
      if (!plan) return;
      const placeOf = fabricPlaces(plan);
      for (const sheet of foldBag(plan, { state: 'loaded', flap: 1 }).sheets) {
        const place = placeOf(sheet);
        if (!place) throw new Error(`${sheet.piece} is not there`);
        expect(sheetGrid(sheet).rows).toBe(sheet.along.length);
        for (const alongMm of sheet.along)
          for (const share of sheet.across) {
            const [u, v] = place(share * sheet.halfMm(alongMm), alongMm);
            // Borders and seams reach a little beyond.
            expect(u).toBeGreaterThan(-0.6);
            expect(u).toBeLessThan(1.6);
            expect(v).toBeGreaterThan(-0.6);
            expect(v).toBeLessThan(1.6);
          }
      }
    }),
    { numRuns: 12 },
  );
});

it('works a row of whatever was chosen', () => {
  expect(strands(work('esc')).some(({ part }) => part === 'wrap')).toBe(true);
});
