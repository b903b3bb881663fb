import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { MakingEvent } from '@/core/bench';
import { fakeBrowser } from '@/ui/testing/browser';
import type { LogWorld } from './makingLog';

beforeEach(() => {
  vi.resetModules();
  fakeBrowser();
});
afterEach(() => vi.unstubAllGlobals());

const part = { piece: 'panel', copy: 1 } as const;

/** A server that keeps what it is told, by name, and can be gone; its line tells those that listen. */
function fakeServer() {
  const kept = new Map<string, MakingEvent>();
  const listeners = new Set<(data: string) => void>();
  const waiting: (() => void)[] = [];
  const remembered = new Map<string, readonly unknown[]>();
  const server = {
    kept,
    isGone: false,
    losesAnswers: false,
    refuses: null as string | null,
    asked: 0,
    /** What was put off happens now. */
    later: async () => {
      for (const call of waiting.splice(0)) call();
      await settle();
    },
    world: {
      last: {
        load: (id: string) => Promise.resolve(remembered.get(id)),
        save: (id: string, events: readonly unknown[]) => Promise.resolve(void remembered.set(id, events)),
      },
      nowMs: () => 1_000_000,
      ask: (async (_: string, { body }: RequestInit) => {
        server.asked += 1;
        if (server.isGone) throw new TypeError('gone');
        if (server.refuses !== null) return Response.json({ sentence: server.refuses }, { status: 503 });
        const { events } = JSON.parse(String(body)) as { events: MakingEvent[] };
        for (const event of events) kept.set(event.id, event);
        const data = JSON.stringify({ events: [...kept.values()], last: kept.size });
        for (const told of listeners) told(data);
        if (server.losesAnswers) throw new TypeError('no answer');
        return Response.json({ kept: events.map(({ id }) => id) });
      }) as typeof fetch,
      listen: (_: string, { told }: { told: (data: string) => void }) => {
        listeners.add(told);
        return () => listeners.delete(told);
      },
      soon: (call: () => void) => call(),
      later: (call: () => void) => {
        waiting.push(call);
        return () => void waiting.splice(waiting.indexOf(call), waiting.includes(call) ? 1 : 0);
      },
    } satisfies LogWorld,
  };
  return server;
}

const settle = () => new Promise((resolve) => setTimeout(resolve, 5));
const logOf = async (server: ReturnType<typeof fakeServer>) => {
  const { createMakingLog } = await import('./makingLog');
  const log = createMakingLog('bag', server.world);
  return { log, stop: log.start() };
};
const rows = (log: Awaited<ReturnType<typeof logOf>>['log']) => log.getState().bench.rows.get('panel.1') ?? 0;

describe('a bench that opens while the server is gone', () => {
  it('stands where it stood, goes on from there, and sends what is new once it can', async () => {
    const server = fakeServer();
    const before = await logOf(server);
    for (const row of [1, 2, 3]) before.log.tell({ kind: 'row', ...part, row });
    await settle();
    before.stop();
    await settle();
    vi.resetModules();
    server.isGone = true;
    const { log } = await logOf({ ...server, world: { ...server.world, listen: () => () => true } });
    await settle();
    expect(rows(log)).toBe(3);
    expect(log.getState().waiting).toBe(0);
    const told = log.tell({ kind: 'row', ...part, row: 4 });
    expect(told.n).toBe(4);
    await settle();
    expect(log.getState()).toMatchObject({ waiting: 1, keeping: 'waiting' });
    server.isGone = false;
    await server.later();
    expect([...server.kept.values()].map((event) => event.kind === 'row' && event.row)).toEqual([1, 2, 3, 4]);
  });

  it('goes by what is known where what was kept can’t be read', async () => {
    const server = fakeServer();
    await server.world.last.save('bag', [{ kind: 'row' }, 'nonsense', null]);
    const { log } = await logOf(server);
    await settle();
    expect(rows(log)).toBe(0);
  });
});

describe('a row that is tapped', () => {
  it('counts at once, and is kept once the server says so', async () => {
    const server = fakeServer();
    const { log } = await logOf(server);
    log.tell({ kind: 'row', ...part, row: 1 });
    expect(rows(log)).toBe(1);
    expect(log.getState().waiting).toBe(1);
    await settle();
    expect(log.getState()).toMatchObject({ waiting: 0, keeping: 'kept' });
    expect(server.kept.size).toBe(1);
  });

  it('while the server is gone waits in the browser, through a reload, and is kept once', async () => {
    const server = fakeServer();
    server.isGone = true;
    const before = await logOf(server);
    for (const row of [1, 2, 3]) before.log.tell({ kind: 'row', ...part, row });
    await settle();
    expect(before.log.getState()).toMatchObject({ waiting: 3, keeping: 'waiting' });
    before.stop();
    vi.resetModules();
    const after = await logOf(server);
    expect(rows(after.log)).toBe(3);
    server.isGone = false;
    await server.later();
    expect(server.kept.size).toBe(3);
    expect(after.log.getState()).toMatchObject({ waiting: 0, keeping: 'kept' });
    vi.resetModules();
    expect((await logOf(server)).log.getState().waiting).toBe(0);
  });

  it('whose answer was lost is sent again, and counts once', async () => {
    const server = fakeServer();
    server.losesAnswers = true;
    const { log } = await logOf(server);
    log.tell({ kind: 'row', ...part, row: 1 });
    await settle();
    expect(log.getState().keeping).toBe('waiting');
    server.losesAnswers = false;
    await server.later();
    expect(server.asked).toBeGreaterThan(1);
    expect(server.kept.size).toBe(1);
    expect(rows(log)).toBe(1);
    expect(log.getState().keeping).toBe('kept');
  });

  it('that the server refuses says why and stays', async () => {
    const server = fakeServer();
    server.refuses = 'The disk is full.';
    const { log } = await logOf(server);
    log.tell({ kind: 'row', ...part, row: 1 });
    await settle();
    expect(log.getState()).toMatchObject({ waiting: 1, trouble: 'The disk is full.' });
    server.refuses = null;
    await server.later();
    expect(log.getState()).toMatchObject({ waiting: 0, trouble: null });
  });

  it('is seen by another window, whose number goes on from it', async () => {
    const server = fakeServer();
    const { log: phone } = await logOf(server);
    const { log: laptop } = await logOf(server);
    phone.tell({ kind: 'row', ...part, row: 1 });
    await settle();
    expect(rows(laptop)).toBe(1);
    expect(laptop.tell({ kind: 'row', ...part, row: 2 }).n).toBe(2);
    await settle();
    expect(rows(phone)).toBe(2);
    phone.takeBackTo(part, 1);
    await settle();
    expect(rows(laptop)).toBe(1);
    expect(rows(phone)).toBe(1);
  });
});
