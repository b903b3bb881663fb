import fc from 'fast-check';
import { linearRegression, linearRegressionLine } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { gaugeOnHook, type HookPoint } from './gaugeOnHook';

const point = fc.record({
  hookMm: fc.integer({ min: 8, max: 40 }).map((quarters) => quarters / 4),
  mm: fc.double({ min: 2, max: 12, noNaN: true }),
  plusMinusMm: fc.double({ min: 0, max: 0.5, noNaN: true }),
});
const points = fc
  .array(point, { minLength: 3, maxLength: 8 })
  .filter((list) => new Set(list.map(({ hookMm }) => hookMm)).size >= 2);

const line = (list: readonly HookPoint[]) => {
  const fitted = gaugeOnHook(list);
  if (!fitted) throw new Error('no line');
  return fitted;
};

describe('gauge against hook', () => {
  it('is the line that simple-statistics fits', () => {
    fc.assert(
      fc.property(points, fc.double({ min: 2, max: 10, noNaN: true }), (list, hookMm) => {
        const theirs = linearRegressionLine(linearRegression(list.map((one) => [one.hookMm, one.mm])));
        expect(line(list).predict(hookMm).mm).toBeCloseTo(theirs(hookMm), 6);
      }),
    );
  });

  it('has the prediction interval of a worked example', () => {
    // By hand: x 3, 4, 5; y 4.0, 5.2, 5.8; slope 0.9, residual deviation √0.06, t(1) = 12.706; at 4: t·s·√(1 + 1/3).
    const fitted = line([
      { hookMm: 3, mm: 4, plusMinusMm: 0 },
      { hookMm: 4, mm: 5.2, plusMinusMm: 0 },
      { hookMm: 5, mm: 5.8, plusMinusMm: 0 },
    ]);
    expect(fitted.slope).toBeCloseTo(0.9, 9);
    expect(fitted.predict(4).mm).toBeCloseTo(5, 9);
    expect(fitted.predict(4).plusMinusMm).toBeCloseTo(12.706 * Math.sqrt(0.06) * Math.sqrt(4 / 3), 2);
  });

  it('is surest in the middle of the hooks that were tried, and says when it is outside them', () => {
    fc.assert(
      fc.property(points, fc.double({ min: 0.1, max: 4, noNaN: true }), (list, away) => {
        const fitted = line(list);
        const hooks = list.map(({ hookMm }) => hookMm);
        const middle = hooks.reduce((sum, hook) => sum + hook, 0) / hooks.length;
        const [near, far] = [fitted.predict(middle), fitted.predict(middle + away)];
        expect(far.plusMinusMm).toBeGreaterThanOrEqual(near.plusMinusMm - 1e-9);
        expect(near.outside).toBe(false);
        expect(fitted.predict(Math.max(...hooks) + 0.5).outside).toBe(true);
      }),
    );
  });

  it('runs through two swatches and is no surer than they are', () => {
    const two = [
      { hookMm: 3, mm: 4, plusMinusMm: 0.2 },
      { hookMm: 4, mm: 4.8, plusMinusMm: 0.2 },
    ];
    for (const { hookMm, mm } of two) expect(line(two).predict(hookMm).mm).toBeCloseTo(mm, 9);
    expect(line(two).predict(3.5).plusMinusMm).toBeGreaterThan(0.2);
  });

  it('has no line for one hook, however often it was tried', () => {
    expect(gaugeOnHook([])).toBeNull();
    expect(gaugeOnHook([0.1, 0.2].map((off) => ({ hookMm: 4, mm: 5 + off, plusMinusMm: 0.1 })))).toBeNull();
  });
});
