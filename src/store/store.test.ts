import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { Sequelize } from 'sequelize';
import sqlite3 from 'sqlite3';
import { describe, expect, it } from 'vitest';
import { writtenSave, type Design } from '@/core/design';
import { fullDesign } from '@/core/testing/designs';
import { bagIdSchema, openStore } from '.';
import { connect } from './connection';
import { storeOnDisk } from './testing/onDisk';
import { saveIn } from './testing/saveIn';

const at = storeOnDisk();

const renamed = (name: string): Design => ({ ...fullDesign(), name });
const noHistory = { undo: [], redo: [] };

describe('the store', () => {
  it('gives a bag back whole, after it was closed and opened again', async () => {
    const id = await at.store.bags.create(fullDesign());
    const history = { undo: [{ label: 'Width' }], redo: [] };
    await saveIn(at.store, id, { baseRevision: 1, design: renamed('Second'), history });
    await at.store.close();
    at.store = await openStore(at.path);
    const bag = await at.store.bags.open(id);
    expect(bag).toMatchObject({ design: renamed('Second'), revision: 2, history, refused: [], archived: false });
  });

  it('refuses a save that came too late, leaves the bag as it is and keeps both', async () => {
    const id = await at.store.bags.create(fullDesign());
    const first = await saveIn(at.store, id, { baseRevision: 1, design: renamed('This window'), history: noHistory });
    const late = await saveIn(at.store, id, { baseRevision: 1, design: renamed('Other window'), history: noHistory });
    expect(first).toEqual({ ok: true, revision: 2 });
    expect(late).toMatchObject({
      ok: false,
      reason: 'moved-on',
      current: { revision: 2, design: { name: 'This window' } },
    });
    const bag = await at.store.bags.open(id);
    expect(bag?.design.name).toBe('This window');
    expect(bag?.refused.map(({ design }) => design.name)).toEqual(['Other window']);
  });

  it('knows a save again whose answer was lost: nothing is refused, and nothing is saved twice', async () => {
    const id = await at.store.bags.create(fullDesign());
    const save = { baseRevision: 1, design: renamed('Once'), history: noHistory, saveId: 's1' };
    expect(await saveIn(at.store, id, save)).toEqual({ ok: true, revision: 2 });
    expect(await saveIn(at.store, id, save)).toEqual({ ok: true, revision: 2 });
    // She went on working before it was heard of.
    const next = { ...save, design: renamed('Twice'), saveId: 's2', unanswered: ['s0', 's1'] };
    expect(await saveIn(at.store, id, next)).toEqual({ ok: true, revision: 3 });
    expect(await at.store.bags.open(id)).toMatchObject({ refused: [], revision: 3, design: { name: 'Twice' } });
  });

  it('takes the very same design for no one else’s, though it has no name', async () => {
    const id = await at.store.bags.create(fullDesign());
    const save = { baseRevision: 1, design: renamed('Same'), history: noHistory };
    await saveIn(at.store, id, save);
    expect(await saveIn(at.store, id, save)).toEqual({ ok: true, revision: 3 });
    expect((await at.store.bags.open(id))?.refused).toEqual([]);
  });

  it('still refuses what rests on a save that another window has overtaken', async () => {
    const id = await at.store.bags.create(fullDesign());
    await saveIn(at.store, id, { baseRevision: 1, design: renamed('Mine'), history: noHistory, saveId: 'mine' });
    await saveIn(at.store, id, { baseRevision: 2, design: renamed('Theirs'), history: noHistory, saveId: 'theirs' });
    const late = {
      baseRevision: 1,
      design: renamed('Mine on'),
      history: noHistory,
      saveId: 'on',
      unanswered: ['mine'],
    };
    expect(await saveIn(at.store, id, late)).toMatchObject({
      ok: false,
      reason: 'moved-on',
      current: { revision: 3 },
    });
    const [refused] = (await at.store.bags.open(id))?.refused ?? [];
    // Decided for this one: the refused save goes with the same stroke.
    const decided = { ...late, baseRevision: 3, saveId: 'decided', settles: [refused?.id ?? ''] };
    expect(await saveIn(at.store, id, decided)).toEqual({ ok: true, revision: 4 });
    expect(await at.store.bags.open(id)).toMatchObject({ refused: [], design: { name: 'Mine on' } });
  });

  it('comes up again after a first start that was interrupted at any step of it', async () => {
    await at.store.bags.create(renamed('Kept'));
    await at.store.close();
    // Everything but the word that it was done: what an interrupted start of an earlier Ruelle could leave.
    const raw = connect(at.path);
    await raw.query("DELETE FROM migrations WHERE name = '0001-first-tables'");
    await raw.close();
    at.store = await openStore(at.path);
    expect((await at.store.bags.list({ archived: false, offset: 0, limit: 9 })).total).toBe(1);
  });

  it('makes one whole file of everything while it is open, which opens like the first', async () => {
    const id = await at.store.bags.create(renamed('Kept'));
    await saveIn(at.store, id, {
      baseRevision: 1,
      design: renamed('And changed'),
      history: { undo: ['x'], redo: [] },
    });
    const copyPath = join(at.folder, 'it’s a "copy".sqlite');
    await at.store.copyTo(copyPath);
    await at.store.bags.create(renamed('Made after'));
    const copy = await openStore(copyPath);
    expect(
      (await copy.bags.list({ archived: false, offset: 0, limit: 9 })).bags.map(({ read }) => read()?.name),
    ).toEqual(['And changed']);
    expect(await copy.bags.open(id)).toMatchObject({ revision: 2, history: { undo: ['x'] } });
    await copy.close();
    // It is written over nothing.
    await expect(at.store.copyTo(copyPath)).rejects.toThrow();
  });

  it('leaves one whole file behind when it is closed', async () => {
    await at.store.bags.create(renamed('Kept'));
    await at.store.close();
    expect(readdirSync(at.folder)).toEqual(['bags.sqlite']);
    at.store = await openStore(at.path);
  });

  it('leaves the tables as they were when bringing them up to date fails', async () => {
    await at.store.close();
    const raw = connect(at.path);
    await raw.query("DELETE FROM migrations WHERE name IN ('0003-things-and-patterns', '0004-save-ids')");
    await raw.query('DROP TABLE things');
    // The third makes its table; the fourth finds its column there and fails.
    await expect(openStore(at.path)).rejects.toThrow();
    const tables = JSON.stringify(await raw.query("SELECT name FROM sqlite_master WHERE type = 'table'"));
    expect(tables).not.toContain('things');
    await raw.query('ALTER TABLE bags DROP COLUMN lastSaveId');
    await raw.close();
    at.store = await openStore(at.path);
    expect((await at.store.things.list()).kept).toEqual([]);
  });

  it('keeps a refused save once, however often it is tried, and forgets it when told', async () => {
    const id = await at.store.bags.create(fullDesign());
    await saveIn(at.store, id, { baseRevision: 1, design: renamed('A'), history: noHistory });
    const late = { baseRevision: 1, design: renamed('B'), history: noHistory };
    const results = [await saveIn(at.store, id, late), await saveIn(at.store, id, late)];
    const refused = (await at.store.bags.open(id))?.refused ?? [];
    expect(refused).toHaveLength(1);
    expect(
      results.every((result) => !result.ok && result.reason === 'moved-on' && result.refusedId === refused[0]?.id),
    ).toBe(true);
    expect(await at.store.bags.dropRefused(id, refused[0]?.id ?? '')).toBe(true);
    expect((await at.store.bags.open(id))?.refused).toEqual([]);
  });

  it('lets exactly one of several saves at once win', async () => {
    const id = await at.store.bags.create(fullDesign());
    const results = await Promise.all(
      ['a', 'b', 'c', 'd'].map((name) =>
        saveIn(at.store, id, { baseRevision: 1, design: renamed(name), history: noHistory }),
      ),
    );
    expect(results.filter(({ ok }) => ok)).toHaveLength(1);
    expect((await at.store.bags.open(id))?.revision).toBe(2);
    expect((await at.store.bags.open(id))?.refused).toHaveLength(3);
  });

  it('lists by last change, in parts, and apart from what is put away', async () => {
    const ids = [];
    for (const name of ['one', 'two', 'three']) {
      ids.push(await at.store.bags.create(renamed(name)));
      await new Promise((resolve) => setTimeout(resolve, 5));
    }
    const names = async (archived: boolean, offset = 0, limit = 10) =>
      (await at.store.bags.list({ archived, offset, limit })).bags.map(({ read }) => read()?.name);
    expect(await names(false)).toEqual(['three', 'two', 'one']);
    expect(await names(false, 1, 1)).toEqual(['two']);
    expect(await at.store.bags.setArchived(ids[1] as (typeof ids)[number], true)).toBe(true);
    expect(await names(false)).toEqual(['three', 'one']);
    expect(await names(true)).toEqual(['two']);
  });

  it.each(['{"format":"ruelle-design","version":9}', '{"cut off'])(
    'names a bag whose document it can’t read, and leaves it as it is: %s',
    async (document) => {
      await at.store.bags.create(renamed('Readable'));
      const id = await at.store.bags.create(renamed('From later'));
      const raw = new Sequelize({ dialect: 'sqlite', storage: at.path, logging: false });
      await raw.query('UPDATE bags SET design = ? WHERE id = ?', { replacements: [document, id] });
      const shelf = await at.store.bags.list({ archived: false, offset: 0, limit: 10 });
      expect(shelf.total).toBe(2);
      expect(shelf.bags.map(({ name, read }) => [name, read()?.name])).toEqual([
        ['From later', undefined],
        ['Readable', 'Readable'],
      ]);
      expect(await at.store.bags.open(id)).toBeNull();
      const [rows] = await raw.query('SELECT design FROM bags WHERE id = ?', { replacements: [id] });
      expect(rows).toEqual([{ design: document }]);
      await raw.close();
    },
  );

  it('gives swatches of an older library the stitch of their bag', async () => {
    const design: Design = { ...fullDesign(), stitch: 'hdc', swatch: { ...fullDesign().swatch, stitch: 'hdc' } };
    await at.store.bags.create(design);
    await at.store.close();
    const raw = new Sequelize({ dialect: 'sqlite', storage: at.path, logging: false });
    await raw.query(
      "UPDATE swatches SET document = json_remove(document, '$.stitch', '$.strands', '$.hookLetter', '$.yarn.weightClass')",
    );
    await raw.query("DELETE FROM migrations WHERE name = '0002-swatch-stitch'");
    await raw.close();
    at.store = await openStore(at.path);
    expect((await at.store.swatches.list()).kept.map(({ stitch }) => stitch)).toEqual(['hdc']);
  });

  it('keeps the swatch of a bag in the library, once', async () => {
    const id = await at.store.bags.create(fullDesign());
    const design = { ...fullDesign(), swatch: { ...fullDesign().swatch, name: 'Washed' } };
    await saveIn(at.store, id, { baseRevision: 1, design, history: noHistory });
    expect((await at.store.swatches.list()).kept.map(({ name }) => name)).toEqual(['Washed']);
  });

  it('says when there is no such bag', async () => {
    const id = bagIdSchema.parse('nobody');
    expect(await at.store.bags.open(id)).toBeNull();
    expect(await at.store.bags.setArchived(id, true)).toBe(false);
    expect(await saveIn(at.store, id, { baseRevision: 1, design: fullDesign(), history: noHistory })).toEqual({
      ok: false,
      reason: 'missing',
    });
  });

  it('writes nothing of a save that fails half way', async () => {
    const id = await at.store.bags.create(fullDesign());
    const save = writtenSave({ baseRevision: 1, design: renamed('Half'), history: noHistory });
    // The bag itself is written before its history is refused.
    await expect(at.store.bags.save(id, { ...save, history: null as never })).rejects.toThrow();
    expect(await at.store.bags.open(id)).toMatchObject({ design: { name: fullDesign().name }, revision: 1 });
  });

  it('has foreign keys and WAL on, and refuses a row that belongs to nothing', async () => {
    const sequelize = new Sequelize({ dialect: 'sqlite', dialectModule: sqlite3, storage: at.path, logging: false });
    expect(JSON.stringify(await sequelize.query('PRAGMA journal_mode'))).toContain('wal');
    const orphan = "INSERT INTO bag_histories (bagId, document, updatedAt) VALUES ('nobody', '{}', '2026-01-01')";
    await expect(sequelize.query(orphan)).rejects.toThrow(/FOREIGN KEY/);
    await sequelize.close();
  });
});
