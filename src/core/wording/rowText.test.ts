import { describe, expect, it, test } from 'vitest';
import {
  PANEL_STITCH_IDS,
  STITCHES,
  patternRowCount,
  startingChain,
  workPattern,
  type StitchId,
  type StitchPattern,
} from '@/core/stitches';
import { patternRowText, patternText } from './rowText';
import { abbreviation, stitchLegend } from './stitchText';

type Place = 'ch' | 'st';

/**
 * Works a row as a maker reads it: from the printed words alone, over the places of the row below, stitch by stitch. Knows
 * nothing of the data that the words were made from.
 */
function workWords(text: string, below: readonly Place[]): { made: number; left: number } {
  const places = [...below].reverse();
  let made = 0;
  const take = (count: number) => places.splice(0, count);
  const number = (digits: string | undefined) => Number(digits ?? 1);
  const phrase = (words: string) => {
    const chain = /^ch (\d+)$/.exec(words);
    const skip = /^skip next (?:(\d+) )?(?:st|ch)s?$/.exec(words);
    const space = /^(?:(\d+) )?[\w ]+ in next ch-sp$/.exec(words);
    const over = /^\w+ over next (\d+) sts$/.exec(words);
    const next = /^[\w ]+ (?:in|round|in back loop of) next (?:(\d+) )?(?:st|ch)s?(?: two rows below)?$/.exec(words);
    if (chain) made += number(chain[1]);
    else if (skip) take(number(skip[1]));
    else if (space) {
      expect(places[0], words).toBe('ch');
      while (places[0] === 'ch') take(1);
      made += number(space[1]);
    } else if (over) {
      take(number(over[1]));
      made += 1;
    } else if (next) {
      take(number(next[1]));
      made += number(next[1]);
    } else throw new Error(`not understood: “${words}”`);
  };
  const phrases = (words: string) => words.split(', ').filter(Boolean).forEach(phrase);

  let words = text
    .replace(/^Rows? [^:]+: /, '')
    .replace(/, turn\. \([^)]*\)$/, '')
    .replace(/^ch \d+ \(does not count as a st\), /, '')
    .replace(/^beginning in \d\w\w ch from hook, /, '')
    .replace(/, the last in top of turning ch$/, '');
  const stands =
    /^(?:ch \d+ \(counts as first \w+\), skip first st|skip first (?:ch|\d+ chs) \(counts? as first \w+\)), /;
  if (stands.test(words)) {
    words = words.replace(stands, '');
    take(1);
    made += 1;
  }
  if (/ (?:in|of) each (st|ch) across$/.test(words)) return { made: made + places.length, left: 0 };

  const [before = '', rest] = words.split('*');
  phrases(before);
  if (rest === undefined) return { made, left: places.length };
  const [repeat = '', after = ''] = words.slice(before.length + 1).split('; rep from * ');
  const until = /^(?:across|to last (?:(\d+) )?(st|ch-sp)s?)/.exec(after);
  if (!until) throw new Error(`no end to “${after}”`);
  const isEnd = () => {
    if (until[0] === 'across') return places.length === 0;
    if (until[2] === 'st') return places.length <= number(until[1]);
    return (
      places.slice(places.findIndex((place) => place !== 'ch')).every((place) => place === 'st') && places[0] === 'ch'
    );
  };
  for (let turns = 0; !isEnd() && turns < 200; turns += 1) phrases(repeat);
  phrases(after.slice(until[0].length).replace(/^, /, ''));
  return { made, left: places.length };
}

const placesOf = (pattern: StitchPattern, count: number, row: number): Place[] => {
  if (row === 0) return Array.from({ length: count }, () => 'st');
  const worked = workPattern(pattern, count, row);
  if (!worked.ok) throw new Error('does not come out');
  return (worked.rows[row - 1] ?? []).map((cell) => (cell.made === 'chain' ? 'ch' : 'st'));
};

describe.each(['does-not-count', 'counts'] as const)('rows in words, where the turning chain %s', (turningChain) => {
  test.each(PANEL_STITCH_IDS)('%s comes out when it is worked from its words alone', (id) => {
    const pattern: StitchPattern = STITCHES[id];
    for (const repeats of [1, 2, 7]) {
      const count = pattern.edgeStitches + repeats * pattern.repeatStitches;
      // A turning chain that counts needs a stitch beside it.
      if (count < 3) continue;
      for (let row = 1; row <= patternRowCount(pattern) + 1; row += 1) {
        const text = patternRowText(pattern, row, count, { terms: 'us', turningChain, foundation: 'chain' });
        expect(workWords(text, placesOf(pattern, count, row - 1)), text).toEqual({ made: count, left: 0 });
        expect(text).toMatch(new RegExp(`\\(${count} [^)]+\\)$`));
      }
    }
  });
});

// Common practice, no source: how makers write these rows.
test.each<[StitchId, number, number, string]>([
  [
    'linen',
    2,
    7,
    'Row 2 (WS): ch 1 (does not count as a st), sc in next st, *sc in next ch-sp, ch 1, skip next st; rep from * to last ch-sp, sc in next ch-sp, sc in next st, turn. (7 sts)',
  ],
  [
    'bobble-field',
    2,
    25,
    'Row 2 (WS): ch 1 (does not count as a st), sc in next 2 sts, *bobble in next st, sc in next 3 sts; rep from * to last 3 sts, bobble in next st, sc in next 2 sts, turn. (25 sts, 6 bobbles)',
  ],
  [
    'sl-st-rib',
    2,
    9,
    'Row 2 (WS): ch 1 (does not count as a st), sl st in back loop of each st across, turn. (9 sl st)',
  ],
  ['dc', 1, 40, 'Row 1 (RS): dc in 3rd ch from hook and in each ch across, turn. (40 dc)'],
])('%s, row %d over %d', (id, row, count, text) => {
  expect(
    patternRowText(STITCHES[id], row, count, { terms: 'us', turningChain: 'does-not-count', foundation: 'chain' }),
  ).toBe(text);
});

describe('a pattern for straps, from its first row to its last', () => {
  const settings = { terms: 'us', turningChain: 'does-not-count', foundation: 'chain' } as const;

  // Common practice, no source: a tube goes on in a spiral of eight through the third loop.
  test('a spiral tube is joined into a ring once and then only goes round', () => {
    const lines = [
      'Round 1: join the chain into a ring with a sl st, hdc in each ch around. (8 hdc)',
      'Round 2: hdc in third loop of each st around. (8 hdc)',
      'Repeat round 2.',
    ];
    expect(patternText(STITCHES['spiral-tube'], 8, settings)).toEqual(lines);
    expect(patternText(STITCHES['spiral-tube'], 8, { ...settings, turningChain: 'counts' })).toEqual(lines);
    expect(patternText(STITCHES['spiral-tube'], 8, { ...settings, foundation: 'foundation-stitches' })[0]).toBe(
      'Round 1: work 8 foundation hdc, join into a ring. (8 hdc)',
    );
    // As many chains as stitches: none is passed over in a ring.
    expect(startingChain(8, STITCHES['spiral-tube'], 'counts', 'chain')).toBe(8);
  });

  // Common practice, no source: the last row goes through three loops, and closes the edge that is split.
  test('double thickness says what its free loops are, and closes its edge', () => {
    const lines = patternText(STITCHES['double-thickness'], 8, { ...settings, terms: 'uk' });
    // The loops that the chain leaves free are what the second row finds.
    expect(lines[0]).toBe('Row 1 (RS): dc in back loop of 2nd ch from hook and of each ch across, turn. (8 dc)');
    expect(lines.at(-1)).toBe(
      'Last row: ch 1 (does not count as a st), dc through both loops of each st and the free loop below it across, fasten off. (8 dc)',
    );
    expect(stitchLegend(STITCHES['double-thickness'], 'us').join()).toContain('as many as there are stitches');
  });

  test('a cord is one row, and nothing is repeated', () => {
    expect(patternText(STITCHES['chain-cord'], 90, settings)).toHaveLength(1);
  });

  test('a fabric of several rows names those that are repeated', () => {
    expect(patternText(STITCHES['bobble-field'], 25, settings).at(-1)).toBe('Repeat rows 1 to 4.');
    expect(patternText(STITCHES.sc, 25, settings).at(-1)).toBe('Repeat row 2.');
  });
});

it('tells how every stitch is made that a maker may not know, in her own terms', () => {
  expect(stitchLegend(STITCHES['cluster-mesh'], 'uk')).toEqual([
    'dc = double crochet',
    'tr = treble crochet',
    'tr4tog = 4 tr, one in each st, joined at the top',
  ]);
  for (const id of PANEL_STITCH_IDS)
    for (const line of stitchLegend(STITCHES[id], 'us')) expect(line).toMatch(/^[\w ]+ = \S.+[^:\s]$/);
  expect(abbreviation({ work: 'tr', into: 'front-post-two-below', over: 1 }, 'uk')).toBe('FPdtr');
});
