'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { MOST_FURTHER_YARNS, YARN_COLOURS, type ColourRow, type FieldFault, type FurtherYarn } from '@/core/design';
import type { Figure } from '@/core/figures';
import type { DesignEdit } from '@/core/problems';
import { PIECE_NAMES, colourLetter } from '@/core/wording';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { FoldedGroup } from '@/ui/bag/FoldedGroup';
import { Row } from '@/ui/bag/PlaceLayout';
import { AddOrTake, ChoiceField, NumberField, TextField, MassField } from '@/ui/fields';
import { AskableNumber } from '@/ui/figures/FigureTicket';
import { CLOTHS, clothStyle } from '@/ui/theme/colours';

/** Yarns of other colours, and the rows that are worked in them. */
export function ColoursGroup() {
  const { furtherYarns, colourRows } = useBag((state) => state.design);
  const own = useBag((state) => state.design.swatch.yarn);
  const store = useBagStore();
  const edit = (label: string, ...edits: DesignEdit[]) => store.getState().edit(label, edits);
  const addYarn = () => {
    const taken = new Set([own, ...furtherYarns].map(({ colour }) => colour));
    const colour = YARN_COLOURS.find((one) => !taken.has(one)) ?? 'oat';
    const { ballMassG, ballLengthM } = own;
    const yarn: FurtherYarn = { name: `${CLOTHS[colour].label} yarn`, colour, ballMassG, ballLengthM };
    const stripe: ColourRow = { yarn: furtherYarns.length, fromRow: 3, rows: 2, everyRows: 8, piece: 'all' };
    edit(
      'Another colour',
      { path: ['furtherYarns', furtherYarns.length], value: yarn },
      { path: ['colourRows', colourRows.length], value: stripe },
    );
  };
  const answer =
    furtherYarns.length === 0
      ? 'one colour'
      : [own, ...furtherYarns].map(({ name }, index) => `${colourLetter(index)} ${name}`).join(', ');
  return (
    <FoldedGroup title="Other colours and stripes" answer={answer}>
      {furtherYarns.map((yarn, index) => (
        <ColourOf key={index} yarn={yarn} index={index} edit={edit} />
      ))}
      {furtherYarns.length < MOST_FURTHER_YARNS && <AddOrTake label="Add a colour" onClick={addYarn} />}
      {furtherYarns.length > 0 && (
        <Box fontSize="14px" color="inkSoft" mt="2">
          Worked at the swatch’s gauge. Rows are counted as each piece is worked; where stripes meet, the later one
          counts.
        </Box>
      )}
    </FoldedGroup>
  );
}

type Edit = (label: string, ...edits: DesignEdit[]) => FieldFault[];

/** One further yarn with its stripes, and how much of it to have. */
function ColourOf({ yarn, index, edit }: { yarn: FurtherYarn; index: number; edit: Edit }) {
  const colourRows = useBag((state) => state.design.colourRows);
  const furtherYarns = useBag((state) => state.design.furtherYarns);
  const lot = useBagBehind('numbers', (state) => state.plan.yarn.lots.find(({ name }) => name === yarn.name) ?? null);
  const set = (label: string, field: keyof FurtherYarn, value: unknown) =>
    edit(label, { path: ['furtherYarns', index, field], value });
  const takeOut = () =>
    edit(
      `Without ${yarn.name}`,
      {
        path: ['colourRows'],
        value: colourRows
          .filter((stripe) => stripe.yarn !== index)
          .map((stripe) => ({ ...stripe, yarn: stripe.yarn > index ? stripe.yarn - 1 : stripe.yarn })),
      },
      { path: ['furtherYarns'], value: furtherYarns.filter((_, other) => other !== index) },
    );
  const addStripe = () =>
    edit('Another stripe', {
      path: ['colourRows', colourRows.length],
      value: { yarn: index, fromRow: 1, rows: 2, everyRows: null, piece: 'all' } satisfies ColourRow,
    });
  return (
    <Box
      as="section"
      aria-label={yarn.name}
      borderLeft="10px solid"
      pl="3"
      mb="4"
      style={clothStyle(yarn.colour)}
      borderColor="var(--cloth)"
    >
      <Row>
        <TextField
          label={`Yarn ${colourLetter(index + 1)}`}
          width="13em"
          value={yarn.name}
          onChange={(value) => set('Yarn', 'name', value)}
        />
        <ChoiceField
          label="Colour on the drawing"
          width="10em"
          value={yarn.colour}
          choices={YARN_COLOURS.map((colour) => ({ value: colour, label: CLOTHS[colour].label }))}
          onChange={(value) => set('Yarn colour', 'colour', value)}
        />
        <MassField
          label="One ball"
          width="4.5em"
          empty="not known"
          valueG={yarn.ballMassG}
          onClear={() => set('Ball', 'ballMassG', null)}
          onChange={(value) => set('Ball', 'ballMassG', value)}
        />
        <NumberField
          label="Its length"
          suffix="m"
          width="5em"
          empty="not known"
          value={yarn.ballLengthM}
          onClear={() => set('Ball', 'ballLengthM', null)}
          onChange={(value) => set('Ball', 'ballLengthM', value)}
        />
      </Row>
      {colourRows.map(
        (stripe, at) => stripe.yarn === index && <StripeRow key={at} stripe={stripe} at={at} edit={edit} />,
      )}
      <Flex gap="2" align="center" wrap="wrap">
        <Button size="xs" variant="outline" bg="paper" onClick={addStripe}>
          Add a stripe in it
        </Button>
        <Button size="xs" variant="outline" bg="paper" onClick={takeOut}>
          Take this colour out
        </Button>
        {lot && <LotLine lot={lot} />}
      </Flex>
    </Box>
  );
}

/** What to have of it, each number to be asked. */
function LotLine({ lot }: { lot: { mass: Figure; balls: Figure } }) {
  return (
    <span>
      To have: <AskableNumber figure={lot.mass} />, <AskableNumber figure={lot.balls} />
    </span>
  );
}

function StripeRow({ stripe, at, edit }: { stripe: ColourRow; at: number; edit: Edit }) {
  const pieces = useBag((state) => state.plan.pieces);
  const set = (field: keyof ColourRow, value: unknown) => edit('Stripe', { path: ['colourRows', at, field], value });
  const colourRows = useBag((state) => state.design.colourRows);
  return (
    <Row>
      <NumberField label="From row" width="4.5em" value={stripe.fromRow} onChange={(value) => set('fromRow', value)} />
      <NumberField label="Rows" width="4em" value={stripe.rows} onChange={(value) => set('rows', value)} />
      <NumberField
        label="Again every"
        suffix="rows"
        width="4.5em"
        empty="once"
        value={stripe.everyRows}
        onClear={() => set('everyRows', null)}
        onChange={(value) => set('everyRows', value)}
      />
      {pieces.length > 1 && (
        <ChoiceField
          label="Of"
          width="9em"
          value={stripe.piece}
          choices={[
            { value: 'all' as ColourRow['piece'], label: 'Every piece' },
            ...pieces.map(({ id }) => ({ value: id as ColourRow['piece'], label: PIECE_NAMES[id] })),
          ]}
          onChange={(value) => set('piece', value)}
        />
      )}
      <AddOrTake
        label="Take this stripe out"
        onClick={() =>
          edit('Stripe out', { path: ['colourRows'], value: colourRows.filter((_, other) => other !== at) })
        }
      />
    </Row>
  );
}
