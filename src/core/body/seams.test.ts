import { describe, expect, it, test } from 'vitest';
import { SEAM_KINDS, type Design, type SeamKind } from '@/core/design';
import { fullDesign, planOf } from '@/core/testing/designs';
import { patternAsText, writePattern } from '@/core/wording';
import { SEAMS } from '.';

const sewn = (kind: SeamKind, parts: Partial<Design['body']['seam']> = {}): Design => {
  const design = fullDesign();
  return {
    ...design,
    body: { ...design.body, seam: { kind, finish: 'turned', takeUpStitches: SEAMS[kind].takeUp.usual, ...parts } },
  };
};
const text = (design: Design) => patternAsText(writePattern(design, planOf(design)));

describe('seams', () => {
  // Common practice, no source: whip or through the edge 0 to ½ stitch a side, mattress ½ to 1, slip-stitch or sc join ½.
  test.each<[SeamKind, number, number]>([
    ['whip', 0, 0.5],
    ['through-the-edge', 0, 0.5],
    ['mattress', 0.5, 1],
    ['slip-stitch', 0.5, 0.5],
    ['sc-join', 0.5, 0.5],
  ])('%s takes %d to %d stitches of each edge', (kind, least, most) => {
    const { takeUp } = SEAMS[kind];
    expect([takeUp.least, takeUp.most]).toEqual([least, most]);
    expect(takeUp.usual).toBeGreaterThanOrEqual(least);
    expect(takeUp.usual).toBeLessThanOrEqual(most);
  });

  it('make the bag narrower by what they take, for the same count', () => {
    for (const kind of SEAM_KINDS) {
      const design = sewn(kind);
      const { pouch } = planOf({ ...design, body: { ...design.body, chosenStitches: 40 } });
      expect(pouch.figures.panelWidth.value - pouch.figures.width.value).toBeCloseTo(
        2 * SEAMS[kind].takeUp.usual * pouch.stitchMm,
        9,
      );
    }
  });

  it('use yarn as their kind does: a join with the hook more than a needle', () => {
    const grams = (kind: SeamKind) => {
      const design = sewn(kind);
      return planOf({ ...design, body: { ...design.body, chosenStitches: 40 } }).yarn.figures?.sewing.value ?? NaN;
    };
    expect(grams('whip')).toBeCloseTo(grams('through-the-edge'), 9);
    expect(grams('slip-stitch')).toBeGreaterThan(grams('whip'));
    expect(grams('sc-join')).toBeGreaterThan(grams('slip-stitch'));
  });

  it('are told in the order of making, inside out or showing, in the maker’s words', () => {
    // Mattress stitch is sewn from outside, whatever was chosen for other seams. From memory.
    for (const finish of ['turned', 'showing'] as const) {
      const mattress = text(sewn('mattress', { finish }));
      expect(mattress).toContain('Right sides out, the edges side by side: mattress-stitch row');
      expect(mattress).not.toMatch(/Turn right side out|corners pushed out/);
    }
    expect(text(sewn('whip', { finish: 'showing' }))).toContain('Wrong sides together, the seam showing: whip row');
    expect(text(sewn('whip'))).toMatch(/Right sides together: whip row .* Turn right side out\./);
    const uk = sewn('sc-join');
    expect(text({ ...uk, settings: { ...uk.settings, terms: 'uk' } })).toContain('join with a row of dc, row');
  });
});
