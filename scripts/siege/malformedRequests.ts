import { join } from 'node:path';
import type { Design } from '../../src/core/design';
import { seededRandom } from '../../src/core/random';
import { Ledger } from './ledger';
import { WORDS, anyBytes, anyOfShape, anything, malformed } from './malform';
import { beginBag, onServer } from './onServer';
import { ROUTES, type Route } from './routes';
import { inScratch } from './scratch';
import { lookAt } from './lookAt';
import { Tally } from './tally';

/** Routes whose answer comes to an end. */
const ANSWERED = ROUTES.filter(({ goesOn }) => !goesOn);

/** So many are on their way at once. */
const AT_ONCE = 4;

/**
 * Sends every route what it does not take, and bytes that are no request, a bounded number of them: nothing of it may break the server, be answered with
 * more than a refusal, or change a bag that it does not name.
 */
export async function malformedRequests(design: Design, seed: number, endsMs: number): Promise<Tally> {
  const tally = new Tally();
  const random = seededRandom(seed);
  await inScratch((folder) =>
    onServer({ path: join(folder, 'bags.sqlite'), design, tally }, async ({ server, client, place }) => {
      const ledger = new Ledger();
      for (const mark of ['one', 'two', 'three']) await beginBag(place, ledger, mark);
      const targetId = await beginBag(place, new Ledger(), 'aimed at');
      const idsOf = () =>
        random() < 0.5 ? targetId : encodeURIComponent(unpaired(WORDS[Math.floor(random() * WORDS.length)] ?? ''));
      const port = Number(new URL(server.address).port);
      const attack = async (): Promise<void> => {
        while (performance.now() < endsMs && server.isRunning) {
          const route = ANSWERED[Math.floor(random() * ANSWERED.length)] as Route;
          if (random() < 0.1) {
            const heard = await client.throwAt(anyBytes(random, port));
            tally.requests += 1;
            if (/^HTTP\/1\.1 5/.test(heard)) tally.broken.push(`bytes were answered ${heard.slice(0, 60)}`);
            continue;
          }
          const path = route.path.replace(/\[\w+\]/g, idsOf) + queryOf(route, random);
          const answer = await client.ask(route.method, path, bodyOf(route, design, random), headersOf(random));
          if (answer && answer.status >= 400 && route.path.startsWith('/api/') && !hasSentence(answer.body))
            tally.broken.push(`${route.method} ${path.slice(0, 60)} was refused (${answer.status}) without a sentence`);
        }
      };
      await Promise.all(Array.from({ length: AT_ONCE }, attack));
      if (server.isRunning) await lookAt(ledger.bags, ledger, place.look, tally);
    }),
  );
  return tally;
}

/** Half a pair of signs can't stand in an address. */
const unpaired = (text: string): string => text.toWellFormed();

const hasSentence = (body: unknown): boolean =>
  typeof body === 'object' && body !== null && typeof (body as { sentence?: unknown }).sentence === 'string';

function queryOf({ query }: Route, random: () => number): string {
  if (!query || random() < 0.3)
    return random() < 0.1 ? `?${encodeURIComponent(unpaired(JSON.stringify(anything(random))))}` : '';
  const wish = malformed(anyOfShape(query, random), random);
  return `?${new URLSearchParams(Object.entries(wish ?? {}).map(([key, value]) => [key, unpaired(typeof value === 'string' ? value : JSON.stringify(value))])).toString()}`;
}

/** A body: of the route's shape with something wrong in it, of a whole design with something wrong in it, or nothing like it. */
function bodyOf({ method, body }: Route, design: Design, random: () => number): unknown {
  if (method === 'GET') return undefined;
  const choice = random();
  if (choice < 0.05) return '['.repeat(6000);
  if (choice < 0.1) return Buffer.from(Array.from({ length: 200 }, () => Math.floor(random() * 256)));
  if (choice < 0.12) return '{"design":"'.padEnd(3_000_000, 'x');
  if (!body || choice < 0.2) return JSON.stringify(anything(random));
  const made = anyOfShape(body, random);
  const whole =
    typeof made === 'object' && made !== null && 'design' in made
      ? { ...made, design: malformed(design as never, random) }
      : made;
  return JSON.stringify(choice < 0.5 ? malformed(made, random) : choice < 0.7 ? made : whole);
}

function headersOf(random: () => number): Record<string, string> {
  if (random() < 0.8) return {};
  const all: Record<string, string>[] = [
    { 'content-type': 'text/plain' },
    { 'content-type': 'multipart/form-data; boundary=' },
    { 'content-encoding': 'gzip' },
    { accept: 'text/x-component', rsc: '1' },
    { 'next-action': 'x' },
    { origin: 'null' },
    { cookie: 'a=b; '.repeat(200) },
    { 'x-forwarded-host': 'elsewhere.example', 'x-forwarded-proto': 'gopher' },
    { 'accept-language': 'q=;;;,'.repeat(100) },
    { 'if-none-match': '"'.repeat(100) },
  ];
  return all[Math.floor(random() * all.length)] as Record<string, string>;
}
