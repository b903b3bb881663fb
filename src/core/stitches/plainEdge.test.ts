import fc from 'fast-check';
import { expect, test } from 'vitest';
import { patternRowText } from '@/core/wording';
import {
  PANEL_STITCH_IDS,
  STITCHES,
  findRepeat,
  patternRowCount,
  withPlainEdge,
  workPattern,
  type StitchPattern,
} from '.';

test('a plain edge keeps the repeat, adds its stitches at both sides, and works out on every count', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...PANEL_STITCH_IDS),
      fc.integer({ min: 1, max: 6 }),
      fc.integer({ min: 1, max: 12 }),
      (id, edge, repeats) => {
        const bare: StitchPattern = STITCHES[id];
        const edged = withPlainEdge(bare, edge);
        expect(edged.repeatStitches).toBe(bare.repeatStitches);
        expect(edged.edgeStitches).toBe(bare.edgeStitches + 2 * edge);
        const count = edged.edgeStitches + repeats * edged.repeatStitches;
        const worked = workPattern(edged, count, 2 * patternRowCount(edged) + 2);
        if (!worked.ok) throw new Error(`${id}, row ${worked.row}: ${JSON.stringify(worked.fault)}`);
        expect(new Set(worked.rows.map((cells) => cells.length))).toEqual(new Set([count]));
        const found = findRepeat(edged);
        expect(found.ok && found.repeatStitches).toBe(bare.repeatStitches);
      },
    ),
  );
});

test('every row begins and ends with as many plain stitches as were asked for', () => {
  for (const id of ['bobble-field', 'raised-drops', 'waffle'] as const) {
    const edged = withPlainEdge(STITCHES[id], 3);
    const worked = workPattern(edged, edged.edgeStitches + 4 * edged.repeatStitches, 8);
    if (!worked.ok) throw new Error('does not come out');
    for (const cells of worked.rows)
      for (const cell of [...cells.slice(0, 3), ...cells.slice(-3)])
        expect(cell).toMatchObject({ made: 'stitch', step: { into: 'stitch', over: 1, each: 1 } });
  }
});

test('no edge is the pattern itself, and its words join what is plain beside each other', () => {
  expect(withPlainEdge(STITCHES.linen, 0)).toBe(STITCHES.linen);
  const text = patternRowText(withPlainEdge(STITCHES['bobble-field'], 2), 2, 29, {
    terms: 'us',
    turningChain: 'does-not-count',
    foundation: 'chain',
  });
  expect(text).toBe(
    'Row 2 (WS): ch 1 (does not count as a st), sc in each of next 4 sts, *bobble in next st, sc in each of next 3 sts; rep from * to last 5 sts, bobble in next st, sc in each of next 4 sts, turn. (29 sts, 6 bobbles)',
  );
});
