import { existsSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { ownStitchIdSchema, swatchIdSchema, thingIdSchema, type Design } from '@/core/design';
import { fullDesign } from '@/core/testing/designs';
import { bagIdSchema, openStore } from '.';
import { connect } from './connection';
import { storeOnDisk } from './testing/onDisk';
import { saveIn } from './testing/saveIn';
import { someThing } from './testing/someThing';

const at = storeOnDisk();

const renamed = (name: string): Design => ({ ...fullDesign(), name });
const noHistory = { undo: [], redo: [] };

describe('many at once', () => {
  it('are all saved, each whole, whatever order they come in', async () => {
    const ids = await Promise.all(Array.from({ length: 40 }, (_, bag) => at.store.bags.create(renamed(`Bag ${bag}`))));
    const saved = await Promise.all(
      Array.from({ length: 200 }, (_, save) =>
        saveIn(at.store, ids[save % 40] as (typeof ids)[number], {
          baseRevision: 1 + Math.floor(save / 40),
          design: renamed(`Save ${save}`),
          history: { undo: [save], redo: [] },
        }),
      ),
    );
    expect(saved.every(({ ok }) => ok)).toBe(true);
    for (const [bag, id] of ids.entries())
      expect(await at.store.bags.open(id)).toMatchObject({
        revision: 6,
        design: { name: `Save ${160 + bag}` },
        history: { undo: [160 + bag] },
      });
  });

  it('of two processes wait for each other instead of being refused', async () => {
    const other = await openStore(at.path);
    try {
      const both = [at.store, other];
      const ids = await Promise.all(
        Array.from({ length: 30 }, (_, bag) => both[bag % 2]?.bags.create(renamed(`Bag ${bag}`))),
      );
      expect(new Set(ids).size).toBe(30);
      expect((await other.bags.list({ archived: false, offset: 0, limit: 100 })).total).toBe(30);
    } finally {
      await other.close();
    }
  });

  it('go on after one of them has failed, of which nothing is left', async () => {
    const id = await at.store.bags.create(renamed('Before'));
    const nameless = { ...renamed('Second'), swatch: { ...fullDesign().swatch, name: null as unknown as string } };
    const [failed, after] = await Promise.allSettled([
      saveIn(at.store, id, {
        baseRevision: 1,
        design: { ...nameless, name: null as unknown as string },
        history: noHistory,
      }),
      saveIn(at.store, id, { baseRevision: 1, design: renamed('Third'), history: noHistory }),
    ]);
    expect(failed.status).toBe('rejected');
    expect(after).toMatchObject({ status: 'fulfilled', value: { ok: true, revision: 2 } });
    expect((await at.store.swatches.list()).kept).toHaveLength(1);
  });

  it('are seen by no reader before they are whole', async () => {
    const id = await at.store.bags.create(renamed('Before'));
    const reads: Promise<unknown>[] = [];
    const saving = saveIn(at.store, id, {
      baseRevision: 1,
      design: renamed('After'),
      history: { undo: ['After'], redo: [] },
    });
    for (let read = 0; read < 20; read += 1) reads.push(at.store.bags.open(id));
    await saving;
    for (const bag of await Promise.all(reads)) {
      const { design, history } = bag as { design: Design; history: { undo: unknown[] } };
      if (design.name === 'Before') expect(history.undo).toEqual([]);
    }
  });
});

describe('a file that is gone', () => {
  it.each([
    ['deleted', () => rmSync(at.path)],
    ['replaced', () => renameSync(at.path, `${at.path}.away`)],
  ])('%s while it is open: nothing is written any more, there or anywhere, and that is said', async (what, take) => {
    const id = await at.store.bags.create(renamed('Before'));
    take();
    if (what === 'replaced') writeFileSync(at.path, '');
    const save = saveIn(at.store, id, { baseRevision: 1, design: renamed('After'), history: noHistory });
    await expect(save).rejects.toThrow('moved, deleted or replaced');
    await expect(at.store.bags.create(renamed('New'))).rejects.toThrow('moved, deleted or replaced');
    expect(existsSync(at.path)).toBe(what === 'replaced');
    if (what === 'replaced') expect(readFileSync(at.path, 'utf8')).toBe('');
    // What is open can still be read, so that it can be kept as a file.
    expect(await at.store.bags.open(id)).toMatchObject({ design: { name: 'Before' } });
  });
});

describe('what can’t be read', () => {
  const broken = async (sql: string) => {
    const raw = connect(at.path);
    await raw.query(sql);
    await raw.close();
  };

  it('is set aside in every library, named, and left as it is', async () => {
    await at.store.things.keep(someThing('thing', 'Mute'));
    await at.store.bags.create(fullDesign());
    for (const table of ['things', 'swatches'])
      await broken(
        `INSERT INTO ${table} (id, name, document, createdAt, updatedAt) VALUES ('b', 'Broken one', '{"id":', '2026-01-01', 'no date')`,
      );
    expect(await at.store.things.list()).toMatchObject({ kept: [{ name: 'Mute' }], unreadable: ['Broken one'] });
    expect(await at.store.swatches.list()).toMatchObject({
      kept: [{ id: fullDesign().swatch.id }],
      unreadable: ['Broken one'],
    });
    const raw = connect(at.path);
    expect(JSON.stringify(await raw.query("SELECT document FROM things WHERE id = 'b'"))).toContain('{\\"id\\":');
    await raw.close();
  });

  it('is a bag’s history that is broken: the bag opens without it', async () => {
    const id = await at.store.bags.create(fullDesign());
    await broken(`INSERT INTO bag_histories (bagId, document, updatedAt) VALUES ('${id}', '[1, 2', '2026-01-01')`);
    expect(await at.store.bags.open(id)).toMatchObject({ history: noHistory, design: { name: fullDesign().name } });
    await broken(`UPDATE bag_histories SET document = '{"undo":3}'`);
    expect(await at.store.bags.open(id)).toMatchObject({ history: noHistory });
  });

  it('is a refused save that is broken: the bag opens with the others', async () => {
    const id = await at.store.bags.create(fullDesign());
    await broken(
      `INSERT INTO refused_saves (id, bagId, baseRevision, design, createdAt) VALUES ('r', '${id}', 1, 'no design', '2026-01-01')`,
    );
    expect(await at.store.bags.open(id)).toMatchObject({ refused: [] });
  });

  it('is a bag whose row is broken: it is named, and the shelf shows the rest', async () => {
    await at.store.bags.create(fullDesign());
    await broken(
      `INSERT INTO bags (id, name, design, revision, createdAt, updatedAt) VALUES ('no id at all', 'Odd one', '{}', 1, '2026-01-01', 'yesterday')`,
    );
    const { bags } = await at.store.bags.list({ archived: false, offset: 0, limit: 9 });
    expect(new Map(bags.map(({ name, read }) => [name, read()?.name]))).toEqual(
      new Map([
        [fullDesign().name, fullDesign().name],
        ['Odd one', undefined],
      ]),
    );
  });
});

describe('ids that are names of things JavaScript knows', () => {
  it.each(['__proto__', 'constructor', 'toString', 'hasOwnProperty'])('%s is an id like any other', async (name) => {
    const swatch = { ...fullDesign().swatch, id: swatchIdSchema.parse(name) };
    const id = await at.store.bags.create({ ...fullDesign(), swatch });
    expect([...(await at.store.swatches.usedBy([name]))]).toEqual([[name, [fullDesign().name]]]);
    expect((await at.store.swatches.list()).kept.map((one) => one.id)).toEqual([name]);
    expect(await at.store.bags.open(id)).toMatchObject({ design: { swatch: { id: name } } });
  });

  it.each(['', 'a b', 'a/b', 'ä', '"', '\0', 'x'.repeat(41)])('%j is none', (text) => {
    for (const schema of [swatchIdSchema, thingIdSchema, bagIdSchema, ownStitchIdSchema])
      expect(schema.safeParse(text).success).toBe(false);
  });
});
