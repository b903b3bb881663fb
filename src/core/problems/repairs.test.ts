import fc from 'fast-check';
import { expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { applyEdits, type Design } from '@/core/design';
import { planBag } from '@/core/plan';
import { someBag } from '@/core/testing/someBag';
import type { Problem } from '.';

/** Of each construction. Each is planned once more for every repair, so that `npm run fuzz` has a tenth of its runs here. */
const RUNS = Math.ceil(Number(process.env.FUZZ_RUNS ?? 2000) / 10);

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
