import { expect, it } from 'vitest';
import { seededRandom } from '@/core/random';
import { generatedPattern } from '@/core/testing/corpus';
import { comparePatterns, readPattern } from '.';

const rows = (...lines: string[]) => readPattern(['Ch 21.', ...lines].join('\n'));
const first = 'Row 1: sc in 2nd ch from hook and in each ch across. (20)';

it('rows that are only worded otherwise are the same', () => {
  const one = rows(
    first,
    'Row 2: ch 1, sc in each st across, turn. (20 sc)',
    'Row 3: ch 1, sc in next 18 sts, sc2tog. (19)',
  );
  const other = rows(
    'Row 1: Single crochet in second chain from hook and in each chain to end.',
    'R2: Ch 1, 1 single crochet in each stitch to the end of the row, turn',
    'ROW 3 - ch 1, single crochet in next 18 stitches, sc2tog – 19 sts',
  );
  expect(comparePatterns(one, other)).toEqual({ changes: [], same: 3 });
});

it('what changes a count is told with both, what comes to the same by other work as such, what is new or gone by itself', () => {
  const before = rows(
    first,
    'Row 2: ch 1, sc in each st across. (20)',
    'Row 3: ch 1, sc in each st across. (20)',
    'Row 4: ch 1, sc across.',
  );
  const now = rows(
    first,
    'Row 2: ch 1, sc in next 18 sts, sc2tog. (19)',
    'Row 3: ch 1, sc in next 9 sts, 2 sc in next st, sc in next 9 sts. (20)',
  );
  const { changes, same } = comparePatterns(before, now);
  expect(same).toBe(1);
  expect(changes.map(({ is }) => is)).toEqual(['counts', 'counts', 'removed']);
  expect(changes[0]).toMatchObject({ before: { out: 20 }, now: { out: 19, number: 2 } });
  const dc = comparePatterns(rows(first, 'Row 2: ch 1, sc across. (20)'), rows(first, 'Row 2: ch 1, dc across. (20)'));
  expect(dc.changes.map(({ is }) => is)).toEqual(['work']);
  const more = comparePatterns(
    rows(first),
    rows(first, 'Row 2: ch 1, sc across. (20)', 'Row 3: ch 1, sc across. (20)'),
  );
  expect(more.changes.map(({ is }) => is)).toEqual(['added', 'added']);
});

it('a pattern differs in nothing from itself', () => {
  for (let seed = 0; seed < 40; seed += 1) {
    const { text } = generatedPattern(seededRandom(seed), null);
    const read = readPattern(text);
    expect(comparePatterns(read, readPattern(`\n\n${text}`)).changes).toEqual([]);
  }
});
