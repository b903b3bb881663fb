'use client';

import { Box, List } from '@chakra-ui/react';
import type { WayOut } from '@/core/wording';

/** What can still be done where a step was forgotten, folded away until it is asked for. */
export function WaysOut({ ways }: { ways: readonly WayOut[] }) {
  if (ways.length === 0) return null;
  return (
    <Box as="details" fontSize="14px" mt="1">
      <Box as="summary" cursor="pointer" color="inkSoft" textDecoration="underline" textDecorationStyle="dotted">
        If it was forgotten
      </Box>
      <List.Root ps="5" mt="1" gap="1">
        {ways.map(({ what, costs }) => (
          <List.Item key={what}>
            {what}{' '}
            <Box as="span" color="inkSoft">
              {costs}
            </Box>
          </List.Item>
        ))}
      </List.Root>
    </Box>
  );
}
