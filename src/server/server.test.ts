import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it, vi } from 'vitest';
import { z } from 'zod';
import { fullDesign } from '@/core/testing/designs';
import { checkedDesign } from './checkedDesign';
import { openStore } from '@/store';
import { MOST_BODY_BYTES, Refused, answer, answerOf, bagIdFrom, readBody } from './http';
import { isOwnAddress, namesAllowed } from './ownAddress';
import { closeStore } from './store';

const request = (body: BodyInit, headers: Record<string, string> = {}) =>
  new Request('http://127.0.0.1/', { method: 'POST', body, headers, duplex: 'half' } as RequestInit);
const refusal = async (work: Promise<unknown>) =>
  work.then(
    () => null,
    (error: unknown) => (error instanceof Refused ? error : Promise.reject(error)),
  );

describe('readBody', () => {
  it('gives what fits the shape', async () => {
    expect(await readBody(request('{"a":1}'), z.object({ a: z.number() }))).toEqual({ a: 1 });
  });

  it('refuses what is nested deeper than anything of hers, and no brackets in words', async () => {
    const nested = (levels: number) => '['.repeat(levels) + ']'.repeat(levels);
    expect((await refusal(readBody(request(nested(6000)), z.unknown())))?.status).toBe(400);
    expect((await refusal(readBody(request(`${'{"a":'.repeat(101)}1${'}'.repeat(101)}`), z.unknown())))?.status).toBe(
      400,
    );
    expect(await readBody(request(nested(90)), z.unknown())).toBeTruthy();
    const words = JSON.stringify(['[{"\\'.repeat(500)]);
    expect(await readBody(request(words), z.unknown())).toEqual(JSON.parse(words));
  });
  it('stops reading at the limit, though the headers say nothing of the size', async () => {
    let sent = 0;
    const endless = new ReadableStream({
      pull(controller) {
        sent += 1;
        controller.enqueue(new Uint8Array(1_000_000));
      },
    });
    expect((await refusal(readBody(request(endless), z.unknown())))?.status).toBe(413);
    expect(sent).toBeLessThan(MOST_BODY_BYTES / 1_000_000 + 5);
  });

  it('does not begin to read what says it is too large', async () => {
    const large = request('{}', { 'content-length': String(50_000_000) });
    expect((await refusal(readBody(large, z.unknown())))?.status).toBe(413);
  });

  it('answers what is no JSON, and what is another shape, with its fields', async () => {
    expect((await refusal(readBody(request('row 1'), z.unknown())))?.status).toBe(400);
    const refused = await refusal(readBody(request('{"a":"x"}'), z.object({ a: z.number() })));
    expect(refused?.status).toBe(422);
    expect(refused?.refusal.faults?.[0]?.path).toEqual(['a']);
  });
});

describe('checkedDesign', () => {
  const folder = mkdtempSync(join(tmpdir(), 'ruelle-checked-'));
  process.env.RUELLE_DATABASE = join(folder, 'bags.sqlite');
  afterAll(async () => {
    await closeStore();
    rmSync(folder, { recursive: true });
  });
  const faultsOf = (document: unknown) =>
    checkedDesign(document).then(
      () => null,
      (error: unknown) => (error as Refused).refusal.faults?.map(({ path }) => path.join('.')),
    );
  it('takes a whole design', async () => expect(await checkedDesign(fullDesign())).toEqual(fullDesign()));
  it('answers a design that can be read but not planned at its field', async () => {
    const design = fullDesign();
    expect(await faultsOf({ ...design, contents: { ...design.contents, thicknessMm: 199 } })).toEqual([
      'contents.thicknessMm',
    ]);
  });
  it('answers a design that can’t be read at its field', async () => {
    const flap = { kind: 'straight', dropMm: 700, widthMm: null, hemMm: null };
    expect(await faultsOf({ ...fullDesign(), flap })).toEqual(['flap.dropMm']);
  });
});

describe('answer', () => {
  vi.spyOn(console, 'error').mockImplementation(() => undefined);

  it('says that the disk is full when it is', async () => {
    const response = await answer(() => Promise.reject(new Error('SQLITE_FULL: database or disk is full')));
    expect(response.status).toBe(507);
    expect((await response.json()).sentence).toContain('disk is full');
  });

  it('says of what the disk refuses that the work is kept, and does not call it its own fault', async () => {
    const response = await answer(() => Promise.reject(new Error('SQLITE_IOERR: disk I/O error')));
    expect(response.status).toBe(503);
    expect((await response.json()).sentence).toContain('kept in this window');
  });

  it('says of what comes while it is being stopped that the work is kept, and makes no fuss of it', async () => {
    const store = await openStore(':memory:');
    const id = await store.bags.create(fullDesign());
    await store.close();
    const asked = [() => store.bags.open(id), () => store.bags.setArchived(id, true)];
    const fuss = vi.mocked(console.error).mock.calls.length;
    for (const ask of asked) {
      const { status, document } = await answerOf(ask);
      expect(status).toBe(503);
      expect(document).toEqual({ sentence: expect.stringContaining('kept in this window') });
    }
    expect(console.error).toHaveBeenCalledTimes(fuss);
  });

  it('tells nothing of the inside of a failure', async () => {
    const response = await answer(() => Promise.reject(new Error('secret path /x/y')));
    expect(response.status).toBe(500);
    expect(await response.text()).not.toContain('secret');
  });
});

describe('whose request it is', () => {
  it.each([
    ['127.0.0.1:3000', null, true],
    ['localhost:3000', 'http://localhost:3000', true],
    ['[::1]:3000', null, true],
    ['127.0.0.1:3000', 'http://127.0.0.1:4000', false],
    ['127.0.0.1:3000', 'null', false],
    ['127.0.0.1.elsewhere.example', null, false],
    ['elsewhere.example:3000', 'http://elsewhere.example:3000', false],
    [null, null, false],
  ])('host %s, origin %s: %s', (host, origin, own) => expect(isOwnAddress(host, origin, [])).toBe(own));

  it('takes no name that is empty, whatever is allowed', () => {
    expect(namesAllowed(',, ', undefined)).toEqual([]);
    expect(isOwnAddress(':3000', null, [''])).toBe(false);
    expect(isOwnAddress('', null, [])).toBe(false);
  });
  it('takes names as they are meant: spaces and capitals don’t count', () => {
    expect(isOwnAddress('WORKROOM.local:3000', null, namesAllowed(' Workroom.Local ', '0.0.0.0'))).toBe(true);
    expect(isOwnAddress('192.168.1.5:3000', null, namesAllowed(undefined, '192.168.1.5'))).toBe(true);
    expect(isOwnAddress('0.0.0.0:3000', null, namesAllowed(undefined, '0.0.0.0'))).toBe(false);
  });
  it('takes a name that the maker has allowed', () => {
    expect(isOwnAddress('workroom.local:3000', null, ['workroom.local'])).toBe(true);
  });
});

it('refuses an id that can’t be one', () => {
  expect(() => bagIdFrom('../etc')).toThrow(Refused);
});
