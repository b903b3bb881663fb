import { nanoid } from 'nanoid';
import { createStore, type StoreApi } from 'zustand/vanilla';
import {
  benchState,
  benchStateWith,
  makingEventSchema,
  toTakeBack,
  type BenchState,
  type MakingEvent,
  type NewMakingEvent,
  type PartAt,
} from '@/core/bench';
import { localMemory } from '@/ui/browser/browserMemory';
import { browserLastState, type LastState } from './lastState';

/** How the window stands to what keeps its work: all is kept; some of it is on its way; or it can't be reached, and this window keeps it until it can. */
export type Keeping = 'kept' | 'on-its-way' | 'waiting';

export interface MakingLogState {
  bench: BenchState;
  keeping: Keeping;
  /** How many events are not yet acknowledged. */
  waiting: number;
  /** Whether what was told elsewhere has come in at least once. */
  isRead: boolean;
  /** What keeps events from being kept at all; null where nothing does. */
  trouble: string | null;
}

export interface MakingLog extends Pick<StoreApi<MakingLogState>, 'getState' | 'subscribe'> {
  /** Tells something of the making. It counts at once; it is kept in the browser until the server has it. */
  tell(event: NewMakingEvent): MakingEvent;
  /** Takes back rows of a part until so many are left. */
  takeBackTo(part: PartAt, rows: number): void;
  /** Takes events back by their names. */
  takeBack(ids: string[]): void;
  /** Begins to keep and to follow; gives what ends it. */
  start(): () => void;
}

/** What a log needs of the world around it. */
export interface LogWorld {
  nowMs(): number;
  ask: typeof fetch;
  /** Opens a line on which the server says what is told elsewhere. */
  listen(address: string, heard: { told: (data: string) => void; cut: () => void }): () => void;
  later(call: () => void, ms: number): () => void;
  /** Once what is told is painted. */
  soon(call: () => void): void;
  last: LastState;
}

/** So many go in one request. */
const AT_ONCE = 200;
/** Before it is tried again, ms: a little longer each time. */
const FIRST_WAIT_MS = 1000;
const LONGEST_WAIT_MS = 15_000;

/** What is known is written down this long after something came, ms. */
const REMEMBERED_AFTER_MS = 1500;

const queueKey = (bagId: string): string => `ruelle.making.${bagId}.`;

/**
 * What was told of a bag's making, as this window knows it. What it tells counts at once and stays in the browser's memory, each event under a name of its own, until the
 * server has acknowledged it: so a reload, a crash or a server that is gone loses nothing, and what is sent twice is kept once. Other windows of the same browser that
 * were closed meanwhile have left theirs there too.
 */
export function createMakingLog(bagId: string, world: LogWorld = browserWorld): MakingLog {
  const events = new Map<string, MakingEvent>();
  const unsent = new Map<string, MakingEvent>();
  const prefix = queueKey(bagId);
  for (const key of localMemory.keys()) {
    if (!key.startsWith(prefix)) continue;
    const read = readEvent(localMemory.get(key));
    if (read === null) continue;
    events.set(read.id, read);
    unsent.set(read.id, read);
  }
  const store = createStore<MakingLogState>()(() => ({
    bench: benchState(events.values()),
    keeping: unsent.size > 0 ? 'on-its-way' : 'kept',
    waiting: unsent.size,
    isRead: false,
    trouble: null,
  }));
  let isSending = false;
  let waitMs = FIRST_WAIT_MS;
  let last = 0;
  let isOver = false;
  let stopWaiting = () => {};

  let stopSaving: (() => void) | null = null;
  /** Keeps what is known now, once nothing more has come for a moment. */
  const remember = () => {
    stopSaving ??= world.later(() => {
      stopSaving = null;
      void world.last.save(bagId, [...events.values()]);
    }, REMEMBERED_AFTER_MS);
  };
  const counted = (told: MakingEvent | null = null) => {
    const after = told && benchStateWith(store.getState().bench, told);
    store.setState({ bench: after ?? benchState(events.values()), waiting: unsent.size });
    remember();
  };

  const sendAll = async (): Promise<void> => {
    if (isSending || isOver || unsent.size === 0) return;
    isSending = true;
    stopWaiting();
    store.setState({ keeping: store.getState().keeping === 'waiting' ? 'waiting' : 'on-its-way' });
    try {
      while (unsent.size > 0) {
        const some = [...unsent.values()].slice(0, AT_ONCE);
        const response = await world.ask(`/api/bags/${bagId}/making`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ events: some }),
        });
        if (!response.ok) throw new Refusal(await sentenceOf(response));
        for (const { id } of some) {
          unsent.delete(id);
          localMemory.remove(prefix + id);
        }
        waitMs = FIRST_WAIT_MS;
        store.setState({ waiting: unsent.size, trouble: null });
      }
      store.setState({ keeping: 'kept' });
    } catch (error) {
      store.setState({ keeping: 'waiting', trouble: error instanceof Refusal ? error.message : null });
      stopWaiting = world.later(() => void sendAll(), waitMs);
      waitMs = Math.min(LONGEST_WAIT_MS, 2 * waitMs);
    } finally {
      isSending = false;
    }
  };

  const heard = (data: string) => {
    const told = readTold(data);
    if (told === null) return;
    last = Math.max(last, told.last);
    const fresh = told.events.filter(({ id }) => !events.has(id));
    for (const event of fresh) events.set(event.id, event);
    if (fresh.length > 0) counted();
    if (!store.getState().isRead) store.setState({ isRead: true });
    // The line is there again, so what waits can go.
    if (unsent.size > 0) void sendAll();
  };

  const recalled = (known: unknown) => {
    const fresh = (Array.isArray(known) ? known : []).flatMap((one) => {
      const read = makingEventSchema.safeParse(one);
      return read.success && !events.has(read.data.id) ? [read.data] : [];
    });
    for (const event of fresh) events.set(event.id, event);
    if (fresh.length > 0) counted();
  };

  const tell = (event: NewMakingEvent): MakingEvent => {
    const whole = {
      ...event,
      id: nanoid(16),
      n: store.getState().bench.lastN + 1,
      atMs: Math.max(0, world.nowMs()),
    } as MakingEvent;
    events.set(whole.id, whole);
    unsent.set(whole.id, whole);
    localMemory.set(prefix + whole.id, JSON.stringify(whole));
    counted(whole);
    // The row is painted first; it stands in the browser's memory already.
    world.soon(() => void sendAll());
    return whole;
  };
  const takeBack = (ids: string[]) => {
    if (ids.length > 0) tell({ kind: 'back', takes: ids });
  };

  return {
    getState: store.getState,
    subscribe: store.subscribe,
    tell,
    takeBack,
    takeBackTo: (part, rows) => takeBack(toTakeBack(events.values(), part, rows)),
    start() {
      isOver = false;
      let hangUp = () => {};
      let stopRetry = () => {};
      const open = () => {
        hangUp = world.listen(`/api/bags/${bagId}/making/live?after=${last}`, {
          told: heard,
          cut: () => {
            hangUp();
            stopRetry = world.later(open, FIRST_WAIT_MS);
          },
        });
      };
      open();
      void world.last.load(bagId).then(recalled);
      void sendAll();
      return () => {
        isOver = true;
        if (stopSaving) void world.last.save(bagId, [...events.values()]);
        stopSaving?.();
        stopSaving = null;
        hangUp();
        stopRetry();
        stopWaiting();
      };
    },
  };
}

/** What the server did not take. */
class Refusal extends Error {}

async function sentenceOf(response: Response): Promise<string> {
  const answer = (await response.json().catch(() => null)) as { sentence?: unknown } | null;
  return typeof answer?.sentence === 'string' ? answer.sentence : 'This could not be kept just now.';
}

function readEvent(text: string | null): MakingEvent | null {
  try {
    return makingEventSchema.parse(JSON.parse(text ?? ''));
  } catch {
    return null;
  }
}

function readTold(data: string): { events: MakingEvent[]; last: number } | null {
  try {
    const { events, last } = JSON.parse(data) as { events: unknown[]; last: number };
    return { events: events.map((event) => makingEventSchema.parse(event)), last };
  } catch {
    return null;
  }
}

const browserWorld: LogWorld = {
  last: browserLastState,
  nowMs: () => Date.now(),
  ask: (...request) => fetch(...request),
  listen(address, { told, cut }) {
    const line = new EventSource(address);
    line.onmessage = ({ data }) => told(String(data));
    line.onerror = cut;
    return () => line.close();
  },
  soon(call) {
    setTimeout(call, 0);
  },
  later(call, ms) {
    const timer = setTimeout(call, ms);
    return () => clearTimeout(timer);
  },
};
