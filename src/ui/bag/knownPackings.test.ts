import { expect, test } from 'vitest';
import { packThings, carriedThings } from '@/core/contents';
import { thingIdSchema, type Contents } from '@/core/design';
import { knownPackings, rememberPackings, wantsSearch } from './knownPackings';

const items = (count: number): Contents['items'] =>
  Array.from({ length: count }, (_, index) => ({
    count: 1,
    thing: {
      id: thingIdSchema.parse(`t${index}`),
      name: `Thing ${index}`,
      widthMm: 31 + 7 * index,
      heightMm: 83 - 5 * index,
      thicknessMm: 3 + index,
      massG: null,
      turns: 'in-the-plane' as const,
      known: null,
    },
  }));

test('a few things are packed exactly at once; for more a search is wanted, until it was made', () => {
  expect(knownPackings(items(4)).proven).toBe(true);
  expect(wantsSearch(items(4))).toBe(false);

  const many = items(6);
  const quick = knownPackings(many);
  expect([quick.proven, wantsSearch(many)]).toEqual([false, true]);
  const found = packThings(carriedThings(many).map(({ box }) => box));
  rememberPackings(many, found);
  expect(knownPackings(many)).toBe(found);
  expect(wantsSearch(many)).toBe(false);

  // Another name is no other list to pack; another size is.
  const renamed = many.map((item) => ({ ...item, thing: { ...item.thing, name: `${item.thing.name}, renamed` } }));
  expect(knownPackings(renamed)).toBe(found);
  const [first, ...rest] = many as [(typeof many)[number], ...typeof many];
  expect(wantsSearch([{ ...first, thing: { ...first.thing, widthMm: 99 } }, ...rest])).toBe(true);
});

test('only so many lists are remembered: the oldest is searched again', () => {
  const first = items(7);
  rememberPackings(first, { lots: [], proven: true });
  for (let index = 0; index < 60; index += 1) {
    const other = first.map((item, at) =>
      at === 0 ? { ...item, thing: { ...item.thing, widthMm: 100 + index } } : item,
    );
    rememberPackings(other, { lots: [], proven: true });
  }
  expect(wantsSearch(first)).toBe(true);
});
