'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';

/** So many are shown as beads; more as a number. */
const MOST_BEADS = 24;

/** The repeat of a row, counted off one by one while it is worked. It begins anew with every row, and counts nothing but itself. */
export function RepeatTally({ repeats }: { repeats: number }) {
  const [done, setDone] = useState(0);
  const one = () => setDone((before) => Math.min(repeats, before + 1));
  useHotkeys('r', one);
  return (
    <Flex gap="2" mt="2" align="center" wrap="wrap" data-testid="repeat-tally" data-done={done}>
      <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={one} disabled={done >= repeats}>
        Repeat done
      </Button>
      <Button
        size="sm"
        minH="44px"
        variant="ghost"
        onClick={() => setDone((before) => Math.max(0, before - 1))}
        disabled={done === 0}
      >
        One back
      </Button>
      <Box role="status">
        {done} of {repeats}
        {done === repeats ? ': to the end of the row.' : ''}
      </Box>
      {repeats <= MOST_BEADS && (
        <Flex aria-hidden gap="3px">
          {Array.from({ length: repeats }, (_, index) => (
            <Box
              key={index}
              w="12px"
              h="12px"
              borderRadius="full"
              border="1.5px solid"
              borderColor="ink"
              bg={index < done ? 'ink' : 'transparent'}
            />
          ))}
        </Flex>
      )}
    </Flex>
  );
}
