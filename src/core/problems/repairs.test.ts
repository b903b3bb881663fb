import fc from 'fast-check';
import { expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { KNOWN_THINGS } from '@/core/contents';
import { applyEdits, thingIdSchema, usualLining, usualSnap, type BodyKind, type Design } from '@/core/design';
import { planBag } from '@/core/plan';
import { bagOf, withBody } from '@/core/testing/bodies';
import type { Problem } from '.';

/** Of each construction. Each is planned once more for every repair, so that `npm run fuzz` has a tenth of its runs here. */
const RUNS = Math.ceil(Number(process.env.FUZZ_RUNS ?? 2000) / 10);

/** Bags such as makers wish for: no wider than a forearm, with a flap, a snap, a few things in them, of any usual gauge. */
const someBag = (kind: BodyKind): fc.Arbitrary<Design> =>
  fc
    .record({
      stitchMm: fc.double({ min: 3, max: 7, noNaN: true }),
      rowShare: fc.double({ min: 0.8, max: 1.7, noNaN: true }),
      widthMm: fc.integer({ min: 110, max: 320 }),
      heightMm: fc.integer({ min: 90, max: 260 }),
      dropMm: fc.integer({ min: 30, max: 260 }),
      flap: fc.constantFrom('none' as const, 'straight' as const, 'round' as const),
      insetMm: fc.integer({ min: 8, max: 60 }),
      mate: fc.constantFrom('loaded' as const, 'between' as const, 'both' as const),
      sizesFrom: fc.constantFrom('outside' as const, 'inside' as const, 'contents' as const),
      things: fc.array(fc.constantFrom(...KNOWN_THINGS.filter(({ widthMm }) => widthMm <= 180)), { maxLength: 3 }),
      thicknessMm: fc.option(fc.integer({ min: 0, max: 50 }), { nil: null }),
      lined: fc.boolean(),
    })
    .map(({ stitchMm, rowShare, widthMm, heightMm, dropMm, flap, insetMm, mate, sizesFrom, things, ...rest }) => {
      const bag = bagOf(kind, { stitchMm, rowMm: stitchMm * rowShare, fabricMm: 2 });
      return {
        ...withBody(bag, { widthMm, heightMm, sizesFrom }),
        flap: { kind: flap, dropMm: Math.min(dropMm, heightMm), widthMm: null, hemMm: null },
        hardware: [{ ...usualSnap(), insetMm, mate }],
        lining: rest.lined ? usualLining() : null,
        contents: {
          ...bag.contents,
          thicknessMm: rest.thicknessMm,
          items: things.map((known, index) => ({
            count: 1,
            thing: {
              id: thingIdSchema.parse(`thing-${index}`),
              name: `Thing ${index}`,
              widthMm: known.widthMm,
              heightMm: known.heightMm,
              thicknessMm: known.thicknessMm ?? 8,
              massG: null,
              turns: known.turns,
              known: null,
            },
          })),
        },
      };
    });

const problemsOf = (design: Design): Problem[] => {
  const result = planBag(design);
  return result.ok ? result.plan.problems : result.problems;
};

/** How far a flap comes down can only be told by whole rows: where one is a large share of the front, a repair may come out a row off. */
const BY_ROWS: ReadonlySet<string> = new Set(['flap-hides-front', 'flap-short', 'flap-past-base']);
const isCoarse = (design: Design): boolean => {
  const result = planBag(design);
  return !result.ok || result.plan.pouch.rowMm > 0.04 * result.plan.pouch.sectionMm.front;
};

it.each(BODY_KINDS)(
  '%s: whatever is wrong, each repair that is offered mends it',
  (kind) => {
    const offered = new Set<string>();
    fc.assert(
      fc.property(someBag(kind), (design) => {
        for (const problem of problemsOf(design))
          for (const repair of problem.repairs) {
            const mended = applyEdits(design, repair.edits);
            if (!mended.ok) throw new Error(`${problem.code}, ${repair.code}: ${mended.faults[0]?.sentence}`);
            if (BY_ROWS.has(problem.code) && isCoarse(mended.design)) continue;
            offered.add(repair.code);
            const left = problemsOf(mended.design).map(({ code }) => code);
            expect({ problem: problem.code, repair: repair.code, left }).toEqual({
              problem: problem.code,
              repair: repair.code,
              left: left.filter((code) => code !== problem.code),
            });
          }
      }),
      { numRuns: RUNS },
    );
    // The wishes are such that repairs of many kinds come up.
    expect(offered.size).toBeGreaterThan(3);
  },
  60_000 + RUNS * 200,
);
