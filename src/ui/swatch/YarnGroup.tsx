'use client';

import { Box, Button } from '@chakra-ui/react';
import { YARN_COLOURS, type HeldYarn } from '@/core/design';
import { M_PER_YARD } from '@/core/units';
import { YARN_CLASS_LABELS } from '@/core/wording';
import type { DesignEdit } from '@/core/problems';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { AddOrTake, ChoiceField, NumberField, TextField, MassField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import { CLOTHS } from '@/ui/theme/colours';

/** The yarn, and those held together with it: what a ball is, and what they come to as one. */
export function YarnGroup() {
  const { yarn, strands, heldWith } = useBag((state) => state.design.swatch);
  const held = useBagBehind('numbers', (state) => state.plan.yarn.held);
  const store = useBagStore();
  const set = (label: string, path: DesignEdit['path'], value: unknown) =>
    store.getState().edit(label, [{ path, value }]);
  const another: HeldYarn = {
    name: 'Another yarn',
    strands: 1,
    ballMassG: null,
    ballLengthM: null,
  };
  return (
    <Group
      title="Yarn"
      action={
        <AddOrTake
          label="Hold another yarn with it"
          onClick={() => set('Another yarn held', ['swatch', 'heldWith', heldWith.length], another)}
        />
      }
    >
      <Row>
        <TextField
          label="Yarn"
          value={yarn.name}
          width="14em"
          onChange={(value) => set('Yarn', ['swatch', 'yarn', 'name'], value)}
        />
        <ChoiceField
          label="Colour on the drawing"
          width="10em"
          value={yarn.colour}
          choices={YARN_COLOURS.map((colour) => ({ value: colour, label: CLOTHS[colour].label }))}
          onChange={(value) => set('Yarn colour', ['swatch', 'yarn', 'colour'], value)}
        />
        <NumberField
          label="Strands held together"
          width="4em"
          value={strands}
          onChange={(value) => set('Strands', ['swatch', 'strands'], value)}
        />
        <ChoiceField
          label="Weight class"
          width="9em"
          help="The number on the label."
          value={String(yarn.weightClass)}
          choices={[
            { value: 'null', label: 'Not named' },
            ...YARN_CLASS_LABELS.map(({ value, label }) => ({ value: String(value), label })),
          ]}
          onChange={(value) =>
            set('Weight class', ['swatch', 'yarn', 'weightClass'], value === 'null' ? null : Number(value))
          }
        />
        <Box display="contents" data-next="say-ball">
          <BallFields path={['swatch', 'yarn']} ballMassG={yarn.ballMassG} ballLengthM={yarn.ballLengthM} />
        </Box>
        {held && <FigureTicket figure={held} />}
      </Row>
      {heldWith.map((other, index) => (
        <Row key={index}>
          <TextField
            label={`Held with it, ${index + 1}`}
            value={other.name}
            width="14em"
            onChange={(value) => set('Yarn held', ['swatch', 'heldWith', index, 'name'], value)}
          />
          <NumberField
            label="Strands of it"
            width="4em"
            value={other.strands}
            onChange={(value) => set('Strands', ['swatch', 'heldWith', index, 'strands'], value)}
          />
          <BallFields
            path={['swatch', 'heldWith', index]}
            ballMassG={other.ballMassG}
            ballLengthM={other.ballLengthM}
          />
          <Button
            size="xs"
            variant="outline"
            bg="paper"
            alignSelf="end"
            mb="1.5"
            onClick={() =>
              set(
                'Yarn taken out',
                ['swatch', 'heldWith'],
                heldWith.filter((_, at) => at !== index),
              )
            }
          >
            Leave it out
          </Button>
        </Row>
      ))}
    </Group>
  );
}

/** What one ball is: its mass and its length, in metres or yards. */
function BallFields({
  path,
  ballMassG,
  ballLengthM,
}: { path: DesignEdit['path'] } & Pick<HeldYarn, 'ballMassG' | 'ballLengthM'>) {
  const metric = useBag((state) => state.design.settings.lengthUnit === 'cm');
  const store = useBagStore();
  const set = (label: string, field: string, value: number | null) =>
    store.getState().edit(label, [{ path: [...path, field], value }]);
  return (
    <>
      <MassField
        label="One ball"
        width="5em"
        valueG={ballMassG}
        empty="its label"
        onClear={() => set('Ball', 'ballMassG', null)}
        onChange={(value) => set('Ball', 'ballMassG', value)}
      />
      <NumberField
        label="Length of a ball"
        suffix={metric ? 'm' : 'yd'}
        width="5.5em"
        value={ballLengthM === null || metric ? ballLengthM : Math.round((ballLengthM / M_PER_YARD) * 10) / 10}
        empty="its label"
        onClear={() => set('Length of a ball', 'ballLengthM', null)}
        onChange={(value) => set('Length of a ball', 'ballLengthM', metric ? value : value * M_PER_YARD)}
      />
    </>
  );
}
