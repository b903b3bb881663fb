'use client';

import { CRITERIA, type Criterion } from '@/core/solutions';
import { CRITERION_NAMES } from '@/core/wording';
import { useWhatApplies } from './useWhatApplies';
import { MOST_WEIGHT, useSolutionChoices } from './solutionChoices';

const WORDS = ['does not count', 'counts a little', 'counts', 'counts more', 'counts much', 'counts most'];

/** How much each thing counts, in a maker's words. */
export function WeightSliders() {
  const { weights, weigh } = useSolutionChoices();
  const { hasFlap, hasFolds } = useWhatApplies();
  const applies: Partial<Record<Criterion, boolean>> = { flap: hasFlap, texture: hasFolds };
  return (
    <div className="weights">
      {CRITERIA.filter((criterion) => applies[criterion] !== false).map((criterion) => (
        <label key={criterion}>
          <span>{CRITERION_NAMES[criterion]}</span>
          <input
            type="range"
            min={0}
            max={MOST_WEIGHT}
            step={1}
            value={weights[criterion]}
            aria-valuetext={WORDS[weights[criterion]]}
            onChange={(event) => weigh(criterion, Number(event.currentTarget.value))}
          />
          <span className="weights-word">{WORDS[weights[criterion]]}</span>
        </label>
      ))}
    </div>
  );
}
