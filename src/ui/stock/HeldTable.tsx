'use client';

import { Box } from '@chakra-ui/react';
import type { HeldLine } from '@/core/stock';
import type { LengthUnit } from '@/core/units';
import { freeAmount, neededAmount } from '@/core/wording';
import { LedgerTable } from '@/ui/figures/LedgerTable';

/** What lies in the stores, who holds it, and what is free. */
export function HeldTable({ lines, unit: lengthUnit }: { lines: readonly HeldLine[]; unit: LengthUnit }) {
  return (
    <LedgerTable
      label="What bags hold in the stores"
      testId="held"
      heads={['What', 'In store', 'Held for', 'Free']}
      rows={lines.map(({ name, unit, inStore, of, free }) => ({
        key: name,
        cells: [
          name,
          freeAmount(inStore, unit, lengthUnit),
          of.map(({ bag, amount, covered }, index) => (
            <Box key={`${bag} ${index}`}>
              {bag}: {neededAmount(amount, unit, lengthUnit)}
              {covered < amount ? `, ${neededAmount(amount - covered, unit, lengthUnit)} lacking` : ''}
            </Box>
          )),
          free >= 1 ? freeAmount(free, unit, lengthUnit) : 'nothing',
        ],
      }))}
    />
  );
}
