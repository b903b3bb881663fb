'use client';

import { Box, Button, Flex, Input } from '@chakra-ui/react';
import { FieldFrame } from '@/ui/fields/FieldFrame';
import type { LibraryPart } from './library';

/** A library of so many is seen at a glance. */
const SEEN_AT_A_GLANCE = 12;

interface LibraryFinderProps {
  part: Pick<LibraryPart<unknown>, 'kept' | 'unreadable' | 'total' | 'search' | 'find'> & {
    /** Shows more of them; left out where they come by themselves. */
    more?: () => Promise<void>;
  };
  /** What the field is called: “Find among your swatches”. */
  label: string;
  /** Where those that were found stand, if not below: “in the list”. */
  where?: string;
  /** It stands beside the list that it is for, not above it. */
  isBeside?: boolean;
}

/** Finds one among many by its name, and shows more of them. Nothing stands here where all of a small library is in sight. */
export function LibraryFinder({ part, label, where = 'shown', isBeside = false }: LibraryFinderProps) {
  const shown = part.kept.length + part.unreadable.length;
  if (part.search === '' && part.total <= SEEN_AT_A_GLANCE) return null;
  return (
    <Flex gap="3" wrap="wrap" align="end" mb={isBeside ? 0 : 3} gridColumn="1 / -1">
      <FieldFrame label={label}>
        {({ id }) => (
          <Input
            id={id}
            type="search"
            size="sm"
            width="15em"
            bg="paper"
            value={part.search}
            maxLength={200}
            onChange={(event) => part.find(event.target.value)}
          />
        )}
      </FieldFrame>
      <Box role="status" fontSize="14px" pb="1.5">
        {told(part.search, part.total, shown, where)}
      </Box>
      {part.more && shown < part.total && (
        <Button size="sm" variant="outline" bg="paper" onClick={() => void part.more?.()}>
          Show more
        </Button>
      )}
    </Flex>
  );
}

function told(search: string, total: number, shown: number, where: string): string {
  if (total === 0) return `None has “${search.trim()}” in its name.`;
  return shown < total ? `${shown} of ${total} ${where}, the last changed first.` : `${total} ${where}.`;
}
