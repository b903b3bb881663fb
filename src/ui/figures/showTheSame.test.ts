import { expect, test } from 'vitest';
import { figureId, makeFigure, type Figure } from '@/core/figures';
import { showTheSame } from './showTheSame';

const reason = (rule: string) => ({ rule, inputs: [], source: { kind: 'geometry' as const } });
const width = makeFigure('width', 'Width', 214, 'mm', reason('Stitches times their width.'), 4);
const shown = (figure: Figure, mark?: string) => ({ figure, mark });

test('a figure made anew shows the same, whatever its reason has become', () => {
  const anew = makeFigure('width', 'Width', 214, 'mm', reason('Another way to say it.'), 4);
  expect(showTheSame(shown(width), shown(anew))).toBe(true);
});

test.each<[string, Partial<Figure>]>([
  ['value', { value: 215 }],
  ['±', { plusMinus: 3 }],
  ['unknown ±', { plusMinus: null }],
  ['unit', { unit: 'row' }],
  ['name', { label: 'Width, flat' }],
  ['identity', { id: figureId('height') }],
])('a different %s shows', (_, change) => {
  expect(showTheSame(shown(width), shown({ ...width, ...change }))).toBe(false);
});

test('so does another property beside the figure', () => {
  expect(showTheSame(shown(width), shown(width, 'part.front'))).toBe(false);
  expect(showTheSame({ figure: width, mark: 'a' }, { figure: width } as never)).toBe(false);
});
