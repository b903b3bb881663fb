import { describe, expect, it } from 'vitest';
import { partsToWork } from '@/core/bench';
import { USUAL_SELLING, type Design } from '@/core/design';
import { makeFigure, type Figure } from '@/core/figures';
import { USUAL_PACE_HOURS, workCounted } from '@/core/logbook';
import { stockItemSchema, swapYarn, USUAL_STOCK, type StockYarn } from '@/core/stock';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { applyEdits, type Swatch } from '@/core/design';
import { ROWS_SHARE_OF_WORK, sellingPrice } from '.';

const parts = partsToWork(planOf(bagOf('fold-over-strip')));
const materials: Figure = makeFigure('cost.total', 'What it costs', 17.2, 'money', {
  rule: '',
  inputs: [],
  source: { kind: 'measured' },
});

describe('a price', () => {
  it('of materials and hours is both added up, with what comes besides', () => {
    const selling = { ...USUAL_SELLING, perHour: 12, hours: 5, besides: 3 };
    const { price, hours } = sellingPrice(selling, parts, null, materials);
    expect(hours.value).toBe(5);
    // Worked by hand: 17.20 + 5 × 12 + 3.
    expect(price?.value).toBeCloseTo(80.2, 9);
    expect(price?.plusMinus ?? 0).toBe(0);
    expect(sellingPrice(selling, parts, null, null).price?.value).toBeCloseTo(63, 9);
  });

  it('is none before it is said what an hour is worth', () => {
    expect(sellingPrice({ ...USUAL_SELLING, hours: 5 }, parts, null, materials).price).toBeNull();
  });

  it('of the materials is so many times them, and none where nothing has a price', () => {
    const selling = { ...USUAL_SELLING, by: 'materials' as const, times: 3, besides: 2 };
    expect(sellingPrice(selling, parts, null, materials).price?.value).toBeCloseTo(53.6, 9);
    expect(sellingPrice(selling, parts, null, null).price).toBeNull();
  });

  it('reckons hours by her own pace, and by the usual one with a ± as large as itself', () => {
    const stitches = workCounted(parts, { rows: new Map(), steps: new Map() }).stitches.all;
    const usual = sellingPrice(USUAL_SELLING, parts, null, null).hours;
    expect(usual.value).toBeCloseTo(((stitches / 1000) * USUAL_PACE_HOURS) / ROWS_SHARE_OF_WORK, 9);
    expect(usual.plusMinus).toBeCloseTo(usual.value, 9);
    const pace = { value: 0.5, plusMinus: 0.1, bags: 4 };
    const own = sellingPrice({ ...USUAL_SELLING, perHour: 10 }, parts, pace, null);
    expect(own.hours.value).toBeCloseTo(usual.value / 2, 9);
    expect(own.price?.plusMinus).toBeCloseTo(own.hours.value, 9);
  });
});

describe('another yarn', () => {
  const design: Design = {
    ...bagOf('fold-over-strip'),
    worked: { rows: { count: 20, lengthMm: 90 }, stitches: null, stitch: bagOf('fold-over-strip').stitch, hookMm: 4 },
  };
  const yarn = stockItemSchema.parse({
    ...USUAL_STOCK.yarn,
    id: 'red',
    name: 'Red wool',
    weightClass: 5,
    ballMassG: 100,
    ballLengthM: 90,
    balls: 2,
    openedG: [30],
  }) as StockYarn;
  const ofRed = (hookMm: number, stitch = design.stitch): Swatch => ({
    ...design.swatch,
    name: `Red ${hookMm}`,
    hookMm,
    stitch,
    yarn: { ...design.swatch.yarn, name: 'red WOOL' },
  });

  it('is planned by its own swatch in the bag’s stitch, that of the same hook first', () => {
    const same = ofRed(design.swatch.hookMm);
    expect(swapYarn(design, yarn, [ofRed(6), same])).toMatchObject({
      basis: 'same-hook',
      edits: [{ value: same }, { value: [230] }, { value: null }],
    });
    expect(swapYarn(design, yarn, [ofRed(6)]).basis).toBe('other-hook');
    const otherStitch = ofRed(design.swatch.hookMm, design.stitch === 'hdc' ? 'sc' : 'hdc');
    expect(swapYarn(design, yarn, [otherStitch]).basis).toBe('unmeasured');
  });

  it('of which nothing was measured keeps nothing of the old one’s gauge, and is rough', () => {
    const { basis, edits } = swapYarn(design, yarn, []);
    const read = applyEdits(design, edits);
    if (!read.ok) throw new Error('refused');
    expect(basis).toBe('unmeasured');
    expect(read.design.swatch).toMatchObject({
      stitchReadings: [],
      rowReadings: [],
      weighed: null,
      thicknessMm: null,
      yarn: { name: 'Red wool', weightClass: 5 },
    });
    expect(read.design.worked).toBeNull();
    const plan = planOf(read.design);
    expect(plan.gauge.basis).toBe('rough');
    expect(plan.yarn.figures).toBeNull();
    expect(planOf(design).gauge.stitchWidth.value).not.toBeCloseTo(plan.gauge.stitchWidth.value, 2);
  });
});
