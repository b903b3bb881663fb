import { describe, expect, it } from 'vitest';
import { usualLining, usualSnap, type Design } from '@/core/design';
import { withHelpfulRepairs } from '@/core/helpfulRepairs';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { stepTexts } from '@/core/wording';

const codes = (design: Design) => planOf(design).problems.map(({ code }) => code);
const stepOf = (design: Design, id: string) =>
  stepTexts(design, planOf(design)).find((step) => step.id === id)?.what ?? '';

/** Rows of 5 mm: a hem of 25 mm is five of them. */
const hemmed = (insetMm: number, change: Partial<Design> = {}): Design => ({
  ...withBody(bagOf('fold-over-strip'), { widthMm: 160 }),
  flap: { kind: 'straight', dropMm: 90, widthMm: null, hemMm: 25 },
  closures: [{ ...usualSnap(), diameterMm: 14, insetMm }],
  ...change,
});

describe('a snap’s half under a hem', () => {
  it('sits in the hem’s own rows, as far from the edge as it is wished, its prongs through the hem alone', () => {
    const design = hemmed(13);
    const {
      snaps: [snap],
      flap,
    } = planOf(design);
    const [half] = snap?.halves ?? [];
    expect(snap?.inHem).toBe(true);
    // The edge lies after `totalRows`; 13 mm beyond it is the third row of the hem.
    expect(half?.row).toBe(flap.totalRows + 3);
    expect(snap?.figures.halfInset.value).toBeCloseTo(12.5, 9);
    expect(stepOf(design, 'set-snap-flap')).toContain('Prongs through the hem only');
    expect(stepOf(design, 'turn-hem')).toContain('over the prongs');
  });

  it('that the hem does not reach is said, and each way out that is offered hides it or lets go of the hem', () => {
    const design = hemmed(30);
    expect(planOf(design).snaps[0]?.inHem).toBe(false);
    expect(stepOf(design, 'turn-hem')).not.toContain('prongs');
    const problem = withHelpfulRepairs(design, planOf(design).problems).find(({ code }) => code === 'snap-beyond-hem');
    expect(problem?.repairs.map(({ code }) => code)).toEqual(['snap-inset-to', 'hem-to', 'take-hem-off']);
  });

  it('goes through the lining where there is one, and the hem hides nothing', () => {
    const design = hemmed(13, { lining: usualLining() });
    expect(planOf(design).snaps[0]?.inHem).toBe(false);
    expect(codes(design)).toContain('snap-under-lining');
  });

  it('is folded first and not last where the strip is begun at the flap’s edge', () => {
    const design = withBody(hemmed(13), { workedFrom: 'flap-edge' });
    expect(stepOf(design, 'turn-hem')).toContain('Fold the first 5 rows');
    expect(planOf(design).snaps[0]?.halves[0]?.row).toBe(3);
  });
});

describe('a place on a row', () => {
  it('is counted along that row, and its distance is from that row’s own edge', () => {
    const pointed: Design = {
      ...withBody(bagOf('fold-over-strip'), { widthMm: 180 }),
      flap: { kind: 'pointed', dropMm: 90, widthMm: null, hemMm: null, pointMm: 80 },
      closures: [{ ...usualSnap(), insetMm: 30 }],
    };
    const [half] = planOf(pointed).snaps[0]?.halves ?? [];
    if (!half) throw new Error('no half');
    const { place, ofStitches } = half;
    const at = place.kind === 'between' ? place.after : place.stitch - 0.5;
    expect(at * 2).toBe(ofStitches);
    expect(half.fromEdgeMm).toBeCloseTo(at * 5, 9);
    expect(ofStitches).toBeLessThan(36);
    expect(stepOf(pointed, 'set-snap-flap')).toMatch(
      new RegExp(`(?:after|on) the \\d+\\w\\w stitch of ${ofStitches}, from either end of the row`),
    );
  });

  it('on half a disc is the middle of its own row, which runs round', () => {
    const disc: Design = {
      ...withBody(bagOf('fold-over-strip'), { widthMm: 180 }),
      flap: { kind: 'half-disc', dropMm: 90, widthMm: null, hemMm: null, increases: 'staggered' },
      closures: [{ ...usualSnap(), insetMm: 12 }],
    };
    const plan = planOf(disc);
    const [half] = plan.snaps[0]?.halves ?? [];
    const counts = plan.flap.halfDisc?.counts ?? [];
    expect(half?.ofStitches).toBe(counts[(half?.row ?? 0) - 1]);
    const at = half?.place.kind === 'between' ? half.place.after : (half?.place.stitch ?? NaN) - 0.5;
    expect(at / (half?.ofStitches ?? NaN)).toBeCloseTo(0.5, 9);
  });
});

describe('alarms of the snap', () => {
  const snapped = (flap: Design['flap'], widthMm: number): Design => ({
    ...withBody(bagOf('fold-over-strip'), { widthMm }),
    flap,
    closures: [usualSnap()],
  });

  it('go by the width of the flap in the snap’s own row', () => {
    const flap = { dropMm: 90, widthMm: null, hemMm: null };
    expect(codes(snapped({ kind: 'straight', ...flap }, 220))).toContain('snap-wide-flap');
    expect(codes(snapped({ kind: 'pointed', pointMm: 90, ...flap }, 220))).not.toContain('snap-wide-flap');
    expect(codes(snapped({ kind: 'straight', ...flap, widthMm: 120 }, 220))).not.toContain('snap-wide-flap');
  });
});
