import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CARRYINGS } from '@/core/design';
import { bodyPlaces, lengthOnFigureMm, mouthOnFigureMm, onShoulderMm } from './bodyFigure';

const size = fc.record({ heightMm: fc.integer({ min: 1200, max: 2100 }), hipMm: fc.integer({ min: 600, max: 1500 }) });

describe('the figure', () => {
  it('has its places in order, and a hip as far round as was said', () => {
    fc.assert(
      fc.property(size, ({ heightMm, hipMm }) => {
        const {
          kneeMm,
          palmMm,
          wristMm,
          hipMm: hip,
          waistMm,
          elbowMm,
          shoulderMm,
          headMm,
          hipHalfMm,
        } = bodyPlaces({ heightMm, hipMm });
        const upwards = [0, kneeMm, palmMm, wristMm, hip, waistMm, elbowMm, shoulderMm, headMm, heightMm];
        expect(upwards).toEqual([...upwards].sort((a, b) => a - b));
        // Once round the oval, in ten thousand straight pieces.
        const steps = 10_000;
        const at = (index: number) => {
          const turn = (2 * Math.PI * index) / steps;
          return [hipHalfMm * Math.cos(turn), 0.7 * hipHalfMm * Math.sin(turn)] as const;
        };
        let round = 0;
        for (let index = 0; index < steps; index += 1) {
          const [[x1, y1], [x2, y2]] = [at(index), at(index + 1)];
          round += Math.hypot(x2 - x1, y2 - y1);
        }
        expect(Math.abs(round - hipMm)).toBeLessThan(0.01 * hipMm);
      }),
      { numRuns: 20 },
    );
  });

  it.each(CARRYINGS.filter((over) => over !== 'round-the-waist'))('hangs its bag where it was wished: %s', (over) => {
    fc.assert(
      fc.property(
        size,
        fc.integer({ min: 100, max: 900 }),
        fc.integer({ min: 60, max: 300 }),
        (body, mouthMm, feetMm) => {
          const span = over === 'across-the-body' ? null : { feetMm, supportMm: 90 };
          const long = lengthOnFigureMm(over, body, mouthMm, span);
          if (long === null) return;
          expect(mouthOnFigureMm(over, body, long, span)).toBeCloseTo(mouthMm, 6);
        },
      ),
    );
  });

  it('across the body it is as long as a tape from hip to shoulder and back, laid out point by point', () => {
    const body = { heightMm: 1700, hipMm: 1000 };
    const places = bodyPlaces(body);
    const mouthMm = 850;
    const steps = 2000;
    const [aside, up] = [places.hipHalfMm + onShoulderMm(places), places.shoulderMm - mouthMm];
    let front = 0;
    for (let index = 0; index < steps; index += 1) front += Math.hypot(aside / steps, up / steps);
    const long = lengthOnFigureMm('across-the-body', body, mouthMm, null) ?? NaN;
    // Four per cent more for the chest, and 110 mm over the shoulder. From memory.
    expect(long).toBeCloseTo(2 * 1.04 * front + 110, 6);
    expect(long).toBeGreaterThan(1000);
    expect(long).toBeLessThan(1600);
  });
});
