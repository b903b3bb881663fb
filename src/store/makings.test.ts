import { describe, expect, it } from 'vitest';
import type { MakingEvent } from '@/core/bench';
import { fullDesign } from '@/core/testing/designs';
import { openStore, type BagId } from '.';
import { storeOnDisk } from './testing/onDisk';

const at = storeOnDisk();
const row = (number: number): MakingEvent => ({
  kind: 'row',
  id: `event-of-row-${number}`,
  n: number,
  atMs: number * 1000,
  piece: 'panel',
  copy: 1,
  row: number,
});
const newBag = async (): Promise<BagId> => at.store.bags.create(fullDesign());

describe('what is told of a making', () => {
  it('is kept in the order in which it came, once, however often it is sent', async () => {
    const bag = await newBag();
    expect(await at.store.makings.tell(bag, [row(1), row(2)])).toBe(true);
    expect(await at.store.makings.tell(bag, [row(2), row(3), row(1)])).toBe(true);
    const told = await at.store.makings.since(bag);
    expect(told.events).toEqual([row(1), row(2), row(3)]);
    expect(told.more).toBe(false);
    expect((await at.store.makings.since(bag, told.last)).events).toEqual([]);
  });

  it('is counted by what testers told of a bag, and of no other', async () => {
    const [bag, other] = [await newBag(), await newBag()];
    const tested = (id: string): MakingEvent => ({
      ...{ kind: 'tested', id, n: 1, atMs: 5, tester: 'Tuba player' },
      ...{ at: null, says: 'It pulls in.', widthMm: null, lengthMm: null },
    });
    await at.store.makings.tell(bag, [row(1), tested('tested-by-one'), tested('tested-by-two')]);
    await at.store.makings.tell(bag, [tested('tested-by-two')]);
    expect(await at.store.makings.testedOf(bag)).toBe(2);
    expect(await at.store.makings.testedOf(other)).toBe(0);
  });

  it('is given part by part, and of one bag nothing to another', async () => {
    const [one, other] = [await newBag(), await newBag()];
    await at.store.makings.tell(one, [row(1), row(2), row(3)]);
    await at.store.makings.tell(other, [row(9)]);
    const first = await at.store.makings.since(one, 0, 2);
    expect(first.events).toEqual([row(1), row(2)]);
    expect(first.more).toBe(true);
    const rest = await at.store.makings.since(one, first.last, 2);
    expect(rest.events).toEqual([row(3)]);
    expect(rest.more).toBe(false);
    expect((await at.store.makings.since(other)).events).toEqual([row(9)]);
  });

  it('of a bag that there is not is refused, and nothing of it kept', async () => {
    expect(await at.store.makings.tell('nowhere' as BagId, [row(1)])).toBe(false);
    expect((await at.store.makings.since('nowhere' as BagId)).events).toEqual([]);
  });

  it('is there again after the server was closed, a hundred tellings at once as well', async () => {
    const bag = await newBag();
    await Promise.all(Array.from({ length: 100 }, (_, index) => at.store.makings.tell(bag, [row(index + 1)])));
    await at.store.close();
    at.store = await openStore(at.path);
    const { events } = await at.store.makings.since(bag);
    expect(new Set(events.map(({ id }) => id)).size).toBe(100);
  });

  it('is listed bag by bag, the one told of last first, with how far each has come; and given whole', async () => {
    const [one, other] = [await newBag(), await newBag()];
    await newBag();
    await at.store.makings.tell(one, [row(1), row(2)]);
    await at.store.makings.tell(other, [row(9)]);
    const first = await at.store.makings.told({ offset: 0, limit: 10 });
    expect(first.makings.map(({ id }) => id)).toEqual([other, one]);
    expect(first.total).toBe(2);
    await at.store.makings.tell(one, [row(3)]);
    const [latest] = (await at.store.makings.told({ offset: 0, limit: 1 })).makings;
    expect(latest?.id).toBe(one);
    expect(latest?.latest).toBeGreaterThan(first.makings[1]?.latest ?? Infinity);
    expect(latest?.revision).toBe(1);
    expect(await at.store.makings.whole(one)).toEqual({ design: fullDesign(), events: [row(1), row(2), row(3)] });
    expect(await at.store.makings.whole('nowhere' as BagId)).toBeNull();
  });
});
