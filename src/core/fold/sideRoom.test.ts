import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { applyEdits, thingIdSchema, type BodyKind, type Design } from '@/core/design';
import { figureId } from '@/core/figures';
import { planBag } from '@/core/plan';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { someBag } from '@/core/testing/someBag';

const FABRIC_MM = 2;

/** A bag of so many outside millimetres with one box in it. */
const holding = (
  kind: BodyKind,
  body: Record<string, unknown>,
  box: { widthMm: number; heightMm: number; thicknessMm: number },
): Design =>
  bagOf(kind, { fabricMm: FABRIC_MM }, (design) => ({
    ...withBody(design, { ...body, sizesFrom: 'outside' }),
    flap: { kind: 'none', dropMm: 60, widthMm: null, hemMm: null },
    contents: {
      ...design.contents,
      thicknessMm: null,
      items: [
        {
          count: 1,
          thing: {
            id: thingIdSchema.parse('box'),
            name: 'Box',
            ...box,
            massG: null,
            turns: 'as-it-stands',
            known: null,
          },
        },
      ],
    },
  }));

const roomOf = (design: Design): number => {
  const figure = planOf(design).figures[figureId('fold.sideRoom')];
  if (!figure) throw new Error('something lies in it');
  return figure.value;
};

describe('room beside what goes in', () => {
  it('is a number for a purse whose band is too short to have a side', () => {
    for (const openMm of [150, 158, 162, 166, 170, 176]) {
      const design = holding(
        'round-purse',
        { widthMm: 60, heightMm: 60, depthMm: 20, openMm },
        { widthMm: 100, heightMm: 100, thicknessMm: 5 },
      );
      // The box is wider than the purse by far.
      expect(roomOf(design)).toBeLessThan(-15);
      expect(roomOf(design)).toBeGreaterThan(-60);
    }
  });

  it('in a bag with square corners is what is left of the inside on either side', () => {
    // Geometry: half of inside width less the box.
    for (const kind of ['gusset', 'boxed-corners'] as const) {
      const design = holding(
        kind,
        { widthMm: 200, heightMm: 150, depthMm: 60, radiusMm: 0 },
        { widthMm: 150, heightMm: 100, thicknessMm: 40 },
      );
      const inside = planOf(design).figures[figureId('size.insideWidth')]?.value ?? NaN;
      expect(roomOf(design), kind).toBeCloseTo((inside - 150) / 2, 3);
    }
  });

  it('in an oval is from the corner of the box to the round end', () => {
    // Geometry: a half circle about the end of the straight side; the box stands in the middle.
    const design = holding(
      'oval-base',
      { widthMm: 260, heightMm: 150, depthMm: 102 },
      { widthMm: 200, heightMm: 90, thicknessMm: 60 },
    );
    const plan = planOf(design);
    const { stitchCount, stitchMm, depthMm } = plan.pouch;
    const straightHalfMm = (stitchCount * stitchMm - (Math.PI / 2) * depthMm) / 2;
    const corner = Math.hypot(100 - straightHalfMm, 30);
    // The end is told by chords of a twelfth of half a turn.
    expect(roomOf(design)).toBeCloseTo(depthMm / 2 - corner - FABRIC_MM / 2, 0);
  });

  it('is missed by what stands in round corners, and smaller ones mend it', () => {
    const design = holding(
      'gusset',
      { widthMm: 200, heightMm: 150, depthMm: 60, radiusMm: 45 },
      { widthMm: 180, heightMm: 100, thicknessMm: 40 },
    );
    expect(roomOf(design)).toBeLessThan(-5);
    const problem = planOf(design).problems.find(({ code }) => code === 'presses-on-cloth');
    expect(problem?.names).toEqual({ thing: 'Box' });
    const [repair] = problem?.repairs ?? [];
    expect(repair?.code).toBe('corner-radius-to');
    const mended = applyEdits(design, repair?.edits ?? []);
    if (!mended.ok) throw new Error('it can be mended');
    expect(planOf(mended.design).problems.map(({ code }) => code)).not.toContain('presses-on-cloth');
  });

  it.each(BODY_KINDS)('is never missing without a word: %s', (kind) => {
    fc.assert(
      fc.property(someBag(kind), (design) => {
        const result = planBag(design);
        if (!result.ok) return;
        const { plan } = result;
        const room = plan.fold.figures.sideRoom?.value ?? 0;
        if (room > -3) return;
        const told = plan.problems.map(({ code }) => code);
        expect(
          told.some((code) =>
            [
              'contents-too-wide',
              'contents-too-deep',
              'contents-too-thick',
              'contents-too-tall',
              'presses-on-cloth',
              'load-under-packed',
            ].includes(code),
          ),
          `${room.toFixed(1)} mm: ${told.join()}`,
        ).toBe(true);
      }),
      { numRuns: 150 },
    );
  });
});

describe('the loaded bag', () => {
  it.each(BODY_KINDS)('is never wider than the empty one, and the thicker its load the narrower: %s', (kind) => {
    const width = (thicknessMm: number): number => {
      const result = planBag(
        bagOf(kind, {}, (design) => ({ ...design, contents: { ...design.contents, thicknessMm } })),
      );
      return result.ok ? result.plan.fold.figures.widthLoaded.value : -Infinity;
    };
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 0, max: 30 }), (load, more) => {
        expect(width(load + more)).toBeLessThanOrEqual(width(load) + 1e-6);
        expect(width(load)).toBeLessThanOrEqual(width(0) + 1e-6);
      }),
      { numRuns: 60 },
    );
  });

  it('of a tube has the width of its stadium: half its round, less what the ends take', () => {
    // Geometry: two straight sides and two half circles; the round keeps its length.
    const loadMm = 20;
    const plan = planOf(
      bagOf('around-chain', { fabricMm: FABRIC_MM }, (design) => ({
        ...design,
        contents: { ...design.contents, thicknessMm: loadMm },
      })),
    );
    const roundMm = 2 * plan.pouch.stitchCount * plan.pouch.stitchMm;
    const stadium = (deepMm: number) => (roundMm - Math.PI * deepMm) / 2 + deepMm;
    const takenMm = stadium(FABRIC_MM) - stadium(FABRIC_MM + loadMm);
    expect(plan.fold.figures.widthLoaded.value).toBeCloseTo(plan.pouch.figures.width.value - takenMm, 6);
  });
});
