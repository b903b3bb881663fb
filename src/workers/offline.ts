/**
 * The service worker: by it the bench of a bag that was opened here opens again when Ruelle can't be reached, as it stood last. Nothing that is asked of the server is
 * answered from here as long as the server answers; and nothing but pages and their own files is kept.
 */

/** What of a service worker is used here; the library of types has it only in place of that of pages. */
interface Waits {
  waitUntil(work: Promise<unknown>): void;
}
interface Asks extends Waits {
  request: Request;
  respondWith(answer: Promise<Response>): void;
}
interface Told extends Waits {
  data: unknown;
}
interface Here {
  addEventListener(name: 'install' | 'activate', heard: (event: Waits) => void): void;
  addEventListener(name: 'fetch', heard: (event: Asks) => void): void;
  addEventListener(name: 'message', heard: (event: Told) => void): void;
  skipWaiting(): Promise<void>;
  clients: { claim(): Promise<void> };
}
const here = globalThis as unknown as Here;

const PAGES = 'ruelle-pages';
const FILES = 'ruelle-files';
/** So many are kept of each; those that were kept first go first. */
const MOST_PAGES = 30;
const MOST_FILES = 400;

/** Pages that are worth opening without the server: the shelf, to go from there, and benches. */
const isKeptPage = (path: string): boolean => path === '/' || /^\/bags\/[\w-]+\/bench$/.test(path);
/** Files whose name changes with what is in them. */
const isFile = (path: string): boolean => path.startsWith('/_next/static/');

const AWAY = `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>Ruelle can’t be reached</title><body style="font:18px/1.5 Georgia,serif;margin:24px;background:#cfd6d1;color:#1b2426">
<h1>Ruelle can’t be reached</h1><p>It isn’t running just now, or this device isn’t on its network. The bench of every bag that you opened
here opens all the same, and what you count there is kept until it can be sent.</p>`;

here.addEventListener('install', (event) => event.waitUntil(here.skipWaiting()));
here.addEventListener('activate', (event) => event.waitUntil(here.clients.claim()));

here.addEventListener('fetch', (event) => {
  const { request } = event;
  const { pathname, origin } = new URL(request.url);
  if (request.method !== 'GET' || origin !== location.origin) return;
  // A worker is told what to load behind the # of its own address, which an answer from here would lose.
  if (request.destination === 'worker' || request.destination === 'sharedworker') return;
  if (isFile(pathname)) event.respondWith(fileOf(request));
  else if (request.mode === 'navigate') event.respondWith(pageOf(request, pathname));
});

// The first page was loaded before anyone kept its files: it says which they are.
here.addEventListener('message', (event) => {
  if (!Array.isArray(event.data)) return;
  const own = event.data.filter((address): address is string => typeof address === 'string' && isFile(pathOf(address)));
  event.waitUntil(
    caches.open(FILES).then(async (kept) => {
      for (const address of own) if (!(await kept.match(address))) await kept.add(address).catch(() => undefined);
    }),
  );
});

function pathOf(address: string): string {
  try {
    const { origin, pathname } = new URL(address, location.origin);
    return origin === location.origin ? pathname : '';
  } catch {
    return '';
  }
}

async function fileOf(request: Request): Promise<Response> {
  const kept = await caches.open(FILES);
  const known = await kept.match(request.url);
  if (known) return known;
  const answer = await fetch(request);
  if (answer.ok) await keep(kept, request.url, answer.clone(), MOST_FILES);
  return answer;
}

async function pageOf(request: Request, path: string): Promise<Response> {
  const kept = await caches.open(PAGES);
  try {
    const answer = await fetch(request);
    if (answer.ok && !answer.redirected && isKeptPage(path)) await keep(kept, path, answer.clone(), MOST_PAGES);
    return answer;
  } catch {
    const known = await kept.match(path);
    return known ?? new Response(AWAY, { status: 503, headers: { 'content-type': 'text/html; charset=utf-8' } });
  }
}

/** Keeps an answer, and lets go of the oldest where there are too many. A browser without room keeps none. */
async function keep(kept: Cache, name: string, answer: Response, most: number): Promise<void> {
  try {
    await kept.delete(name);
    await kept.put(name, answer);
    const names = await kept.keys();
    for (const old of names.slice(0, Math.max(0, names.length - most))) await kept.delete(old);
  } catch {
    // Nothing depends on it.
  }
}
