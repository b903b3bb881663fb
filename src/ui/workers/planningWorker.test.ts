import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { inWorker } from './planningWorker';

const terminate = vi.fn();
beforeEach(() => {
  terminate.mockClear();
  vi.stubGlobal(
    'Worker',
    class {
      terminate = terminate;
      addEventListener = () => {};
      removeEventListener = () => {};
      postMessage = () => {};
    },
  );
});
afterEach(() => vi.unstubAllGlobals());

test('what is stopped ends its worker and gives nothing, and word of it that comes late is not passed on', async () => {
  const told: number[] = [];
  let say: (share: number) => void = () => {};
  const running = inWorker<string>(
    (_, onShare) => {
      say = onShare;
      return new Promise(() => {});
    },
    (share) => told.push(share),
  );
  say(0.25);
  running.stop();
  say(0.5);
  expect(await running.result).toBeNull();
  expect(told).toEqual([0.25]);
  expect(terminate).toHaveBeenCalled();
});

test('what comes to its end gives its result; what fails gives nothing, without an error to anyone', async () => {
  const done = inWorker(
    () => Promise.resolve('packed'),
    () => {},
  );
  expect(await done.result).toBe('packed');
  const failed = inWorker(
    () => Promise.reject(new Error('gone')),
    () => {},
  );
  expect(await failed.result).toBeNull();
});

test('a worker that dies is replaced once and its work begun anew; dying again, it gives nothing', async () => {
  const made: { onerror?: () => void; terminate: () => void }[] = [];
  vi.stubGlobal(
    'Worker',
    class {
      onerror = undefined;
      terminate = terminate;
      addEventListener = () => {};
      removeEventListener = () => {};
      postMessage = () => {};
      constructor() {
        made.push(this as unknown as (typeof made)[number]);
      }
    },
  );
  const begun: number[] = [];
  const restarted = vi.fn();
  const told: number[] = [];
  const says: ((share: number) => void)[] = [];
  const running = inWorker<string>(
    (_, onShare) => {
      begun.push(begun.length);
      says.push(onShare);
      return new Promise(() => {});
    },
    (share) => told.push(share),
    restarted,
  );
  made[0]?.onerror?.();
  expect(restarted).toHaveBeenCalledTimes(1);
  expect(begun).toHaveLength(2);
  // The dead one is not heard any more.
  says[0]?.(0.9);
  says[1]?.(0.1);
  expect(told).toEqual([0.1]);
  made[1]?.onerror?.();
  expect(await running.result).toBeNull();
  expect(made).toHaveLength(2);
});
