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
import { readRowWords, workOps, type Place } from '@/core/testing/literalReader';
import { patternRowText, patternText } from './rowText';
import { abbreviation, stitchLegend } from './stitchText';

/** Works a row as a maker reads it, from the printed words alone, over the places of the row below as it was made. */
const madeFrom = (text: string, below: readonly Place[], row: number): number => {
  const words = text.replace(/^Rows? [^:]+: /, '').replace(/\. \([^)]*\)$/, '');
  return workOps(readRowWords(words, 'us'), [...below].reverse(), row).made.length;
};

/** The row below as the pattern makes it; before row 1 the starting chain. */
function placesOf(
  pattern: StitchPattern,
  count: number,
  row: number,
  turningChain: 'counts' | 'does-not-count',
): Place[] {
  if (row === 0) return Array<Place>(startingChain(count, pattern, turningChain, 'chain')).fill('begin');
  const worked = workPattern(pattern, count, row);
  if (!worked.ok) throw new Error('does not come out');
  const made = (worked.rows[row - 1] ?? []).map((cell): Place => (cell.made === 'chain' ? 'ch' : 'st'));
  return turningChain === 'counts' ? ['tch', ...made.slice(1)] : made;
}

describe.each(['does-not-count', 'counts'] as const)('rows in words, where the turning chain %s', (turningChain) => {
  test.each(PANEL_STITCH_IDS)('%s comes out when it is worked from its words alone', (id) => {
    const pattern: StitchPattern = STITCHES[id];
    for (const repeats of [1, 2, 7]) {
      const count = pattern.edgeStitches + repeats * pattern.repeatStitches;
      // A turning chain that counts needs a stitch beside it.
      if (count < 3) continue;
      for (let row = 1; row <= patternRowCount(pattern) + 1; row += 1) {
        const text = patternRowText(pattern, row, count, { terms: 'us', turningChain, foundation: 'chain' });
        expect(madeFrom(text, placesOf(pattern, count, row - 1, turningChain), row), text).toBe(count);
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
    'Row 2 (WS): ch 1 (does not count as a st), sc in each of next 2 sts, *bobble in next st, sc in each of next 3 sts; rep from * to last 3 sts, bobble in next st, sc in each of next 2 sts, turn. (25 sts, 6 bobbles)',
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

  test('a fabric of several rows names those that are repeated: never the one that is worked into a chain', () => {
    expect(patternText(STITCHES['bobble-field'], 25, settings).at(-1)).toBe('Repeat rows 2 to 5.');
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
