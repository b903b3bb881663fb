import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dropMm, hang, lengthForDropMm, type Span } from './hanging';
import { shareAt } from './stretch';

const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const anySpan: fc.Arbitrary<Span> = fc.record({ feetMm: size(20, 500), supportMm: size(0, 200) });
const anyCurve = fc.record({ mostShare: size(0.02, 0.8), pullN: size(1, 40) });

/** Where a falling function crosses nought, by halving. */
function crossing(of: (x: number) => number, from: number, to: number): number {
  for (let step = 0; step < 200; step += 1) {
    const middle = (from + to) / 2;
    if (of(middle) > 0) from = middle;
    else to = middle;
  }
  return (from + to) / 2;
}

describe('how far a strap hangs down', () => {
  it('is where a cord laid out piece by piece, over the support and to both feet, is used up', () => {
    fc.assert(
      fc.property(anySpan, size(30, 1500), ({ feetMm, supportMm }, drop) => {
        const cord = [
          [-feetMm / 2, -drop],
          [-supportMm / 2, 0],
          [supportMm / 2, 0],
          [feetMm / 2, -drop],
        ] as const;
        const lengthMm = cord
          .slice(1)
          .reduce(
            (sum, [x, y], index) => sum + Math.hypot(x - (cord[index]?.[0] ?? NaN), y - (cord[index]?.[1] ?? NaN)),
            0,
          );
        expect(dropMm(lengthMm, { feetMm, supportMm })).toBeCloseTo(drop, 6);
        expect(lengthForDropMm(drop, { feetMm, supportMm })).toBeCloseTo(lengthMm, 6);
      }),
    );
  });

  it('comes near half its length where it is much longer than the bag is wide', () => {
    // Common practice, no source: the short rule is half the length.
    expect((dropMm(3000, { feetMm: 250, supportMm: 60 }) ?? NaN) / 1500).toBeCloseTo(1, 1);
  });
});

describe('a strap under its bag', () => {
  it('rests where its energy is least: what the weight gives by sinking, against what the strap takes up by stretching', () => {
    fc.assert(
      fc.property(
        anyCurve,
        size(0.5, 60),
        size(300, 1400),
        anySpan,
        size(0, 80),
        (curve, weightN, slackMm, span, stiffMm) => {
          fc.pre(dropMm(slackMm + stiffMm, span) !== null);
          const rest = hang({ slackMm, stiffMm }, curve, weightN, span);
          if (rest === null) throw new Error('it reaches slack, so it reaches');
          // The pull for a share is the curve's inverse; what stretching takes up is the sum of it.
          const pullFor = (share: number) => -curve.pullN * Math.log(1 - share / curve.mostShare);
          const energyGrowth = (drop: number): number => {
            const lengthMm = span.supportMm + 2 * Math.hypot(drop, (span.feetMm - span.supportMm) / 2);
            const share = Math.max(0, (lengthMm - stiffMm) / slackMm - 1);
            if (share >= curve.mostShare) return Infinity;
            const h = 1e-4;
            const lengthAt = (at: number) => span.supportMm + 2 * Math.hypot(at, (span.feetMm - span.supportMm) / 2);
            return (pullFor(share) * (lengthAt(drop + h) - lengthAt(drop - h))) / (2 * h) - weightN;
          };
          const slackDrop = dropMm(slackMm + stiffMm, span) ?? NaN;
          const longest = dropMm(slackMm * (1 + curve.mostShare) + stiffMm, span) ?? NaN;
          const found = crossing((drop) => -energyGrowth(drop), slackDrop, longest);
          expect(Math.abs(found - rest.dropMm)).toBeLessThan(0.01);
        },
      ),
    );
  });

  it('pulls by half the weight where it hangs straight, and by more where its arms spread', () => {
    const curve = { mostShare: 0.3, pullN: 8 };
    const at = (feetMm: number) =>
      hang({ slackMm: 700, stiffMm: 0 }, curve, 12, { feetMm, supportMm: 100 })?.pullN ?? NaN;
    expect(at(100)).toBeCloseTo(6, 9);
    expect(at(400)).toBeGreaterThan(at(250));
    expect(at(250)).toBeGreaterThan(6);
  });

  it('is never shorter under more, and slack under nothing', () => {
    fc.assert(
      fc.property(anyCurve, size(0, 60), size(0, 60), anySpan, (curve, a, b, span) => {
        const at = (weightN: number) => hang({ slackMm: 900, stiffMm: 0 }, curve, weightN, span);
        const [less, more] = [at(Math.min(a, b)), at(Math.max(a, b))];
        expect(more?.lengthMm).toBeGreaterThanOrEqual((less?.lengthMm ?? NaN) - 1e-6);
        expect(at(0)?.lengthMm).toBe(900);
      }),
    );
  });

  it('does not hang at all where it is too short to reach, unless it stretches far enough', () => {
    const span = { feetMm: 400, supportMm: 0 };
    expect(hang({ slackMm: 300, stiffMm: 0 }, { mostShare: 0.2, pullN: 5 }, 10, span)).toBeNull();
    const reaching = hang({ slackMm: 300, stiffMm: 0 }, { mostShare: 0.6, pullN: 5 }, 10, span);
    expect(reaching?.lengthMm).toBeGreaterThan(400);
    expect(reaching?.lengthMm).toBeCloseTo(
      300 * (1 + shareAt({ mostShare: 0.6, pullN: 5 }, reaching?.pullN ?? NaN)),
      9,
    );
  });
});
