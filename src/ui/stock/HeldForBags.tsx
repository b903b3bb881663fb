'use client';

import { Box, Heading } from '@chakra-ui/react';
import { useMemo } from 'react';
import type { Notion } from '@/core/notions';
import { held, type StockItem } from '@/core/stock';
import { useLastSettings } from '@/ui/bag/useLastSettings';
import { useLogbook } from '@/ui/logbook/readLogbook';
import { HeldTable } from './HeldTable';
import { holdersOf } from './holding';

/** How the stores are shared out among the bags that hold what they need; nothing where none does. */
export function HeldForBags({ stock, notions }: { stock: readonly StockItem[]; notions: readonly Notion[] }) {
  const { lengthUnit } = useLastSettings();
  const logbook = useLogbook();
  const lines = useMemo(
    () =>
      held(
        holdersOf(logbook).map(({ needs }) => needs),
        stock,
        notions,
      ),
    [logbook, stock, notions],
  );
  if (lines.length === 0) return null;
  return (
    <Box as="section" aria-label="Held for bags" mb="6">
      <Heading as="h2" fontSize="18px" mb="2">
        Held for bags
      </Heading>
      <HeldTable lines={lines} unit={lengthUnit} />
    </Box>
  );
}
