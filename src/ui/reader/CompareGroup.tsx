'use client';

import { Box, Button, Flex, Heading } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { comparePatterns, type ReadPattern, type RowChange } from '@/core/reader';
import { rowChangeText } from '@/core/wording';
import type { ReadWay } from '@/workers/reader.worker';
import { PatternFileButton } from './PatternFileButton';
import { useReading } from './useReading';

/** So many changes are listed. */
const MOST_LISTED = 40;

/** Another version of the pattern, and what changed since: in counts and in work, not in words. */
export function CompareGroup({ text, read, way }: { text: string; read: ReadPattern; way: ReadWay }) {
  const [before, setBefore] = useState<{ text: string; name: string } | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const { whole } = useReading(before?.text ?? '', way);
  const compared = useMemo(
    () => (before && whole?.text === before.text ? comparePatterns(whole.read, read) : null),
    [before, whole, read],
  );
  return (
    <Box as="section" aria-label="Compare" mb="4">
      <Heading as="h2" fontSize="18px" mb="2">
        Compare
      </Heading>
      <Flex gap="2" wrap="wrap" mb="2">
        <Button
          size="sm"
          minH="44px"
          variant="outline"
          bg="paper"
          onClick={() => setBefore({ text, name: 'what stood here' })}
        >
          From what stands here now
        </Button>
        <PatternFileButton
          label="With another file"
          fileLabel="Another version"
          onOpened={(opened, name) => {
            setTrouble(opened.ok ? null : opened.sentence);
            if (opened.ok) setBefore({ text: opened.text, name: `“${name}”` });
          }}
        />
        {before && (
          <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={() => setBefore(null)}>
            No more
          </Button>
        )}
      </Flex>
      {trouble && <Box role="status">{trouble}</Box>}
      {before && compared && (
        <Box data-testid="compared">
          <Box role="status" mb="1">
            {compared.changes.length === 0
              ? `Against ${before.name} no row is worked otherwise.`
              : `Against ${before.name}: ${compared.changes.length} ${compared.changes.length === 1 ? 'row' : 'rows'} otherwise, ${compared.same} as before.`}
          </Box>
          <Box as="ul" ps="5">
            {compared.changes.slice(0, MOST_LISTED).map((change) => (
              <li key={keyOf(change)}>{rowChangeText(change)}</li>
            ))}
          </Box>
        </Box>
      )}
    </Box>
  );
}

const keyOf = (change: RowChange): string =>
  `${change.is} ${change.part} ${('row' in change ? change.row : change.now).number}`;
