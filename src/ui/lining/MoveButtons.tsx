'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { useBagStore } from '@/ui/bag/BagProvider';
import { KEY_STEPS } from './keyStep';
import type { useClothLayout } from './useClothLayout';

const STEP = KEY_STEPS.longMm;
const MOVES = [
  { label: '←', says: 'to the left', by: { xMm: -STEP, yMm: 0 } },
  { label: '→', says: 'to the right', by: { xMm: STEP, yMm: 0 } },
  { label: '↑', says: 'up', by: { xMm: 0, yMm: STEP } },
  { label: '↓', says: 'down', by: { xMm: 0, yMm: -STEP } },
  { label: 'Turn', says: 'round', by: 'turn' },
] as const;

/** Moves the piece that was taken hold of last, for a thumb, which scrolls where it pulls. */
export function MoveButtons({ search: { laid, held, move } }: { search: ReturnType<typeof useClothLayout> }) {
  const store = useBagStore();
  const index = laid?.laid.findIndex(({ piece }) => laid.pieces[piece]?.id === held) ?? -1;
  const piece = laid?.pieces[laid.laid[index]?.piece ?? -1];
  if (!laid || !piece) return null;
  return (
    <Flex gap="2" wrap="wrap" align="center" mt="2" role="group" aria-label={`Move the ${piece.name}`}>
      <Box fontSize="14px">The {piece.name}:</Box>
      {MOVES.map(({ label, says, by }) => (
        <Button
          key={says}
          size="sm"
          variant="outline"
          bg="paper"
          minW="44px"
          minH="44px"
          aria-label={`${piece.name} ${says}`}
          onClick={() => {
            move(laid, index, by);
            store.getState().endMerge();
          }}
        >
          {label}
        </Button>
      ))}
    </Flex>
  );
}
