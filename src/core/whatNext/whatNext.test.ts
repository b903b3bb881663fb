import fc from 'fast-check';
import { expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { CLOSURES } from '@/core/closure';
import { applyEdits, patternOf, usualLining, type Design } from '@/core/design';
import { withHelpfulRepairs } from '@/core/helpfulRepairs';
import { planBag, type Plan } from '@/core/plan';
import type { DesignEdit } from '@/core/problems';
import { someBag } from '@/core/testing/someBag';
import { workableBag } from '@/core/testing/workableBag';
import { nextAt, nextThings, lastWayOut, type NextThing } from '.';

const RUNS = Math.ceil(Number(process.env.FUZZ_RUNS ?? 2000) / 20);

/** A swatch of the bag's own stitch, as it comes out on its hook, laid on a scale. */
function measuredEdits(design: Design): DesignEdit[] {
  const { nature } = patternOf(design);
  const stitchMm = design.swatch.hookMm * 1.2;
  const across = (count: number) => ({ count, lengthMm: count * stitchMm * nature.widthToSc });
  const up = (count: number) => ({ count, lengthMm: count * stitchMm * nature.heightToSc });
  return [
    { path: ['swatch', 'stitch'], value: design.stitch },
    { path: ['swatch', 'stitchReadings'], value: [across(20), across(20), across(20)] },
    { path: ['swatch', 'rowReadings'], value: [up(20), up(20), up(20)] },
    { path: ['swatch', 'thicknessMm'], value: 2 },
    { path: ['swatch', 'weighed'], value: { massG: 20, widthMm: 1000, heightMm: 1000 } },
  ];
}

/** What a maker does who takes the first way that is offered, and takes off what nothing helps. */
function answer(design: Design, plan: Plan, thing: NextThing): DesignEdit[] | null {
  switch (thing.code) {
    case 'say-contents':
      return thing.without;
    case 'measure-swatch':
    case 'measure-thickness':
    case 'weigh-swatch':
      return measuredEdits(design);
    case 'say-ball':
      return [
        { path: ['swatch', 'yarn', 'ballMassG'], value: 50 },
        { path: ['swatch', 'yarn', 'ballLengthM'], value: 120 },
      ];
    case 'choose-closure':
      return plan.flap.hasFlap
        ? [{ path: ['closures', 0], value: CLOSURES['magnetic-snap'].usual(design) }]
        : thing.without;
    case 'say-zipper-length':
      return [{ path: thing.path ?? [], value: 150 }];
    case 'choose-lining':
      return [{ path: ['lining'], value: usualLining() }];
    case 'decide': {
      const problem = thing.problem as NonNullable<NextThing['problem']>;
      const [helpful] = withHelpfulRepairs(design, [problem]);
      const repair = helpful?.repairs[0];
      if (repair) return repair.edits;
      // A repair that leaves something else to decide is better than none.
      return thing.place === 'swatch'
        ? measuredEdits(design)
        : (lastWayOut(design, thing) ?? problem.repairs[0]?.edits ?? null);
    }
  }
}

function edited(design: Design, edits: readonly DesignEdit[]): Design {
  const after = applyEdits(design, edits);
  if (!after.ok) throw new Error(JSON.stringify(after.faults));
  return after.design;
}

it.each(BODY_KINDS)('%s: whoever does what comes next, as often as she is told, has a whole plan', (kind) => {
  fc.assert(
    fc.property(fc.oneof(someBag(kind), workableBag(kind)), (first) => {
      if (!planBag(first).ok) return;
      let design = first;
      const done: string[] = [];
      for (;;) {
        const result = planBag(design);
        if (!result.ok) {
          // A swatch may show that it can't be made so: then it is mended first.
          const repair = withHelpfulRepairs(design, result.problems).flatMap(({ repairs }) => repairs)[0];
          if (!repair) throw new Error(`no plan after ${done.join(', ')}: ${result.problems[0]?.code}`);
          design = edited(design, repair.edits);
          done.push(repair.code);
          continue;
        }
        const next = nextAt('carry', nextThings(design, result.plan));
        if (next === null) break;
        done.push(next.problem?.code ?? next.code);
        expect(done.length, done.join(', ')).toBeLessThan(40);
        const edits = answer(design, result.plan, next);
        if (edits === null)
          throw new Error(`${JSON.stringify(next.problem)} nothing is left to do about ${done.join(', ')}`);
        design = edited(design, edits);
      }
      const result = planBag(design);
      if (!result.ok) throw new Error('no plan');
      expect(result.plan.problems.filter(({ severity }) => severity === 'decide')).toEqual([]);
      expect(result.plan.yarn.figures).not.toBeNull();
      expect(result.plan.gauge.basis).toBeNull();
    }),
    { numRuns: RUNS },
  );
});
