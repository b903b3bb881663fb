import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { ringArea, ringBounds } from '@/core/cutting';
import {
  applyEdits,
  usualBoard,
  usualCanvas,
  usualDropIn,
  usualLining,
  type Design,
  type Stiffener,
} from '@/core/design';
import { flatSize } from '@/core/pieces';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { sheetsFor, wholeBars } from './bars';
import { STIFFENERS } from './index';
import { roundedAll } from './walls';

/** Those that are cut wall by wall. */
const KINDS = ['canvas', 'board'] as const;
const stiffened = (bag: Design, change: Partial<Stiffener> = {}): Design => ({
  ...bag,
  stiffener: { ...usualBoard(bag), ...change } as Stiffener,
});

/** The plan once a way out is taken. */
function repairedBy(bag: Design, edits: Parameters<typeof applyEdits>[1]) {
  const read = applyEdits(bag, edits);
  if (!read.ok) throw new Error('A way out that can’t be taken');
  return planOf(read.design);
}

describe('canvas in whole bars', () => {
  // Seven bars to the inch: 25.4 / 7 = 3.6286 mm from bar to bar.
  test.each([
    [100, 7, 27],
    [25.4, 7, 7],
    [25.3, 7, 6],
    [25.4, 10, 10],
  ])('of %f mm at %i to the inch, %i bars', (mm, perInch, bars) => {
    expect(wholeBars(mm, perInch).bars).toBe(bars);
  });

  it('is never larger than was asked, and never by a whole bar smaller', () => {
    fc.assert(
      fc.property(fc.double({ min: 10, max: 500, noNaN: true }), fc.integer({ min: 4, max: 16 }), (mm, perInch) => {
        const cut = wholeBars(mm, perInch);
        expect(cut.mm).toBeLessThanOrEqual(mm + 1e-6);
        expect(cut.mm).toBeGreaterThan(mm - 25.4 / perInch - 1e-6);
      }),
    );
  });
});

describe('sheets to buy', () => {
  const sheet = { widthMm: 200, heightMm: 300 };
  test.each([
    ['two side by side', [{ widthMm: 95, heightMm: 100, copies: 2 }], 1],
    ['three rows fill a sheet, a fourth begins another', [{ widthMm: 150, heightMm: 95, copies: 4 }], 2],
    ['one that fits only turned', [{ widthMm: 250, heightMm: 100, copies: 1 }], 1],
    ['one that fits neither way', [{ widthMm: 250, heightMm: 220, copies: 1 }], null],
  ])('%s', (_, pieces, count) => {
    expect(sheetsFor(pieces, sheet, 4)).toBe(count);
  });

  it('are never fewer than the area of the pieces needs', () => {
    const side = fc.double({ min: 10, max: 200, noNaN: true });
    const piece = fc.record({ widthMm: side, heightMm: side, copies: fc.integer({ min: 1, max: 4 }) });
    fc.assert(
      fc.property(fc.array(piece, { minLength: 1, maxLength: 5 }), (pieces) => {
        const count = sheetsFor(pieces, sheet, 4) ?? NaN;
        const area = pieces.reduce((sum, one) => sum + one.widthMm * one.heightMm * one.copies, 0);
        expect(count * sheet.widthMm * sheet.heightMm).toBeGreaterThanOrEqual(area);
        expect(count).toBeLessThanOrEqual(pieces.reduce((sum, { copies }) => sum + copies, 0));
      }),
    );
  });
});

describe('a piece with rounded corners', () => {
  test.each([
    ['no radius', 100, 60, 0],
    ['a small one', 100, 60, 8],
    ['half of the shorter side', 100, 60, 30],
    ['a tall one', 40, 90, 20],
    ['a disc', 80, 80, 40],
  ])('%s: as large as its rectangle, less four corners', (_, wide, high, radius) => {
    const ring = roundedAll(wide, high, radius);
    const { widthMm, heightMm } = ringBounds(ring);
    expect([widthMm, heightMm]).toEqual([expect.closeTo(wide, 6) as number, expect.closeTo(high, 6) as number]);
    const area = wide * high - (4 - Math.PI) * radius ** 2;
    expect(Math.abs(ringArea(ring)) / area).toBeCloseTo(1, 2);
  });
});

describe.each(BODY_KINDS)('%s', (kind) => {
  test.each(KINDS)('%s is planned inside the bag, or it is said why not', (stiff) => {
    const bag = bagOf(kind);
    for (const parts of ['base', 'faces', 'all'] as const) {
      const plan = planOf({ ...bag, stiffener: { ...STIFFENERS[stiff].usual(bag), parts } as Stiffener });
      if (!plan.stiffener) {
        expect(plan.problems.map(({ code }) => code)).toContain('stiffener-no-wall');
        continue;
      }
      for (const { id, width, height, cut } of plan.stiffener.pieces) {
        expect(width.value).toBeLessThan(plan.pouch.figures.width.value);
        const tall = id === 'base' ? plan.pouch.figures.depth : plan.pouch.figures.height;
        expect(height.value).toBeLessThan(tall?.value ?? 0);
        expect(ringBounds(cut).widthMm).toBeCloseTo(width.value, 6);
        expect(ringBounds(cut).heightMm).toBeCloseTo(height.value, 6);
      }
    }
  });

  it('shrinks by as much as it is to be smaller', () => {
    const all = (smallerMm: number) => planOf(stiffened(bagOf(kind), { parts: 'all', smallerMm })).stiffener?.pieces;
    const [tight, loose] = [all(2), all(5)];
    expect(tight?.length).toBeGreaterThan(0);
    for (const [index, one] of (loose ?? []).entries())
      expect((tight?.[index]?.width.value ?? 0) - one.width.value).toBeCloseTo(6, 9);
  });

  it('takes its thickness from the room inside, wall by wall, and from nothing else', () => {
    for (const parts of ['base', 'faces', 'all'] as const) {
      const bag = bagOf(kind);
      const [bare, stiff] = [planOf(bag), planOf(stiffened(bag, { parts, thicknessMm: 3 }))];
      if (!stiff.stiffener) continue;
      const walls = ({ pouch, fit: { figures } }: typeof bare) => ({
        insideWidth: pouch.figures.width.value - figures.insideWidth.value,
        insideHeight: pouch.figures.height.value - figures.insideHeight.value,
        insideDepth: (pouch.figures.depth?.value ?? 0) - (figures.insideDepth?.value ?? 0),
      });
      const takes = (which: keyof ReturnType<typeof walls>) => walls(stiff)[which] - walls(bare)[which];
      const has = new Set(stiff.stiffener.pieces.map(({ id }) => id));
      const isFlat = bare.pouch.figures.depth === null;
      const inFaces = has.has('front') || has.has('disc');
      expect(stiff.pouch.figures.width.value).toBe(bare.pouch.figures.width.value);
      expect(takes('insideWidth')).toBeCloseTo(has.has('side') || (isFlat && inFaces) ? 6 : 0, 9);
      expect(takes('insideHeight')).toBeCloseTo(has.has('base') || (isFlat && inFaces) ? 3 : 0, 9);
      expect(takes('insideDepth')).toBeCloseTo(!isFlat && inFaces ? 6 : 0, 9);
    }
  });

  it('keeps an inside size that is wished for: the bag grows by what it takes', () => {
    const bag = bagOf(kind, {}, (design) => ({ ...design, body: { ...design.body, sizesFrom: 'inside' } }));
    const [bare, stiff] = [planOf(bag), planOf(stiffened(bag, { parts: 'all', thicknessMm: 6 }))];
    const wanted = (plan: typeof bare) => plan.contents.figures.wantedWidth.value;
    const has = new Set(stiff.stiffener?.pieces.map(({ id }) => id));
    const isFlat = bare.pouch.figures.depth === null;
    expect(wanted(stiff) - wanted(bare)).toBeCloseTo(has.has('side') || isFlat ? 12 : 0, 9);
  });

  it('lies within the crochet that it stiffens', () => {
    const plan = planOf(stiffened(bagOf(kind), { parts: 'all' }));
    const marks = plan.marks.filter(({ of }) => of.group === 'stiffener');
    const drawn = plan.stiffener?.pieces.filter(({ id }) => id !== 'side') ?? [];
    expect(marks.length).toBe(drawn.reduce((sum, { copies }) => sum + copies, 0));
    for (const { piece: id, acrossMm, alongMm, form } of marks) {
      const piece = plan.pieces.find((one) => one.id === id);
      if (!piece || form.kind !== 'outline') throw new Error('no such piece');
      const { widthMm, lengthMm } = flatSize(piece);
      for (const [x, y] of form.points) {
        expect(Math.abs(acrossMm + x)).toBeLessThan(widthMm / 2);
        expect(alongMm + y).toBeGreaterThan(0);
        expect(alongMm + y).toBeLessThan(lengthMm);
      }
    }
  });

  it.each([
    ['a flat lining', usualLining()],
    ['a drop-in lining', usualDropIn()],
  ] as const)('goes in before %s shuts it in', (_, lining) => {
    const plan = planOf({ ...stiffened(bagOf(kind), { parts: 'all' }), lining });
    if (!plan.stiffener || !plan.lining) return expect(plan.problems.length).toBeGreaterThan(0);
    const names = plan.steps.map(({ id, of }) => of?.name ?? String(id));
    const shuts = names.findIndex((name) => name === 'sew-lining' || name === 'put-lining-in');
    expect(names).toContain('put-stiffener-in');
    expect(names.indexOf('cut-stiffener')).toBeLessThan(names.indexOf('put-stiffener-in'));
    expect(shuts).toBeGreaterThan(names.indexOf('put-stiffener-in'));
  });
});

describe('what is doubtful', () => {
  it('a flat pouch has no base: it is left out, or all walls are stiffened', () => {
    const bag = stiffened(bagOf('fold-over-strip'), { parts: 'base' });
    const problem = planOf(bag).problems.find(({ code }) => code === 'stiffener-no-wall');
    expect(problem?.repairs).toHaveLength(2);
    for (const { edits } of problem?.repairs ?? []) {
      const repaired = repairedBy(bag, edits);
      expect(repaired.problems.map(({ code }) => code)).not.toContain('stiffener-no-wall');
    }
  });

  it('a wall too narrow for one is said, and has none', () => {
    const bag = stiffened({ ...bagOf('side-bands') }, { parts: 'all', smallerMm: 30 });
    const plan = planOf(bag);
    expect(plan.stiffener?.pieces.map(({ id }) => id)).toEqual(['front']);
    const problem = plan.problems.find(({ code }) => code === 'stiffener-wall-too-narrow');
    expect(problem?.values).toMatchObject({ leastMm: 68 });
  });

  it('a load typed by hand counts what stiffens front and back', () => {
    const bag = bagOf('side-bands', {}, (design) => ({ ...design, contents: { ...design.contents, thicknessMm: 0 } }));
    const room = planOf(bag).fit.figures.insideDepth?.value ?? NaN;
    const loaded = { ...bag, contents: { ...bag.contents, thicknessMm: room - 1 } };
    const said = (design: Design) => planOf(design).problems.map(({ code }) => code);
    expect(said(loaded)).not.toContain('load-deeper-than-bag');
    expect(said(stiffened(loaded, { parts: 'faces', thicknessMm: 3 }))).toContain('load-deeper-than-bag');
  });

  it('a wall larger than a sheet is said, with board as the way out', () => {
    const wide = bagOf('side-bands');
    const bag: Design = {
      ...wide,
      body: { ...wide.body, widthMm: 420, heightMm: 300 },
      stiffener: { ...usualCanvas(wide), parts: 'all' },
    };
    const plan = planOf(bag);
    expect(plan.stiffener?.sheets).toBeNull();
    const problem = plan.problems.find(({ code }) => code === 'stiffener-larger-than-sheet');
    const repaired = repairedBy(bag, problem?.repairs[0]?.edits ?? []);
    expect(repaired.stiffener?.choice.kind).toBe('board');
    expect(repaired.problems.map(({ code }) => code)).not.toContain('stiffener-larger-than-sheet');
  });
});
