'use client';

import { Box, Button, Flex, Input, NativeSelect } from '@chakra-ui/react';
import { nanoid } from 'nanoid';
import Link from 'next/link';
import { useMemo, useRef, useState } from 'react';
import { notionSchema } from '@/core/notions';
import {
  USUAL_STOCK,
  readStockCsv,
  stockAsCsv,
  stockIdSchema,
  stockItemSchema,
  type StockItem,
  type StockKind,
} from '@/core/stock';
import { STOCK_NAMES } from '@/core/wording';
import { useLastSettings } from '@/ui/bag/useLastSettings';
import { downloadText } from '@/ui/browser/download';
import { FieldFrame } from '@/ui/fields/FieldFrame';
import { SetAside } from '@/ui/library/SetAside';
import { keepIn, readWholeLibrary, useLibrary, useWholeLibrary } from '@/ui/library/library';
import { DrawerHead } from '@/ui/shelf/DrawerHead';
import { HeldForBags } from './HeldForBags';
import { StockEditor } from './StockEditor';
import { ShoppingList } from './ShoppingList';
import { StockTable } from './StockTable';
import { rowsOf, type StockRow } from './stockRows';
import { useFoundRows } from './useFoundRows';

const KINDS = Object.keys(USUAL_STOCK) as StockKind[];
const keepOne = (item: StockItem): Promise<string | null> => keepIn('/api/stock', item);
/** A table of stores is read up to so many bytes. */
const MOST_BYTES = 4_000_000;

/** What she has in store: yarn, cloth, what is left over of it, what is counted, and the pieces that she measured. */
export function StockShelf() {
  const stock = useLibrary('/api/stock', stockItemSchema);
  const notions = useLibrary('/api/notions', notionSchema);
  const { lengthUnit } = useLastSettings();
  const [kind, setKind] = useState<StockKind | 'piece' | 'all'>('all');
  const [open, setOpen] = useState<string | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const [gone, setGone] = useState<StockItem | null>(null);
  const file = useRef<HTMLInputElement>(null);
  /** How far a table is brought in; null while none is. */
  const [done, setDone] = useState<{ at: number; of: number } | null>(null);
  const isStopped = useRef(false);
  // All of it, so that it is found as she types; what was read first stands there meanwhile.
  const whole = useWholeLibrary('/api/stock', stockItemSchema, stock.kept);
  const pieces = useWholeLibrary('/api/notions', notionSchema, notions.kept);
  const items = whole.length >= stock.kept.length ? whole : stock.kept;
  const own = pieces.length >= notions.kept.length ? pieces : notions.kept;
  const rows = useMemo(() => rowsOf(items, own, lengthUnit), [items, own, lengthUnit]);
  const { search, setSearch, found, room, more } = useFoundRows(rows, kind);
  const add = async (of: StockKind) => {
    const id = stockIdSchema.parse(nanoid(12));
    const taken = new Set(items.map(({ name }) => name.toLowerCase()));
    const { name } = USUAL_STOCK[of];
    let free = name;
    for (let number = 2; taken.has(free.toLowerCase()); number++) free = `${name} ${number}`;
    const refused = await stock.keep({ ...USUAL_STOCK[of], id, name: free } as StockItem);
    setSaid(refused);
    if (refused === null) setOpen(id);
  };
  const takeOut = async (row: StockRow) => {
    const item = items.find(({ id }) => id === row.id) ?? null;
    const refused = item ? await stock.forget(row.id) : await notions.forget(row.id);
    setSaid(refused ?? `“${row.name}” is out of your stores.`);
    setGone(refused === null ? item : null);
    if (open === row.id) setOpen(null);
  };
  const putBack = async () => {
    if (!gone) return;
    const refused = await stock.keep(gone);
    setSaid(refused ?? `“${gone.name}” is back.`);
    setGone(null);
  };
  const bringIn = async (chosen: File) => {
    if (chosen.size > MOST_BYTES)
      return setSaid(`“${chosen.name}” is too large for a table of stores. Bring it in in parts.`);
    const read = readStockCsv(await chosen.text(), () => nanoid(12));
    if (!read.ok) return setSaid(read.sentence);
    let taken = 0;
    isStopped.current = false;
    setSaid(null);
    setGone(null);
    const refused: string[] = read.faults.map(({ row, sentence }) => `Row ${row}: ${sentence}`);
    for (const [index, item] of read.items.entries()) {
      if (isStopped.current) break;
      setDone({ at: index, of: read.items.length });
      const sentence = await keepOne(item);
      if (sentence === null) taken += 1;
      else refused.push(`“${item.name}”: ${sentence}`);
    }
    setDone(null);
    stock.reread();
    const more = refused.length > 3 ? ` And ${refused.length - 3} more.` : '';
    setSaid(`${taken} brought in. ${refused.slice(0, 3).join(' ')}${more}`);
  };
  /** All of it, whatever is searched for or shown just now. */
  const saveTable = async () => {
    const whole = await readWholeLibrary('/api/stock', stockItemSchema);
    if (whole.length < stock.kept.length) return setSaid('The stores can’t be read just now. Try again.');
    downloadText('stores.csv', stockAsCsv(whole), 'text/csv');
  };
  const chosen = items.find(({ id }) => id === open) ?? null;
  const piece = own.find(({ id }) => id === open) ?? null;
  return (
    <Flex direction="column" minH="100vh">
      <DrawerHead title="Stores" counted={`${stock.total + notions.total} in store`}>
        <Link href="/" prefetch={false}>
          ← Shelf
        </Link>
      </DrawerHead>
      {said && (
        <Flex role="status" bg="brassPale" px="6" py="2" gap="3" align="center" wrap="wrap">
          {said}
          {gone && (
            <Button size="xs" variant="outline" bg="paper" onClick={() => void putBack()}>
              Put it back
            </Button>
          )}
        </Flex>
      )}
      {done && (
        <Flex role="status" bg="brassPale" px="6" py="2" gap="3" align="center">
          {done.at} of {done.of} brought in…
          <Button size="xs" variant="outline" bg="paper" onClick={() => (isStopped.current = true)}>
            Stop here
          </Button>
        </Flex>
      )}
      <Box as="main" p="6">
        <Flex gap="3" wrap="wrap" align="end" mb="4">
          <FieldFrame label="Find in your stores">
            {({ id }) => (
              <Input
                id={id}
                type="search"
                size="sm"
                width="15em"
                bg="paper"
                maxLength={200}
                value={search}
                onChange={(event) => setSearch(event.target.value)}
              />
            )}
          </FieldFrame>
          <FieldFrame label="Show">
            {({ id }) => (
              <NativeSelect.Root size="sm" width="11em">
                <NativeSelect.Field
                  id={id}
                  bg="paper"
                  value={kind}
                  onChange={(event) => setKind(event.target.value as typeof kind)}
                >
                  <option value="all">Everything</option>
                  {KINDS.map((one) => (
                    <option key={one} value={one}>
                      {STOCK_NAMES[one]}
                    </option>
                  ))}
                  <option value="piece">Pieces</option>
                </NativeSelect.Field>
                <NativeSelect.Indicator />
              </NativeSelect.Root>
            )}
          </FieldFrame>
          {KINDS.map((one) => (
            <Button key={one} size="sm" variant="outline" bg="paper" onClick={() => void add(one)}>
              {ADD[one]}
            </Button>
          ))}
          <Button size="sm" variant="outline" bg="paper" onClick={() => void saveTable()}>
            Save as a table (CSV)
          </Button>
          <Button size="sm" variant="outline" bg="paper" onClick={() => file.current?.click()}>
            Bring a table in
          </Button>
          <input
            ref={file}
            type="file"
            accept=".csv,text/csv"
            hidden
            aria-label="A table of stores"
            onChange={(event) => {
              const [one] = event.target.files ?? [];
              event.target.value = '';
              if (one) void bringIn(one);
            }}
          />
        </Flex>
        <ShoppingList />
        <HeldForBags stock={items} notions={own} />
        <SetAside names={[...stock.unreadable, ...notions.unreadable]} />
        {(chosen ?? piece) && (
          <StockEditor
            item={chosen}
            piece={piece}
            unit={lengthUnit}
            keep={stock.keep}
            keepPiece={notions.keep}
            onRefused={setSaid}
            onClose={() => setOpen(null)}
          />
        )}
        <StockTable rows={found} room={room} opened={open} onOpen={setOpen} onTakeOut={(row) => void takeOut(row)} />
        {room < found.length && (
          <Button mt="3" size="sm" minH="44px" variant="outline" bg="paper" onClick={more}>
            Show more, {found.length - room} are left
          </Button>
        )}
      </Box>
    </Flex>
  );
}

const ADD: Readonly<Record<StockKind, string>> = {
  yarn: 'Add yarn',
  cloth: 'Add cloth',
  remnant: 'Add a remnant',
  other: 'Add something counted',
};
