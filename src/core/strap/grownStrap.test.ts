import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { type BodyKind, type Design } from '@/core/design';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf, triedStrap, workedStrapOf } from '@/core/testing/designs';
import { grownStrapText } from '@/core/wording';
import { grownFigures } from '.';

const grownOf = (kind: BodyKind, widthMm: number, change: (design: Design) => Design = (design) => design) => {
  const plan = planOf(change({ ...bagOf(kind), straps: [{ ...triedStrap(), widthMm }] }));
  const stage = workedStrapOf(plan);
  return { plan, stage, grown: stage.grown, text: grownStrapText(stage, plan) };
};
const noFlap = (design: Design): Design => ({
  ...design,
  flap: { kind: 'none', dropMm: 80, widthMm: null, hemMm: null },
});
const walked = (design: Design): Design => withBody(design, { roundWalk: { rounds: 10, stitches: 3 } });

describe('a strap grown from the body', () => {
  it.each(BODY_KINDS)('%s: takes up every stitch of the strap once, half on either side of the side', (kind) => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 60 }), fc.boolean(), (widthMm, open) => {
        const { plan, stage, grown } = grownOf(kind, widthMm, open ? noFlap : undefined);
        const across = stage.figures.stitches.value;
        if (grown === null) return expect(2 * Math.ceil(across / 2)).toBeGreaterThanOrEqual(plan.pouch.topStitches);
        if (grown.on === 'strip') {
          const strip = plan.pieces.find(({ id }) => id === grown.piece);
          if (strip?.kind !== 'rows') throw new Error('no strip');
          const ends = [strip.startStitches, strip.rows.length];
          expect(grown.figures.taken.value).toBe(Math.min(...ends));
          return;
        }
        const { front, back, backRows } = grown.figures;
        expect(front.value + back.value).toBe(across);
        expect(back.value - front.value).toBeLessThanOrEqual(1);
        expect(grown.backIn).toBe(plan.flap.onPiece ? 'row' : 'stitch');
        // Stitches are as wide as rows are high: one in each.
        if (backRows) expect(backRows.value).toBe(back.value);
        for (const figure of grownFigures(grown)) expect(plan.figures[figure.id]).toBe(figure);
      }),
      { numRuns: 20 },
    );
  });

  it('picks the back’s half up from fewer rows where rows are high', () => {
    const at = (rowMm: number) => {
      const plan = planOf({
        ...bagOf('fold-over-strip', { stitchMm: 4, rowMm, fabricMm: 2 }),
        straps: [{ ...triedStrap(), widthMm: 32 }],
      });
      const grown = workedStrapOf(plan).grown;
      if (grown?.on !== 'sides') throw new Error('not at the sides');
      return grown.figures.backRows?.value;
    };
    // Common practice, no source: one in each row end of single crochet, three in two of half double, two in one of double.
    expect([at(4), at(6), at(8)]).toEqual([4, 3, 2]);
  });

  it('begins in rounds half a strap before the sides, which lie half a round apart', () => {
    const { plan, grown, text } = grownOf('around-chain', 40, (design) => walked(noFlap(design)));
    if (grown?.on !== 'sides' || !grown.figures.begins) throw new Error('not in rounds');
    const [first, second] = grown.figures.begins;
    const round = 2 * plan.pouch.stitchCount;
    // Thirty hundredths of a stitch a round, over all rounds of the sides; four of the eight stitches lie before the side.
    const side = Math.round(plan.pouch.frontRows * 0.3) % round;
    expect(first.value).toBe(((side - 4 + round) % round) + 1);
    expect((second.value - first.value + round) % round).toBe(round / 2);
    expect(text).toContain(`begin one end of the strap with stitch ${first.value}`);
  });

  it('keeps the sides where they are when the last round narrows', () => {
    const narrowed = grownOf('oval-base', 30, (design) => withBody(walked(noFlap(design)), { narrowing: 2 }));
    if (narrowed.grown?.on !== 'sides' || !narrowed.grown.figures.begins) throw new Error('not in rounds');
    const { topStitches, stitchCount } = narrowed.plan.pouch;
    expect(topStitches).toBeLessThan(stitchCount);
    const [first, second] = narrowed.grown.figures.begins;
    const round = 2 * topStitches;
    expect(Math.abs(((second.value - first.value + round) % round) - topStitches)).toBeLessThanOrEqual(1);
    expect(Math.max(first.value, second.value)).toBeLessThanOrEqual(round);
  });

  it('says where a strap is too wide for the mouth, and that a gusset can go on', () => {
    const narrow = grownOf('fold-over-strip', 90, (design) => withBody(design, { widthMm: 70 }));
    expect(narrow.grown).toBeNull();
    expect(narrow.text).toContain('Make the strap narrower, or sew it on.');
    const gusset = grownOf('gusset', 25);
    expect(gusset.grown?.on).toBe('strip');
    expect(gusset.text).toMatch(
      /^Go on from each end of the gusset, over its \d+ stitches; change to 5 in the first rows/,
    );
    // A strap as wide as the gusset just goes on.
    const taken = gusset.grown?.on === 'strip' ? gusset.grown.figures.taken.value : 0;
    expect(grownOf('gusset', 5 * taken).text).toBe(`Go on from each end of the gusset, over its ${taken} stitches.`);
    const lengthwise = grownOf('gusset', 25, (design) => withBody(design, { gussetWorked: 'lengthwise' }));
    expect(lengthwise.text).toMatch(/^Pick the strap up along each end of the gusset, from its \d+ rows;/);
  });

  it('is said of a folded strip by its edge and its rows, of an open one by both edges', () => {
    expect(grownOf('fold-over-strip', 30).text).toBe(
      'At each side take up the last 3 stitches of the front’s upper edge, and 3 stitches in the ends of the first 3 rows beyond the back’s upper edge. The side seam lies between them.',
    );
    expect(grownOf('boxed-corners', 30, noFlap).text).toBe(
      'At each side take up the last 3 stitches of the front’s upper edge, and the last 3 stitches of the back’s. The side seam lies between them.',
    );
  });
});
