import { Box, Table } from '@chakra-ui/react';
import { z } from 'zod';
import { Scrolled } from '@/ui/figures/Scrolled';

export const changesSchema = z.object({
  madeAt: z.string(),
  lines: z.array(
    z.object({
      kind: z.enum(['bags', 'swatches', 'things', 'own-stitches', 'pieces', 'stores']),
      missing: z.array(z.string()),
      different: z.array(z.string()),
      same: z.number(),
      onlyHere: z.number(),
    }),
  ),
  told: z.number(),
  photos: z.number(),
  unreadable: z.array(z.string()),
});
export type Changes = z.infer<typeof changesSchema>;

const KINDS: Record<Changes['lines'][number]['kind'], string> = {
  bags: 'Bags',
  swatches: 'Swatches',
  things: 'Things to carry',
  'own-stitches': 'Patterns of your own',
  pieces: 'Pieces',
  stores: 'Stores',
};

/** Whether bringing a copy in would add nothing and put nothing back. */
export const isNothing = ({ lines, told, photos }: Changes): boolean =>
  told === 0 && photos === 0 && lines.every(({ missing }) => missing.length === 0);

/** So many names are said; the others are counted. */
const MOST_NAMES = 5;
const names = (all: readonly string[]): string =>
  all.length === 0
    ? 'none'
    : `${all.length}: ${all.slice(0, MOST_NAMES).join(', ')}${all.length > MOST_NAMES ? ` and ${all.length - MOST_NAMES} more` : ''}`;

/** What bringing a copy in would do: of each kind, what is missing here, what is otherwise here, what stays. */
export const ChangesTable = ({ changes }: { changes: Changes }) => (
  <>
    <Scrolled label="What the copy changes">
      <Table.Root size="sm">
        <Table.Header>
          <Table.Row bg="transparent">
            {['What', 'Missing here', 'Otherwise here', 'The same', 'Only here, stays'].map((head) => (
              <Table.ColumnHeader key={head}>{head}</Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {changes.lines.map(({ kind, missing, different, same, onlyHere }) => (
            <Table.Row key={kind} bg="transparent" data-kind={kind}>
              <Table.Cell fontWeight={700}>{KINDS[kind]}</Table.Cell>
              <Table.Cell>{names(missing)}</Table.Cell>
              <Table.Cell>{names(different)}</Table.Cell>
              <Table.Cell>{same}</Table.Cell>
              <Table.Cell>{onlyHere}</Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Scrolled>
    <Box mt="2">
      {changes.told === 0
        ? 'No row or note of a making is missing here'
        : `${changes.told} rows, notes and the like of makings are missing here`}
      {changes.photos === 0
        ? '; no photo is.'
        : `; so are ${changes.photos === 1 ? 'one photo' : `${changes.photos} photos`}.`}
    </Box>
    {changes.unreadable.length > 0 && <Box mt="1">Can’t be read, and is left out: {names(changes.unreadable)}.</Box>}
  </>
);
