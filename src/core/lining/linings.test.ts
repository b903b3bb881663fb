import { layOverOf } from '@/core/testing/layOverOf';
import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { usualLining, type BodyKind, type Design } from '@/core/design';
import { flatSize } from '@/core/pieces';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';

const lined = (kind: BodyKind, change: Partial<ReturnType<typeof usualLining>> = {}): Design => ({
  ...bagOf(kind),
  lining: { ...usualLining(), ...change },
});

describe('a lining of every construction', () => {
  test.each(BODY_KINDS)('%s: every piece of crochet is covered, by as many pieces of cloth', (kind) => {
    const plan = planOf(lined(kind));
    const pieces = plan.lining?.cloth ?? [];
    for (const piece of plan.pieces) {
      const over = pieces.filter((one) => one.for === piece.id);
      expect(over).toHaveLength(1);
      const [cloth] = over;
      const { widthMm, lengthMm } = flatSize(piece);
      if (piece.kind === 'rows' && piece.roundCount > 0) {
        // Two faces lie on each other: the cloth goes all round, and the flap has its own.
        expect(cloth?.coversWidthMm).toBeCloseTo(2 * widthMm, 9);
        expect(cloth?.coversLengthMm).toBeCloseTo(piece.roundCount * piece.rowMm, 9);
        expect(pieces.some((one) => one.for === 'flap')).toBe(piece.rows.length > piece.roundCount);
        continue;
      }
      expect(cloth?.copies).toBe(piece.copies);
      expect([cloth?.coversWidthMm, cloth?.coversLengthMm]).toEqual([
        expect.closeTo(widthMm, 9) as number,
        expect.closeTo(lengthMm, 9) as number,
      ]);
    }
  });

  it.each(BODY_KINDS)('%s: cloth is cut larger all round and pressed to end inside, whatever is wished', (kind) => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 8, noNaN: true }),
        (allowanceMm, insetMm) => {
          const lining = layOverOf(planOf(lined(kind, { allowanceMm, insetMm })));
          expect(lining.turnUnder.value).toBeCloseTo(allowanceMm + insetMm, 9);
          for (const one of lining.cloth)
            for (const [cut, pressed, coversMm] of [
              [one.cutWidth, one.finishedWidth, one.coversWidthMm],
              [one.cutLength, one.finishedLength, one.coversLengthMm],
            ] as const) {
              expect(cut.value - 2 * allowanceMm).toBeCloseTo(coversMm, 9);
              // Pressed under by the same on both sides it comes out as said, where there is that much of it.
              if (coversMm > 2 * insetMm) expect(cut.value - 2 * lining.turnUnder.value).toBeCloseTo(pressed.value, 9);
              expect(pressed.value).toBeGreaterThanOrEqual(0);
            }
        },
      ),
      { numRuns: 25 },
    );
  });

  it('is trimmed to the outline where the crochet has one, and is a rectangle where it has none', () => {
    const outlines = (design: Design) =>
      Object.fromEntries((planOf(design).lining?.cloth ?? []).map((one) => [one.for, one.toOutline]));
    expect(outlines(lined('round-purse')).disc).toBe(true);
    expect(outlines(lined('oval-base')).base).toBe(true);
    expect(outlines(lined('gusset')).gusset).toBe(false);
    expect(outlines(withBody(lined('gusset'), { radiusMm: 0 })).front).toBe(false);
    expect(outlines(withBody(lined('gusset'), { radiusMm: 30 })).front).toBe(true);
    const straight = {
      ...lined('fold-over-strip'),
      flap: { kind: 'straight', dropMm: 70, widthMm: null, hemMm: null },
    };
    expect(outlines(straight as Design).panel).toBe(false);
    expect(outlines({ ...straight, flap: { ...straight.flap, kind: 'round' } } as Design).panel).toBe(true);
  });
});
