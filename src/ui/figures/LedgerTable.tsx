import type { ReactNode } from 'react';
import { LedgerHead } from './LedgerHead';
import { Scrolled } from './Scrolled';

interface LedgerTableProps {
  /** What it is a table of, for readers of the screen. */
  label: string;
  heads: readonly string[];
  /** The first cell of each names it. */
  rows: readonly { key: string; cells: readonly ReactNode[] }[];
  testId?: string;
}

/** A table of names and numbers; on a phone a list, in which what each number is stands above it. */
export const LedgerTable = ({ label, heads, rows, testId }: LedgerTableProps) => (
  <Scrolled label={label}>
    <table className="ledger" data-testid={testId}>
      <LedgerHead heads={heads} />
      <tbody>
        {rows.map(({ key, cells: [name, ...cells] }) => (
          <tr key={key} data-row={key}>
            <th scope="row">{name}</th>
            {cells.map((cell, index) => (
              <td key={index} data-head={heads[index + 1] || undefined}>
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  </Scrolled>
);
