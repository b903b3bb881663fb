'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { nanoid } from 'nanoid';
import { useEffect, useRef, useState } from 'react';
import { KNOWN_THINGS, knownThing } from '@/core/contents';
import { thingIdSchema, thingSchema, type FieldFault, type Thing } from '@/core/design';
import { formatLength } from '@/core/units';
import { faultSentence, formatQuantity, formatSource } from '@/core/wording';
import { thingMark } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { ChoiceField } from '@/ui/fields';
import { useLibrary, type LibraryShelf } from '@/ui/library/library';
import { LibraryFinder } from '@/ui/library/LibraryFinder';
import { SetAside } from '@/ui/library/SetAside';
import { NewThing, type BegunThing } from './NewThing';
import { ThingFields } from './ThingFields';

/** The list of what goes in. A thing is taken from those of known size, from hers, or measured new; pressed, it opens to be changed. */
export function ThingsGroup() {
  const items = useBag((state) => state.design.contents.items);
  const hers = useLibrary('/api/things', thingSchema);
  const store = useBagStore();
  const [open, setOpen] = useState<string | null>(null);
  const [told, setTold] = useState<string | null>(null);
  const [begun, setBegun] = useState<BegunThing | null>(null);
  const [arrived, setArrived] = useState<string | null>(null);

  const add = (thing: Omit<Thing, 'id'>, ownId?: Thing['id']): FieldFault[] => {
    // A thing of hers keeps its id, by which it can be forgotten from here; a second one of it is a thing of its own.
    const isNew = ownId === undefined || items.some((item) => item.thing.id === ownId);
    const id = isNew ? thingIdSchema.parse(nanoid(12)) : ownId;
    const named = {
      ...thing,
      id,
      name: freeAmong(
        thing.name,
        items.map((item) => item.thing.name),
      ),
    };
    const faults = store
      .getState()
      .edit(`In goes: ${named.name}`, [
        { path: ['contents', 'items', items.length], value: { thing: named, count: 1 } },
      ]);
    setTold(faults[0] ? faultSentence(faults[0], store.getState().design.settings.lengthUnit) : null);
    setOpen(id);
    setBegun(null);
    setArrived(begun ? id : null);
    return faults;
  };
  const begin = (thing: BegunThing) => {
    setBegun(thing);
    setOpen(null);
  };
  return (
    <Group title="What goes in" next="say-contents" action={<AddThing hers={hers} onAdd={add} onBegin={begin} />}>
      <SetAside names={hers.unreadable} />
      <LibraryFinder part={hers} label="Find among your things" where="in “Add a thing…”" />
      {items.length === 0 && !begun && (
        <Box fontSize="14.5px">Nothing yet. List what the bag has to hold, and its sizes can follow from that.</Box>
      )}
      <Box as="ul" listStyleType="none" display="grid" gap="1">
        {items.map(({ thing }, index) => (
          <ThingLine
            key={thing.id}
            index={index}
            hers={hers}
            open={open === thing.id}
            arrives={arrived === thing.id}
            onToggle={() => setOpen(open === thing.id ? null : thing.id)}
            onTold={setTold}
          />
        ))}
      </Box>
      {begun && <NewThing key={begun.name} begun={begun} onAdd={add} onLeave={() => setBegun(null)} />}
      {told && (
        <Box role="status" fontSize="14px" mt="2">
          {told}
        </Box>
      )}
    </Group>
  );
}

function freeAmong(name: string, taken: readonly string[]): string {
  const used = new Set(taken.map((one) => one.toLowerCase()));
  if (!used.has(name.toLowerCase())) return name;
  let number = 2;
  while (used.has(`${name} ${number}`.toLowerCase())) number += 1;
  return `${name} ${number}`;
}

/** The choice of a thing to add: hers first, then those of known size with where that is from. */
function AddThing({
  hers,
  onAdd,
  onBegin,
}: {
  hers: LibraryShelf<Thing>;
  onAdd: (thing: Omit<Thing, 'id'>, ownId?: Thing['id']) => void;
  onBegin: (begun: BegunThing) => void;
}) {
  const choose = (choice: string) => {
    const [kind, id] = choice.split(/:(.*)/s) as [string, string];
    if (kind === 'new') onBegin({ name: '', sizes: {}, massG: null, turns: 'in-the-plane', known: null });
    const own = kind === 'own' ? hers.kept.find((thing) => thing.id === id) : undefined;
    if (own) onAdd(own, own.id);
    const known = kind === 'known' ? knownThing(id) : undefined;
    if (known) {
      const { id: knownId, name, widthMm, heightMm, thicknessMm, massG, turns } = known;
      const rest = { name, massG, turns, known: knownId };
      if (thicknessMm === null) onBegin({ ...rest, sizes: { widthMm, heightMm } });
      else onAdd({ ...rest, widthMm, heightMm, thicknessMm });
    }
  };
  return (
    <ChoiceField
      label="Add a thing"
      hideLabel
      width="15em"
      value=""
      choices={[
        { value: '', label: 'Add a thing…' },
        { value: 'new:', label: 'Measured now' },
        ...hers.kept.map(({ id, name }) => ({ value: `own:${id}`, label: `Yours: ${name}` })),
        ...KNOWN_THINGS.map(({ id, name, source }) => ({
          value: `known:${id}`,
          label: source.kind === 'published' ? name : `${name} (rough)`,
        })),
      ]}
      onChange={choose}
    />
  );
}

interface ThingLineProps {
  index: number;
  /** It was just measured and put in: the hand goes on from here. */
  arrives: boolean;
  hers: LibraryShelf<Thing>;
  open: boolean;
  onToggle: () => void;
  onTold: (sentence: string | null) => void;
}

function ThingLine({ index, hers, open, arrives, onToggle, onTold }: ThingLineProps) {
  const item = useBag((state) => state.design.contents.items[index]);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const sets = useBag((state) => state.plan.contents.sets);
  const pieces = useBag((state) => state.plan.contents.things);
  const pocketed = useBag((state) => state.plan.contents.pocketed);
  const selection = useBag((state) => state.selection);
  const store = useBagStore();
  const head = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (arrives) head.current?.focus();
  }, [arrives]);
  if (!item) return null;
  const { thing, count } = item;
  const own = pieces.flatMap((piece, at) => (piece.thing === thing.id ? [at] : []));
  const setting = [
    ['across', sets.width],
    ['up', sets.height],
    ['thick', sets.thickness],
  ] as const;
  const inPockets = pocketed.reduce((sum, one) => sum + (one.thing.id === thing.id ? one.count : 0), 0);
  const told = setting.filter(([, indexes]) => indexes.some((at) => own.includes(at))).map(([name]) => name);
  const lit = own.some((at) => thingMark(at) === selection);
  const bare = (mm: number) => formatLength(mm, unit, { bare: true });
  const known = knownThing(thing.known);
  return (
    <Box
      as="li"
      bg="paper"
      border="1px solid"
      borderColor={lit ? 'chalk' : 'paperEdge'}
      outline={lit ? '2px solid var(--chakra-colors-chalk)' : undefined}
      px="3"
      py="1.5"
    >
      <Flex gap="2" align="baseline" wrap="wrap">
        <button
          ref={head}
          type="button"
          className="asked"
          aria-expanded={open}
          onClick={() => {
            onToggle();
            store.getState().select(own[0] === undefined ? null : thingMark(own[0]));
          }}
        >
          <b>
            {count > 1 ? `${count} × ` : ''}
            {thing.name}
          </b>
        </button>
        <span>
          {bare(thing.widthMm)} × {bare(thing.heightMm)} × {bare(thing.thicknessMm)} {unit}
        </span>
        <span>{thing.massG === null ? 'not weighed' : formatQuantity(thing.massG * count, 'g', unit)}</span>
        {told.length > 0 && (
          <Box as="span" fontSize="13px" color="inkSoft">
            sets {told.join(', ')}
          </Box>
        )}
        {inPockets > 0 && (
          <Box as="span" fontSize="13px" color="inkSoft">
            {inPockets < count ? `${inPockets} in pockets` : count === 1 ? 'in its pocket' : 'in pockets'}
          </Box>
        )}
        <Box ml="auto">
          <Button
            size="xs"
            variant="outline"
            bg="paper"
            aria-label={`Take out ${thing.name}`}
            onClick={() =>
              store.getState().edit(`Out comes: ${thing.name}`, [
                {
                  path: ['contents', 'items'],
                  value: store.getState().design.contents.items.filter((other) => other.thing.id !== thing.id),
                },
              ])
            }
          >
            Take out
          </Button>
        </Box>
      </Flex>
      {open && (
        <>
          <ThingFields index={index} />
          <Flex gap="3" align="baseline" wrap="wrap" fontSize="13px" color="inkSoft">
            {known && <span>{formatSource(known.source)}</span>}
            <Button
              size="xs"
              variant="outline"
              bg="paper"
              onClick={async () =>
                onTold((await hers.keep(thing)) ?? `“${thing.name}” is remembered for the next bag.`)
              }
            >
              Remember it
            </Button>
            {hers.kept.some(({ id }) => id === thing.id) && (
              <Button
                size="xs"
                variant="outline"
                bg="paper"
                onClick={async () =>
                  onTold((await hers.forget(thing.id)) ?? `“${thing.name}” is no longer remembered; this bag keeps it.`)
                }
              >
                Forget it
              </Button>
            )}
          </Flex>
        </>
      )}
    </Box>
  );
}
