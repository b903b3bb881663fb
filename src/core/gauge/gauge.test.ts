import fc from 'fast-check';
import { sampleStandardDeviation } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { timesLonger } from './widerSwatch';
import { nextNormal, seededRandom } from '@/core/random';
import { estimateGauge, gaugeStage, type Reading } from '.';
import { fullDesign } from '@/core/testing/designs';
import { withCode } from '@/core/problems';

/**
 * Upper critical values of Student's t, 0.975, by degrees of freedom.
 * Source: NIST/SEMATECH e-Handbook of Statistical Methods, table 1.3.6.7.2.
 */
const T_TABLE: [number, number][] = [
  [1, 12.706],
  [2, 4.303],
  [3, 3.182],
  [4, 2.776],
  [9, 2.262],
  [29, 2.045],
];

const SWATCHES = 2000;

/**
 * A swatch made on paper: how uneven it is differs from hand to hand as is assumed (3 % in the middle, worth four readings: a scaled
 * inverse χ²), its readings are as long as they happen to be, and tape and count are read as badly as they may be.
 */
function makeSwatch(count: number, random: () => number): { truthMm: number; readings: Reading[] } {
  const truthMm = 3 + 5 * random();
  const chi2 = Array.from({ length: 4 }, () => nextNormal(random) ** 2).reduce((sum, one) => sum + one, 0);
  const share = 0.03 * Math.sqrt(4 / chi2);
  const readings = Array.from({ length: count }, () => {
    const stitches = Math.round((70 + 80 * random()) / truthMm);
    const evenMm = stitches * truthMm;
    const unevenMm = evenMm * share * Math.sqrt(100 / evenMm) * nextNormal(random);
    const readMm = 2 * random() - 1 + (random() - 0.5) * 0.5 * truthMm;
    return { count: stitches, lengthMm: evenMm + unevenMm + readMm };
  });
  return { truthMm, readings };
}

const sameCount = (count: number, lengths: number[]) => lengths.map((lengthMm) => ({ count, lengthMm }));

describe('estimateGauge', () => {
  it('divides all lengths by all counts', () => {
    const gauge = estimateGauge([
      { count: 10, lengthMm: 52 },
      { count: 30, lengthMm: 148 },
    ]);
    expect(gauge.mm).toBe(5);
  });

  it.each(T_TABLE)('has the t of the printed table for %d degrees of freedom, four of them assumed', (freedom, t) => {
    const count = 20;
    const readings = freedom - 4 + 1;
    if (readings < 1) return;
    // Readings of exactly 100 mm each: what is seen of their spread is nothing, so 4 of `freedom` parts of the usual 3 % are left.
    const expected = (t * 0.03 * 5 * Math.sqrt(4 / freedom)) / Math.sqrt(readings);
    expect(estimateGauge(sameCount(count, Array<number>(readings).fill(100))).spreadMm).toBeCloseTo(expected, 3);
  });

  it('pools what is seen with what is usual: with many readings it comes to the textbook interval', () => {
    const lengths = Array.from({ length: 400 }, (_, index) => 100 + 3 * Math.sin(index * 2.3));
    const textbook = (1.966 * sampleStandardDeviation(lengths)) / Math.sqrt(lengths.length) / 20;
    expect(estimateGauge(sameCount(20, lengths)).spreadMm / textbook).toBeCloseTo(1, 2);
  });

  it('shrinks smoothly with each reading, and the same number typed twice proves little', () => {
    const one = estimateGauge(sameCount(20, [100])).plusMinusMm;
    const twice = estimateGauge(sameCount(20, [100, 100])).plusMinusMm;
    const two = estimateGauge(sameCount(20, [100, 102])).plusMinusMm;
    const three = estimateGauge(sameCount(20, [100, 102, 99])).plusMinusMm;
    expect(two).toBeLessThan(one);
    expect(three).toBeLessThan(two);
    expect(twice / one).toBeGreaterThan(0.5);
    expect(two / twice).toBeLessThan(1.15);
  });

  it('joins spread and reading error in quadrature', () => {
    const { plusMinusMm, spreadMm, readingMm } = estimateGauge(sameCount(18, [90, 93, 91]));
    expect(plusMinusMm ** 2).toBeCloseTo(spreadMm ** 2 + readingMm ** 2, 12);
  });

  it('computes the reading error of one reading: ±1 mm and ±¼ stitch, each rectangular (GUM 4.3.7)', () => {
    // 20 stitches over 100 mm: √(1² + (¼·5)²)/√3 · 1.96 / 20
    const expected = ((Math.sqrt(1 + 1.25 ** 2) / Math.sqrt(3)) * 1.95996) / 20;
    expect(estimateGauge([{ count: 20, lengthMm: 100 }]).readingMm).toBeCloseTo(expected, 5);
  });

  it('assumes what is usual for a single reading', () => {
    // t of 4 degrees of freedom is 2.776 (the same table).
    expect(estimateGauge([{ count: 20, lengthMm: 100 }]).spreadMm).toBeCloseTo(2.776 * 0.03 * 5, 3);
  });

  it.each([1, 2, 3, 4, 5, 6, 7, 8])('holds the truth in 93 to 97 of 100 swatches, of %d readings each', (readings) => {
    const random = seededRandom(readings);
    let held = 0;
    for (let swatch = 0; swatch < SWATCHES; swatch += 1) {
      const made = makeSwatch(readings, random);
      const { mm, plusMinusMm } = estimateGauge(made.readings);
      if (Math.abs(mm - made.truthMm) <= plusMinusMm) held += 1;
    }
    expect(held / SWATCHES).toBeGreaterThan(0.93);
    expect(held / SWATCHES).toBeLessThan(0.97);
  });

  it('is no wider with more readings of the same spread', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 90, max: 110, noNaN: true }), { minLength: 2, maxLength: 8 }),
        fc.integer({ min: 10, max: 40 }),
        (lengths, count) => {
          const once = estimateGauge(sameCount(count, lengths));
          const twice = estimateGauge(sameCount(count, [...lengths, ...lengths]));
          expect(twice.plusMinusMm).toBeLessThanOrEqual(once.plusMinusMm + 1e-12);
        },
      ),
    );
  });

  it('scales with the unit of length, whatever the readings', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            count: fc.integer({ min: 2, max: 60 }),
            lengthMm: fc.double({ min: 20, max: 300, noNaN: true }),
          }),
          {
            minLength: 2,
            maxLength: 6,
          },
        ),
        (readings) => {
          const doubled = readings.map(({ count, lengthMm }) => ({ count, lengthMm: 2 * lengthMm }));
          expect(estimateGauge(doubled).mm).toBeCloseTo(2 * estimateGauge(readings).mm, 9);
        },
      ),
    );
  });

  it('refuses no readings, and readings of nothing', () => {
    expect(() => estimateGauge([])).toThrow(RangeError);
    expect(() => estimateGauge([{ count: 0, lengthMm: 10 }])).toThrow(RangeError);
    expect(() => estimateGauge([{ count: 4, lengthMm: NaN }])).toThrow(RangeError);
  });
});

describe('gaugeStage', () => {
  const design = fullDesign();
  const { swatch } = design;

  it('asks for more when there is one reading', () => {
    const { problems } = gaugeStage({
      ...design,
      swatch: { ...swatch, stitchReadings: swatch.stitchReadings.slice(0, 1) },
    });
    expect(problems.map(({ code, path }) => [code, path?.at(-1)])).toEqual([['one-reading', 'stitchReadings']]);
  });

  it('points at readings that are far apart', () => {
    const rowReadings = [
      { count: 20, lengthMm: 100 },
      { count: 20, lengthMm: 118 },
    ];
    const [problem] = gaugeStage({ ...design, swatch: { ...swatch, rowReadings } }).problems;
    if (!problem || !withCode('readings-far-apart')(problem)) throw new Error('not said');
    expect(problem.values.apartShare).toBeCloseTo(18 / 109, 6);
  });

  it('keeps every reading in its reason', () => {
    const { inputs } = gaugeStage(design).stitchWidth.reason;
    for (const { count } of swatch.stitchReadings) expect(inputs.map(({ value }) => value)).toContain(count);
  });
});

describe('a larger swatch', () => {
  const estimate = (spreadMm: number, readingMm: number) => ({
    mm: 5,
    spreadMm,
    readingMm,
    plusMinusMm: Math.hypot(spreadMm, readingMm),
  });

  it('gives the ± that was wished for, put back into the sum of its parts', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0.0001, max: 1, noNaN: true }),
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        (spreadMm, readingMm, share) => {
          const now = estimate(spreadMm, readingMm);
          const times = timesLonger(now, share);
          const then = Math.hypot(spreadMm / Math.sqrt(times), readingMm / times);
          expect(then).toBeCloseTo(share * now.plusMinusMm, 9);
          expect(times).toBeGreaterThanOrEqual(1 - 1e-9);
        },
      ),
    );
  });

  it('comes out when made: longer readings of the same unevenness have the ± that was foretold', () => {
    const readings = [
      { count: 20, lengthMm: 101 },
      { count: 20, lengthMm: 99 },
      { count: 20, lengthMm: 100.5 },
    ];
    const now = estimateGauge(readings);
    const times = timesLonger(now, 0.5);
    // Residuals grow with the root of the length, as those of independent stitches do.
    const longer = readings.map(({ count, lengthMm }) => ({
      count: count * times,
      lengthMm: count * times * now.mm + (lengthMm - count * now.mm) * Math.sqrt(times),
    }));
    expect(estimateGauge(longer).plusMinusMm).toBeCloseTo(now.plusMinusMm / 2, 3);
  });

  it('refuses a share that is none', () => {
    for (const share of [0, -0.5, 1.2, NaN]) expect(() => timesLonger(estimate(0.1, 0.1), share)).toThrow(RangeError);
  });
});
