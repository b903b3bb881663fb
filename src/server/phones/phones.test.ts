import { createServer, request as ask, type IncomingMessage } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { listenOn, type LanListener } from './lanListener';
import { CODE_LASTS_MS, LASTS_MS, MOST_DEVICES, MOST_WRONG, Pairing, RESTS_MS } from './pairing';
import { pathAsRead, phoneWish } from './phoneGate';

/** An address of this computer that no other reaches. */
const ADDRESS = '127.0.0.2';

let nowMs = 0;
let pairing: Pairing;
beforeEach(() => {
  nowMs = 1_000_000;
  pairing = new Pairing(() => nowMs);
});

describe('pairing', () => {
  it('takes a code once, however it is typed, and for ten minutes', () => {
    const code = pairing.newCode();
    const read = `${code.slice(0, 5).toLowerCase()} - ${code.slice(5)}`.replace(/0/g, 'o').replace(/1/g, 'l');
    const word = pairing.pair(read, 'Phone');
    expect(word).toMatch(/^[\w-]{40,}$/);
    expect(pairing.pair(code, 'Another')).toBeNull();
    const late = pairing.newCode();
    nowMs += CODE_LASTS_MS + 1;
    expect(pairing.pair(late, 'Late')).toBeNull();
    expect(pairing.list().map(({ name }) => name)).toEqual(['Phone']);
  });

  it('gives up a code that was guessed at, and an older one for a newer', () => {
    const code = pairing.newCode();
    for (let guess = 0; guess < MOST_WRONG; guess += 1) expect(pairing.pair('AAAAAAAAAA', 'Guess')).toBeNull();
    expect(pairing.pair(code, 'Phone')).toBeNull();
    const first = pairing.newCode();
    const second = pairing.newCode();
    expect(pairing.pair(first, 'Phone')).toBeNull();
    expect(pairing.pair(second, 'Phone')).not.toBeNull();
  });

  it('lets a paired phone in as long as it is used, a week at most, and until it is forgotten', () => {
    const word = pairing.pair(pairing.newCode(), 'Phone');
    for (nowMs += RESTS_MS - 1; nowMs < 1_000_000 + LASTS_MS; nowMs += RESTS_MS - 1)
      expect(pairing.isPaired(word)).toBe(true);
    expect(pairing.isPaired(word)).toBe(false);
    const other = pairing.pair(pairing.newCode(), 'Phone');
    nowMs += RESTS_MS + 1;
    expect(pairing.isPaired(other)).toBe(false);
    const third = pairing.pair(pairing.newCode(), 'Phone');
    expect(pairing.forget(pairing.list()[0]?.id ?? '')).toBe(true);
    expect([pairing.isPaired(third), pairing.isPaired(''), pairing.isPaired(null)]).toEqual([false, false, false]);
  });

  it('has codes of ten signs that differ, and room for eight phones', () => {
    const codes = new Set(Array.from({ length: 500 }, () => pairing.newCode()));
    expect(codes.size).toBe(500);
    for (const code of codes) expect(code).toMatch(/^[A-HJKMNP-TV-Z0-9]{10}$/);
    for (let count = 0; count < MOST_DEVICES; count += 1)
      expect(pairing.pair(pairing.newCode(), 'Phone')).not.toBeNull();
    expect(pairing.pair(pairing.newCode(), 'One too many')).toBeNull();
  });
});

describe('what a phone may see', () => {
  const wish = (url: string, cookie?: string) =>
    phoneWish({ url, headers: cookie === undefined ? {} : { cookie } }, (word) =>
      word === 'known' ? { bag: null } : word === 'tester' ? { bag: 'Bag-1' } : null,
    );

  it('is the page to pair it, before it is paired; then her bags, and never who may come in or all of it as one file', () => {
    expect(wish('/')).toBe('not-paired');
    expect(wish('/', 'ruelle-phone=unknown')).toBe('not-paired');
    expect(wish('/pair')).toBe('pair');
    const paired = 'a=b; ruelle-phone=known';
    for (const path of ['/', '/bags/x/bench', '/api/bags', '/api/photos?of=bag'])
      expect(wish(path, paired)).toBe('own');
    for (const path of ['/workroom', '/api/phones', '/api/phones/code', '/api/backup', '/api/restore/x', '/api/copy'])
      expect(wish(path, paired)).toBe('only-here');
  });

  it('is one pattern alone for a tester, by its own spelling, and what any page needs', () => {
    const paired = 'ruelle-phone=tester';
    for (const path of [
      '/tests/Bag-1',
      '/tests/Bag-1?_rsc=1',
      '/api/tests/Bag-1',
      '/_next/static/chunks/a.js',
      '/icon.svg',
    ])
      expect(wish(path, paired), path).toBe('own');
    for (const path of [
      ...[
        '/',
        '/tests/Bag-2',
        '/tests/bag-1',
        '/tests/Bag-1/',
        '/tests/Bag-1/../Bag-2',
        '/tests/%42ag-1',
        '//tests/Bag-1',
      ],
      ...[
        '/bags/Bag-1/body',
        '/api/bags',
        '/api/bags/Bag-1',
        '/api/makings',
        '/api/backup',
        '/workroom',
        '/api/phones',
      ],
      ...[
        '/_next/static/../../api/bags',
        '/_next/static/..%2f..%2fapi/bags',
        '/_next/data/x',
        '/api/bags/Bag-1/tester',
      ],
    ])
      expect(wish(path, paired), path).toBe('not-tested');
    expect(wish('/api/bags/Bag-1/tester', 'ruelle-phone=known')).toBe('only-here');
  });

  it.each([
    '/api/%70hones',
    '//api//phones',
    '/api/./phones',
    '/x/../api/phones',
    '/API/Phones',
    '/api\\phones',
    '/api/phones?x=1',
  ])('nor by another spelling: %s', (path) => {
    expect(pathAsRead(path)).toBe('/api/phones');
    expect(wish(path, 'ruelle-phone=known')).toBe('only-here');
  });
});

describe('on an address of the network', () => {
  let listener: LanListener;
  let answered: string[];
  beforeEach(async () => {
    answered = [];
    listener = await listenOn(ADDRESS, 0, pairing, (request, response) => {
      answered.push(request.url ?? '');
      response.end('her bags');
    });
  });
  afterEach(() => listener.close());

  /** Asks as a browser would; the Host is that of the address unless another is given. */
  const asked = (
    path: string,
    {
      method = 'GET',
      body = '',
      headers = {},
    }: { method?: string; body?: string; headers?: Record<string, string> } = {},
  ): Promise<{ status: number; headers: IncomingMessage['headers']; text: string }> =>
    new Promise((resolve, reject) => {
      const sent = ask(
        {
          host: ADDRESS,
          port: listener.port,
          path,
          method,
          headers: { host: `${ADDRESS}:${listener.port}`, ...headers },
        },
        (response) => {
          let text = '';
          response.on('data', (part: Buffer) => (text += part.toString()));
          response.on('end', () => resolve({ status: response.statusCode ?? 0, headers: response.headers, text }));
        },
      );
      sent.on('error', reject);
      sent.end(body);
    });
  const paired = async (): Promise<string> => {
    const { headers } = await asked('/pair', { method: 'POST', body: `code=${pairing.newCode()}` });
    return headers['set-cookie']?.[0]?.split(';')[0] ?? '';
  };

  it('shows a stranger nothing but where to pair', async () => {
    expect(await asked('/api/bags')).toMatchObject({ status: 401 });
    expect(await asked('/bags/one/bench', { headers: { accept: 'text/html' } })).toMatchObject({
      status: 303,
      headers: { location: '/pair' },
    });
    const page = await asked('/pair');
    expect(page).toMatchObject({
      status: 200,
      headers: { 'x-frame-options': 'DENY', 'cache-control': 'no-store', 'referrer-policy': 'same-origin' },
    });
    expect(page.text).toContain('Pair this phone');
    expect(answered).toEqual([]);
  });

  it('lets in who tells the code, by a cookie that no script reads and no other site sends', async () => {
    const wrong = await asked('/pair', { method: 'POST', body: 'code=WRONG' });
    expect(wrong.status).toBe(403);
    expect(wrong.text).toContain('This code is wrong');
    const told = await asked('/pair', { method: 'POST', body: `code=${pairing.newCode()}` });
    expect(told).toMatchObject({ status: 303, headers: { location: '/' } });
    expect(told.headers['set-cookie']?.[0]).toMatch(/HttpOnly; SameSite=Strict/);
    const cookie = told.headers['set-cookie']?.[0]?.split(';')[0] ?? '';
    expect(await asked('/bags', { headers: { cookie } })).toMatchObject({ status: 200, text: 'her bags' });
    expect(await asked('/api/phones', { headers: { cookie } })).toMatchObject({ status: 403 });
    expect(answered).toEqual(['/bags']);
    pairing.forget(pairing.list()[0]?.id ?? '');
    expect(await asked('/bags', { headers: { cookie } })).toMatchObject({ status: 401 });
  });

  it('refuses other names, other sites and what no browser sends, paired or not', async () => {
    const cookie = await paired();
    for (const headers of [
      { host: 'elsewhere.example' },
      { host: `localhost:${listener.port}` },
      { origin: 'http://elsewhere.example' },
      { 'sec-fetch-site': 'cross-site' },
    ] as Record<string, string>[]) {
      expect(await asked('/', { headers: { cookie, ...headers } })).toMatchObject({ status: 403 });
      expect(await asked('/pair', { method: 'POST', body: `code=${pairing.newCode()}`, headers })).toMatchObject({
        status: 403,
      });
    }
    expect(await asked('/bags', { method: 'PATCH', headers: { cookie } })).toMatchObject({ status: 405 });
    expect(answered).toEqual([]);
  });

  it('takes another port where its own is taken, and hears nobody once it is closed', async () => {
    const other = createServer();
    await new Promise<void>((resolve) => other.listen(0, ADDRESS, resolve));
    const { port } = other.address() as AddressInfo;
    const beside = await listenOn(ADDRESS, port, pairing, (_, response) => response.end());
    expect(beside.port).not.toBe(port);
    await beside.close();
    await expect(fetch(`http://${ADDRESS}:${beside.port}/pair`)).rejects.toThrow();
    other.close();
  });
});
