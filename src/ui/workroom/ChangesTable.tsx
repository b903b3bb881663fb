import { Box } from '@chakra-ui/react';
import { z } from 'zod';
import { LedgerTable } from '@/ui/figures/LedgerTable';

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
    <LedgerTable
      label="What the copy changes"
      heads={['What', 'Missing here', 'Otherwise here', 'The same', 'Only here, stays']}
      rows={changes.lines.map(({ kind, missing, different, same, onlyHere }) => ({
        key: kind,
        cells: [<b key="kind">{KINDS[kind]}</b>, names(missing), names(different), same, onlyHere],
      }))}
    />
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
