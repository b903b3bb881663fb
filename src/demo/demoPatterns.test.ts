import { expect, test } from 'vitest';
import { planBag } from '@/core/plan';
import { readPattern } from '@/core/reader';
import { patternAsText, writePattern } from '@/core/wording';
import { demoBags } from './demoBags';

test.each(demoBags().map((design) => [design.name, design] as const))(
  'the pattern of “%s” is read without a fault',
  (_, design) => {
    const result = planBag(design);
    if (!result.ok) throw new Error('not planned');
    const text = patternAsText(writePattern(design, result.plan));
    const { faults, parts } = readPattern(text);
    expect(faults.map(({ code, from, to }) => [code, text.slice(from, to)])).toEqual([]);
    expect(parts.flatMap(({ rows }) => rows).every(({ isRight }) => isRight)).toBe(true);
  },
);
