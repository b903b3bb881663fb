'use client';

import { Box, Table } from '@chakra-ui/react';
import type { HeldLine } from '@/core/stock';
import { formatQuantity } from '@/core/wording';
import { Scrolled } from '@/ui/figures/Scrolled';

/** Yarn is told in whole grams: what is needed or lacking rounded up, what is free rounded down. */
const needText = (amount: number, unit: HeldLine['unit']): string =>
  unit === 'g' ? `${Math.ceil(amount - 1e-9)} g` : formatQuantity(amount, unit, 'cm');
const freeText = (amount: number, unit: HeldLine['unit']): string =>
  unit === 'g' ? `${Math.floor(amount + 1e-9)} g` : formatQuantity(amount, unit, 'cm');

/** What lies in the stores, who holds it, and what is free. */
export function HeldTable({ lines }: { lines: readonly HeldLine[] }) {
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
              <Table.Cell>{freeText(inStore, unit)}</Table.Cell>
              <Table.Cell>
                {of.map(({ bag, amount, covered }, index) => (
                  <Box key={`${bag} ${index}`}>
                    {bag}: {needText(amount, unit)}
                    {covered < amount ? `, ${needText(amount - covered, unit)} lacking` : ''}
                  </Box>
                ))}
              </Table.Cell>
              <Table.Cell>{free >= 1 ? freeText(free, unit) : 'nothing'}</Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Scrolled>
  );
}
