import fc from 'fast-check';
import { expect, test } from 'vitest';
import { applyEdits, patternOf } from '@/core/design';
import { isPlainAt } from '@/core/stitches';
import { designAt, planOf, plannableDesign } from '@/core/testing/designs';

test('rows that are taken are the plan’s, with the height that was offered', () => {
  fc.assert(
    fc.property(plannableDesign, fc.nat({ max: 4 }), (design, pick) => {
      const { rowOffers } = planOf(design);
      const offer = rowOffers[pick % rowOffers.length];
      if (!offer) throw new Error('nothing offered');
      const read = applyEdits(design, offer.edits);
      if (!read.ok) throw new Error(read.faults[0]?.sentence);
      const { pouch } = planOf(read.design);
      expect([pouch.frontRows, pouch.backRows]).toEqual([offer.rows, offer.rows]);
      expect(pouch.figures.height.value).toBeCloseTo(offer.height.value, 6);
      expect(isPlainAt(patternOf(design), pouch.frontRows)).toBe(offer.baseOnPlain);
    }),
    { numRuns: 100 },
  );
});

test('the nearest rows come first, and say which side they end on', () => {
  const { rowOffers } = planOf(designAt(5, 5, 2));
  const offs = rowOffers.map(({ off }) => Math.abs(off.value));
  expect(offs).toEqual([...offs].sort((a, b) => a - b));
  for (const { rows, isOdd } of rowOffers) expect(isOdd).toBe(rows % 2 === 1);
});

test('in a bobble field a fold after an even row lies on bobbles, and that is said beforehand', () => {
  const bobbled = designAt(5, 5, 2, (d) => ({ ...d, stitch: 'bobble-field' }));
  for (const { rows, baseOnPlain, topOnPlain } of planOf(bobbled).rowOffers) {
    expect(baseOnPlain).toBe(rows % 2 === 1);
    // Twice any number of rows is even.
    expect(topOnPlain).toBe(false);
  }
});
