import type { Packings } from './contents';
import { applyEdits, type Design } from './design';
import { planBag, type PlanResult } from './plan';
import type { Problem, Repair, Severity } from './problems';

const RANK: Record<Severity, number> = { mind: 0, decide: 1, stop: 2 };

/** Problems whose repair is the other choice, as good as the one that was made: a motif hangs upside down on one part or on another. */
const CHOICES: ReadonlySet<string> = new Set(['motif-upside-down']);

const problemsOf = (result: PlanResult): Problem[] => (result.ok ? result.plan.problems : result.problems);

/**
 * Problems with only those of their repairs that help: after one is taken, the problem is gone, and none is new that is as grave as the one it mends, or
 * graver. Each repair is tried on the design to know it, so this is for when the hand rests, not for every step of a drag.
 *
 * @param problems some of the problems that the design's plan has
 * @param packings ways to pack what goes in, where they are known: none is looked for anew
 * @returns the same problems, in the same order
 */
export function withHelpfulRepairs(design: Design, problems: readonly Problem[], packings?: Packings): Problem[] {
  if (problems.every(({ repairs }) => repairs.length === 0)) return [...problems];
  const before = new Set(problemsOf(planBag(design, packings)).map(({ code }) => code));
  const helps = (repair: Repair, { code: mending, path, mark, severity }: Problem): boolean => {
    const mended = applyEdits(design, repair.edits);
    if (!mended.ok) return false;
    const after = problemsOf(planBag(mended.design, packings));
    const isMended = !after.some(
      (left) => left.code === mending && left.mark === mark && String(left.path) === String(path),
    );
    return (
      (isMended || CHOICES.has(mending)) &&
      after.every(({ code, severity: now }) => before.has(code) || RANK[now] < RANK[severity])
    );
  };
  return problems.map((problem) => ({
    ...problem,
    repairs: problem.repairs.filter((repair) => helps(repair, problem)),
  }));
}
