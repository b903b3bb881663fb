'use client';

import { Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField } from '@/ui/fields';
import { TypedField } from '@/ui/fields/TypedField';
import type { OwnStitchDraft } from './ownStitchDraft';

const SHARES = [
  ['widthToSc', 'Stitch width'],
  ['heightToSc', 'Row height'],
  ['yarnToSc', 'Yarn for an area'],
  ['thicknessToSc', 'Thickness'],
] as const;

const OPENNESS = [
  { value: 'dense', label: 'Dense' },
  { value: 'medium', label: 'A little open' },
  { value: 'open', label: 'Open' },
] as const;

const YES_NO = [
  { value: 'no', label: 'No' },
  { value: 'yes', label: 'Yes' },
] as const;

interface NatureFieldsProps {
  draft: OwnStitchDraft;
  onChange: (part: Partial<OwnStitchDraft>) => void;
}

/** What of a pattern's fabric its rows don't tell, as she judges it; a swatch counts for more. */
export function NatureFields({ draft, onChange }: NatureFieldsProps) {
  const { nature, setupCount, rows, firstRowPublic } = draft;
  const set = (part: Partial<OwnStitchDraft['nature']>) => onChange({ nature: { ...nature, ...part } });
  const flag = (value: boolean) => (value ? 'yes' : 'no');
  return (
    <Row>
      <TypedField
        label="Rows worked once first"
        width="3.5em"
        shown={String(setupCount)}
        commit={(text) => {
          const count = Number(text);
          if (!Number.isInteger(count) || count < 0 || count >= rows.length)
            return `Write a number from 0 to ${rows.length - 1}: at least one row repeats.`;
          onChange({ setupCount: count });
          return null;
        }}
      />
      {SHARES.map(([key, label]) => (
        <TypedField
          key={key}
          label={`${label}, of sc’s`}
          width="4em"
          suffix="%"
          shown={String(Math.round(nature[key] * 100))}
          commit={(text) => {
            const share = Number(text.replace(',', '.')) / 100;
            if (!(share >= 0.2 && share <= 6)) return 'Write a share from 20 to 600 %.';
            set({ [key]: share });
            return null;
          }}
        />
      ))}
      <ChoiceField
        label="Fabric"
        width="9em"
        value={nature.openness}
        choices={OPENNESS}
        onChange={(openness) => set({ openness })}
      />
      <ChoiceField
        label="Has an up"
        width="5em"
        value={flag(nature.hasUp)}
        choices={YES_NO}
        onChange={(value) => set({ hasUp: value === 'yes' })}
      />
      <ChoiceField
        label="Both faces alike"
        width="5em"
        value={flag(nature.sameOnBothFaces)}
        choices={YES_NO}
        onChange={(value) => set({ sameOnBothFaces: value === 'yes' })}
      />
      <ChoiceField
        label="Row 1 shows the public side"
        width="5em"
        value={flag(firstRowPublic)}
        choices={YES_NO}
        onChange={(value) => onChange({ firstRowPublic: value === 'yes' })}
      />
    </Row>
  );
}
