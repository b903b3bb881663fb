'use client';

import { memo } from 'react';
import { Button, Flex } from '@chakra-ui/react';
import { partKey, rowsDone, type BenchState, type PartToWork } from '@/core/bench';
import { PIECE_NAMES } from '@/core/wording';

/** The pieces to work, each with how far it is; nothing to choose where there is one. */
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
  if (parts.length < 2) return null;
  return (
    <Flex gap="2" wrap="wrap" mb="3" role="group" aria-label="Which piece">
      {parts.map((part) => {
        const isChosen = chosen !== null && partKey(part) === partKey(chosen);
        const done = rowsDone(bench, part);
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
            {partName(part, parts)}, {done >= part.rowCount ? 'done' : `${done} of ${part.rowCount}`}
          </Button>
        );
      })}
    </Flex>
  );
});

/** What a part is called: of those that are worked alike, the first, the second. */
export const partName = (part: PartToWork, parts: readonly PartToWork[]): string =>
  parts.filter(({ piece }) => piece === part.piece).length > 1
    ? `${PIECE_NAMES[part.piece]} ${part.copy}`
    : PIECE_NAMES[part.piece];
