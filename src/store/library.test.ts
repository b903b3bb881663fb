import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { swatchIdSchema, type Design, type Swatch } from '@/core/design';
import { fullDesign } from '@/core/testing/designs';
import { saveIn } from './testing/saveIn';
import { someThing } from './testing/someThing';
import { openStore, type Store } from '.';

let store: Store;
beforeEach(async () => {
  store = await openStore(':memory:');
});
afterEach(() => store.close());

const noHistory = { undo: [], redo: [] };
const withSwatch = (change: Partial<Swatch>): Design => ({
  ...fullDesign(),
  swatch: { ...fullDesign().swatch, ...change },
});

describe('things that are remembered', () => {
  it('are given back as they were kept, the last changed first, and forgotten when told', async () => {
    await store.things.keep(someThing('a', 'Valve oil'));
    await new Promise((resolve) => setTimeout(resolve, 5));
    await store.things.keep(someThing('b', 'Mute'));
    expect((await store.things.list()).kept).toEqual([someThing('b', 'Mute'), someThing('a', 'Valve oil')]);
    expect(await store.things.remove('a')).toBe(true);
    expect(await store.things.remove('a')).toBe(false);
    expect((await store.things.list()).kept.map(({ name }) => name)).toEqual(['Mute']);
  });

  it('are refused under a name that another has, with the first that is free', async () => {
    await store.things.keep(someThing('a', 'Mute'));
    await store.things.keep(someThing('b', 'Mute 2'));
    expect(await store.things.keep(someThing('c', 'mute'))).toEqual({
      ok: false,
      reason: 'name-taken',
      freeName: 'mute 3',
    });
    expect((await store.things.list()).kept).toHaveLength(2);
    // Kept again, it may keep its own name.
    expect(await store.things.keep({ ...someThing('a', 'Mute'), massG: 90 })).toEqual({ ok: true });
    expect((await store.things.list()).kept.find(({ id }) => id === 'a')?.massG).toBe(90);
  });
});

describe('a library with more in it than is given at a time', () => {
  const MANY = 340;
  beforeEach(async () => {
    for (let number = 1; number <= MANY; number += 1)
      await store.things.keep(someThing(`n${number}`, `${number % 2 ? 'Étui' : 'Mute'} ${number}`));
  });

  it('is read part by part, each once and none left out', async () => {
    const seen: string[] = [];
    for (let offset = 0; ; offset += 100) {
      const { kept, total } = await store.things.list({ offset, limit: 100 });
      expect(total).toBe(MANY);
      if (kept.length === 0) break;
      seen.push(...kept.map(({ id }) => id));
    }
    expect(new Set(seen).size).toBe(MANY);
    expect(seen).toHaveLength(MANY);
  });

  it('is searched by words of the names, whatever their case and accents, all of it', async () => {
    expect(await store.things.list({ search: 'etui 7', limit: 5 })).toMatchObject({
      // 7, 17, 27, … and 71, 73, … 79, 171, …: all with an odd number in which there is a 7.
      total: Array.from({ length: MANY }, (_, index) => index + 1).filter((n) => n % 2 === 1 && `${n}`.includes('7'))
        .length,
      kept: { length: 5 },
    });
    expect((await store.things.list({ search: 'ÉTUI 339' })).kept.map(({ name }) => name)).toEqual(['Étui 339']);
    expect(await store.things.list({ search: '100%_' })).toEqual({ kept: [], unreadable: [], total: 0 });
  });

  it('finds one by its id, wherever it is', async () => {
    expect((await store.things.find('n1'))?.name).toBe('Étui 1');
    expect(await store.things.find('__proto__')).toBeNull();
  });
});

describe('swatches', () => {
  it('know the bags that are planned from them', async () => {
    await store.bags.create({ ...fullDesign(), name: 'One' });
    await store.bags.create({ ...fullDesign(), name: 'Another' });
    expect([...(await store.swatches.usedBy([fullDesign().swatch.id]))]).toEqual([
      [fullDesign().swatch.id, ['Another', 'One']],
    ]);
    expect((await store.swatches.usedBy(['another'])).size).toBe(0);
  });

  it('taken out leave the bag its readings, and saving the bag does not bring them back', async () => {
    const id = await store.bags.create(fullDesign());
    expect(await store.swatches.remove(fullDesign().swatch.id)).toBe(true);
    expect((await store.bags.open(id))?.design.swatch).toEqual(fullDesign().swatch);
    const saved = await saveIn(store, id, { baseRevision: 1, design: withSwatch({ hookMm: 6 }), history: noHistory });
    expect(saved.ok).toBe(true);
    expect((await store.swatches.list()).kept).toEqual([]);
    expect((await store.bags.open(id))?.design.swatch.hookMm).toBe(6);
    expect([...(await store.swatches.usedBy([fullDesign().swatch.id]))]).toEqual([]);
  });

  it('measured again in one bag are not set back by another that changed nothing of them', async () => {
    const first = await store.bags.create({ ...fullDesign(), name: 'First' });
    const second = await store.bags.create({ ...fullDesign(), name: 'Second' });
    await saveIn(store, first, { baseRevision: 1, design: withSwatch({ thicknessMm: 3.3 }), history: noHistory });
    await saveIn(store, second, {
      baseRevision: 1,
      design: { ...fullDesign(), name: 'Second, renamed' },
      history: noHistory,
    });
    expect((await store.swatches.list()).kept.map(({ thicknessMm }) => thicknessMm)).toEqual([3.3]);
  });

  it('have a name of their own when they are copied', async () => {
    await store.bags.create(fullDesign());
    const { name } = fullDesign().swatch;
    expect(await store.swatches.nameOfItsOwn('Never used')).toBe('Never used');
    const copy = await store.swatches.nameOfItsOwn(name);
    expect(copy).not.toBe(name);
    const swatch = { ...fullDesign().swatch, id: swatchIdSchema.parse('copy') };
    expect((await store.swatches.keep({ ...swatch, name: copy })).ok).toBe(true);
    expect(await store.swatches.keep({ ...swatch, id: swatchIdSchema.parse('third'), name })).toMatchObject({
      ok: false,
    });
  });

  it('that were not measured never enter the library, and do once they are', async () => {
    const rough = withSwatch({ stitchReadings: [], rowReadings: [] });
    const id = await store.bags.create(rough);
    expect((await store.swatches.list()).kept).toEqual([]);
    const half = withSwatch({ rowReadings: [] });
    await saveIn(store, id, { baseRevision: 1, design: half, history: noHistory });
    expect((await store.swatches.list()).kept).toEqual([]);
    await saveIn(store, id, { baseRevision: 2, design: fullDesign(), history: noHistory });
    expect((await store.swatches.list()).kept.map(({ name }) => name)).toEqual([fullDesign().swatch.name]);
  });
});
