import { createHash } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { unzipSync, zipSync } from 'fflate';
import sharp from 'sharp';
import { afterAll, describe, expect, it } from 'vitest';
import type { MakingEvent } from '@/core/bench';
import { BODY_KINDS } from '@/core/body';
import type { Design } from '@/core/design';
import { USUAL_STOCK, stockItemSchema } from '@/core/stock';
import { bagOf } from '@/core/testing/bodies';
import { bagIdSchema, openStore, type Store } from '@/store';
import { saveIn } from '@/store/testing/saveIn';
import { storeOnDisk } from '@/store/testing/onDisk';
import { readPhoto } from '../readPhoto';
import { COPIES_KEPT, copiesIn, copyOfTheDay, writeCopy } from './nightly';
import { openBackup } from './zipIn';
import { zipped } from './zipOut';

const folder = mkdtempSync(join(tmpdir(), 'ruelle-backup-test-'));
afterAll(() => rmSync(folder, { recursive: true }));
const at = storeOnDisk();
const MADE_AT = Date.UTC(2026, 10, 29, 12);

const picture = (colour: string) =>
  sharp({ create: { width: 640, height: 480, channels: 3, background: colour } })
    .jpeg()
    .toBuffer();

/** A bag of every construction, and the one that was made. */
const bags = (): Design[] => BODY_KINDS.map((kind) => ({ ...bagOf(kind), name: `A ${kind}` }));
const MADE = 'A fold-over-strip';
const making = (): MakingEvent[] =>
  Array.from({ length: 120 }, (_, index) => ({
    kind: 'row',
    piece: 'panel',
    copy: 1,
    row: index + 1,
    id: `row-${1000 + index}`,
    n: index + 1,
    atMs: 1000 * index,
  }));

/** A workroom with all kinds of things in it, and the bag that was made. */
async function filled(store: Store) {
  await store.stock.keep(stockItemSchema.parse({ ...USUAL_STOCK.yarn, id: 'wool', name: 'Wool, red' }));
  let made = '';
  for (const design of bags()) {
    const id = await store.bags.create(design);
    if (design.name !== MADE) continue;
    made = id;
    await store.makings.tell(id, making());
  }
  const id = bagIdSchema.parse(made);
  const photo = await store.photos.add(
    { of: 'bag', ownerId: id, step: null },
    await readPhoto(await picture('#446677')),
  );
  if (!photo) throw new Error('no photo');
  return { id, photo };
}

async function copied(store: Store, name: string): Promise<string> {
  const path = join(folder, name);
  await writeCopy(store, path, MADE_AT);
  return path;
}

const pictures = (open: Awaited<ReturnType<typeof openBackup>>) => async (id: string) => {
  const bytes = await open.picture(id);
  return bytes && readPhoto(bytes);
};

describe('a copy of everything', () => {
  it('is a ZIP that another program opens: every file with the hash of the list, every bag a file of its own', async () => {
    const { id, photo } = await filled(at.store);
    const files = unzipSync(new Uint8Array(readFileSync(await copied(at.store, 'whole.zip'))));
    const text = (path: string) => Buffer.from(files[path] ?? []).toString('utf8');
    const manifest = JSON.parse(text('manifest.json')) as {
      madeAt: string;
      files: { path: string; bytes: number; sha256: string }[];
    };
    expect(manifest.madeAt).toBe('2026-11-29T12:00:00.000Z');
    expect(manifest.files.map(({ path }) => path).sort()).toEqual(
      Object.keys(files)
        .filter((path) => path !== 'manifest.json')
        .sort(),
    );
    for (const { path, bytes, sha256 } of manifest.files) {
      expect(files[path]?.byteLength).toBe(bytes);
      expect(
        createHash('sha256')
          .update(files[path] as Uint8Array)
          .digest('hex'),
      ).toBe(sha256);
    }
    expect(Object.keys(files).filter((path) => path.endsWith('.ruelle.json'))).toHaveLength(bags().length);
    expect(JSON.parse(text(`bags/${id}.ruelle.json`))).toMatchObject({ format: 'ruelle-design', name: MADE });
    expect(files[`photos/${photo.id}.jpg`]?.byteLength).toBe(photo.bytes);
  });

  it('brought into an empty workroom is the same again, makings, photos and all', async () => {
    const { id, photo } = await filled(at.store);
    const path = await copied(at.store, 'same.zip');
    const other = await openStore(join(folder, 'other.sqlite'));
    const open = await openBackup(path);
    const before = await other.restore.changes(open.contents);
    expect(before.lines.find(({ kind }) => kind === 'bags')?.missing).toHaveLength(bags().length);
    expect(before.photos).toBe(1);
    expect(before.told).toBeGreaterThan(100);
    expect((await other.bags.list({ archived: false })).total).toBe(0);
    await other.restore.bringIn(open.contents, 'add', pictures(open));
    const after = await other.restore.changes(open.contents);
    for (const line of after.lines) expect(line).toMatchObject({ missing: [], different: [], onlyHere: 0 });
    expect(after).toMatchObject({ told: 0, photos: 0, unreadable: [] });
    expect((await other.bags.open(id))?.design).toEqual((await at.store.bags.open(id))?.design);
    expect((await other.makings.since(id)).events).toEqual((await at.store.makings.since(id)).events);
    expect(await other.photos.picture(photo.id, 'small')).not.toBeNull();
    open.close();
    await other.close();
  });

  it('takes nothing away: what is only here stays, what is otherwise here is replaced only where it is said, and kept beside', async () => {
    const { id } = await filled(at.store);
    const open = await openBackup(await copied(at.store, 'older.zip'));
    const opened = await at.store.bags.open(id);
    if (!opened) throw new Error('no bag');
    const changed = { ...opened.design, notes: 'Changed since the copy.' };
    await saveIn(at.store, id, { baseRevision: opened.revision, design: changed, history: { undo: [], redo: [] } });
    const [first] = bags();
    const newer = await at.store.bags.create({ ...(first as Design), name: 'Only here' });
    const changes = await at.store.restore.changes(open.contents);
    expect(changes.lines.find(({ kind }) => kind === 'bags')).toMatchObject({
      missing: [],
      different: [MADE],
      onlyHere: 1,
    });

    await at.store.restore.bringIn(open.contents, 'add', pictures(open));
    expect((await at.store.bags.open(id))?.design.notes).toBe('Changed since the copy.');

    await at.store.restore.bringIn(open.contents, 'replace', pictures(open));
    const replaced = await at.store.bags.open(id);
    expect(replaced?.design).toEqual(opened.design);
    expect(replaced?.revision).toBe(opened.revision + 2);
    expect(replaced?.refused.map(({ design }) => design.notes)).toEqual(['Changed since the copy.']);
    expect((await at.store.bags.open(newer))?.design.name).toBe('Only here');
    open.close();
  });

  it('brought in twice changes nothing the second time', async () => {
    await filled(at.store);
    const open = await openBackup(await copied(at.store, 'twice.zip'));
    const before = await at.store.bags.list({ archived: false });
    for (const way of ['add', 'replace'] as const) await at.store.restore.bringIn(open.contents, way, pictures(open));
    const after = await at.store.bags.list({ archived: false });
    expect(after.bags.map(({ revision }) => revision)).toEqual(before.bags.map(({ revision }) => revision));
    open.close();
  });
});

describe('a copy that is damaged or hostile', () => {
  const put = (name: string, bytes: Uint8Array): string => {
    const path = join(folder, name);
    writeFileSync(path, bytes);
    return path;
  };
  const manifest = (files: Record<string, Uint8Array>, version = 1) =>
    Buffer.from(
      JSON.stringify({
        format: 'ruelle-backup',
        version,
        madeAt: '2026-11-29T12:00:00.000Z',
        files: Object.entries(files).map(([path, bytes]) => ({
          path,
          bytes: bytes.byteLength,
          sha256: createHash('sha256').update(bytes).digest('hex'),
        })),
      }),
    );
  const whole = async (): Promise<Buffer> => {
    const parts: Uint8Array[] = [];
    for await (const part of zipped(at.store.everything(), '2026-11-29T12:00:00.000Z')) parts.push(part);
    return Buffer.concat(parts);
  };

  it('is refused with a sentence: no ZIP, cut short, none of ours, of a newer Ruelle', async () => {
    await expect(openBackup(put('text.zip', Buffer.from('no zip at all')))).rejects.toThrow(
      'isn’t a copy that Ruelle made',
    );
    const cut = (await whole()).subarray(0, 400);
    await expect(openBackup(put('cut.zip', cut))).rejects.toThrow('isn’t a copy that Ruelle made');
    await expect(openBackup(put('other.zip', zipSync({ 'readme.txt': Buffer.from('hello') })))).rejects.toThrow(
      'isn’t a copy',
    );
    await expect(openBackup(put('newer.zip', zipSync({ 'manifest.json': manifest({}, 9) })))).rejects.toThrow(
      'newer Ruelle',
    );
  });

  it('never reaches beyond its own files, whatever its paths say', async () => {
    for (const path of [
      '../../outside.json',
      '/etc/passwd',
      'bags/../../outside.ruelle.json',
      'bags\\..\\x.ruelle.json',
      'C:/x',
    ])
      await expect(
        openBackup(put('slip.zip', zipSync({ [path]: Buffer.from('{}'), 'manifest.json': manifest({}) }))),
      ).rejects.toThrow();
  });

  it('that unpacks to far more than it says, or than there is room for, is not taken', async () => {
    // 100 MB of noughts in a hundred kilobytes: beyond what a file may be.
    const files = { 'library/stores.json': new Uint8Array(100_000_000) };
    const open = await openBackup(put('bomb.zip', zipSync({ ...files, 'manifest.json': manifest(files) })));
    expect(open.contents.unreadable).toContain('library/stores.json');
    expect(open.contents.libraries.stores).toEqual([]);
    open.close();
    // A file that says it is small, and isn't.
    const honest = zipSync({
      'manifest.json': manifest({}),
      'library/things.json': [new Uint8Array(5000), { level: 9 }],
    });
    const lying = Buffer.from(honest);
    for (let place = 0; place + 4 < lying.length; place += 1)
      if (lying.readUInt32LE(place) === 5000) lying.writeUInt32LE(50, place);
    await expect(openBackup(put('lying.zip', lying))).resolves.toMatchObject({ contents: { bags: [] } });
  });

  it('a file that isn’t the one of the list is left out and named; the others come in', async () => {
    await filled(at.store);
    const files = unzipSync(new Uint8Array(await whole()));
    const [bag] = Object.keys(files).filter((path) => path.endsWith('.ruelle.json'));
    if (!bag) throw new Error('no bag');
    const altered = {
      ...files,
      [bag]: Buffer.from(
        Buffer.from(files[bag] as Uint8Array)
          .toString()
          .replace('"notes":"', '"notes":"altered '),
      ),
    };
    const open = await openBackup(put('altered.zip', zipSync(altered)));
    expect(open.contents.unreadable).toEqual([bag]);
    expect(open.contents.bags).toHaveLength(bags().length - 1);
    open.close();
  });
});

describe('the copy of the day', () => {
  it('is made once a day from three in the morning on, and the last seven are kept', async () => {
    const copies = join(at.folder, 'copies');
    const day = (number: number, hour: number) => new Date(2026, 9, number, hour).getTime();
    expect(await copyOfTheDay(at.store, copies, day(1, 2))).toBe(false);
    for (let number = 1; number <= 9; number += 1) {
      expect(await copyOfTheDay(at.store, copies, day(number, 4))).toBe(true);
      expect(await copyOfTheDay(at.store, copies, day(number, 23))).toBe(false);
    }
    expect(copiesIn(copies).map(({ name }) => name)).toEqual(
      Array.from({ length: COPIES_KEPT }, (_, index) => `ruelle-2026-10-0${9 - index}.zip`),
    );
    const open = await openBackup(join(copies, 'ruelle-2026-10-09.zip'));
    expect(open.contents.unreadable).toEqual([]);
    open.close();
  });

  it('that can’t be made whole leaves nothing behind', async () => {
    const broken = {
      everything: async function* () {
        yield { path: 'photos/photos.json', bytes: new Uint8Array(2), isPacked: false };
        throw new Error('the disk');
      },
    };
    const copies = join(at.folder, 'copies');
    await expect(copyOfTheDay(broken as never, copies, new Date(2026, 9, 3, 5).getTime())).rejects.toThrow('the disk');
    expect(copiesIn(copies)).toEqual([]);
  });
});
