import { describe, expect, test } from 'vitest';
import { makePiece, readRowWords, workOps, type Place, type ReaderTerms } from '.';

const sts = (count: number): Place[] => Array<Place>(count).fill('st');
const chain = (count: number): Place[] => Array<Place>(count).fill('begin');
/** Stitches and chains below, as letters: s a stitch, c a chain, t a turning chain that counts. */
const below = (letters: string): Place[] =>
  [...letters].map((one) => (one === 's' ? 'st' : one === 'c' ? 'ch' : 'tch'));

/**
 * Rows as they are usually published, written by hand, with what they make of what lies below. Common practice, no source: the counts
 * were worked out with a pencil.
 */
const ROWS: [terms: ReaderTerms, words: string, below: Place[], makes: number][] = [
  ['us', 'sc in 2nd ch from hook and in each ch across, turn', chain(26), 25],
  ['us', 'hdc in 3rd ch from hook (skipped chs count as first hdc) and in each ch across, turn', chain(42), 41],
  ['us', 'dc in 4th ch from hook (skipped chs count as first dc) and in each ch across, turn', chain(42), 40],
  ['uk', 'dc in 2nd ch from hook and in each ch across, turn', chain(100), 99],
  ['uk', 'tr in 4th ch from hook (skipped chs count as first tr) and in each ch across, turn', chain(42), 40],
  ['us', 'work 30 foundation sc, turn', [], 30],
  ['us', 'ch 1 (does not count as a st), sc in each st across, turn', sts(25), 25],
  ['us', 'ch 3 (counts as first dc), skip first st, dc in each st across, turn', sts(40), 40],
  [
    'us',
    'ch 3 (counts as first dc), skip first st, dc in each st across, the last in top of turning ch, turn',
    below('ssssst'),
    6,
  ],
  [
    'us',
    'ch 1 (does not count as a st), sc2tog over next 2 sts, sc in each st to last 2 sts, sc2tog over last 2 sts, turn',
    sts(20),
    18,
  ],
  [
    'us',
    'ch 1 (does not count as a st), 2 sc in next st, sc in each st to last st, 2 sc in last st, turn',
    sts(20),
    22,
  ],
  [
    'us',
    'ch 1 (does not count as a st), sc3tog over next 3 sts, sc in each of next 8 sts, sc3tog over next 3 sts, turn',
    sts(14),
    10,
  ],
  ['us', 'ch 1 (does not count as a st), 3 sc in next st, turn', sts(1), 3],
  [
    'us',
    'sl st in each of next 3 sts, ch 1 (does not count as a st), sc in each st to last 3 sts, leave last 3 sts unworked, turn',
    sts(20),
    14,
  ],
  [
    'us',
    'ch 5, sc in 2nd ch from hook and in each of next 3 chs, sc in each st across, then 4 foundation sc at the end, turn',
    sts(10),
    18,
  ],
  ['us', '*2 sc in next st; rep from * around', sts(6), 12],
  ['us', '*sc in next st, 2 sc in next st; rep from * around', sts(12), 18],
  ['us', '*sc in each of next 2 sts, 2 sc in next st; rep from * around', sts(18), 24],
  ['us', '*sc in each of next 3 sts, 2 sc in next st; rep from * around, join with a sl st in first sc', sts(24), 30],
  ['us', '[sc in each of next 8 sts, sc2tog over next 2 sts] 4 times', sts(40), 36],
  ['us', '*sc in each of next 8 sts, sc2tog over next 2 sts; rep from * 3 more times', sts(40), 36],
  [
    'us',
    '*[sc in each of next 6 sts, sc2tog over next 2 sts] 2 times, sc in each of next 3 sts; rep from * once more',
    sts(38),
    34,
  ],
  ['us', '*2 hdc in next st; rep from * around', sts(8), 16],
  ['us', '12 dc in 3rd ch from hook, join with a sl st in first dc', chain(3), 12],
  [
    'us',
    'sc in 2nd ch from hook, sc in each of next 6 chs, 3 sc in last ch, along the other side of the chain sc in each of next 6 chs, 2 sc in last ch',
    chain(9),
    18,
  ],
  [
    'us',
    '3 sc in 2nd ch from hook, sc in each of next 6 chs, 3 sc in last ch, along the other side of the chain sc in each of next 6 chs',
    chain(9),
    18,
  ],
  ['us', 'sc in each ch around, join with a sl st in first sc', chain(48), 48],
  [
    'us',
    'beginning in 2nd ch from hook, sc in next ch, *ch 1, skip next ch, sc in next ch; rep from * across, turn',
    chain(12),
    11,
  ],
  [
    'us',
    'ch 1 (does not count as a st), sc in next st, *sc in next ch-sp, ch 1, skip next st; rep from * to last ch-sp, sc in next ch-sp, sc in next st, turn',
    below('scscscs'),
    7,
  ],
  [
    'us',
    'ch 1 (does not count as a st), sc in next st, ch 1, skip next st, *sc in next ch-sp, ch 1, skip next st; rep from * to last st, sc in next st, turn',
    below('sscscss'),
    7,
  ],
  [
    'us',
    'ch 1 (does not count as a st), sc in each of next 2 sts, *bobble in next st, sc in each of next 3 sts; rep from * to last 3 sts, bobble in next st, sc in each of next 2 sts, turn',
    sts(25),
    25,
  ],
  [
    'us',
    'ch 1 (does not count as a st), sc in each of next 4 sts, *bobble in next st, sc in each of next 3 sts; rep from * to last st, sc in next st, turn',
    sts(25),
    25,
  ],
  [
    'us',
    'ch 1 (does not count as a st), *sc in each of next 2 sts, FPtr round next st two rows below, sc in next st; rep from * across, turn',
    sts(36),
    36,
  ],
  [
    'us',
    'ch 2 (does not count as a st), dc in next st, *FPdc round next st, dc in each of next 2 sts; rep from * to last st, dc in next st, turn',
    sts(23),
    23,
  ],
  [
    'us',
    'ch 2 (does not count as a st), dc in next st, *ch 2, dc4tog over next 4 sts, ch 1, dc in next st; rep from * across, turn',
    sts(21),
    21,
  ],
  [
    'us',
    'ch 1 (does not count as a st), sc in next st, *sc in next ch-sp, sc in next st, 2 sc in next ch-sp, sc in next st; rep from * across, turn',
    below('scsccscsccs'),
    11,
  ],
  ['us', 'ch 1 (does not count as a st), *sc in next st, spike sc in next st; rep from * across, turn', sts(18), 18],
  ['us', 'ch 1 (does not count as a st), sl st in back loop of each st across, turn', sts(9), 9],
  ['us', 'hdc in third loop of each st around', sts(8), 8],
  [
    'us',
    'ch 1 (does not count as a st), sc through back loop of each st and the free loop below it across, turn',
    sts(8),
    8,
  ],
  ['uk', 'ch 1 (does not count as a st), miss next st, htr in each st across, turn', sts(12), 11],
  ['uk', 'ch 3 (counts as first tr), miss first st, tr in each of next 4 sts, 2 tr in next st, turn', sts(6), 7],
  ['us', '*sc in each of next 3 sts, 3 sc in next st; rep from * around, join with a sl st in first sc', sts(24), 36],
];

test.each(ROWS)('%s: %s', (terms, words, places, makes) => {
  expect(workOps(readRowWords(words, terms), places, 5).made).toHaveLength(makes);
});

test('there are forty rows and more', () => expect(ROWS.length).toBeGreaterThanOrEqual(40));

describe('what can’t be worked is said', () => {
  test.each([
    ['a repeat that does not come out', '*sc in each of next 2 sts, 2 sc in next st; rep from * around', sts(17)],
    ['stitches left over', 'ch 1 (does not count as a st), sc in each of next 8 sts, turn', sts(10)],
    ['16 of 40, read as it stands', 'sc in each of next 8 sts, [sc2tog over next 2 sts] 4 times', sts(40)],
    ['a place beyond the row’s end', 'sc in each of next 11 sts', sts(10)],
    ['a space where there is none', 'sc in next ch-sp, sc in each st across', sts(6)],
    ['a post at a chain', 'FPdc round next st, dc in each st across', below('csss')],
    ['a turning chain that is not there', 'sc in each st across, the last in top of turning ch', sts(6)],
    ['a turning chain worked into unsaid', 'sc in each st across', below('ssst')],
    ['a round joined in another stitch', 'sc in each st around, join with a sl st in first dc', sts(6)],
  ])('%s', (_, words, places) => {
    expect(() => workOps(readRowWords(words, 'us'), places, 5)).toThrow();
  });

  test('a word of the other set, or of nobody', () => {
    expect(() => readRowWords('htr in next st', 'us')).toThrow(/can’t read/);
    expect(() => readRowWords('knit in next st', 'us')).toThrow(/can’t read/);
  });

  // Common practice, no source: six more in each round; the sixth says 32 where 36 must stand.
  test('a disc given as 6, 12, 18, 24, 30, 32 has its fault at 32', () => {
    const round = (row: number, plain: number, count: number) =>
      `Round ${row}: *${plain > 0 ? `sc in ${plain === 1 ? 'next st' : `each of next ${plain} sts`}, ` : ''}2 sc in next st; rep from * around. (${count} sc)`;
    const lines = [
      'Ch 2.',
      'In a spiral: do not join the rounds; move a marker up at the first stitch of each.',
      'Round 1: 6 sc in 2nd ch from hook. (6 sc)',
      ...[12, 18, 24, 30, 32].map((count, index) => round(index + 2, index, count)),
    ];
    const { complaints } = makePiece('Disc', lines, 'us', null);
    expect(complaints).toHaveLength(1);
    expect(complaints[0]).toMatch(/Round 6.*makes 36/);
  });

  test('a row that is repeated and never written, or numbered out of turn', () => {
    const lines = ['Ch 11.', 'Row 1: sc in 2nd ch from hook and in each ch across, turn. (10 sc)'];
    expect(
      makePiece('Panel', [...lines, 'Rows 2 to 9: as row 3. (10 sts in every row)'], 'us', null).complaints[0],
    ).toMatch(/not written/);
    const late = 'Row 4: ch 1 (does not count as a st), sc in each st across, turn. (10 sc)';
    expect(makePiece('Panel', [...lines, late], 'us', null).complaints[0]).toMatch(/comes after/);
  });
});
