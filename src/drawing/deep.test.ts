import { usualLining } from '@/core/design';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { bridgeLengthMm, sectionPieces, sectionPointAt, topDepthMm } from '@/core/section';
import { bagOf, withBody } from '@/core/testing/bodies';
import { fullDesign, planOf } from '@/core/testing/designs';
import { stepTexts } from '@/core/wording';
import { liningDrawing, packedDrawing, sectionDrawing } from '.';

const layers = { fabricMm: 2, liningMm: 0.5 };

describe('the section of a deep bag', () => {
  const deep = fc.record({
    frontMm: fc.double({ min: 60, max: 300, noNaN: true }),
    backMm: fc.double({ min: 60, max: 300, noNaN: true }),
    tailMm: fc.double({ min: 0, max: 300, noNaN: true }),
    loadMm: fc.double({ min: 0, max: 30, noNaN: true }),
    depthMm: fc.double({ min: 35, max: 90, noNaN: true }),
    hasBase: fc.boolean(),
    firmness: fc.constantFrom('soft' as const, 'stiff' as const),
    // Of what stands out of it, between its walls.
    corners: fc.array(
      fc.record({ x: fc.double({ min: 2, max: 30, noNaN: true }), y: fc.double({ min: 1, max: 60, noNaN: true }) }),
      { maxLength: 4 },
    ),
  });

  it('runs on without a gap, stands on its floor, and has its walls as far apart as it is deep', () => {
    fc.assert(
      fc.property(deep, ({ hasBase, ...made }) => {
        const pieces = sectionPieces({ ...made, layers, baseMm: hasBase ? made.depthMm : 0 });
        for (const [index, piece] of pieces.slice(1).entries()) {
          const before = pieces[index] as (typeof pieces)[number];
          expect(piece.fromMm).toBeCloseTo(before.toMm, 9);
          const end = sectionPointAt([before], before.toMm).point;
          const start = sectionPointAt([piece], piece.fromMm).point;
          expect(Math.hypot(end.x - start.x, end.y - start.y)).toBeLessThan(1e-6);
        }
        const [front, floor, back] = pieces;
        if (front?.kind !== 'line' || floor?.kind !== 'line' || back?.kind !== 'line') throw new Error('walls');
        expect(floor.to.x - floor.from.x).toBeCloseTo(made.depthMm, 9);
        expect(floor.from.y).toBe(0);
        expect(pieces.at(-1)?.toMm).toBeCloseTo(
          made.frontMm + made.backMm + (hasBase ? made.depthMm : 0) + made.tailMm,
          9,
        );
        // Without a strip for the floor, front and back give half of it each.
        if (!hasBase) expect(front.from.y).toBeCloseTo(made.frontMm - made.depthMm / 2, 9);
      }),
    );
  });

  it('has the flap straight across it, or as far as the load makes it deep', () => {
    expect(topDepthMm(layers, 0, 40)).toBe(42.5);
    expect(bridgeLengthMm(layers, 0, 'soft', 40)).toBe(42.5);
    // A load of 60 needs 63 between the middles, more than the 40 that the bag is made with.
    expect(bridgeLengthMm(layers, 60, 'soft', 40)).toBe(65.5);
  });

  it('hangs the flap outside the front, touching it', () => {
    const pieces = sectionPieces({
      frontMm: 120,
      backMm: 120,
      baseMm: 40,
      tailMm: 110,
      depthMm: 40,
      loadMm: 0,
      firmness: 'soft',
      layers,
      corners: [],
    });
    expect(sectionPointAt(pieces, 385).point.x).toBeCloseTo(-2.5, 9);
  });
});

describe('a strap', () => {
  it.each([
    ['gusset', 'gusset'],
    ['round-purse', 'band'],
  ] as const)('of a bag with a strip between its faces is sewn to the ends of it: %s', (kind, piece) => {
    const plan = planOf({ ...bagOf(kind), straps: fullDesign().straps });
    const foot = plan.straps[0]?.hung.feet.foot;
    if (foot?.on !== 'strip-ends') throw new Error('not on the strip');
    expect(foot.piece).toBe(piece);
    expect(Math.abs(foot.depthMm - (fullDesign().straps[0]?.overlapMm ?? NaN))).toBeLessThanOrEqual(2.5);
    const text = stepTexts(bagOf(kind), plan).find(({ id }) => id === 'attach-strap')?.what;
    expect(text).toContain(`each end of the ${piece}`);
  });

  it('of a bag in rounds is sewn at the sides, from the mouth down, the same rounds in front and behind', () => {
    const plan = planOf({ ...bagOf('around-chain'), straps: fullDesign().straps });
    const foot = plan.straps[0]?.hung.feet.foot;
    if (foot?.on !== 'sides') throw new Error('not at the sides');
    expect(foot.front.rows).toEqual(foot.back.rows);
    expect(foot.front.rows.to).toBe(plan.pouch.frontRows);
  });
});

describe('the lining', () => {
  it.each(BODY_KINDS)('of %s covers every piece, each with its allowance, and is drawn beside each other', (kind) => {
    const plan = planOf({
      ...bagOf(kind),
      lining: { ...usualLining(), allowanceMm: 16, insetMm: 4, thicknessMm: 0.3 },
    });
    const { lining } = plan;
    if (!lining) throw new Error('no lining');
    const covered = new Set(lining.cloth.map((piece) => piece.for));
    for (const piece of plan.pieces) expect(covered).toContain(piece.id);
    for (const piece of lining.cloth) {
      expect(piece.cutWidth.value).toBeCloseTo(piece.coversWidthMm + 32, 9);
      expect(piece.finishedLength.value).toBeCloseTo(piece.coversLengthMm - 8, 9);
    }
    const drawing = liningDrawing(plan);
    const cuts = (drawing?.shapes ?? []).filter(({ mark }) => mark === 'lining.cut');
    expect(cuts).toHaveLength(lining.cloth.length);
    const spans = cuts.map((shape): [number, number] => {
      if (shape.kind === 'rect') return [shape.x, shape.x + shape.widthMm];
      if (shape.kind !== 'path') throw new Error('cut along a line');
      const across = shape.segments.map(({ x }) => x);
      return [Math.min(...across), Math.max(...across)];
    });
    for (const [index, [left, right]] of spans.entries()) {
      // What is cut to an outline is as wide as is said, wherever it is widest.
      expect(right - left).toBeLessThanOrEqual((lining.cloth[index]?.cutWidth.value ?? NaN) + 0.02);
      expect(right - left).toBeGreaterThan(0.97 * (lining.cloth[index]?.cutWidth.value ?? NaN));
      if (index > 0) expect(left).toBeGreaterThanOrEqual(spans[index - 1]?.[1] ?? NaN);
    }
  });

  it('of sides in rounds goes all round, and the flap has a piece of its own', () => {
    const plan = planOf({
      ...bagOf('around-chain'),
      lining: { ...usualLining(), allowanceMm: 16, insetMm: 4, thicknessMm: 0.3 },
    });
    expect(plan.lining?.cloth.map((piece) => piece.for)).toEqual(['sides', 'flap']);
    expect(plan.lining?.cloth[0].coversWidthMm).toBeCloseTo(2 * plan.pouch.stitchCount * plan.pouch.stitchMm, 9);
  });
});

describe('what is drawn of a deep bag', () => {
  it.each(BODY_KINDS)('%s: the things stand inside the section, and on its floor where it has one', (kind) => {
    const design = withBody(
      {
        ...bagOf(kind),
        contents: {
          ...bagOf(kind).contents,
          thicknessMm: null,
          items: [
            {
              count: 1,
              thing: {
                id: 'box' as never,
                name: 'Box',
                widthMm: 90,
                heightMm: 70,
                thicknessMm: 20,
                massG: null,
                turns: 'as-it-stands',
                known: null,
              },
            },
          ],
        },
      },
      { sizesFrom: 'contents' },
    );
    const plan = planOf(design);
    const things = sectionDrawing(plan, 'loaded').shapes.filter(({ role }) => role === 'thing');
    expect(things).toHaveLength(1);
    const [thing] = things;
    if (thing?.kind !== 'rect') throw new Error('no box');
    expect([thing.widthMm, thing.heightMm]).toEqual([20, 70]);
    const packed = packedDrawing(plan);
    const [inside] = packed.shapes.filter(({ role }) => role === 'inside');
    const [box] = packed.shapes.filter(({ role }) => role === 'thing');
    if (box?.kind !== 'rect' || !inside) throw new Error('not drawn');
    if (inside.kind === 'circle')
      for (const [x, y] of [
        [box.x, box.y],
        [box.x + box.widthMm, box.y + box.heightMm],
      ] as const)
        expect(Math.hypot(x - inside.x, y - inside.y)).toBeLessThanOrEqual(inside.radiusMm);
    if (inside.kind === 'rect') {
      expect(box.x).toBeGreaterThanOrEqual(inside.x - 1e-9);
      expect(box.y + box.heightMm).toBeLessThanOrEqual(inside.y + inside.heightMm + 1e-9);
    }
  });
});
