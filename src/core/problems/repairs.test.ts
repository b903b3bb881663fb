import fc from 'fast-check';
import { expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { applyEdits, type Design } from '@/core/design';
import { withHelpfulRepairs } from '@/core/helpfulRepairs';
import { planBag } from '@/core/plan';
import { someBag } from '@/core/testing/someBag';
import { workableBag } from '@/core/testing/workableBag';
import type { Problem, Severity } from '.';

/** Of each construction. Each is planned once more for every repair, so that `npm run fuzz` has a tenth of its runs here. */
const RUNS = Math.ceil(Number(process.env.FUZZ_RUNS ?? 2000) / 10);

const RANK: Record<Severity, number> = { mind: 0, decide: 1, stop: 2 };

const problemsOf = (design: Design): Problem[] => {
  const result = planBag(design);
  return result.ok ? result.plan.problems : result.problems;
};

/** Its repair is the other choice, as good as the one that was made. */
const CHOICE = 'motif-upside-down';

it.each(BODY_KINDS)(
  '%s: whatever is wrong, each repair that is offered mends it, and nothing as grave is new after it',
  (kind) => {
    const offered = new Set<string>();
    fc.assert(
      fc.property(fc.oneof(someBag(kind), workableBag(kind)), (design) => {
        const before = problemsOf(design);
        const known = new Set(before.map(({ code }) => code));
        for (const problem of withHelpfulRepairs(design, before))
          for (const repair of problem.repairs) {
            const mended = applyEdits(design, repair.edits);
            if (!mended.ok) throw new Error(`${problem.code}, ${repair.code}: ${mended.faults[0]?.sentence}`);
            const after = problemsOf(mended.design);
            const worse = after.filter(
              ({ code, severity }) => !known.has(code) && RANK[severity] >= RANK[problem.severity],
            );
            expect({ problem: problem.code, repair: repair.code, worse: worse.map(({ code }) => code) }).toEqual({
              problem: problem.code,
              repair: repair.code,
              worse: [],
            });
            if (problem.code === CHOICE) continue;
            offered.add(repair.code);
            const left = after
              .filter(({ path, mark }) => mark === problem.mark && String(path) === String(problem.path))
              .map(({ code }) => code);
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
