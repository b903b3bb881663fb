import { mkdtempSync, rmSync } from 'node:fs';
import { Agent, createServer, request, type IncomingMessage } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fullDesign } from '@/core/testing/designs';
import type { BagId } from '@/store';
import { MOST_BODY_BYTES } from '@/server/http';
import { answerItself } from '@/server/ownAnswers';
import { closeStore, getStore } from '@/server/store';
import { PUT } from './route';

const folder = mkdtempSync(join(tmpdir(), 'ruelle-own-'));
process.env.RUELLE_DATABASE = join(folder, 'bags.sqlite');

const LEFT = 'left to Next';
const server = createServer((asked, response) => {
  if (!answerItself(asked, response)) response.writeHead(418).end(JSON.stringify(LEFT));
});
const agent = new Agent({ keepAlive: true });
let port = 0;
let id: BagId;

beforeAll(async () => {
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  port = (server.address() as AddressInfo).port;
  id = await (await getStore()).bags.create(fullDesign());
});
afterAll(async () => {
  agent.destroy();
  server.close();
  await closeStore();
  rmSync(folder, { recursive: true });
});

interface Answered {
  status: number;
  document: unknown;
  headers: IncomingMessage['headers'];
}

const ask = (method: string, path: string, parts: readonly string[], headers: Record<string, string> = {}) =>
  new Promise<Answered>((resolve, reject) => {
    const asked = request({ port, host: '127.0.0.1', method, path, agent, headers }, async (response) => {
      let text = '';
      for await (const part of response) text += String(part);
      resolve({ status: response.statusCode ?? 0, document: JSON.parse(text), headers: response.headers });
    });
    asked.on('error', reject);
    for (const part of parts) asked.write(part);
    asked.end();
  });

const ofRoute = async (text: string, at: string) => {
  const body = new Request('http://127.0.0.1/', { method: 'PUT', body: text });
  const response = await PUT(body, { params: Promise.resolve({ id: at }) });
  return { status: response.status, document: await response.json() };
};

const save = (baseRevision: number, name: string) =>
  JSON.stringify({ baseRevision, design: { ...fullDesign(), name }, history: { undo: [], redo: [] } });

describe('a save', () => {
  it('is kept, whatever parts it comes in', async () => {
    const text = save(1, 'Sévigné, once');
    const { status, document } = await ask('PUT', `/api/bags/${id}`, [text.slice(0, 90), text.slice(90)]);
    expect([status, document]).toEqual([200, { ok: true, revision: 2 }]);
    expect(await (await getStore()).bags.open(id)).toMatchObject({ design: { name: 'Sévigné, once' }, revision: 2 });
  });

  it.each([
    ['no JSON', () => 'row 1', () => id],
    ['nested without end', () => '['.repeat(5000), () => id],
    ['another shape', () => '{"baseRevision":"one"}', () => id],
    ['a word too many', () => `${save(9, 'A').slice(0, -1)},"also":1}`, () => id],
    ['no design', () => save(1, 'A').replace('ruelle-design', 'a poem'), () => id],
    ['a bag that is not there', () => save(1, 'A'), () => 'nobody'],
    ['an id that is none', () => save(1, 'A'), () => 'x'.repeat(41)],
    ['a bag that has moved on', () => save(1, 'Late'), () => id],
  ])('is answered as its route answers it: %s', async (_, text, at) => {
    const { status, document } = await ask('PUT', `/api/bags/${at()}`, [text()]);
    expect({ status, document }).toEqual(await ofRoute(text(), at()));
    expect(document).toEqual(
      expect.objectContaining(status === 200 ? { ok: false } : { sentence: expect.any(String) }),
    );
  });

  it.each([
    ['as it says itself', { 'content-length': String(MOST_BODY_BYTES + 1_000_000) }],
    ['though it does not say so', {}],
  ])('that is far too large is refused, and is heard to its end: %s', async (_, headers: Record<string, string>) => {
    const parts = Array<string>(Math.ceil(MOST_BODY_BYTES / 1_000_000)).fill(' '.repeat(1_000_000));
    const rest = ' '.repeat(MOST_BODY_BYTES + 1_000_000 - parts.length * 1_000_000);
    const refused = await ask('PUT', `/api/bags/${id}`, [...parts, rest], headers);
    expect(refused.status).toBe(413);
    expect(refused.document).toEqual({ sentence: expect.stringContaining('larger than any bag') });
    // The same connection goes on.
    expect((await ask('PUT', `/api/bags/${id}`, [save(1, 'Late')])).status).toBe(200);
  });
});

describe('what is no save', () => {
  it.each([
    ['GET', '/api/bags/abc'],
    ['PUT', '/api/bags/abc/archive'],
    ['PUT', '/api/bags/a%20b'],
    ['POST', '/api/bags'],
    ['PUT', '/'],
  ])('is left to Next: %s %s', async (method, path) => {
    expect((await ask(method, path, [])).document).toBe(LEFT);
  });
});
