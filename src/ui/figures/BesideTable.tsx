'use client';

import type { Figure } from '@/core/figures';
import { AskableNumber } from './FigureTicket';
import { Scrolled } from './Scrolled';
import { LedgerHead } from './LedgerHead';

interface BesideTableProps {
  /** What the rows are, what stands in both columns, and what is between them. */
  heads: readonly string[];
  /** Without what is between them where that says nothing; with what is lit on the drawings when a figure is asked. */
  rows: readonly { key: string; name: string; mark?: string; one: Figure; other: Figure; differs?: Figure }[];
  testId: string;
}

/** The same figures of two states or plans beside each other, with what is between them; each can be asked why. */
export function BesideTable({ heads, rows, testId }: BesideTableProps) {
  return (
    <Scrolled label={heads.join(', ')}>
      <table className="ledger" data-testid={testId}>
        <LedgerHead heads={heads} />
        <tbody>
          {rows.map(({ key, name, mark, one, other, differs }) => (
            <tr key={key}>
              <th scope="row">{name}</th>
              <td data-head={heads[1]}>
                <AskableNumber figure={one} mark={mark} />
              </td>
              <td data-head={heads[2]}>
                <AskableNumber figure={other} mark={mark} />
              </td>
              {differs && (
                <td className="ledger-off" data-head={heads[3]}>
                  <AskableNumber figure={differs} signed />
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </Scrolled>
  );
}
