'use client';

import { memo } from 'react';
import { Button, Flex } from '@chakra-ui/react';
import { partKey, rowsLeft, type BenchState, type PartToWork } from '@/core/bench';
import { partName } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';

/** What there is to work by rows, each with how far it is; nothing to choose where there is one. */
export const PartChoice = memo(function PartChoice({
  parts,
  bench,
  chosen,
  onChoose,
}: {
  parts: readonly PartToWork[];
  bench: BenchState;
  chosen: PartToWork | null;
  onChoose: (part: PartToWork) => void;
}) {
  const fittings = useBag((state) => state.plan.fittings);
  if (parts.length < 2) return null;
  return (
    <Flex gap="2" wrap="wrap" mb="3" role="group" aria-label="Which piece">
      {parts.map((part) => {
        const isChosen = chosen !== null && partKey(part) === partKey(chosen);
        const left = rowsLeft(bench, part);
        return (
          <Button
            key={partKey(part)}
            size="sm"
            minH="44px"
            variant="outline"
            bg={isChosen ? 'brassPale' : 'paper'}
            aria-pressed={isChosen}
            onClick={() => onChoose(part)}
          >
            {partName(part, fittings)}, {left === 0 ? 'done' : `${part.rowCount - left} of ${part.rowCount}`}
          </Button>
        );
      })}
    </Flex>
  );
});
