import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { applyEdits, swatchIdSchema, type BodyKind, type Design, type Swatch } from '@/core/design';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { solutionModel } from './fabricOptions';
import { planCosts } from './planCosts';
import { costsOf } from './search';
import { solutions, type Solutions } from './solutions';
import type { Wishes } from './wishes';
import type { Weights } from './criteria';

const WEIGHTS: Weights = { size: 3, doubt: 2, flap: 2, texture: 2, yarn: 1, work: 1 };
const FREE: Wishes = {
  fits: false,
  yarnG: null,
  offMm: null,
  plainFolds: false,
  triedHooks: false,
  sameStitch: false,
};

function lastOf<T>(steps: Generator<number, T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    expect(step.value).toBeGreaterThanOrEqual(0);
    expect(step.value).toBeLessThanOrEqual(1);
  }
}

const found = (design: Design, swatches: readonly Swatch[] = [], wishes: Wishes = FREE): Solutions =>
  lastOf(solutions(design, swatches, WEIGHTS, wishes));

const made = (kind: BodyKind): Design =>
  bagOf(kind, { stitchMm: 4.7, rowMm: 4.1, fabricMm: 1.8 }, (design) => ({
    ...design,
    contents: { ...design.contents, thicknessMm: 9 },
    swatch: { ...design.swatch, weighed: { massG: 14, widthMm: 120, heightMm: 110 } },
    flap: { kind: kind === 'round-purse' ? 'none' : 'straight', dropMm: 70, widthMm: null, hemMm: null },
  }));

describe('the plans that are offered', () => {
  it.each(BODY_KINDS)('come to what they say when they are taken: %s', (kind) => {
    const design = made(kind);
    const { solutions: list, conflict } = found(design);
    expect(conflict).toBeNull();
    expect(list.length).toBeGreaterThan(0);
    for (const { edits, costs, design: shown, isForetold } of list) {
      expect(isForetold).toBe(false);
      const read = applyEdits(design, edits);
      if (!read.ok) throw new Error('it can be taken');
      expect(planCosts(planOf(read.design))).toEqual(costs);
      expect(planCosts(planOf(shown))).toEqual(costs);
    }
  });

  it.each(['fold-over-strip', 'boxed-corners', 'around-chain', 'oval-base'] as const)(
    'are reckoned by the search as they come out when planned whole: %s',
    (kind) => {
      const design = made(kind);
      const model = lastOf(solutionModel(design, []));
      for (const fabric of model.fabrics.filter(({ plainEdge }) => plainEdge === 0))
        for (const [a, s, t] of [
          [0, 0, 0],
          [2, 3, 5],
          [4, 8, 2],
        ] as const) {
          const across = fabric.across[a % fabric.across.length];
          const side = fabric.sides[s % fabric.sides.length];
          const tail = side?.tails[t % side.tails.length];
          if (!across || !side || !tail) continue;
          const plan = planOf({
            ...design,
            stitch: fabric.stitch,
            body: {
              ...design.body,
              chosenStitches: across.stitches,
              chosenRows: {
                front: side.front,
                back: 'workedFrom' in design.body ? side.back : null,
                bridge: tail.bridge,
                flap: tail.flap,
              },
            } as Design['body'],
          });
          const [reckoned, planned] = [costsOf({ fabric, across, side, tail }), planCosts(plan)];
          for (const criterion of ['size', 'doubt', 'flap', 'texture'] as const)
            expect(reckoned[criterion], `${fabric.stitch} ${criterion}`).toBeCloseTo(planned[criterion], 6);
          if (kind === 'oval-base') continue;
          expect(reckoned.work, `${fabric.stitch} work`).toBeCloseTo(planned.work, 6);
          // What sews grows a little with the rows, and is not reckoned anew.
          expect(reckoned.yarn / planned.yarn, `${fabric.stitch} yarn`).toBeCloseTo(1, 1);
        }
    },
  );

  it('are no worse than the bag as it is, by the maker’s weights', () => {
    const design: Design = { ...made('fold-over-strip'), stitch: 'bobble-field' };
    const { solutions: list, presentScore } = found(design, [], { ...FREE, sameStitch: true });
    expect(list[0]?.score).toBeLessThanOrEqual(presentScore + 1e-9);
    expect(list.every(({ stitch }) => stitch === 'bobble-field')).toBe(true);
  });

  it('ask for a swatch first on hooks between those that were tried', () => {
    const design = made('fold-over-strip');
    const thicker: Swatch = {
      ...design.swatch,
      id: swatchIdSchema.parse('thicker'),
      hookMm: design.swatch.hookMm + 1,
      stitchReadings: design.swatch.stitchReadings.map(({ count, lengthMm }) => ({ count, lengthMm: lengthMm * 1.1 })),
      rowReadings: design.swatch.rowReadings.map(({ count, lengthMm }) => ({ count, lengthMm: lengthMm * 1.08 })),
    };
    const all = lastOf(solutionModel(design, [thicker]));
    const between = all.fabrics.filter(({ swatch }) => swatch === null);
    expect(between.length).toBeGreaterThan(0);
    // What is foretold is less sure than what was tried.
    const doubt = (hookMm: number) =>
      all.fabrics.find((fabric) => fabric.stitch === design.stitch && fabric.hookMm === hookMm)?.across[0]?.doubtMm ??
      0;
    expect(doubt(between[0]?.hookMm ?? 0)).toBeGreaterThan(doubt(design.swatch.hookMm));
    for (const one of found(design, [thicker]).solutions) expect(one.edits.length === 0).toBe(one.isForetold);
  });
});
