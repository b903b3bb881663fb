import { describe, expect, test } from 'vitest';
import type { Written } from '@/core/design';
import { planBag } from '@/core/plan';
import { readPattern } from '@/core/reader';
import { patternAsText, writtenPattern } from '@/core/wording';
import { demoBags } from './demoBags';

/** Every way that a pattern can be written in. */
const WAYS: readonly (readonly [name: string, way: Partial<Written>])[] = [
  ['as it is', {}],
  ['spelled out', { words: 'spelled-out' }],
  ['in both units', { lengths: 'both' }],
  ['in Italian', { language: 'it' }],
  ['in Italian, spelled out, in both units', { language: 'it', words: 'spelled-out', lengths: 'both' }],
];

describe.each(demoBags().map((design) => [design.name, design] as const))('the pattern of “%s”', (_, demo) => {
  const written = (way: Partial<Written>) => {
    const design = { ...demo, written: { ...demo.written, sizes: [], ...way } };
    const result = planBag(design);
    if (!result.ok) throw new Error('not planned');
    return patternAsText(writtenPattern(design, result.plan));
  };
  /** Counts of every row, as they are read. */
  const counts = (text: string) =>
    readPattern(text).parts.map(({ rows }) => rows.map(({ number, out }) => [number, out]));

  test.each(WAYS)('%s, is read without a fault, and comes out as it is', (_name, way) => {
    const text = written(way);
    const { faults, parts } = readPattern(text);
    expect(faults.map(({ code, from, to }) => [code, text.slice(from, to)])).toEqual([]);
    expect(parts.flatMap(({ rows }) => rows).every(({ isRight }) => isRight)).toBe(true);
    expect(counts(text)).toEqual(counts(written({})));
  });

  test.each(['en', 'it'] as const)('in three sizes (%s), each of them is read without a fault', (language) => {
    const { widthMm, heightMm } = demo.body;
    const of = (by: number) => ({
      by: 'outside' as const,
      widthMm: Math.round(widthMm * by),
      heightMm: Math.round(heightMm * by),
    });
    const text = written({
      language,
      ownSize: 'M',
      sizes: [
        { name: 'S', of: of(0.85) },
        { name: 'L', of: of(1.25) },
      ],
    });
    const { sizes } = readPattern(text);
    expect(sizes.length).toBeGreaterThan(1);
    sizes.forEach((name, size) => {
      const { faults } = readPattern(text, null, size);
      expect(faults.map(({ code, from, to }) => [name, code, text.slice(from - 60, to)])).toEqual([]);
    });
  });
});
