'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { memo } from 'react';
import type { ReaderFault } from '@/core/reader';
import type { LengthUnit } from '@/core/units';
import { readerFaultSentence } from '@/core/wording';

/** So many are listed; the rest stands in the text. */
const MOST_LISTED = 12;

/** The faults of a pattern, each to be gone to, and mended where it is known how. */
export const FaultList = memo(function FaultList({
  faults,
  text,
  unit,
  onGo,
  onMend,
  onMendAll,
}: {
  faults: readonly ReaderFault[];
  text: string;
  unit: LengthUnit;
  onGo: (fault: ReaderFault) => void;
  onMend: (fault: ReaderFault) => void;
  onMendAll: () => void;
}) {
  if (faults.length === 0) return null;
  const more = faults.length - MOST_LISTED;
  const mendable = faults.filter(({ mends }) => mends.length > 0).length;
  return (
    <>
      {mendable > 0 && (
        <Button size="sm" minH="44px" variant="outline" bg="paper" mb="2" onClick={onMendAll}>
          Mend all that can be mended
        </Button>
      )}
      <Box as="ul" listStyleType="none" ps="0" mb="4" data-testid="reader-faults">
        {faults.slice(0, MOST_LISTED).map((fault) => (
          <Box
            as="li"
            key={`${fault.from} ${fault.code} ${fault.row}`}
            bg="paper"
            borderStart="4px solid"
            borderColor="decide"
            px="3"
            py="2"
            mb="2"
          >
            <Box fontSize="15px">
              {fault.row !== null && <b>Row {fault.row}. </b>}
              {readerFaultSentence(fault, unit)}
            </Box>
            <Flex gap="2" mt="1" wrap="wrap">
              <Button size="xs" minH="44px" variant="outline" bg="paper" onClick={() => onGo(fault)}>
                Show “{shortened(text.slice(fault.from, fault.to))}”
              </Button>
              {fault.mends.length > 0 && (
                <Button size="xs" minH="44px" variant="outline" bg="paper" onClick={() => onMend(fault)}>
                  Write “{shortened(fault.mends[0]?.text ?? '')}” instead
                </Button>
              )}
            </Flex>
          </Box>
        ))}
        {more > 0 && <Box as="li">And {more} more, marked in the text.</Box>}
      </Box>
    </>
  );
});

const MOST_LETTERS = 28;
const shortened = (words: string): string =>
  words.length <= MOST_LETTERS ? words : `${words.slice(0, MOST_LETTERS)}…`;
