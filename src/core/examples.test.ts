import { readFileSync, readdirSync, statSync } from 'node:fs';
import { join, relative } from 'node:path';
import { describe, expect, it } from 'vitest';
import * as design from './design';
import * as stitches from './stitches';
import * as units from './units';

/**
 * Runs every example that stands in a docstring: a line `expression // => answer` under `@example`. The expression sees
 * what its own file exports, and the stitches, units and designs that examples speak of.
 */
const ROOT = join(__dirname, '..');

interface Example {
  file: string;
  expression: string;
  answer: string;
}

function sourcesIn(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return sourcesIn(path);
    return name.endsWith('.ts') && !name.endsWith('.test.ts') ? [path] : [];
  });
}

function examplesOf(file: string): Example[] {
  const docstrings = readFileSync(file, 'utf8').match(/\/\*\*[\s\S]*?\*\//g) ?? [];
  return docstrings
    .filter((docstring) => docstring.includes('@example'))
    .flatMap((docstring) => (docstring.split('@example')[1] as string).split('\n'))
    .map((line) => line.replace(/^\s*\*\/?\s?/, '').trim())
    .filter((line) => line.includes('// =>'))
    .map((line) => {
      const [expression, answer] = line.split('// =>') as [string, string];
      return { file, expression: expression.trim(), answer: answer.replace(/\*\/$/, '').trim() };
    });
}

const examples = ['core', 'drawing', 'server', 'workers', 'ui/writeup']
  .flatMap((part) => sourcesIn(join(ROOT, part)))
  .flatMap(examplesOf);

function evaluate(expression: string, scope: Record<string, unknown>): unknown {
  return new Function(...Object.keys(scope), `return (${expression});`)(...Object.values(scope));
}

describe('the examples in the docstrings', () => {
  it('are many', () => {
    expect(examples.length).toBeGreaterThan(35);
  });

  it.each(examples)('$expression', async ({ file, expression, answer }) => {
    const own = (await import(/* @vite-ignore */ file)) as Record<string, unknown>;
    const scope = { ...stitches, ...units, ...design, ...own };
    expect(evaluate(expression, scope), relative(ROOT, file)).toEqual(evaluate(answer, {}));
  });
});
