'use client';

import { Box } from '@chakra-ui/react';
import type { ComparedFigure } from '@/core/solutions';
import { AskableNumber } from '@/ui/figures/FigureTicket';
import { LedgerHead } from '@/ui/figures/LedgerHead';

/** Two plans beside each other, figure by figure. */
export function ComparedTable({ rows, title }: { rows: readonly ComparedFigure[]; title: string }) {
  return (
    <Box mt="3">
      <Box as="h3" fontSize="16px" mb="1">
        {title}
      </Box>
      <table className="ledger" data-testid="compared">
        <LedgerHead heads={['Figure', 'Now', 'This plan', 'Differs by']} />
        <tbody>
          {rows.map(({ now, then, differs }) => (
            <tr key={now.id}>
              <th scope="row">{now.label}</th>
              <td>
                <AskableNumber figure={now} />
              </td>
              <td>
                <AskableNumber figure={then} />
              </td>
              <td className="ledger-off">
                <AskableNumber figure={differs} signed />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Box>
  );
}
