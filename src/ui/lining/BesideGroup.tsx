'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { MOST_BESIDE, type BagBeside } from '@/core/design';
import type { BagCard } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { ChoiceField } from '@/ui/fields';
import { loadCards } from '@/ui/shelf/shelfActions';

/** So many pages of the shelf are looked through for them, the newest first. */
const MOST_PAGES = 8;

/** Other bags whose pieces are laid on the same cloth. */
export function BesideGroup({ missing }: { missing: readonly string[] }) {
  const beside = useBag((state) => state.design.cloth.beside);
  const own = useBag((state) => state.id);
  const store = useBagStore();
  /** The bags of the shelf, once they are asked for; a sentence where they can't be had. */
  const [shelf, setShelf] = useState<readonly BagCard[] | string | null>(null);
  const put = (change: string, value: readonly BagBeside[]) =>
    store.getState().edit(change, [{ path: ['cloth', 'beside'], value }]);
  const look = async () => {
    const cards: BagCard[] = [];
    for (let page = 0; page < MOST_PAGES; page++) {
      const part = await loadCards({ offset: cards.length, archived: false, search: '' });
      if (!part) return setShelf('The shelf can’t be reached just now.');
      cards.push(...part.cards);
      if (part.cards.length === 0 || cards.length >= part.total) break;
    }
    setShelf(cards);
  };
  const others =
    typeof shelf === 'string' || !shelf
      ? []
      : shelf.filter(({ id }) => id !== own && !beside.some((one) => one.id === id));
  return (
    <Group title={beside.length === 0 ? 'This bag alone' : 'Cut together with'}>
      {beside.map(({ id, name }) => (
        <Flex key={id} gap="3" align="center" mb="1" wrap="wrap">
          <Box fontSize="14px">
            {name}
            {missing.includes(name) && ': no longer on your shelf, so nothing of it is cut.'}
          </Box>
          <Button
            size="xs"
            variant="outline"
            bg="paper"
            onClick={() =>
              put(
                `Without “${name}”`,
                beside.filter((one) => one.id !== id),
              )
            }
          >
            Without “{name}”
          </Button>
        </Flex>
      ))}
      {typeof shelf === 'string' && <Box fontSize="14px">{shelf}</Box>}
      {beside.length < MOST_BESIDE &&
        (others.length > 0 ? (
          <ChoiceField
            label="With the pieces of"
            width="20em"
            value=""
            choices={[
              { value: '', label: 'Choose a bag…' },
              ...others.map(({ id, name }) => ({ value: id, label: name })),
            ]}
            onChange={(id) => {
              const bag = others.find((one) => one.id === id);
              if (bag) put(`Cut together with “${bag.name}”`, [...beside, { id, name: bag.name }]);
            }}
          />
        ) : (
          <Button size="sm" variant="outline" bg="paper" onClick={() => void look()}>
            Cut another bag from it too
          </Button>
        ))}
      {Array.isArray(shelf) && others.length === 0 && <Box fontSize="14px">No other bag is on your shelf.</Box>}
    </Group>
  );
}
