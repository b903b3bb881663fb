import fc from 'fast-check';
import { sampleStandardDeviation } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { timesLonger } from './widerSwatch';
import { estimateGauge, gaugeStage } from '.';
import { fullDesign } from '@/core/testing/designs';

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

const sameCount = (count: number, lengths: number[]) => lengths.map((lengthMm) => ({ count, lengthMm }));

describe('estimateGauge', () => {
  it('divides all lengths by all counts', () => {
    const gauge = estimateGauge([
      { count: 10, lengthMm: 52 },
      { count: 30, lengthMm: 148 },
    ]);
    expect(gauge.mm).toBe(5);
  });

  it.each(T_TABLE)('has the t-interval of the printed table for %d degrees of freedom', (freedom, t) => {
    const lengths = Array.from({ length: freedom + 1 }, (_, index) => 100 + 3 * Math.sin(index * 2.3));
    const count = 20;
    // With equal counts the spread is the textbook one: t · s / √k, per stitch.
    const expected = (t * sampleStandardDeviation(lengths)) / Math.sqrt(lengths.length) / count;
    expect(estimateGauge(sameCount(count, lengths)).spreadMm).toBeCloseTo(expected, 3);
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

  it('assumes a spread for a single reading, and says so', () => {
    const gauge = estimateGauge([{ count: 20, lengthMm: 100 }]);
    expect(gauge.spreadSeen).toBe(false);
    expect(gauge.spreadMm).toBeGreaterThan(0);
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
          expect(estimateGauge(doubled).spreadMm).toBeCloseTo(2 * estimateGauge(readings).spreadMm, 9);
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
    expect(problem?.code).toBe('readings-far-apart');
    expect(problem?.values.apartShare).toBeCloseTo(18 / 109, 6);
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
    spreadSeen: true,
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
