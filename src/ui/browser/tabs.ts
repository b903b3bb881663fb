import { nanoid } from 'nanoid';
import { localMemory, windowMemory } from './browserMemory';

const TAB_KEY = 'ruelle.tab';
const LOCK = 'ruelle.draft.';
const ALIVE = 'ruelle.alive.';

/** A window that was reloaded gives its name back within this time, ms. */
const RELOAD_MS = 300;
/** Where the browser can't say which windows live, each says so itself this often, ms; and counts as gone after three times as long. */
const HEARTBEAT_MS = 2000;

/** The name of this window, the same after a reload. */
export function tabName(): string {
  const known = windowMemory.get(TAB_KEY);
  if (known !== null) return known;
  const name = nanoid();
  windowMemory.set(TAB_KEY, name);
  return name;
}

let claimed: Promise<void> | null = null;

/**
 * Makes sure that this window's name is its own, and tells others that it lives, for as long as it does. A window that was duplicated has
 * its memory from another one, with its name: it takes a new one.
 */
export function claimTab(): Promise<void> {
  claimed ??= claim();
  return claimed;
}

/** The names of the windows that live now, this one with them. */
export async function livingTabs(): Promise<ReadonlySet<string>> {
  const { locks } = navigator;
  if (!locks) return new Set(beating());
  const { held = [] } = await locks.query();
  return new Set(held.flatMap(({ name }) => (name?.startsWith(LOCK) ? [name.slice(LOCK.length)] : [])));
}

async function claim(): Promise<void> {
  const { locks } = navigator;
  if (!locks) {
    if (beating().includes(tabName())) rename();
    return beat();
  }
  const hold = (options: LockOptions): Promise<boolean> =>
    new Promise((resolve) => {
      const held = () => {
        resolve(true);
        // Never given back: it ends with the page.
        return new Promise(() => undefined);
      };
      locks.request(LOCK + tabName(), options, held).catch(() => resolve(false));
    });
  if (await hold({ signal: AbortSignal.timeout(RELOAD_MS) })) return;
  rename();
  await hold({});
}

function rename(): void {
  windowMemory.remove(TAB_KEY);
  tabName();
}

const beating = (): string[] =>
  localMemory
    .keys()
    .filter((key) => key.startsWith(ALIVE) && Date.now() - Number(localMemory.get(key)) < 3 * HEARTBEAT_MS)
    .map((key) => key.slice(ALIVE.length));

function beat(): void {
  const key = ALIVE + tabName();
  const say = () => localMemory.set(key, String(Date.now()));
  say();
  const timer = setInterval(say, HEARTBEAT_MS);
  window.addEventListener('pagehide', () => {
    clearInterval(timer);
    localMemory.remove(key);
  });
  window.addEventListener('pageshow', (event) => {
    if (event.persisted) beat();
  });
}
