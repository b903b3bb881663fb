import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { thingIdSchema, type Design } from '@/core/design';
import { fullDesign } from '@/core/testing/designs';
import { saveIn } from '@/store/testing/saveIn';
import { shelfWork } from '@/workers/shelfWork';
import { shelfPart } from './shelf';
import { closeStore, getStore } from './store';
import { bagIdSchema, type BagId } from '@/store';

const folder = mkdtempSync(join(tmpdir(), 'ruelle-shelf-'));
process.env.RUELLE_DATABASE = join(folder, 'bags.sqlite');
afterAll(async () => {
  await closeStore();
  rmSync(folder, { recursive: true });
});

const made = vi.spyOn(shelfWork, 'card');
const search = vi.spyOn(shelfWork, 'search');
beforeEach(() => {
  made.mockClear();
  search.mockClear();
});
afterEach(() => vi.clearAllMocks());

const PART = { archived: false, offset: 0, limit: 50 };
const cards = async () => (await shelfPart(PART)).cards;

/** A bag of so many different things. */
const carrying = (things: number, count = 1): Design => ({
  ...fullDesign(),
  name: `Carries ${things} × ${count}`,
  contents: {
    ...fullDesign().contents,
    items: Array.from({ length: things }, (_, index) => ({
      thing: {
        id: thingIdSchema.parse(`t${index}`),
        name: `Thing ${index}`,
        widthMm: 30 + 3 * index,
        heightMm: 50 + index,
        thicknessMm: 5,
        massG: null,
        turns: 'any-way' as const,
        known: null,
      },
      count,
    })),
  },
});

describe('the cards of the shelf', () => {
  it('are made once for each revision of a bag, and kept', async () => {
    const { bags } = await getStore();
    const id = await bags.create({ ...fullDesign(), name: 'First' });
    const [card] = await cards();
    expect(card).toMatchObject({ id, name: 'First', drawing: expect.anything() });
    expect(made).toHaveBeenCalledTimes(1);
    expect(await cards()).toEqual([card]);
    expect(made).toHaveBeenCalledTimes(1);
    await saveIn({ bags }, id, {
      baseRevision: 1,
      design: { ...fullDesign(), name: 'Second' },
      history: { undo: [], redo: [] },
    });
    expect(await cards()).toMatchObject([{ name: 'Second' }]);
    expect(made).toHaveBeenCalledTimes(2);
  });

  it('leave out a bag whose document can’t be read, and it is named', async () => {
    const { bags } = await getStore();
    await bags.create({ ...fullDesign(), name: 'From later', contents: null as unknown as Design['contents'] });
    const shown = await shelfPart(PART);
    expect(shown.unreadable).toEqual(['From later']);
    expect(shown.cards.map(({ name }) => name)).toEqual(['Second']);
    expect(shown.total).toBe(2);
    await bags.setArchived((await bags.list(PART)).bags.find(({ name }) => name === 'From later')?.id as BagId, true);
  });

  it('of many things are packed at a first try, searched for beside, once for all that carry the same, and made anew then', async () => {
    const { bags } = await getStore();
    for (let bag = 0; bag < 3; bag += 1) await bags.create(carrying(6));
    await cards();
    await vi.waitFor(async () => {
      expect(search).toHaveBeenCalledTimes(1);
      await cards();
      expect(made.mock.calls.filter(([, known]) => known?.proven)).toHaveLength(3);
    });
  });

  it('are shown for all bags but the one that can’t be planned in time, which has a bare one', async () => {
    const { bags } = await getStore();
    await bags.create({ ...fullDesign(), name: 'Too much' });
    made.mockImplementationOnce(() => {
      throw new Error('took too long');
    });
    const shown = await cards();
    expect(shown.filter(({ drawing }) => drawing === null).map(({ name }) => name)).toEqual(['Too much']);
    expect(shown.length).toBeGreaterThan(1);
    // It is tried again.
    expect((await cards()).every(({ drawing }) => drawing !== null)).toBe(true);
  });

  it('go on without a search that takes too long, and it is not begun again', async () => {
    search.mockReturnValueOnce(null);
    const { bags } = await getStore();
    await bags.create(carrying(7));
    await cards();
    await vi.waitFor(() => expect(search).toHaveBeenCalledTimes(1));
    await new Promise((resolve) => setTimeout(resolve, 100));
    const [again] = await cards();
    await saveIn({ bags }, bagIdSchema.parse(again?.id), {
      baseRevision: 1,
      design: { ...carrying(7), name: 'Renamed' },
      history: { undo: [], redo: [] },
    });
    await cards();
    await new Promise((resolve) => setTimeout(resolve, 100));
    expect(search).toHaveBeenCalledTimes(1);
  });
});
