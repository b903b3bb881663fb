import { Box } from '@chakra-ui/react';
import type { WordId } from '@/core/wording';
import { WordMark } from '@/ui/words/WordMark';

interface FactListProps {
  /** What each fact is about, and what it is. */
  facts: readonly (readonly [name: string, what: string, word?: WordId])[];
  nameWidth: string;
}

/** Facts that are no numbers of the plan, one below the other. */
export const FactList = ({ facts, nameWidth }: FactListProps) => (
  <Box
    as="dl"
    display="grid"
    gridTemplateColumns={`${nameWidth} minmax(0, 1fr)`}
    columnGap="3"
    rowGap="1"
    fontSize="14.5px"
  >
    {facts.map(([name, what, word]) => (
      <Box key={name} display="contents">
        <Box as="dt" color="inkSoft">
          {name}
          {word && <WordMark id={word} />}
        </Box>
        <Box as="dd" overflowWrap="anywhere">
          {what}
        </Box>
      </Box>
    ))}
  </Box>
);
