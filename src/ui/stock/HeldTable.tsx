'use client';

import { Box, Table } from '@chakra-ui/react';
import type { HeldLine } from '@/core/stock';
import type { LengthUnit } from '@/core/units';
import { freeAmount, neededAmount } from '@/core/wording';
import { Scrolled } from '@/ui/figures/Scrolled';

/** What lies in the stores, who holds it, and what is free. */
export function HeldTable({ lines, unit: lengthUnit }: { lines: readonly HeldLine[]; unit: LengthUnit }) {
  return (
    <Scrolled label="What bags hold in the stores">
      <Table.Root size="sm" data-testid="held">
        <Table.Header>
          <Table.Row bg="transparent">
            {['What', 'In store', 'Held for', 'Free'].map((head) => (
              <Table.ColumnHeader key={head}>{head}</Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {lines.map(({ name, unit, inStore, of, free }) => (
            <Table.Row key={name} bg="transparent">
              <Table.Cell>{name}</Table.Cell>
              <Table.Cell>{freeAmount(inStore, unit, lengthUnit)}</Table.Cell>
              <Table.Cell>
                {of.map(({ bag, amount, covered }, index) => (
                  <Box key={`${bag} ${index}`}>
                    {bag}: {neededAmount(amount, unit, lengthUnit)}
                    {covered < amount ? `, ${neededAmount(amount - covered, unit, lengthUnit)} lacking` : ''}
                  </Box>
                ))}
              </Table.Cell>
              <Table.Cell>{free >= 1 ? freeAmount(free, unit, lengthUnit) : 'nothing'}</Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Scrolled>
  );
}
