'use client';

import { usualAdjust, type Strap } from '@/core/design';
import { Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField, NumberField } from '@/ui/fields';
import { PartLength, entries, type PartProps } from './parts';

const ADJUST: Readonly<Record<Strap['adjust']['kind'], string>> = {
  none: 'Nothing: it is of one length',
  slider: 'A slider',
  'two-rings': 'Two D-rings',
  buttonholes: 'Buttonholes',
  knot: 'A knot',
  bow: 'A bow',
};

/** What a strap is made longer and shorter by. */
export function AdjustRow({ strap: { adjust }, edit }: PartProps) {
  return (
    <Row>
      <ChoiceField
        label="Made longer and shorter by"
        width="15em"
        value={adjust.kind}
        choices={entries(ADJUST)}
        onChange={(kind) => edit('What adjusts the strap', ['adjust'], usualAdjust(kind))}
      />
      {adjust.kind !== 'none' && (
        <PartLength
          label="To be let out by"
          change="How far it is let out"
          path={['adjust', 'longerMm']}
          valueMm={adjust.longerMm}
          edit={edit}
        />
      )}
      {adjust.kind === 'buttonholes' && (
        <>
          <NumberField
            label="Holes"
            width="4em"
            value={adjust.holes}
            onChange={(value) => edit('Buttonholes', ['adjust', 'holes'], value)}
          />
          <PartLength
            label="Apart"
            change="Buttonholes"
            path={['adjust', 'everyMm']}
            valueMm={adjust.everyMm}
            edit={edit}
            fine
          />
        </>
      )}
      {adjust.kind === 'bow' && (
        <>
          <PartLength
            label="Loops, their length"
            change="Bow"
            path={['adjust', 'loopMm']}
            valueMm={adjust.loopMm}
            edit={edit}
            fine
          />
          <PartLength
            label="Left of each end to tie"
            change="Bow"
            path={['adjust', 'tieMm']}
            valueMm={adjust.tieMm}
            edit={edit}
            fine
          />
        </>
      )}
    </Row>
  );
}
