import { describe, expect, it } from 'vitest';
import { rowToWork } from '@/core/bench';
import { BODY_KINDS } from '@/core/body';
import { patternOf } from '@/core/design';
import { PANEL_STITCH_IDS } from '@/core/stitches';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { dueIn, duesOf, phaseOf, repeatsIn, sideFacing, spokenRow, wordsOfEachRow } from '.';

const inStitch = (stitch: (typeof PANEL_STITCH_IDS)[number]) => {
  const bag = bagOf('fold-over-strip', { stitchMm: 6, rowMm: 6, fabricMm: 2 });
  return { ...bag, stitch, swatch: { ...bag.swatch, stitch } };
};

describe.each(BODY_KINDS)('what is to be minded while %s is worked', (kind) => {
  const design = bagOf(kind);
  const plan = planOf(design);

  it('lies on rows that there are, in their order, each fold where the plan has it', () => {
    for (const piece of plan.pieces) {
      const dues = duesOf(design, plan, piece);
      const rows = piece.kind === 'rows' ? piece.rows.length : 0;
      expect(dues.map(({ row }) => row)).toEqual([...dues.map(({ row }) => row)].sort((a, b) => a - b));
      for (const { row, says } of dues) {
        expect(row).toBeGreaterThan(0);
        expect(row).toBeLessThanOrEqual(rows);
        expect(says).not.toMatch(/undefined|NaN/);
      }
      if (piece.kind !== 'rows') continue;
      for (const { mark, kind: of, afterRow } of piece.lines)
        if (of === 'fold' && (mark === 'fold.base' || mark === 'fold.top'))
          expect(dues.find((due) => due.mark === mark)?.row).toBe(afterRow);
    }
  });

  it('is told with the side that faces her: turned rows by turns', () => {
    for (const piece of plan.pieces) {
      if (piece.kind !== 'rows' || piece.roundCount > 0) continue;
      for (let row = 2; row <= piece.rows.length; row += 1)
        expect(sideFacing(design, piece, row)).not.toBe(sideFacing(design, piece, row - 1));
    }
  });
});

describe.each(PANEL_STITCH_IDS)('a row in %s', (stitch) => {
  const design = inStitch(stitch);
  const plan = planOf(design);
  const [piece] = plan.pieces;
  if (!piece) throw new Error('no piece');

  it('comes back with its phase as often as the pattern has rows', () => {
    const { setupRows, rows } = patternOf(design);
    if (rows.length < 2) {
      expect(phaseOf(design, piece, 3)).toBe(null);
      return;
    }
    for (let row = setupRows.length + 1; row < 20; row += 1) {
      const phase = phaseOf(design, piece, row);
      expect(phase?.of).toBe(rows.length);
      expect(phaseOf(design, piece, row + rows.length)?.row).toBe(phase?.row);
    }
  });

  it('has as many repeats as fill it with its edges', () => {
    const { repeatStitches, edgeStitches } = patternOf(design);
    const repeats = repeatsIn(design, piece, 2);
    const stitches = rowToWork(piece, 2)?.stitches ?? NaN;
    if (repeatStitches < 2) expect(repeats).toBe(null);
    else expect((repeats ?? NaN) * repeatStitches + edgeStitches).toBe(stitches);
  });

  it('is read aloud without signs or short words', () => {
    for (const words of wordsOfEachRow(design, plan, piece).slice(0, 8)) {
      const spoken = spokenRow(words, 'us');
      expect(spoken).not.toMatch(/[*()[\]]|\b(?:sc|hdc|dc|tr|sts?|chs?)\b/);
    }
  });
});

it('how far a row is off is told in rows', () => {
  expect(dueIn({ row: 12 }, 12)).toBe('now');
  expect(dueIn({ row: 13 }, 12)).toBe('in the next row');
  expect(dueIn({ row: 20 }, 12, 'round')).toBe('in 8 rounds');
});
