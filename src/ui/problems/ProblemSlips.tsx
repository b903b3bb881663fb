'use client';

import { Info, Wrench } from 'lucide-react';
import { memo, useEffect, useMemo, useState } from 'react';
import type { Packings } from '@/core/contents';
import type { Design } from '@/core/design';
import { withHelpfulRepairs } from '@/core/helpfulRepairs';
import type { Problem, Repair } from '@/core/problems';
import { figuresNamed, problemSentence, repairLabel, whichFitting } from '@/core/wording';
import { focusingChange } from '@/ui/focus/focusChange';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { useHandDown } from '@/ui/bag/hand';
import { HAND_RESTS_MS, useSettled } from '@/ui/bag/useSettled';
import { WhyThese } from '@/ui/figures/WhyThese';

/**
 * What the maker should know here, each with the ways out. What needs her decision has the one warm colour. While a hand is down they come and
 * go only when it rests: each moves everything below it.
 */
export function ProblemSlips({ place, only }: { place: Problem['place']; only?: 'decide' | 'mind' }) {
  const isHandDown = useHandDown();
  // A design and what is said of it are read together and rest together: a way out of one plan is none of another's.
  const now = useBagBehind('numbers', ({ design, plan }) => ({
    design,
    problems: plan.problems,
    packings: plan.contents.packings,
  }));
  const rested = useSettled(now, isHandDown ? HAND_RESTS_MS : 0);
  const shown = useMemo(
    () =>
      rested.problems.filter(
        (problem) =>
          problem.place === place && (only === undefined || (problem.severity === 'decide') === (only === 'decide')),
      ),
    [rested, place, only],
  );
  const here = useHelpful(rested.design, shown, rested.packings, isHandDown);
  if (here.length === 0) return null;
  const decideFirst = [...here].sort((a, b) => Number(b.severity === 'decide') - Number(a.severity === 'decide'));
  return (
    <section className="slips" aria-label={only === 'decide' ? 'To decide' : 'Worth knowing'}>
      {decideFirst.map((problem) => (
        <Slip key={`${problem.code}-${problem.path?.join('.')}`} problem={problem} />
      ))}
    </section>
  );
}

/**
 * The problems with the repairs that help. Each is tried to know it, which takes too long while a hand is down: until it rests they are shown
 * as they were.
 */
function useHelpful(
  design: Design,
  problems: readonly Problem[],
  packings: Packings,
  isHandDown: boolean,
): readonly Problem[] {
  const [helpful, setHelpful] = useState<readonly Problem[]>([]);
  useEffect(() => {
    if (isHandDown) return;
    const soon = setTimeout(() => setHelpful(withHelpfulRepairs(design, problems, packings)), 0);
    return () => clearTimeout(soon);
  }, [design, problems, packings, isHandDown]);
  const help = new Set(helpful.flatMap(({ repairs }) => repairs));
  // Until it is tried, a way out that is new is not shown rather than a wrong one: what it changes may be gone meanwhile.
  return problems.map((problem) => ({ ...problem, repairs: problem.repairs.filter((repair) => help.has(repair)) }));
}

const Slip = memo(function Slip({ problem }: { problem: Problem }) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const which = useBag(({ design }) => whichFitting(problem, design));
  const decide = problem.severity === 'decide';
  const apply = (repair: Repair) => store.getState().edit(repairLabel(repair, unit), repair.edits);
  return (
    <div
      className="slip"
      data-problem={problem.code}
      data-severity={problem.severity}
      onPointerEnter={() => problem.mark && store.getState().select(problem.mark)}
    >
      <span className="slip-mark" aria-hidden>
        {decide ? <Wrench size={16} /> : <Info size={16} />}
      </span>
      <div>
        {decide && <strong>Your decision: </strong>}
        {which}
        {problemSentence(problem, unit)}
        {problem.asks && <SlipFigures names={problem.asks} />}
        {problem.repairs.length > 0 && (
          <div className="slip-repairs">
            {problem.repairs.map((repair) => (
              <button key={repair.code} type="button" onClick={(event) => focusingChange(event, () => apply(repair))}>
                {repairLabel(repair, unit)}
              </button>
            ))}
          </div>
        )}
      </div>
    </div>
  );
});

function SlipFigures({ names }: { names: readonly string[] }) {
  const plan = useBagBehind('numbers', (state) => state.plan);
  return <WhyThese figures={figuresNamed(plan, names)} />;
}
