'use client';

import { Button, Flex } from '@chakra-ui/react';
import type { SplitId } from '@/core/flap';
import { useBagNumbers, useBagStore } from '@/ui/bag/BagProvider';
import { AskableNumber } from '@/ui/figures/FigureTicket';

const NAMES: Record<SplitId, string> = {
  thirds: 'Thirds',
  'two-thirds': 'Two thirds, the rest flap',
  'nearly-half': 'Nearly halves, a short flap',
  'to-the-closure': 'To a closure halfway down',
};

/** The splits that makers use, to start from: each with how far the flap would come down. */
export function FlapSplits() {
  const splits = useBagNumbers((state) => state.plan.splits);
  const store = useBagStore();
  if (splits.length === 0) return null;
  return (
    <Flex gap="3" wrap="wrap" mb="3" align="center" fontSize="14px">
      Start from
      {splits.map(({ id, drop, isPlanned, edits }) => (
        <Flex key={id} gap="1.5" align="center">
          <Button
            size="xs"
            variant="outline"
            bg={isPlanned ? 'brassPale' : 'paper'}
            borderColor="inkSoft"
            aria-pressed={isPlanned}
            onClick={() => store.getState().edit(`Split: ${NAMES[id]}`, edits)}
          >
            {NAMES[id]}
          </Button>
          <AskableNumber figure={drop} />
        </Flex>
      ))}
    </Flex>
  );
}
