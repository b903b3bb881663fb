'use client';

import { WISH_NAMES } from '@/core/wording';
import { LengthField, MassField } from '@/ui/fields';
import { useWhatApplies } from './useWhatApplies';
import { useSolutionChoices } from './solutionChoices';

const YES_OR_NO = ['sameStitch', 'fits', 'plainFolds', 'triedHooks'] as const;

/** What a plan must keep to. */
export function WishFields() {
  const { wishes, wish } = useSolutionChoices();
  const { hasFolds } = useWhatApplies();
  return (
    <div className="wishes">
      {YES_OR_NO.filter((id) => id !== 'plainFolds' || hasFolds).map((id) => (
        <label key={id} className="tick">
          <input
            type="checkbox"
            checked={wishes[id]}
            onChange={(event) => wish({ [id]: event.currentTarget.checked })}
          />
          <span>{WISH_NAMES[id]}</span>
        </label>
      ))}
      <MassField
        label={WISH_NAMES.yarnG}
        valueG={wishes.yarnG}
        empty="any"
        width="7em"
        onChange={(value) => {
          if (value <= 0) return [{ path: [], sentence: 'Write how much you have.' }];
          wish({ yarnG: value });
          return [];
        }}
        onClear={() => {
          wish({ yarnG: null });
          return [];
        }}
      />
      <LengthField
        label={WISH_NAMES.offMm}
        valueMm={wishes.offMm}
        empty="any"
        width="7em"
        onChange={(offMm) => {
          wish({ offMm });
          return [];
        }}
        onClear={() => {
          wish({ offMm: null });
          return [];
        }}
      />
    </div>
  );
}
