/** What a bench asks of the server: saves by many at once, and the first page of a large shelf by a server that has just begun. */
import { Agent, request } from 'node:http';
import { freePort } from './ports.mjs';
import { startServer } from './serve.mjs';

const AT_ONCE = 200;
const BURSTS = 6;
const CLIENTS = 8;
const SAVES_A_CLIENT = 60;
const BAGS = 40;
/** The first of them warm the server up. */
const WARM_UP_SHARE = 0.3;
const EVENTS = 10_000;
const TOLD_AT_ONCE = 500;
const TAPS = 300;

/**
 * Counts rows of a bag whose making has ten thousand events already, one after the other.
 *
 * @returns how long each took until it was kept, ms; and the address of the bag's bench
 */
export async function tapTimes(address) {
  const agent = new Agent({ keepAlive: true });
  const ask = (method, path, body) => sent(agent, address, method, path, body);
  const { id } = await ask('POST', '/api/bags', { starter: 'thirds', yarn: { weightClass: 3, hookMm: 4 } });
  const row = (number) => ({
    kind: 'count',
    ...{ id: `bench-${id}-${number}`, n: number + 1, atMs: number * 1000 },
    ...{ piece: 'panel', copy: 1, row: 1, stitches: 40 },
  });
  const tell = (events) => ask('POST', `/api/bags/${id}/making`, { events });
  for (let from = 0; from < EVENTS; from += TOLD_AT_ONCE)
    await tell(Array.from({ length: TOLD_AT_ONCE }, (_, index) => row(from + index)));
  const times = [];
  for (let tap = 0; tap < TAPS; tap += 1) {
    const start = performance.now();
    await tell([row(EVENTS + tap)]);
    times.push(performance.now() - start);
  }
  return { times: times.slice(TAPS * WARM_UP_SHARE), bench: `${address}/bags/${id}/bench` };
}

/**
 * Saves bags, 200 at once and then by eight clients, each of which waits for its answer.
 *
 * @returns how long each 200 took in all, and each of the clients' saves, ms
 */
export async function saveTimes(address) {
  const agent = new Agent({ keepAlive: true });
  const ask = (method, path, body) => sent(agent, address, method, path, body);
  const { id: first } = await ask('POST', '/api/bags', { starter: 'thirds', yarn: { weightClass: 3, hookMm: 4 } });
  const { design } = await ask('GET', `/api/bags/${first}`);
  const bags = [];
  for (let bag = 0; bag < BAGS; bag += 1) {
    const { id } = await ask('POST', '/api/bags', { design: { ...design, name: `Bench ${bag}` } });
    bags.push({ id, revision: 1 });
  }
  let saves = 0;
  const save = async (bag, ahead = 0) => {
    const body = {
      baseRevision: bag.revision + ahead,
      design: { ...design, name: `Save ${(saves += 1)}` },
      history: { undo: [], redo: [] },
    };
    const result = await ask('PUT', `/api/bags/${bag.id}`, body);
    if (!result.ok) throw new Error(`a save was refused: ${JSON.stringify(result).slice(0, 200)}`);
    return result.revision;
  };
  const bursts = [];
  for (let burst = 0; burst < BURSTS; burst += 1) {
    const start = performance.now();
    await Promise.all(
      Array.from({ length: AT_ONCE }, (_, index) => save(bags[index % BAGS], Math.floor(index / BAGS))),
    );
    bursts.push(performance.now() - start);
    for (const bag of bags) bag.revision += AT_ONCE / BAGS;
  }
  const clients = [];
  await Promise.all(
    bags.slice(0, CLIENTS).map(async (bag) => {
      for (let count = 0; count < SAVES_A_CLIENT; count += 1) {
        const start = performance.now();
        bag.revision = await save(bag);
        clients.push(performance.now() - start);
      }
    }),
  );
  agent.destroy();
  return { bursts: withoutWarmUp(bursts), clients: withoutWarmUp(clients) };
}

const withoutWarmUp = (times) => times.slice(Math.floor(times.length * WARM_UP_SHARE));

/**
 * How long a server that has just begun takes for its first page of a shelf, ms.
 *
 * @param times how often it is begun anew
 */
export async function coldShelf(database, times) {
  const taken = [];
  for (let time = 0; time < times; time += 1) {
    const { child, address } = await startServer({ database, port: await freePort(3450) });
    const ended = new Promise((resolve) => child.once('exit', resolve));
    const start = performance.now();
    await (await fetch(address)).text();
    taken.push(performance.now() - start);
    child.kill();
    await ended;
  }
  return taken;
}

function sent(agent, address, method, path, body) {
  const text = body === undefined ? undefined : JSON.stringify(body);
  return new Promise((resolve, reject) => {
    const asked = request(new URL(path, address), { method, agent }, (response) => {
      let answer = '';
      response.setEncoding('utf8').on('data', (part) => (answer += part));
      response.on('end', () => resolve(JSON.parse(answer)));
    });
    asked.on('error', reject);
    asked.end(text);
  });
}
