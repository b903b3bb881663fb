'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type SortingState,
} from '@tanstack/react-table';
import { useMemo, useState } from 'react';
import type { StockRow } from './stockRows';

const column = createColumnHelper<StockRow>();
const COLUMNS = [
  column.accessor('name', { header: 'Name', sortingFn: 'text' }),
  column.accessor('what', { header: 'What', sortingFn: 'text' }),
  column.accessor('detail', { header: 'Which', sortingFn: 'text' }),
  column.accessor('size', { header: 'In store', cell: ({ row }) => row.original.amount }),
  column.accessor('price', {
    header: 'Price',
    sortUndefined: 'last',
    cell: ({ row }) => (row.original.price === null ? '—' : row.original.price.toFixed(2)),
  }),
];
const SORTED = { asc: 'ascending', desc: 'descending' } as const;

/** The table of stores: sorted by any of its columns. */
export function StockTable({
  rows,
  room,
  opened,
  onOpen,
  onTakeOut,
}: {
  rows: readonly StockRow[];
  /** So many of them are drawn: the first, as they are sorted. */
  room: number;
  opened: string | null;
  onOpen: (id: string) => void;
  onTakeOut: (row: StockRow) => void;
}) {
  const [sorting, setSorting] = useState<SortingState>([]);
  // Sorted are all of them; as they come, those that are drawn are enough.
  const data = useMemo(() => (sorting.length === 0 ? rows.slice(0, room) : [...rows]), [sorting, rows, room]);
  // eslint-disable-next-line react-hooks/incompatible-library -- the table is not memoised
  const table = useReactTable({
    data,
    columns: COLUMNS,
    state: { sorting },
    onSortingChange: setSorting,
    getRowId: ({ id }) => id,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  if (rows.length === 0) return <Box>Nothing here yet.</Box>;
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label="Table of stores">
      <Box
        as="table"
        width="100%"
        fontSize="15px"
        css={{
          borderCollapse: 'collapse',
          '& td, & th': { padding: '6px 10px', textAlign: 'left' },
          // On a phone every line is a small card.
          '@media (max-width: 640px)': {
            '& thead': { display: 'flex', flexWrap: 'wrap' },
            '& tbody tr': { display: 'block', padding: '6px 0' },
            '& td': { display: 'block', padding: '2px 10px' },
            '& td:empty': { display: 'none' },
            '& td[data-label]::before': { content: 'attr(data-label) ": "', color: '{colors.inkSoft}' },
          },
        }}
      >
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id}>
              {group.headers.map((header) => {
                const sorted = header.column.getIsSorted();
                return (
                  <Box
                    as="th"
                    key={header.id}
                    aria-sort={sorted ? SORTED[sorted] : 'none'}
                    borderBottom="1px solid"
                    borderColor="ink"
                  >
                    <Button
                      size="xs"
                      variant="plain"
                      color="ink"
                      px="0"
                      onClick={header.column.getToggleSortingHandler()}
                    >
                      {flexRender(header.column.columnDef.header, header.getContext())}
                      {sorted ? (sorted === 'asc' ? ' ↑' : ' ↓') : ''}
                    </Button>
                  </Box>
                );
              })}
              <Box as="th" borderBottom="1px solid" borderColor="ink">
                <Box as="span" srOnly>
                  What can be done
                </Box>
              </Box>
            </tr>
          ))}
        </thead>
        <tbody>
          {table
            .getRowModel()
            .rows.slice(0, room)
            .map((row) => (
              <Box
                as="tr"
                key={row.id}
                bg={opened === row.id ? 'brassPale' : 'paper'}
                borderBottom="1px solid"
                borderColor="counterEdge"
              >
                {row.getVisibleCells().map((cell) => (
                  <td
                    key={cell.id}
                    data-label={cell.column.id === 'name' ? undefined : String(cell.column.columnDef.header)}
                  >
                    {flexRender(cell.column.columnDef.cell, cell.getContext())}
                  </td>
                ))}
                <td>
                  <Flex gap="2" justify="end">
                    <Button
                      size="xs"
                      variant="outline"
                      aria-label={`Change ${row.original.name}`}
                      onClick={() => onOpen(row.original.id)}
                    >
                      Change
                    </Button>
                    <Button
                      size="xs"
                      variant="outline"
                      aria-label={`Take ${row.original.name} out`}
                      onClick={() => onTakeOut(row.original)}
                    >
                      Take out
                    </Button>
                  </Flex>
                </td>
              </Box>
            ))}
        </tbody>
      </Box>
    </Box>
  );
}
