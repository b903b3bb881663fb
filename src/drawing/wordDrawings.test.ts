import { describe, expect, it } from 'vitest';
import { TRADE_WORDS, WORD_IDS } from '@/core/wording';
import { expectWithin } from './testing/points';
import { wordDrawing } from './wordDrawings';

describe.each(WORD_IDS)('%s', (id) => {
  it('has a drawing of several lines, all of it on its card', () => {
    const drawing = wordDrawing(id);
    expect(drawing.shapes.length).toBeGreaterThan(1);
    expectWithin(drawing);
  });

  it('is drawn unlike every other word', () => {
    const own = JSON.stringify(wordDrawing(id).shapes);
    for (const other of WORD_IDS) if (other !== id) expect(JSON.stringify(wordDrawing(other).shapes)).not.toBe(own);
  });

  it('is explained in whole sentences, without another word that needs explaining first', () => {
    const { word, means } = TRADE_WORDS[id];
    expect(means).toMatch(/^\p{Lu}.*\.$/u);
    expect(means.length).toBeLessThan(240);
    expect(word).toBe(word.toLowerCase());
  });
});
