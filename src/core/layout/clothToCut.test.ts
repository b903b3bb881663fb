import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { commonArea, rectangle, ringArea, ringBounds, roundedBelow, stadiumRing, type Ring } from '@/core/cutting';
import { USUAL_CLOTH, applyEdits, usualDropIn, usualLining, type Design } from '@/core/design';
import { seededRandom } from '@/core/random';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import {
  byHand,
  clothPieces,
  clothToCut,
  foldedPieces,
  layOnCloth,
  moved,
  placesOf,
  ringAt,
  type ClothToCut,
  type Layout,
  type LayoutPiece,
} from './index';

const piece = (id: string, ring: Ring, turns: LayoutPiece['turns'] = [0, 180]): LayoutPiece => ({
  ...{ id, name: id, ring, turns, atFold: false },
});
const cloth = (change: Partial<ClothToCut> = {}): ClothToCut => ({
  ...{ sheet: { widthMm: 600, betweenMm: 4, repeatMm: null }, remnants: [], isFolded: false },
  ...change,
});
function laidOn(pieces: readonly LayoutPiece[], on: ClothToCut): Layout {
  const search = layOnCloth(pieces, on, seededRandom(2));
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
}
const named = ({ pieces, laid }: Layout) => laid.map((one) => pieces[one.piece]?.id).sort();

/** An L: a strip below, and one up its left side. */
const CORNER: Ring = [
  [0, 0],
  [300, 0],
  [300, 80],
  [80, 80],
  [80, 300],
  [0, 300],
];

describe('remnants', () => {
  it('are cut first, round their hollow, and what finds no room is cut from the cloth', () => {
    const pieces = [
      piece('a/1', rectangle(290, 70)),
      piece('b/1', rectangle(70, 200)),
      piece('c/1', rectangle(200, 200)),
    ];
    const layout = laidOn(pieces, cloth({ remnants: [CORNER] }));
    expect(named(layout)).toEqual(['a/1', 'b/1', 'c/1']);
    const on = new Map(layout.laid.map((one) => [layout.pieces[one.piece]?.id, one.remnant]));
    // The third has the room of the hollow only, which is not there.
    expect(Object.fromEntries(on)).toEqual({ 'a/1': 0, 'b/1': 0, 'c/1': null });
    expect(layout.lengthMm).toBeCloseTo(200, 6);
  });

  it('take all that goes on them in some order, though the largest first would leave one', () => {
    // The two large ones lie beside each other below, or above each other beside the long one.
    const pieces = [
      piece('front/1', rectangle(199, 149)),
      piece('front/2', rectangle(199, 149)),
      piece('gusset/1', rectangle(43, 461)),
    ];
    const left: Ring = [
      [0, 0],
      [420, 0],
      [420, 180],
      [260, 180],
      [260, 470],
      [0, 470],
    ];
    expect(laidOn(pieces, cloth({ remnants: [left] })).lengthMm).toBe(0);
  });

  it('that takes a piece just so takes it', () => {
    const layout = laidOn([piece('a/1', rectangle(100, 60))], cloth({ remnants: [rectangle(100, 60)] }));
    expect(layout.laid[0]).toMatchObject({ remnant: 0 });
    expect(layout.lengthMm).toBe(0);
  });

  it('hold pieces within themselves, apart from each other, and none is lost', () => {
    const size = fc.integer({ min: 30, max: 160 });
    const shape = fc.oneof(
      fc.tuple(size, size).map(([wide, high]) => rectangle(wide, high)),
      fc.tuple(size, size).map(([wide, high]) => stadiumRing(wide, high)),
      fc.tuple(size, size).map(([wide, high]) => roundedBelow(wide, high, Math.min(wide / 2, high))),
    );
    const left = fc.constantFrom<Ring>(CORNER, rectangle(250, 180), [
      [0, 0],
      [260, 30],
      [200, 240],
      [40, 190],
    ]);
    fc.assert(
      fc.property(
        fc.array(shape, { minLength: 1, maxLength: 8 }),
        fc.array(left, { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 0, max: 8 }),
        (rings, remnants, betweenMm) => {
          const pieces = rings.map((ring, index) => piece(`p${index}/1`, ring));
          const sheet = { widthMm: 600, betweenMm, repeatMm: null };
          const layout = laidOn(pieces, { sheet, remnants, isFolded: false });
          expect(named(layout)).toEqual(pieces.map(({ id }) => id).sort());
          layout.laid.forEach((one, index) => {
            if (one.remnant === null) return;
            const ring = ringAt(layout.pieces, one);
            const inside = commonArea(ring, remnants[one.remnant] ?? []);
            // A hair all round.
            expect(Math.abs(ringArea(ring)) - inside).toBeLessThan(0.02 * ring.length + 10);
            for (const other of layout.laid.slice(index + 1))
              if (other.remnant === one.remnant)
                expect(commonArea(ring, ringAt(layout.pieces, other))).toBeLessThan(0.5);
          });
        },
      ),
      { numRuns: 60 },
    );
  });

  it('whose outline crosses itself is told, nothing is cut from it, and both ways out help', () => {
    const bag = { ...bagOf('gusset'), lining: usualDropIn({ body: { kind: 'gusset' } }) };
    const bow: [number, number][] = [
      [0, 0],
      [600, 500],
      [600, 0],
      [0, 500],
    ];
    const crossed: Design = { ...bag, cloth: { ...USUAL_CLOTH, remnants: [{ name: 'Bow', outline: bow }] } };
    const plan = planOf(crossed);
    const layout = laidOn(clothPieces(plan, crossed.cloth), clothToCut(crossed.cloth));
    expect(layout.laid.every(({ remnant }) => remnant === null)).toBe(true);
    const problem = plan.problems.find(({ code }) => code === 'remnant-crosses');
    expect(problem?.repairs).toHaveLength(2);
    for (const { edits } of problem?.repairs ?? []) {
      const read = applyEdits(crossed, edits);
      expect(read.ok && planOf(read.design).problems.map(({ code }) => code)).not.toContain('remnant-crosses');
      expect(read.ok).toBe(true);
    }
  });
});

describe('cloth that lies folded', () => {
  it('two alike are cut at once, and a single one as its half on the fold', () => {
    const all = foldedPieces([
      piece('front/1', rectangle(200, 150)),
      piece('front/2', rectangle(200, 150)),
      piece('gusset/1', rectangle(60, 400)),
    ]);
    expect(all.map(({ id, atFold }) => [id, atFold])).toEqual([
      ['front/1+2', false],
      ['gusset/1 folded', true],
    ]);
    expect(ringBounds(all[1]?.ring ?? []).widthMm).toBeCloseTo(30, 3);
  });

  it('one whose halves differ is cut whole', () => {
    const [one] = foldedPieces([piece('a/1', CORNER)]);
    expect(one?.atFold).toBe(false);
    expect(Math.abs(ringArea(one?.ring ?? []))).toBeCloseTo(Math.abs(ringArea(CORNER)), 3);
  });

  it('halves lie at the fold, one after the other, and no shorter than the bound', () => {
    const pieces = [
      ...['a', 'b', 'c'].map((id, index) => piece(`${id}/1`, rectangle(200 + 100 * index, 100 + 20 * index))),
      ...[1, 2].map((copy) => piece(`d/${copy}`, rectangle(120, 90))),
    ];
    const layout = laidOn(pieces, cloth({ isFolded: true }));
    const folded = layout.laid.filter((one) => layout.pieces[one.piece]?.atFold);
    expect(folded).toHaveLength(3);
    for (const { xMm } of folded) expect(xMm).toBe(0);
    // 100, 120 and 140 mm, with 4 mm between.
    expect(layout.boundMm).toBeGreaterThanOrEqual(368 - 1e-6);
    expect(layout.lengthMm).toBeGreaterThanOrEqual(layout.boundMm - 1e-6);
  });

  it.each(BODY_KINDS)('every piece of a lining of %s can be cut on it, and all of its area is there', (kind) => {
    for (const lining of [usualLining(), usualDropIn(bagOf(kind))]) {
      const bag: Design = { ...bagOf(kind), lining };
      const pieces = clothPieces(planOf(bag), bag.cloth);
      const folded = foldedPieces(pieces);
      const area = (all: readonly LayoutPiece[]) => all.reduce((sum, { ring }) => sum + Math.abs(ringArea(ring)), 0);
      // Through two layers: twice what is drawn.
      expect(2 * area(folded)).toBeCloseTo(area(pieces), -1);
    }
  });
});

describe('pieces laid by hand', () => {
  const pieces = [
    piece('a/1', rectangle(200, 100)),
    piece('b/1', rectangle(200, 100), [0, 90, 180, 270]),
    piece('c/1', stadiumRing(80, 80)),
  ];
  const layout = laidOn(pieces, cloth());

  it('lie where the search has laid them until one is moved, and clash nowhere', () => {
    const kept = byHand(pieces, placesOf(layout), cloth());
    expect(kept.laid.map((one) => ringAt(kept.pieces, one))).toEqual(
      [...layout.laid].sort((a, b) => a.piece - b.piece).map((one) => ringAt(layout.pieces, one)),
    );
    expect(kept.lengthMm).toBeCloseTo(layout.lengthMm, 9);
    expect([kept.clashes, kept.beyond]).toEqual([[], []]);
  });

  it('one that is moved onto another clashes with it; moved back, it does not', () => {
    const kept = byHand(pieces, placesOf(layout), cloth());
    const [one, other] = [kept.laid[0], kept.laid[1]];
    if (!one || !other) throw new Error('nothing laid');
    const by = { xMm: other.xMm - one.xMm + 5, yMm: other.yMm - one.yMm + 5 };
    const onto = moved(kept, 0, by, cloth());
    expect(byHand(pieces, placesOf(onto), cloth()).clashes).toContainEqual([0, 1]);
    const back = moved(onto, 0, { xMm: -by.xMm, yMm: -by.yMm }, cloth());
    expect(byHand(pieces, placesOf(back), cloth()).clashes).toEqual([]);
  });

  it('none leaves the cloth, however far it is pulled, and each turns only as it may', () => {
    const far = fc.integer({ min: -2000, max: 2000 });
    fc.assert(
      fc.property(far, far, fc.nat({ max: 2 }), fc.nat({ max: 5 }), (xMm, yMm, index, turns) => {
        let now: Layout = layout;
        for (let turn = 0; turn < turns; turn++) now = moved(now, index, 'turn', cloth());
        now = moved(now, index, { xMm, yMm }, cloth());
        const kept = byHand(pieces, placesOf(now), cloth());
        expect(kept.beyond).toEqual([]);
        for (const one of kept.laid) expect(kept.pieces[one.piece]?.turns).toContain(one.turn);
      }),
    );
  });

  it('a piece that is new lies after the others, and one that is gone is gone', () => {
    const more = [...pieces.slice(1), piece('d/1', rectangle(300, 120))];
    const kept = byHand(more, placesOf(layout), cloth());
    expect(named(kept)).toEqual(['b/1', 'c/1', 'd/1']);
    expect(kept.clashes).toEqual([]);
  });

  it('cloth that becomes too narrow for where they lie shows them beyond it', () => {
    const narrow = cloth({ sheet: { widthMm: 150, betweenMm: 4, repeatMm: null } });
    expect(byHand(pieces, placesOf(layout), narrow).beyond.length).toBeGreaterThan(0);
  });

  it('on the fold and on remnants, each is found again by its name', () => {
    const two = [...pieces, piece('b/2', rectangle(200, 100))];
    const on = cloth({ isFolded: true, remnants: [rectangle(220, 120)] });
    const first = laidOn(two, on);
    const kept = byHand(two, placesOf(first), on);
    expect(named(kept)).toEqual(named(first));
    expect([kept.clashes, kept.beyond]).toEqual([[], []]);
    expect(kept.laid.some(({ remnant }) => remnant === 0)).toBe(true);
    expect(kept.lengthMm).toBeCloseTo(first.lengthMm, 6);
  });
});
