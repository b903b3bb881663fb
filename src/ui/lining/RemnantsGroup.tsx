'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { MOST_REMNANTS, type Remnant } from '@/core/design';
import { isSameName, stockItemSchema, type StockRemnant } from '@/core/stock';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { LengthField, TextField } from '@/ui/fields';
import { useWholeLibrary } from '@/ui/library/library';

/** As large as a remnant is first taken to be, mm: a fat quarter, half a metre by half a width. From memory. */
const FIRST_MM = { wide: 550, high: 500 };

/** What was left over of the cloth: its corners by the drawing, or exactly by their fields. It is cut first. */
export function RemnantsGroup({ onAdded }: { onAdded: () => void }) {
  const remnants = useBag((state) => state.design.cloth.remnants);
  const store = useBagStore();
  const add = () => {
    const { wide, high } = FIRST_MM;
    const remnant: Remnant = {
      name: remnants.length === 0 ? 'Remnant' : `Remnant ${remnants.length + 1}`,
      outline: [
        [0, 0],
        [wide, 0],
        [wide, high],
        [0, high],
      ],
    };
    store.getState().edit('Added a remnant', [{ path: ['cloth', 'remnants'], value: [...remnants, remnant] }]);
    onAdded();
  };
  return (
    <Group
      title={remnants.length === 0 ? 'Nothing left over' : 'Left over'}
      action={
        remnants.length < MOST_REMNANTS && (
          <Button size="sm" variant="outline" bg="paper" onClick={add}>
            Add a remnant
          </Button>
        )
      }
    >
      <FromStores onAdded={onAdded} />
      {remnants.length === 0 ? (
        <Box fontSize="14px">A remnant is cut first, before any cloth is bought. It may have any outline.</Box>
      ) : (
        remnants.map((remnant, at) => <RemnantFields key={at} remnant={remnant} at={at} />)
      )}
    </Group>
  );
}

/** Remnants that lie in her stores, of what the lining is of, and not on the list yet. */
function FromStores({ onAdded }: { onAdded: () => void }) {
  const kept = useWholeLibrary('/api/stock', stockItemSchema);
  const remnants = useBag((state) => state.design.cloth.remnants);
  const stuff = useBag(({ design: { lining } }) => (lining && 'stuff' in lining ? lining.stuff : 'cloth'));
  const store = useBagStore();
  const offered = kept.filter(
    (item): item is StockRemnant =>
      item.kind === 'remnant' && item.stuff === stuff && !remnants.some(({ name }) => isSameName(name, item.name)),
  );
  if (offered.length === 0 || remnants.length >= MOST_REMNANTS) return null;
  const take = (taken: readonly StockRemnant[]) => {
    const more = taken.map(({ name, outline }): Remnant => ({ name: name.slice(0, 60), outline }));
    const value = [...remnants, ...more].slice(0, MOST_REMNANTS);
    store.getState().edit('Remnants from your stores', [{ path: ['cloth', 'remnants'], value }]);
    onAdded();
  };
  return (
    <Flex gap="2" wrap="wrap" mb="2">
      {offered.map((item) => (
        <Button key={item.id} size="sm" variant="outline" bg="paper" onClick={() => take([item])}>
          From your stores: {item.name}
        </Button>
      ))}
      {offered.length > 1 && (
        <Button size="sm" variant="outline" bg="paper" onClick={() => take(offered)}>
          All of them
        </Button>
      )}
    </Flex>
  );
}

function RemnantFields({ remnant: { name, outline }, at }: { remnant: Remnant; at: number }) {
  const store = useBagStore();
  const edit = (change: string, field: 'name' | 'outline', value: unknown) =>
    store.getState().edit(change, [{ path: ['cloth', 'remnants', at, field], value }]);
  const takeOut = () => {
    const { remnants } = store.getState().design.cloth;
    store.getState().edit(`Took out “${name}”`, [
      { path: ['cloth', 'remnants'], value: remnants.filter((_, other) => other !== at) },
      // Pieces that were laid by hand are laid by the numbers of remnants.
      { path: ['cloth', 'laid'], value: [] },
    ]);
  };
  /** One more corner, in the middle of the side that comes after it. */
  const addAfter = (corner: number) => {
    const [x, y] = outline[corner] ?? [0, 0];
    const [nextX, nextY] = outline[(corner + 1) % outline.length] ?? [0, 0];
    const middle = [Math.round((x + nextX) / 2), Math.round((y + nextY) / 2)];
    edit('Corner added', 'outline', [...outline.slice(0, corner + 1), middle, ...outline.slice(corner + 1)]);
  };
  return (
    <Box mb="4" data-remnant={at}>
      <Row>
        <TextField label="Called" value={name} onChange={(value) => edit('Name of a remnant', 'name', value)} />
        <Button size="sm" variant="outline" bg="paper" alignSelf="end" onClick={takeOut}>
          Take “{name}” out
        </Button>
      </Row>
      {outline.map(([x, y], corner) => (
        <Flex key={corner} gap="3" align="end" wrap="wrap" mt="1">
          <Box width="5em" fontSize="14px" pb="1.5">
            Corner {corner + 1}
          </Box>
          {([x, y] as const).map((mm, axis) => (
            <LengthField
              key={axis}
              label={axis === 0 ? `Across, corner ${corner + 1}` : `Up, corner ${corner + 1}`}
              hideLabel
              fine
              width="4.5em"
              valueMm={mm}
              onChange={(value) =>
                edit(
                  'Corner moved',
                  'outline',
                  outline.map((one, other) => (other === corner ? (axis === 0 ? [value, y] : [x, value]) : one)),
                )
              }
            />
          ))}
          <Button size="xs" variant="outline" bg="paper" onClick={() => addAfter(corner)}>
            Corner after it
          </Button>
          {outline.length > 3 && (
            <Button
              size="xs"
              variant="outline"
              bg="paper"
              aria-label={`Take corner ${corner + 1} out`}
              onClick={() =>
                edit(
                  'Corner taken out',
                  'outline',
                  outline.filter((_, other) => other !== corner),
                )
              }
            >
              Take out
            </Button>
          )}
        </Flex>
      ))}
    </Box>
  );
}
