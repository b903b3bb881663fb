import { describe, expect, it } from 'vitest';
import { ringBounds } from '@/core/cutting';
import { usualDropIn, usualLining, type Design } from '@/core/design';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';

const came = (
  of: Design['cameOut'][number]['of'],
  widthMm: number | null,
  heightMm: number | null,
  depthMm: number | null = null,
) => [{ of, widthMm, heightMm, depthMm }];
const cutOf = (bag: Design) => {
  const { lining } = planOf(bag);
  if (!lining) throw new Error('no lining');
  return lining.patterns[0];
};

describe('a lining cut by what came out', () => {
  it('laid over a panel: as large as that was measured, with its allowance on every side', () => {
    const bag: Design = { ...bagOf('fold-over-strip'), lining: { ...usualLining(), allowanceMm: 15 } };
    const { cutWidth, cutHeight, cut } = cutOf({ ...bag, cameOut: came('panel', 231, 402) });
    expect([cutWidth.value, cutHeight.value]).toEqual([231 + 30, 402 + 30]);
    expect(cutWidth.plusMinus).toBe(3);
    expect(ringBounds(cut).widthMm).toBeCloseTo(261, 2);
    // What was not measured stays as it was planned.
    const half = cutOf({ ...bag, cameOut: came('panel', 231, null) });
    expect(half.cutHeight.value).toBe(cutOf(bag).cutHeight.value);
  });

  it('of a rounded flap: its outline is stretched to the measure, and stays round', () => {
    const bag: Design = {
      ...bagOf('fold-over-strip'),
      flap: { kind: 'round', dropMm: 90, widthMm: null, hemMm: null },
      lining: usualLining(),
    };
    const [planned, measured] = [cutOf(bag), cutOf({ ...bag, cameOut: came('panel', 250, 500) })];
    expect(measured.seam.length).toBeGreaterThan(12);
    expect(ringBounds(measured.seam).widthMm).not.toBeCloseTo(ringBounds(planned.seam).widthMm, 1);
    const over = measured.marks.find((mark) => mark.kind === 'outline');
    expect(over?.kind === 'outline' && ringBounds(over.ring)).toMatchObject({
      widthMm: expect.closeTo(250, 6) as number,
      heightMm: expect.closeTo(500, 6) as number,
    });
  });

  it('dropped in: the inside of the bag as it was measured from outside, wherever she measured it', () => {
    const bag: Design = {
      ...bagOf('gusset'),
      lining: { ...usualDropIn({ body: { kind: 'gusset' } }), easeMm: 4, belowMm: 8 },
    };
    const { lining } = planOf({ ...bag, cameOut: came('bag', 214, 150, 47) });
    if (lining?.choice.kind !== 'drop-in' || !('inside' in lining)) throw new Error('a drop-in lining');
    // Fabric of 2 mm on both sides, below, and an ease of 4 mm; its edge 8 mm below the mouth.
    expect(lining.inside.width.value).toBe(214 - 4 - 4);
    expect(lining.inside.height.value).toBe(150 - 2 - 4 - 8);
    expect(lining.inside.depth?.value).toBe(47 - 4 - 4);
  });
});
