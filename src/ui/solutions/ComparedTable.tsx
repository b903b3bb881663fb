'use client';

import { Box } from '@chakra-ui/react';
import type { ComparedFigure } from '@/core/solutions';
import { BesideTable } from '@/ui/figures/BesideTable';

const HEADS = ['Figure', 'Now', 'This plan', 'Differs by'];

/** Two plans beside each other, figure by figure. */
export function ComparedTable({ rows, title }: { rows: readonly ComparedFigure[]; title: string }) {
  return (
    <Box mt="3">
      <Box as="h3" fontSize="16px" mb="1">
        {title}
      </Box>
      <BesideTable
        testId="compared"
        heads={HEADS}
        rows={rows.map(({ now, then, differs }) => ({ key: now.id, name: now.label, one: now, other: then, differs }))}
      />
    </Box>
  );
}
