import fc from 'fast-check';
import { quantileSorted, standardDeviation } from 'simple-statistics';
import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS, SEAMS } from '@/core/body';
import { thingIdSchema, usualSnap, type Design } from '@/core/design';
import { planBag, type Plan } from '@/core/plan';
import { seededRandom } from '@/core/random';
import { anyDesignOf } from '@/core/testing/anyDesign';
import { bagOf } from '@/core/testing/bodies';
import { snapsOf, fullDesign, planOf } from '@/core/testing/designs';
import {
  asPlanned,
  drawMaking,
  leftWithout,
  madeSizes,
  makings,
  makingsFigures,
  quantile,
  type Makings,
  type Measure,
} from '.';

const made = (plan: Plan, seed = 1, runs = 2000): Makings => {
  const steps = makings(plan, runs, seededRandom(seed));
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
};
const spreadOf = (of: Makings, measure: Measure) => {
  const found = of.spreads.find((spread) => spread.measure === measure);
  if (!found) throw new Error(`no spread of ${measure}`);
  return found;
};

describe('a making that goes as planned', () => {
  it.each(BODY_KINDS)('%s: has the sizes of the plan', (kind) => {
    fc.assert(
      fc.property(anyDesignOf(kind), (design) => {
        const result = planBag(design);
        fc.pre(result.ok);
        const { plan } = result as { ok: true; plan: Plan };
        const { seam } = plan.contents.settled.body;
        const sizes = madeSizes(plan, asPlanned(seam.takeUpStitches));
        const near = (one: number, other: number) =>
          expect(Math.abs(one - other)).toBeLessThan(1e-6 * (1 + Math.abs(other)));
        near(sizes.widthMm, plan.pouch.figures.width.value);
        near(sizes.heightMm, plan.pouch.figures.height.value);
        if (sizes.coverMm !== null) near(sizes.coverMm, plan.flap.dropMm.loaded);
        const snapOffMm = sizes.fitted.find(({ id }) => id === 'snap')?.mm;
        const [snap] = snapsOf(plan);
        if (typeof snapOffMm === 'number' && snap)
          near(snapOffMm, snap.meetsMm.loaded - (snap.figures.mateDistance?.value ?? NaN));
      }),
      { numRuns: 150 },
    );
  });

  it('fits what the plan finds room for, and nothing larger', () => {
    const carrying = (heightMm: number): Design => {
      const bag = bagOf('fold-over-strip');
      const thing = {
        id: thingIdSchema.parse('t'),
        name: 'Score',
        widthMm: 100,
        heightMm,
        thicknessMm: 4,
        massG: null,
        turns: 'as-it-stands' as const,
        known: null,
      };
      return { ...bag, contents: { ...bag.contents, thicknessMm: null, items: [{ count: 1, thing }] } };
    };
    const fits = (heightMm: number) => {
      const plan = planOf(carrying(heightMm));
      const room = plan.fit.figures.easeUp?.value ?? NaN;
      return { fits: madeSizes(plan, asPlanned(0.25)).fits, hasRoom: room >= 0 };
    };
    expect(fits(60)).toEqual({ fits: true, hasRoom: true });
    expect(fits(600)).toEqual({ fits: false, hasRoom: false });
    expect(made(planOf(carrying(60))).fitShare).toBe(1);
    expect(made(planOf(carrying(600))).fitShare).toBe(0);
    expect(made(planOf(bagOf('gusset'))).fitShare).toBeNull();
  });
});

describe('many makings', () => {
  const plan = planOf(fullDesign());
  const many = made(plan);

  it('are the same again for the same seed, and others for another', () => {
    expect(made(plan)).toEqual(many);
    expect(made(plan, 2)).not.toEqual(many);
  });

  it('say how far they are', () => {
    const shares = [...makings(plan, 200, seededRandom(1))];
    expect(shares).toEqual([0.25, 0.5, 0.75, 1]);
  });

  // JCGM 100:2008 (GUM), 5.1.2: the combined variance of what is independent.
  it('spread in width as error propagation says', () => {
    const { stitchCount, stitchMm } = plan.pouch;
    const { takeUp } = SEAMS.whip;
    const meanTake = (takeUp.least + takeUp.most) / 2;
    const perStitchMm = (plan.gauge.stitchWidth.plusMinus ?? NaN) / 1.959964;
    // A seam takes anything between least and most, alike: its variance is the square of the range over 12.
    const takeDeviationMm = (2 * stitchMm * (takeUp.most - takeUp.least)) / Math.sqrt(12);
    const expected = Math.hypot((stitchCount - 2 * meanTake) * perStitchMm, takeDeviationMm);
    const seen = standardDeviation(spreadOf(many, 'width').valuesMm);
    expect(Math.abs(seen / expected - 1)).toBeLessThan(0.05);
  });

  it('are told by how many of them lie between two limits', () => {
    for (const { valuesMm, lowMm, highMm, plannedMm } of many.spreads) {
      const between = valuesMm.filter((mm) => mm >= lowMm && mm <= highMm).length / valuesMm.length;
      expect(Math.abs(between - 0.95)).toBeLessThan(0.002);
      expect(lowMm).toBeLessThan(plannedMm);
      expect(highMm).toBeGreaterThan(plannedMm);
    }
    expect(many.spreads.map(({ measure }) => measure)).toEqual(['width', 'height', 'cover', 'snap']);
  });

  it('name what matters most, in shares of the variance that add up to one', () => {
    for (const { influences } of many.spreads) {
      expect(Math.abs(influences.reduce((sum, { share }) => sum + share, 0) - 1)).toBeLessThan(0.12);
      expect(influences.map(({ share }) => share)).toEqual(influences.map(({ share }) => share).sort((a, b) => b - a));
    }
    const [first] = spreadOf(many, 'width').influences;
    expect(first?.uncertainty).toBe('stitch-width');
    // A spread without what matters most is as much narrower as is said.
    const { valuesMm, influences } = spreadOf(many, 'height');
    const cause = influences[0] as (typeof influences)[number];
    expect(cause.uncertainty).toBe('row-height');
    const random = seededRandom(1);
    const without = Array.from({ length: 2000 }, () => drawMaking(plan, 'whip', random)).map(
      (making) => madeSizes(plan, { ...making, rowShare: 1 }).heightMm,
    );
    const left = standardDeviation(without) / standardDeviation(valuesMm);
    expect(Math.abs(left - leftWithout(cause.share))).toBeLessThan(0.05);
  });

  it('are told in figures that say what was left to chance', () => {
    const { spreads, fit } = makingsFigures(many, plan);
    expect(fit).toBeNull();
    expect(spreads.map(({ measure }) => measure)).toEqual(['width', 'height', 'cover', 'snap']);
    for (const { low, high, left } of spreads) {
      expect(low.value).toBeLessThan(high.value);
      expect(left.value).toBeLessThanOrEqual(1);
      expect(low.reason.inputs.some(({ from }) => from === plan.gauge.rowHeight.id)).toBe(true);
    }
  });

  it('differ less when the swatch was measured more often', () => {
    const more = fullDesign();
    const rows = more.swatch.rowReadings;
    const often = { ...more, swatch: { ...more.swatch, rowReadings: [...rows, ...rows, ...rows, ...rows] } };
    const height = ({ spreads }: Makings) => {
      const spread = spreads.find(({ measure }) => measure === 'height');
      return (spread?.highMm ?? NaN) - (spread?.lowMm ?? NaN);
    };
    expect(height(made(planOf(often)))).toBeLessThan(0.9 * height(many));
  });

  it('have no snap and no cover where there is none', () => {
    const open = planOf({ ...bagOf('gusset'), flap: { kind: 'none', dropMm: 50, widthMm: null, hemMm: null } });
    expect(made(open).spreads.map(({ measure }) => measure)).toEqual(['width', 'height']);
    const flap = planOf({ ...bagOf('gusset'), closures: [] });
    expect(made(flap).spreads.map(({ measure }) => measure)).toEqual(['width', 'height', 'cover']);
    expect(made(planOf({ ...bagOf('gusset'), closures: [usualSnap()] })).spreads).toHaveLength(4);
  });
});

test('where tension loosens, early rows are lower and late ones higher than the average', () => {
  const plan = planOf(bagOf('fold-over-strip'));
  const drifted = madeSizes(plan, { ...asPlanned(0.25), drift: 0.1 });
  const planned = madeSizes(plan, asPlanned(0.25));
  // Worked row by row, from the first to the last: each is as much higher than planned as it lies beyond the middle of the strip.
  const { frontRows, backRows, rowMm } = plan.pouch;
  const tailRows = plan.flap.bridgeRows + plan.flap.flapRows;
  const all = frontRows + backRows + tailRows;
  const parts = { front: 0, back: 0, tail: 0 };
  for (let row = 1; row <= all; row += 1) {
    const throughStrip = (row - 0.5) / all;
    const part = row <= frontRows ? 'front' : row <= frontRows + backRows ? 'back' : 'tail';
    parts[part] += rowMm * 0.1 * (throughStrip - 0.5);
  }
  const { front, back, tail } = parts;
  expect(front).toBeLessThan(0);
  expect(front + back + tail).toBeCloseTo(0, 9);
  expect(drifted.heightMm - planned.heightMm).toBeCloseTo(front, 9);
  expect((drifted.coverMm ?? NaN) - (planned.coverMm ?? NaN)).toBeCloseTo(tail - back + front, 9);
});

test('a row too few in the front is a row less of height and lets the flap hang lower', () => {
  const plan = planOf(bagOf('fold-over-strip'));
  const planned = madeSizes(plan, asPlanned(0.25));
  const slipped = madeSizes(plan, { ...asPlanned(0.25), slips: { front: -1, back: 0, tail: 0 } });
  expect(planned.heightMm - slipped.heightMm).toBeCloseTo(plan.pouch.rowMm, 9);
  expect((planned.coverMm ?? NaN) - (slipped.coverMm ?? NaN)).toBeCloseTo(plan.pouch.rowMm, 9);
});

test('quantiles are those of simple-statistics, up to the step between two values', () => {
  const random = seededRandom(3);
  const sorted = Array.from({ length: 2001 }, () => random() * 100).sort((a, b) => a - b);
  for (const share of [0.025, 0.25, 0.5, 0.975])
    expect(Math.abs(quantile(sorted, share) - quantileSorted(sorted, share))).toBeLessThan(0.3);
});
