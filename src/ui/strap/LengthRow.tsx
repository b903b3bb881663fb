'use client';

import { CARRYINGS, type Carrying, type Strap } from '@/core/design';
import { useBag } from '@/ui/bag/BagProvider';
import { Row } from '@/ui/bag/PlaceLayout';
import { CARRIED } from '@/ui/carry/carried';
import { ChoiceField, LengthField, MassField } from '@/ui/fields';
import { lastSize, rememberSize } from './bodySize';
import { PartLength, entries, type Edit, type PartProps } from './parts';

const GIVEN: Readonly<Record<Strap['given']['by'], string>> = {
  tape: 'A tape, foot to foot',
  drop: 'How far the bag hangs down',
  copy: 'A strap you like',
  figure: 'A figure of your size',
};

const AS_CARRIED = 'as-carried';
/** What the length is given by, first taken up. */
const usualGiven = (by: Strap['given']['by']): Strap['given'] => {
  switch (by) {
    case 'tape':
      return { by };
    case 'drop':
      return { by, dropMm: 250 };
    case 'copy':
      return { by, massG: null };
    case 'figure':
      return { by, mouthMm: 850, ...lastSize() };
  }
};

/** What a strap's length is given by, and what it lies over. */
export function LengthRow({ strap, edit }: PartProps) {
  const { given, over, wornLengthMm } = strap;
  const carried = useBag(({ design }) => design.contents.carried);
  return (
    <Row>
      <ChoiceField
        label="Its length is given by"
        width="14em"
        value={given.by}
        choices={entries(GIVEN)}
        onChange={(by) => edit('What the length is given by', ['given'], usualGiven(by))}
      />
      <ChoiceField
        label="It lies"
        width="15.5em"
        value={over ?? AS_CARRIED}
        choices={[
          { value: AS_CARRIED, label: `${CARRIED[carried]}, as the bag` },
          ...CARRYINGS.map((value) => ({ value, label: CARRIED[value] })),
        ]}
        onChange={(value) =>
          edit('What the strap lies over', ['over'], value === AS_CARRIED ? null : (value as Carrying))
        }
      />
      {(given.by === 'tape' || given.by === 'copy') && (
        <PartLength
          label={given.by === 'tape' ? 'Worn length' : 'Its length'}
          change="Worn length"
          path={['wornLengthMm']}
          valueMm={wornLengthMm}
          edit={edit}
        />
      )}
      {given.by === 'copy' && (
        <MassField
          label="Under a bag of"
          width="7em"
          empty="lying slack"
          valueG={given.massG}
          onChange={(grams) => edit('What the strap you like carried', ['given', 'massG'], grams)}
          onClear={() => edit('What the strap you like carried', ['given', 'massG'], null)}
        />
      )}
      {given.by === 'drop' && (
        <PartLength
          label="Mouth hangs below by"
          change="How far the bag hangs down"
          path={['given', 'dropMm']}
          valueMm={given.dropMm}
          edit={edit}
        />
      )}
      {given.by === 'figure' && <FigureFields given={given} edit={edit} />}
    </Row>
  );
}

function FigureFields({ given, edit }: { given: Extract<Strap['given'], { by: 'figure' }>; edit: Edit }) {
  const change = (key: 'mouthMm' | 'heightMm' | 'hipMm', label: string, mm: number) => {
    const faults = edit(label, ['given', key], mm);
    if (faults.length === 0 && key !== 'mouthMm') rememberSize({ ...given, [key]: mm });
    return faults;
  };
  const field = (key: 'mouthMm' | 'heightMm' | 'hipMm', label: string) => (
    <LengthField label={label} width="6em" valueMm={given[key]} onChange={(mm) => change(key, label, mm)} />
  );
  return (
    <>
      {field('heightMm', 'Your height')}
      {field('hipMm', 'Round your hip')}
      {field('mouthMm', 'Mouth above the floor')}
    </>
  );
}
