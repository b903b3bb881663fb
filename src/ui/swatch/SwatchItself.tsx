'use client';

import { Box } from '@chakra-ui/react';
import { HOOK_LETTER_NAMES } from '@/core/design';
import { PANEL_STITCH_IDS } from '@/core/stitches';
import { stitchName } from '@/core/wording';
import type { DesignEdit } from '@/core/problems';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField, LengthField, NumberField, TextField } from '@/ui/fields';
import { TakeOverSwatch } from './TakeOverSwatch';

/** What was worked, on what hook, and what it is a trial of. */
export function SwatchItself() {
  const { swatch, settings, ownStitches } = useBag((state) => state.design);
  const store = useBagStore();
  const edit = (label: string, ...edits: DesignEdit[]) => store.getState().edit(label, edits);
  const set = (label: string, field: string, value: unknown) => edit(label, { path: ['swatch', field], value });
  return (
    <Group title="The swatch itself">
      <Row>
        <TakeOverSwatch />
        <TextField
          label="Name"
          value={swatch.name}
          width="12em"
          onChange={(value) => set('Swatch name', 'name', value)}
        />
        <ChoiceField
          label="Stitch"
          value={swatch.stitch}
          choices={[...PANEL_STITCH_IDS, ...ownStitches.map(({ id }) => id)].map((id) => ({
            value: id,
            label: stitchName(id, settings.terms, ownStitches),
          }))}
          onChange={(value) =>
            edit(
              'Stitch',
              { path: ['swatch', 'stitch'], value },
              { path: ['stitch'], value },
              { path: ['body', 'chosenStitches'], value: null },
            )
          }
        />
        <ChoiceField
          label="Measured"
          value={swatch.state}
          width="9em"
          choices={[
            { value: 'as-worked', label: 'As worked' },
            { value: 'blocked', label: 'Blocked' },
            { value: 'hanging', label: 'Hanging' },
          ]}
          onChange={(value) => set('Measured', 'state', value)}
        />
        <ChoiceField
          label="A trial for"
          value={swatch.standsFor}
          width="9em"
          choices={[
            { value: 'panel', label: 'The panel' },
            { value: 'strip', label: 'A narrow strip' },
            { value: 'rounds', label: 'Joined rounds' },
            { value: 'border', label: 'A border' },
          ]}
          onChange={(value) => set('A trial for', 'standsFor', value)}
        />
        <NumberField
          label="Hook"
          suffix="mm"
          width="5em"
          value={swatch.hookMm}
          onChange={(value) => set('Hook', 'hookMm', value)}
        />
        <ChoiceField
          label="Letter on the hook"
          value={swatch.hookLetter ?? 'none'}
          width="8em"
          choices={[
            { value: 'none', label: 'None' },
            ...HOOK_LETTER_NAMES.map((letter) => ({ value: letter, label: letter })),
          ]}
          onChange={(value) => set('Letter on the hook', 'hookLetter', value === 'none' ? null : value)}
        />
        <Box display="contents" data-next="measure-thickness">
          <LengthField
            label="Fabric thickness"
            fine
            width="5em"
            help="Pressed lightly between two rulers."
            valueMm={swatch.thicknessMm}
            empty="not yet"
            onClear={() => set('Fabric thickness', 'thicknessMm', null)}
            onChange={(value) => set('Fabric thickness', 'thicknessMm', value)}
          />
        </Box>
      </Row>
    </Group>
  );
}
