import { useDeferredValue, useMemo, useState } from 'react';
import { finder } from '@/core/stock';
import type { StockRow } from './stockRows';

/** So many lines are drawn at a time: more than a screen has. */
const SHOWN = 60;

/** Lines of stores as she looks for them: found as she types, by all that stands in a line; so many of them drawn, more when asked for. */
export function useFoundRows(rows: readonly StockRow[], kind: StockRow['kind'] | 'all') {
  const [search, setSearch] = useState('');
  const [room, setRoom] = useState(SHOWN);
  const find = useMemo(() => finder(rows, ({ name, what, detail }) => `${name} ${what} ${detail}`), [rows]);
  // The letter that was typed is shown before the lines are.
  const asked = useDeferredValue(search);
  const found = useMemo(() => find(asked).filter((row) => kind === 'all' || row.kind === kind), [find, asked, kind]);
  return {
    search,
    setSearch: (text: string) => {
      setSearch(text);
      setRoom(SHOWN);
    },
    found,
    /** So many of them are drawn. */
    room,
    more: () => setRoom((before) => before + SHOWN),
  };
}
