'use client';

import type { KeyboardEvent, ReactNode } from 'react';
import type { DesignEdit } from '@/core/problems';
import { focusingChange } from '@/ui/focus/focusChange';
import { useBagStore } from '@/ui/bag/BagProvider';
import { Scrolled } from './Scrolled';

/** One row of a table of offers: what it says, and what taking it does. */
interface TakeRow {
  key: string;
  cells: ReactNode[];
  isPlanned: boolean;
  /** What taking it is called, in the undo list and to a reader of the screen. */
  takeLabel: string;
  edits: readonly DesignEdit[];
  /** Said in place of the button where it can't be taken. */
  instead?: string;
}

interface TakeTableProps {
  heads: readonly string[];
  rows: readonly TakeRow[];
  testId: string;
}

/** A table of offers, each taken with one press: of its button, or of its number while the table has the focus. */
export function TakeTable({ heads, rows, testId }: TakeTableProps) {
  const store = useBagStore();
  const take = ({ isPlanned, edits, takeLabel }: TakeRow) => {
    if (!isPlanned && edits.length > 0) store.getState().edit(takeLabel, edits);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const row = rows[Number(event.key) - 1];
    if (!row || event.altKey || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    take(row);
  };
  return (
    <Scrolled label={`Offers: ${heads.join(', ')}`}>
      <table className="ledger" data-testid={testId} onKeyDown={onKeyDown} tabIndex={-1}>
        <thead>
          <tr>
            <th scope="col">Key</th>
            {heads.map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
            <th scope="col">
              <span className="only-read">Take it</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, index) => (
            <tr key={row.key} aria-current={row.isPlanned || undefined}>
              <td data-head="Key">{index + 1}</td>
              {row.cells.map((cell, at) =>
                at === 0 ? (
                  <th key={heads[at]} scope="row">
                    {cell}
                  </th>
                ) : (
                  <td key={heads[at]} data-head={heads[at]}>
                    {cell}
                  </td>
                ),
              )}
              <td>
                {row.isPlanned ? (
                  'as planned'
                ) : row.edits.length === 0 ? (
                  row.instead
                ) : (
                  <button
                    type="button"
                    className="take"
                    aria-label={row.takeLabel}
                    onClick={(event) => focusingChange(event, () => take(row))}
                  >
                    Take it
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Scrolled>
  );
}
