import { usualLining } from '@/core/design';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { figureId } from '@/core/figures';
import { sectionPointAt } from '@/core/section';
import { bagOf } from '@/core/testing/bodies';
import { planOf, plannableDesign } from '@/core/testing/designs';
import { bendLengths, bendLengthsMm, type BendFace, type BendId } from './bends';
import type { FoldedPlan } from './foldInput';

const lengthOf = (plan: FoldedPlan, bend: BendId, face: BendFace, state: 'empty' | 'loaded' = 'loaded'): number => {
  const found = bendLengths(plan).find((length) => length.bend === bend && length.face === face);
  if (!found) throw new Error(`no ${face} of ${bend}`);
  return found[state].value;
};

/** A way beside the section's middle line, stepped along in small steps, mm: independent of how its arcs are told. */
const steppedMm = (plan: FoldedPlan, fromMm: number, toMm: number, outMm: number, steps = 20_000): number => {
  const point = (k: number) => {
    const { point, outward } = sectionPointAt(plan.section.loaded, fromMm + ((toMm - fromMm) * k) / steps);
    return { x: point.x + outMm * outward.x, y: point.y + outMm * outward.y };
  };
  let lengthMm = 0;
  for (let k = 1; k <= steps; k += 1) {
    const [from, to] = [point(k - 1), point(k)];
    lengthMm += Math.hypot(to.x - from.x, to.y - from.y);
  }
  return lengthMm;
};

describe('the sheets of a bend', () => {
  const lined = planOf(
    bagOf('fold-over-strip', { fabricMm: 3 }, (design) => ({
      ...design,
      lining: { ...usualLining(), allowanceMm: 15, insetMm: 3, thicknessMm: 0.6 },
      contents: { ...design.contents, thicknessMm: 14 },
    })),
  );

  it('are as long as ways beside the middle of the fabric, stepped along in the section', () => {
    const arc = lined.section.loaded.find(({ kind }) => kind === 'arc');
    if (!arc) throw new Error('the base is bent');
    const out: Record<BendFace, number> = { outer: 1.5, middle: 0, inner: -1.5, lining: -1.8 };
    for (const [face, outMm] of Object.entries(out) as [BendFace, number][])
      expect(lengthOf(lined, 'base', face)).toBeCloseTo(steppedMm(lined, arc.fromMm, arc.toMm, outMm), 3);
  });

  it('differ by the turn times what lies between them, however round the bend is', () => {
    // Geometry: half a turn, 3 mm of fabric, 0.6 mm of lining.
    for (const state of ['empty', 'loaded'] as const) {
      expect(lengthOf(lined, 'base', 'outer', state) - lengthOf(lined, 'base', 'inner', state)).toBeCloseTo(
        3 * Math.PI,
        9,
      );
      expect(lengthOf(lined, 'base', 'middle', state) - lengthOf(lined, 'base', 'lining', state)).toBeCloseTo(
        1.8 * Math.PI,
        9,
      );
    }
  });

  it('are told of the bridge as well, of a gusset’s corners and of a band, and of nothing that is square', () => {
    const gusset = planOf(bagOf('gusset'));
    const corner = gusset.joins[0]?.stretches.find(({ name }) => name === 'corner');
    expect(lengthOf(gusset, 'corner', 'middle')).toBeCloseTo(2 * (corner?.lengthMm ?? NaN), 9);
    const purse = planOf(
      bagOf('round-purse', {}, (design) => ({
        ...design,
        flap: { kind: 'none', dropMm: 60, widthMm: null, hemMm: null },
      })),
    );
    expect(lengthOf(purse, 'rim', 'middle')).toBeCloseTo(purse.figures[figureId('band.length')]?.value ?? NaN, 9);
    expect(lengthOf(lined, 'top', 'middle')).toBeCloseTo(lined.flap.bridgeMm.loaded, 9);
    expect(bendLengths(planOf(bagOf('boxed-corners')))).toEqual([]);
  });

  it('never lie in the wrong order', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const plan = planOf(design);
        for (const { bend } of bendLengths(plan)) {
          const [inner, middle, outer] = (['inner', 'middle', 'outer'] as const).map((face) =>
            lengthOf(plan, bend, face),
          );
          expect(inner).toBeLessThanOrEqual(middle as number);
          expect(middle).toBeLessThanOrEqual(outer as number);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('add what each turn is long', () => {
    const turn = { turnRad: 1, radiusMm: 4 };
    const layers = { fabricMm: 2, liningMm: 0 };
    expect(bendLengthsMm([turn, turn], layers).outer).toBe(2 * bendLengthsMm([turn], layers).outer);
    // A bend sharper than half its fabric presses its inner face to nothing.
    expect(bendLengthsMm([{ turnRad: 1, radiusMm: 0.5 }], layers).inner).toBe(0);
  });
});
