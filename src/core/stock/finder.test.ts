import fc from 'fast-check';
import { expect, it } from 'vitest';
import { finder } from '.';

it('finds what has every word, wherever it stands, whatever its case and accents; all of it without a word', () => {
  const all = ['Étui red', 'Red bolt', 'Zip'];
  const find = finder(all, (text) => text);
  expect(find('')).toBe(all);
  expect(find('  ')).toBe(all);
  expect(find('etui')).toEqual(['Étui red']);
  expect(find('RED')).toEqual(['Étui red', 'Red bolt']);
  expect(find('bolt red')).toEqual(['Red bolt']);
  expect(find('blue')).toEqual([]);
});

it('finds no more with another letter, and every line by its own words', () => {
  fc.assert(
    fc.property(
      fc.array(fc.string({ minLength: 1, maxLength: 12 }), { minLength: 1, maxLength: 20 }),
      fc.string(),
      (all, search) => {
        const find = finder(all, (text) => text);
        expect(find(`${search}x`).every((one) => find(search).includes(one))).toBe(true);
        for (const one of all) expect(find(one)).toContain(one);
      },
    ),
  );
});
