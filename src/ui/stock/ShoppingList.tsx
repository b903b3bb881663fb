'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { useEffect, useMemo, useState } from 'react';
import type { Design } from '@/core/design';
import { notionSchema } from '@/core/notions';
import { shoppingList, shoppingTotal, stockItemSchema, type BagNeeds, type ShoppingLine } from '@/core/stock';
import type { LengthUnit } from '@/core/units';
import { freeAmount, neededAmount } from '@/core/wording';
import { useLastSettings } from '@/ui/bag/useLastSettings';
import { downloadText } from '@/ui/browser/download';
import { holdersOf, holdFor } from './holding';
import { useLogbook } from '@/ui/logbook/readLogbook';
import { LedgerTable } from '@/ui/figures/LedgerTable';
import { useWholeLibrary } from '@/ui/library/library';
import { designOf } from '@/ui/shelf/bagOnShelf';
import type { Work } from '@/ui/workers/planningWorker';
import { useAnswer } from '@/ui/workers/useAnswer';

const askNeeds =
  (bags: Design[]): Work<BagNeeds[]> =>
  (worker) =>
    worker.needsOf(bags);

/** A bag of the shelf, by its card. */
interface OnShelf {
  id: string;
  name: string;
}

/** What is to be bought for several bags together, out of one store. */
export function ShoppingList() {
  const [isOpen, setOpen] = useState(false);
  return isOpen ? (
    <OpenList onClose={() => setOpen(false)} />
  ) : (
    <Button size="sm" minH="44px" variant="outline" bg="paper" mb="4" onClick={() => setOpen(true)}>
      A shopping list for several bags
    </Button>
  );
}

/** The list, by the stores as they were when it was opened or a bag was chosen last. */
function OpenList({ onClose }: { onClose: () => void }) {
  const [bags, setBags] = useState<readonly OnShelf[]>([]);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [designs, setDesigns] = useState<ReadonlyMap<string, Design>>(new Map());
  const stock = useWholeLibrary('/api/stock', stockItemSchema, chosen);
  const notions = useWholeLibrary('/api/notions', notionSchema, chosen);
  useEffect(() => {
    void bagsOnShelf().then(setBags);
  }, []);
  useEffect(() => {
    let isOver = false;
    for (const id of chosen)
      if (!designs.has(id))
        void designOf(id).then((design) => {
          if (design && !isOver) setDesigns((before) => new Map(before).set(id, design));
        });
    return () => {
      isOver = true;
    };
  }, [chosen, designs]);
  const question = useMemo(() => {
    const known = chosen.flatMap((id) => designs.get(id) ?? []);
    return known.length > 0 ? known : null;
  }, [chosen, designs]);
  const { last } = useAnswer(question, askNeeds);
  const logbook = useLogbook();
  const others = useMemo(
    () => holdersOf(logbook).flatMap(({ id, needs }) => (chosen.includes(id) ? [] : [needs])),
    [logbook, chosen],
  );
  const lines = useMemo(
    () => (question && last ? shoppingList(last, stock, notions, others) : []),
    [question, last, stock, notions, others],
  );
  const take = (id: string) => setChosen(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id]);
  return (
    <Box
      as="section"
      aria-label="Shopping list"
      className="on-paper"
      bg="paper"
      border="1px solid"
      borderColor="counterEdge"
      p="4"
      mb="4"
    >
      <Flex gap="2" wrap="wrap" mb="3" role="group" aria-label="Bags to buy for">
        {bags.map(({ id, name }) => (
          <Button
            key={id}
            size="sm"
            minH="44px"
            variant="outline"
            bg={chosen.includes(id) ? 'brassPale' : 'paper'}
            aria-pressed={chosen.includes(id)}
            onClick={() => take(id)}
          >
            {name}
          </Button>
        ))}
      </Flex>
      {lines.length === 0 ? (
        <Box role="status">{chosen.length === 0 ? 'Choose the bags that you buy for.' : 'Adding up…'}</Box>
      ) : (
        <Lines lines={lines} />
      )}
      {chosen.length > 0 && <HoldButton chosen={chosen} />}
      <Button size="sm" minH="44px" mt="3" variant="outline" bg="paper" onClick={onClose}>
        Close the list
      </Button>
    </Box>
  );
}

/** Holds in the stores what all the chosen bags need. */
function HoldButton({ chosen }: { chosen: readonly string[] }) {
  const [said, setSaid] = useState<string | null>(null);
  const hold = async () => {
    let kept = 0;
    for (const id of chosen) if (await holdFor(id, true)) kept += 1;
    setSaid(
      kept === chosen.length
        ? 'Held. Each bag gives it back at its Stores.'
        : `${kept} of ${chosen.length} bags hold it now; try again for the rest.`,
    );
  };
  return (
    <Flex mt="3" gap="3" align="center" wrap="wrap">
      <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={() => void hold()}>
        Hold what they need in the stores
      </Button>
      {said && <Box role="status">{said}</Box>}
    </Flex>
  );
}

function Lines({ lines }: { lines: readonly ShoppingLine[] }) {
  const { lengthUnit } = useLastSettings();
  const { costs, unpriced } = shoppingTotal(lines);
  return (
    <>
      <LedgerTable
        label="What is to be bought"
        testId="shopping"
        heads={['What', 'Needed', 'In store', 'To buy', 'Costs']}
        rows={lines.map((line) => ({
          key: line.name,
          cells: [
            <>
              {line.name}
              <Box fontSize="13px" color="inkSoft" fontWeight={400}>
                {line.of.map(({ bag, amount }) => `${bag} ${neededAmount(amount, line.unit, lengthUnit)}`).join('; ')}
              </Box>
            </>,
            neededAmount(line.needed, line.unit, lengthUnit),
            <>
              {freeAmount(line.inStore, line.unit, lengthUnit)}
              {line.heldByOthers > 0 && (
                <Box fontSize="13px" color="inkSoft">
                  {neededAmount(line.heldByOthers, line.unit, lengthUnit)} held for other bags
                </Box>
              )}
            </>,
            <b key="buy">{line.toBuy === 0 ? 'nothing' : neededAmount(line.toBuy, line.buyUnit, lengthUnit)}</b>,
            line.costs === null ? 'no price' : line.costs.toFixed(2),
          ],
        }))}
      />
      <Flex mt="3" gap="3" align="center" wrap="wrap">
        <Box>
          {lines.some((line) => line.costs !== null)
            ? `Together ${costs.toFixed(2)}, in your own money`
            : 'Nothing of it has a price in your stores yet'}
          {unpriced.length > 0 ? `; without a price, and not counted: ${unpriced.join(', ')}.` : '.'} Yarn is needed
          with its reserve; whole balls are counted once, for all bags together.
        </Box>
        <Button
          size="sm"
          minH="44px"
          variant="outline"
          bg="paper"
          onClick={() => downloadText('shopping-list.txt', listText(lines, lengthUnit), 'text/plain')}
        >
          Save the list
        </Button>
      </Flex>
    </>
  );
}

const listText = (lines: readonly ShoppingLine[], unit: LengthUnit): string =>
  lines
    .filter(({ toBuy }) => toBuy > 0)
    .map((line) => `[ ] ${line.name}: ${neededAmount(line.toBuy, line.buyUnit, unit)}`)
    .join('\n') + '\n';

/** All bags of the shelf, part after part. */
async function bagsOnShelf(): Promise<OnShelf[]> {
  const all: OnShelf[] = [];
  for (;;) {
    const response = await fetch(`/api/bags?limit=${PART}&offset=${all.length}`, { cache: 'no-store' }).catch(
      () => null,
    );
    const answer = (await response?.json().catch(() => null)) as { cards?: OnShelf[] } | null | undefined;
    const cards = answer?.cards ?? [];
    all.push(...cards.map(({ id, name }) => ({ id, name })));
    if (cards.length < PART) return all;
  }
}

/** So many bags come at once. */
const PART = 100;
