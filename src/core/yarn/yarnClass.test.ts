import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyEdits, type Design } from '@/core/design';
import { designAt, planOf } from '@/core/testing/designs';
import { problemSentence } from '@/core/wording';
import { YARN_CLASSES } from '@/core/gauge';
import { HOOK_LETTERS, heldTogether } from './yarnClass';

const yarned = (stitchMm: number, change: Partial<Design['swatch']>, weightClass: number | null): Design =>
  designAt(stitchMm, 5, 2, (d) => ({
    ...d,
    swatch: { ...d.swatch, yarn: { ...d.swatch.yarn, weightClass }, ...change },
  }));
const codes = (design: Design) => planOf(design).problems.map(({ code }) => code);

describe('strands held together', () => {
  it('weigh together what they weigh apart', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0.2, max: 60, noNaN: true }), { minLength: 1, maxLength: 6 }), (counts) => {
        const gramsPerMetre = counts.reduce((sum, nm) => sum + 1 / nm, 0);
        expect(1 / heldTogether(counts)).toBeCloseTo(gramsPerMetre, 9);
        expect(heldTogether(counts)).toBeLessThanOrEqual(Math.min(...counts) + 1e-12);
      }),
    );
  });

  it('are at least one, each of some count', () => {
    for (const none of [[], [0], [2, -1], [NaN]]) expect(() => heldTogether(none)).toThrow(RangeError);
  });

  it('are shown as a figure of the plan: two strands of 1.7 m/g are as one of 0.85', () => {
    const nm = (strands: number) =>
      planOf(yarned(5, { strands }, null)).figures['yarn.count' as never] as { value: number };
    expect(nm(1).value).toBeCloseTo(1.7, 9);
    expect(nm(2).value).toBeCloseTo(0.85, 9);
  });
});

// Craft Yarn Council, Standard Yarn Weight System, from memory: heavier classes have fewer stitches and thicker hooks.
describe('weight classes', () => {
  it('go from fine to heavy without a gap in the hooks', () => {
    for (let one = 1; one < 7; one += 1) {
      const [finer, heavier] = [YARN_CLASSES[one], YARN_CLASSES[one + 1]];
      if (!finer || !heavier) throw new Error('a class is missing');
      expect(heavier.leastHookMm).toBe(finer.mostHookMm);
      expect(heavier.mostStitches).toBeLessThan(finer.mostStitches);
    }
  });

  it.each([
    [7.5, 4, 3.5, []],
    [3, 4, 3.5, ['gauge-outside-class']],
    [16, 4, 4, ['gauge-outside-class']],
    [7.5, 4, 6.5, ['fabric-loose-for-bag']],
    [7.5, null, 6.5, []],
  ] as const)('%d mm a stitch, class %s, hook %d: %j', (stitchMm, weightClass, hookMm, expected) => {
    const found = codes(yarned(stitchMm, { hookMm }, weightClass));
    expect(found.filter((code) => code === 'gauge-outside-class' || code === 'fabric-loose-for-bag')).toEqual(expected);
  });

  it('says nothing of strands held together: the label speaks of one', () => {
    expect(codes(yarned(16, { strands: 2 }, 4))).not.toContain('gauge-outside-class');
  });
});

it('what is said of classes and letters says that it is from memory', () => {
  const told = [
    yarned(3, { hookMm: 3.5 }, 4),
    yarned(7.5, { hookMm: 6.5 }, 4),
    yarned(5, { hookLetter: 'G-6', hookMm: 4.25 }, null),
  ].flatMap((design) => planOf(design).problems.filter(({ code }) => /class|loose|letter/.test(code)));
  expect(told.map(({ code }) => code)).toEqual(['gauge-outside-class', 'fabric-loose-for-bag', 'hook-letter-differs']);
  for (const problem of told) expect(problemSentence(problem, 'cm')).toContain('from memory');
});

describe('hook letters', () => {
  it('rise with their millimetres', () => {
    const sizes = Object.values(HOOK_LETTERS);
    // "7" is a whole number, so the language puts it first; by size it stands between G-6 and H-8.
    expect([...sizes].sort((a, b) => a - b)).toHaveLength(new Set(sizes).size);
    expect([HOOK_LETTERS['G-6'], HOOK_LETTERS['7'], HOOK_LETTERS['H-8']]).toEqual([4, 4.5, 5]);
  });

  it('are asked about where they clash, and either answer settles it', () => {
    const design = yarned(5, { hookLetter: 'G-6', hookMm: 4.25 }, null);
    const problem = planOf(design).problems.find(({ code }) => code === 'hook-letter-differs');
    expect(problem?.values).toEqual({ hookMm: 4.25, letterMm: 4 });
    for (const repair of problem?.repairs ?? []) {
      const read = applyEdits(design, repair.edits);
      if (!read.ok) throw new Error(read.faults[0]?.sentence);
      expect(codes(read.design)).not.toContain('hook-letter-differs');
    }
    expect(codes(yarned(5, { hookLetter: 'G-6', hookMm: 4 }, null))).not.toContain('hook-letter-differs');
  });
});
