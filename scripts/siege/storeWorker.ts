/**
 * Works on the store itself in a process of its own, to be killed: `node FILE DATABASE SEED MARK ID…`. Says on its output, a line each, how the bags that
 * it was told are (`found`), and each step before it asks for it (`ask`) and after it was acknowledged (`keep`). With `migrate NAME` in place of the seed
 * and the rest it leaves a database as an older Ruelle did, up to the migration of that name.
 */
import { writeSync } from 'node:fs';
import { writtenSave } from '../../src/core/design';
import { fullDesign } from '../../src/core/testing/designs';
import { seededRandom } from '../../src/core/random';
import { openStore, bagIdSchema, type Store } from '../../src/store';
import { connect } from '../../src/store/connection';
import { migrate } from '../../src/store/migrate';
import type { BagState } from './ledger';
import { stateOf } from './overHttp';
import { work, type Journal, type Workplace } from './work';

const OUTPUT = 1;
const MAKERS = 3;

/** Written at once: what was said before a kill is heard after it. */
const say = (...words: unknown[]): void => void writeSync(OUTPUT, `${JSON.stringify(words)}\n`);

const journal: Journal = {
  ask: (id, state) => say('ask', id, state),
  keep: (id, state) => say('keep', id, state),
  refuse: (id) => say('refuse', id),
};

function inStore({ bags }: Store): Workplace {
  const design = fullDesign();
  const bagId = (id: string) => bagIdSchema.parse(id);
  return {
    create: async (mark) => ({ done: await bags.create({ ...design, name: mark }) }),
    copy: async (id) => {
      const bag = await bags.open(bagId(id));
      if (bag === null) return 'refused';
      return { done: await bags.create({ ...bag.design, name: `${bag.design.name} (copy)` }) };
    },
    archive: async (id, archived) => ((await bags.setArchived(bagId(id), archived)) ? { done: true } : 'refused'),
    save: async (id, baseRevision, mark) => {
      const history = { undo: [mark], redo: [] };
      const saved = await bags.save(
        bagId(id),
        writtenSave({ baseRevision, design: { ...design, name: mark }, history }),
      );
      return saved.ok ? { done: saved.revision } : 'refused';
    },
    look: async (id) => {
      const bag = await bags.open(bagId(id));
      return bag && stateOf(bag);
    },
  };
}

async function workInStore(path: string, seed: number, mark: string, ids: readonly string[]): Promise<void> {
  const place = inStore(await openStore(path));
  const found = new Map<string, BagState>();
  for (const id of ids) {
    const state = await place.look(id);
    say('found', id, state);
    if (state) found.set(id, state);
  }
  say('looked');
  const random = seededRandom(seed);
  let marks = 0;
  const markOf = () => `${mark} ${(marks += 1)}`;
  const makers = Array.from({ length: MAKERS }, (_, maker) => {
    const bags = new Map([...found].filter((_bag, index) => index % MAKERS === maker).slice(-4));
    return work(place, journal, { bags, markOf, random, isOver: () => false });
  });
  await Promise.all(makers);
}

async function leaveAsOlder(path: string, to: string): Promise<void> {
  const connection = connect(path);
  await connection.query('PRAGMA journal_mode = WAL');
  await connection.query('BEGIN IMMEDIATE');
  await migrate(connection, to);
  await connection.query('COMMIT');
  await connection.close();
}

const [path = '', seed = '', mark = '', ...ids] = process.argv.slice(2);
void (seed === 'migrate' ? leaveAsOlder(path, mark) : workInStore(path, Number(seed), mark, ids));
