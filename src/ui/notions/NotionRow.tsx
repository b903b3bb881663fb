'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { memo, useState } from 'react';
import { nanoid } from 'nanoid';
import { shallow } from 'zustand/shallow';
import { pathOf, type FittingPlace } from '@/core/fittings';
import {
  fittingNotions,
  genericSizesOf,
  isOfSizes,
  notionIdSchema,
  notionSchema,
  sizeFieldsOf,
  sizesEdits,
  sizesOf,
  type Notion,
} from '@/core/notions';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField, TextField } from '@/ui/fields';
import { CalliperBox } from './CalliperBox';
import { useNotions } from './NotionsProvider';
import { sizeText } from './sizeText';

const TYPED = 'typed';

interface NotionRowProps {
  choice: { kind: string; fastens?: unknown };
  at: FittingPlace;
}

/** Where it is set is none of a piece's: only other sizes make it another. */
const samePiece = (one: NotionRowProps, other: NotionRowProps): boolean =>
  one.choice.kind === other.choice.kind &&
  one.choice.fastens === other.choice.fastens &&
  one.at.index === other.at.index &&
  one.at.group === other.at.group &&
  shallow(sizesOf(one.choice), sizesOf(other.choice));

/** Which piece it is: a usual size, or one of hers; measured with the calliper, and kept by a name. */
export const NotionRow = memo(function NotionRow({ choice, at }: NotionRowProps) {
  const { kind } = choice;
  const shelf = useNotions();
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const [measuring, setMeasuring] = useState(false);
  const [naming, setNaming] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  const fields = sizeFieldsOf(kind);
  if (fields.length === 0 || !shelf || !hasPiece(choice)) return null;
  const generic = genericSizesOf(kind);
  const hers = fittingNotions(shelf.kept, kind);
  const sizes = sizesOf(choice);
  const own = hers.find((one) => isOfSizes(choice, one.sizes));
  const usual = generic.findIndex((one) => isOfSizes(choice, one));
  const take = (edits: ReturnType<typeof sizesEdits>) => store.getState().edit('Another piece', edits);
  const choose = (value: string) => {
    const [from, which = ''] = value.split(':');
    const chosen = from === 'own' ? hers.find(({ id }) => id === which)?.sizes : generic[Number(which)];
    if (chosen) take(sizesEdits(pathOf(at), chosen));
  };
  const keep = async (name: string) => {
    const read = notionSchema.safeParse({
      id: notionIdSchema.parse(nanoid(12)),
      name,
      kind,
      sizes,
      count: 1,
      price: null,
    });
    if (!read.success) return read.error.issues[0]?.message ?? null;
    const refused = await shelf.keep(read.data);
    setSaid(refused ?? `“${read.data.name}” is kept among your pieces.`);
    if (refused === null) setNaming(false);
    return refused;
  };
  return (
    <Box mb="2">
      <Row>
        <ChoiceField
          label="Which piece"
          width="19em"
          value={own ? `own:${own.id}` : usual >= 0 ? `usual:${usual}` : TYPED}
          choices={[
            { value: TYPED, label: 'Sizes as typed below' },
            ...hers.map(({ id, name }) => ({ value: `own:${id}`, label: `Yours: ${name}` })),
            ...generic.map((one, index) => ({ value: `usual:${index}`, label: sizeText(kind, one, unit) })),
          ]}
          onChange={choose}
        />
        <Flex gap="2" align="end" wrap="wrap" pb="1">
          {!measuring && (
            <Button size="xs" variant="outline" bg="paper" onClick={() => setMeasuring(true)}>
              Measure it with a calliper
            </Button>
          )}
          {sizes && !own && !naming && (
            <Button size="xs" variant="outline" bg="paper" onClick={() => setNaming(true)}>
              Keep it among my pieces
            </Button>
          )}
          {own && <Forget own={own} forget={shelf.forget} onSaid={setSaid} />}
        </Flex>
      </Row>
      {naming && sizes && <NameIt says={sizeText(kind, sizes, unit)} onKeep={keep} onLeave={() => setNaming(false)} />}
      {measuring && (
        <CalliperBox
          fields={fields.filter(({ isCount }) => !isCount)}
          onTake={(field, mm) => take([{ path: [...pathOf(at), field], value: mm }])}
          onLeave={() => setMeasuring(false)}
        />
      )}
      {said && (
        <Box fontSize="13px" role="status" mt="1">
          {said}
        </Box>
      )}
    </Box>
  );
}, samePiece);

/** A tab through a slot has no button. */
const hasPiece = (choice: { kind: string; fastens?: unknown }): boolean =>
  choice.kind !== 'tab' || choice.fastens === 'button';

function Forget({
  own,
  forget,
  onSaid,
}: {
  own: Notion;
  forget: (id: string) => Promise<string | null>;
  onSaid: (sentence: string) => void;
}) {
  const press = async () => {
    const refused = await forget(own.id);
    onSaid(refused ?? `“${own.name}” is no longer among your pieces. Here it stays as it is.`);
  };
  return (
    <Button size="xs" variant="outline" bg="paper" onClick={() => void press()}>
      Take it out of my pieces
    </Button>
  );
}

function NameIt({
  says,
  onKeep,
  onLeave,
}: {
  says: string;
  onKeep: (name: string) => Promise<string | null>;
  onLeave: () => void;
}) {
  const [name, setName] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const keep = async () => {
    if (name.trim() === '') setFault('Give it a name.');
    else setFault(await onKeep(name));
  };
  return (
    <Box bg="paper" border="1px dashed" borderColor="counterEdge" px="3" py="2" mt="1">
      <Row>
        <TextField
          label="Its name"
          width="15em"
          value={name}
          onChange={(value) => {
            setName(value);
            setFault(null);
            return [];
          }}
        />
        <Flex gap="2" align="end" pb="1">
          <Button size="xs" variant="outline" bg="paper" onClick={() => void keep()}>
            Keep it
          </Button>
          <Button size="xs" variant="outline" bg="paper" onClick={onLeave}>
            Leave it
          </Button>
        </Flex>
      </Row>
      <Box fontSize="13px" role="status" color={fault ? 'decide' : undefined}>
        {fault ?? `${says}. It is offered on every bag.`}
      </Box>
    </Box>
  );
}
