'use client';

import { looseItems } from '@/core/contents';
import { Box } from '@chakra-ui/react';
import { useEffect, useMemo, useState } from 'react';
import { planBag } from '@/core/plan';
import { comparedFigures, namedFigures, solutionFigures, type Solution, type Solutions } from '@/core/solutions';
import { conflictText, proofText } from '@/core/wording';
import { foldedDrawing } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { knownPackings } from '@/ui/bag/knownPackings';
import { FoldedGroup } from '@/ui/bag/FoldedGroup';
import { useSwatchLibrary } from '@/ui/swatch/swatchLibrary';
import { RunButton, RunProgress } from '@/ui/workers/RunProgress';
import { useRun } from '@/ui/workers/useRun';
import { ComparedTable } from './ComparedTable';
import { SolutionList, type ShownSolution } from './SolutionList';
import { WeightSliders } from './WeightSliders';
import { WishFields } from './WishFields';
import { useSolutionChoices } from './solutionChoices';

/** The best plans for the same bag by what counts for the maker, to be compared with the present one and taken with one key. */
export function SolutionsGroup() {
  const { weights, wishes } = useSolutionChoices();
  const restsOn = useMemo(() => ({ weights, wishes }), [weights, wishes]);
  const { state, start, stop } = useRun<Solutions>(restsOn);
  const { swatches } = useSwatchLibrary();
  const store = useBagStore();
  const look = () => {
    const { design, plan } = store.getState();
    const { packings } = plan.contents;
    start((worker, onShare) => worker.solutions(design, [...swatches], weights, wishes, packings, onShare));
  };
  return (
    <FoldedGroup title="Find a better plan" answer="other stitches, hooks and counts for the same bag">
      <WeightSliders />
      <WishFields />
      <RunButton state={state} begin="Look for better plans" again="Look again" onStart={look} onStop={stop} />
      <RunProgress state={state} doing="Looking through stitches, hooks and counts…" label="How far the search is" />
      {state.kind === 'done' && <FoundSolutions found={state.result} />}
    </FoldedGroup>
  );
}

/** What a search found, or which wishes conflict. */
function FoundSolutions({ found }: { found: Solutions }) {
  const design = useBag((state) => state.design);
  const now = useBag((state) => state.plan);
  const { wishes } = useSolutionChoices();
  const store = useBagStore();
  const [compared, setCompared] = useState(0);
  const unit = design.settings.lengthUnit;
  const shown = useMemo(() => found.solutions.flatMap((solution, index) => shownOf(solution, index)), [found]);
  const chosen = shown[compared] ?? shown[0];
  const rows = useMemo(() => (chosen ? comparedFigures(now, chosen.plan, chosen.name) : []), [now, chosen]);
  useEffect(
    () =>
      store
        .getState()
        .showBesides('solutions', [
          ...shown.flatMap(({ plan, name, figures }) => [...namedFigures(plan, name), figures.stitches]),
          ...rows.map(({ differs }) => differs),
        ]),
    [shown, rows, store],
  );
  if (found.conflict)
    return (
      <Box role="alert" fontSize="15px" data-testid="conflict">
        {conflictText(found.conflict, wishes, unit)}
      </Box>
    );
  if (!chosen) return <Box fontSize="14.5px">Nothing that can be planned was found. Let a wish go.</Box>;
  return (
    <div data-testid="solutions">
      <SolutionList shown={shown} found={found} compared={compared} onCompare={setCompared} />
      <Box fontSize="14px" mt="2" data-testid="proof">
        {proofText({ plans: found.plans, weighed: found.tally.weighed, gap: found.gap })} Each of the others is better
        in something than every plan that is better in the rest.
      </Box>
      {!chosen.solution.isPresent && <ComparedTable rows={rows} title={`Plan ${compared + 1}, figure by figure`} />}
    </div>
  );
}

function shownOf(solution: Solution, index: number): ShownSolution[] {
  const planned = planBag(solution.design, knownPackings(looseItems(solution.design)));
  if (!planned.ok) return [];
  const name = String(index + 1);
  const { plan } = planned;
  return [
    { solution, name, plan, figures: solutionFigures(plan, solution.costs.work, name), drawing: foldedDrawing(plan) },
  ];
}
