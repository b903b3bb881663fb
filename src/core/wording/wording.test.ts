import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { patternOf, type Design } from '@/core/design';
import { planBag } from '@/core/plan';
import { type StitchPattern } from '@/core/stitches';
import { fullDesign, planOf, plannableDesign } from '@/core/testing/designs';
import {
  formatPlusMinus,
  formatQuantity,
  patternAsMarkdown,
  patternAsText,
  problemSentence,
  repairLabel,
  stepTexts,
  translateTerms,
  writePattern,
} from '.';

const textIn = (design: Design, settings: Partial<Design['settings']>): string => {
  const set = { ...design, settings: { ...design.settings, ...settings } };
  return patternAsText(writePattern(set, planOf(set)));
};

describe('the pattern text', () => {
  it('means the same in both sets of terms: the UK text read as US is the US text', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const us = textIn(design, { terms: 'us' });
        const uk = textIn(design, { terms: 'uk' });
        expect(uk).not.toBe(us);
        expect(translateTerms(uk, 'uk', 'us').toLowerCase()).toBe(us.toLowerCase());
        expect(translateTerms(us, 'us', 'uk').toLowerCase()).toBe(uk.toLowerCase());
      }),
    );
  });

  it('accounts for every row exactly once, with its stitch count', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const plan = planOf(design);
        const { setupRows, rows: repeated }: StitchPattern = patternOf(design);
        const panel = writePattern(design, plan).sections.find(({ id }) => id === 'panel')?.lines ?? [];
        const written = panel.flatMap((line) => {
          const match = /^Rows? (\d+)(?: to (\d+))?.* \((\d+) [^()]+\)$/.exec(line);
          if (!match) return [];
          expect(Number(match[3]), line).toBe(plan.pouch.stitchCount);
          const from = Number(match[1]);
          const to = Number(match[2] ?? from);
          return Array.from({ length: to - from + 1 }, (_, index) => from + index);
        });
        const repeats = panel.flatMap((line) => {
          const match = /^Repeat rows? (\d+)(?: to (\d+))? throughout/.exec(line);
          return match ? [Number(match[1]), Number(match[2] ?? match[1])] : [];
        });
        const upTo = (count: number) => Array.from({ length: count }, (_, index) => index + 1);
        if (repeats.length === 0) expect(written).toEqual(upTo(plan.flap.totalRows));
        else {
          expect(written).toEqual(upTo(setupRows.length + repeated.length));
          expect(repeats).toEqual([setupRows.length + 1, setupRows.length + repeated.length]);
          expect(panel.at(-2)).toContain(`to row ${plan.flap.totalRows}.`);
        }
      }),
    );
  });

  it.each([
    ['sc', 'does-not-count', 'Row 1 (RS): sc in 2nd ch from hook and in each ch across, turn.'],
    ['sc', 'counts', 'Row 1 (RS): sc in 2nd ch from hook (skipped ch counts as first sc) and in each ch across, turn.'],
    ['hdc', 'does-not-count', 'Row 1 (RS): hdc in 2nd ch from hook and in each ch across, turn.'],
    [
      'hdc',
      'counts',
      'Row 1 (RS): hdc in 3rd ch from hook (skipped ch count as first hdc) and in each ch across, turn.',
    ],
  ] as const)(
    'begins %s, turning chain %s, as makers do (common practice, no source)',
    (stitch, turningChain, line) => {
      expect(textIn({ ...fullDesign(), stitch }, { turningChain })).toContain(line);
    },
  );

  it('says its set of terms and its unit', () => {
    expect(textIn(fullDesign(), { terms: 'uk' })).toContain('Written in UK terms: dc = double crochet');
    expect(textIn(fullDesign(), { lengthUnit: 'in' })).toMatch(/Width, outside: 9 in/);
    expect(textIn(fullDesign(), { lengthUnit: 'in' })).not.toMatch(/\d cm/);
    expect(textIn(fullDesign(), { lengthUnit: 'cm' })).not.toMatch(/\d in\b(?! from)/);
  });

  it('sets the same lines as Markdown', () => {
    const design = { ...fullDesign(), notes: 'For the second horn.' };
    const pattern = writePattern(design, planOf(design));
    const markdown = patternAsMarkdown(pattern);
    expect(markdown).toMatch(
      /^# Clutch in thirds\n\n## About it\n\n- Difficulty: easy[^#]*(?:## Take care[^#]*)?## Finished sizes\n\n- Width/,
    );
    for (const { lines } of pattern.sections) for (const line of lines) expect(markdown).toContain(line);
  });
});

describe('translateTerms', () => {
  it('never takes one stitch for another in the UK chain of names', () => {
    expect(translateTerms('dc, htr, tr, dtr, trtr', 'uk', 'us')).toBe('sc, hdc, dc, tr, dtr');
    expect(translateTerms('Double treble crochet', 'uk', 'us')).toBe('Treble crochet');
  });

  it('leaves words alone that only contain a term', () => {
    expect(translateTerms('a trick, a truss, escape', 'us', 'uk')).toBe('a trick, a truss, escape');
  });
});

describe('quantities', () => {
  it('writes a ± no smaller than it is, in every unit', () => {
    const units = ['mm', 'mm/stitch', 'g', 'm', 'ratio'] as const;
    fc.assert(
      fc.property(
        fc.constantFrom(...units),
        fc.double({ min: 0.001, max: 20, noNaN: true }),
        fc.double({ min: 1, max: 400, noNaN: true }),
        (unit, plusMinus, value) => {
          const printed = Number(/[\d.]+/.exec(formatPlusMinus({ value, unit, plusMinus }, 'cm'))?.[0]);
          const scale = unit === 'ratio' ? 100 : unit === 'mm' && value >= 25 ? 0.1 : 1;
          expect(printed).toBeGreaterThanOrEqual(plusMinus * scale - 1e-6);
        },
      ),
    );
  });

  it.each([
    [0.86, 'mm', 'in', '0.03 in'],
    [4.889, 'mm/row', 'cm', '4.89 mm'],
    [4.889, 'mm/row', 'in', '0.192 in'],
    [7.25, 'g', 'cm', '7.3 g'],
    [2, 'ball', 'cm', '2 balls'],
    [612.4, 'g/m2', 'cm', '612 g/m²'],
    [12_500, 'mm2', 'cm', '125 cm²'],
  ] as const)('%d %s in %s: %s', (value, unit, lengthUnit, text) => {
    expect(formatQuantity(value, unit, lengthUnit)).toBe(text);
  });
});

describe('problems in words', () => {
  it('are whole sentences in either unit, for any design, with labels for all their repairs', () => {
    fc.assert(
      fc.property(plannableDesign, fc.integer({ min: 0, max: 300 }), (design, loadMm) => {
        const result = planBag({ ...design, contents: { ...design.contents, thicknessMm: loadMm } });
        for (const problem of result.ok ? result.plan.problems : result.problems)
          for (const unit of ['cm', 'in'] as const) {
            expect(problemSentence(problem, unit)).toMatch(/^[A-Z“].*[.?]$/);
            expect(problemSentence(problem, unit)).not.toMatch(/undefined|NaN/);
            for (const repair of problem.repairs) expect(repairLabel(repair, unit)).not.toMatch(/undefined|NaN|^$/);
          }
      }),
    );
  });
});

describe('steps in words', () => {
  it('name the counts of the plan', () => {
    const design = fullDesign();
    const plan = planOf(design);
    const texts = Object.fromEntries(stepTexts(design, plan).map((step) => [step.id, step.what]));
    expect(texts['mark-base']).toContain(`row ${plan.pouch.frontRows}`);
    expect(texts['set-snap-front']).toContain(`row ${plan.snaps[0]?.mates[0]?.row}`);
    expect(texts['seam-sides']).toContain(`row ${plan.pouch.frontRows} to row ${plan.pouch.frontRows + 1}`);
  });

  it('say nothing empty, for any bag', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        for (const { title, what } of stepTexts(design, planOf(design))) {
          expect(title.length).toBeGreaterThan(3);
          expect(what).toMatch(/\.$/);
          expect(what).not.toMatch(/undefined|NaN/);
        }
      }),
    );
  });
});
