import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import sqlite3 from 'sqlite3';
import { awake } from './bag';
import { Start } from './start';

let folder: string;
let database: string;
let starts: Start[];
const start = (env: Record<string, string> = {}): Start => {
  const one = new Start(database, env);
  starts.push(one);
  return one;
};

test.beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ruelle-start-'));
  database = join(folder, 'bags.sqlite');
  starts = [];
});
test.afterEach(async () => {
  for (const { child, ended } of starts) {
    child.kill('SIGTERM');
    await ended;
  }
  rmSync(folder, { recursive: true });
});

const answers = (address: string): Promise<boolean> =>
  fetch(`${address}/api/health`).then(
    (response) => response.ok,
    () => false,
  );

const makeBag = (address: string, starter = 'thirds'): Promise<Response> =>
  fetch(`${address}/api/bags`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ starter, yarn: { weightClass: 3, hookMm: 4 } }),
  });

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  test(`stopped by ${signal}, it closes its file and leaves it whole`, async () => {
    const run = start();
    const address = await run.ready();
    const made = await makeBag(address);
    expect(made.ok).toBe(true);
    run.child.kill(signal);
    expect(await run.ended).toBe(0);
    expect(readdirSync(folder)).toEqual(['bags.sqlite', 'bags.sqlite.lock']);
    expect(statSync(`${database}.lock`).size).toBe(0);
    expect(await answers(address)).toBe(false);
  });

test('a second one on the same file says where the first is, and leaves it alone', async () => {
  const first = start();
  const address = await first.ready();
  const second = start();
  expect(await second.ended).toBe(1);
  expect(second.printed).toContain(`is open in another Ruelle already, at ${address}`);
  expect(await answers(address)).toBe(true);
});

test('the server goes with what started it, however that ends, and its file can be opened again at once', async () => {
  const run = start();
  const address = await run.ready();
  run.child.kill('SIGKILL');
  await run.ended;
  await expect(async () => expect(await answers(address)).toBe(false)).toPass({ timeout: 20_000 });
  await start().ready();
});

test('a server that crashes is said to have stopped, and the run ends as failed', async () => {
  const run = start();
  await run.ready();
  const children = readFileSync(`/proc/${run.child.pid}/task/${run.child.pid}/children`, 'utf8').trim().split(' ');
  for (const child of children) process.kill(Number(child), 'SIGKILL');
  expect(await run.ended).toBe(1);
  expect(run.printed).toContain('Ruelle has stopped by itself');
  expect(run.printed).toContain(database);
});

/** The empty lock that a start leaves beside a database. */
const locks = (of: string): string[] => readdirSync(of).filter((name) => name.endsWith('.lock'));

const TROUBLES: [what: string, prepare: () => Record<string, string> | undefined, sentence: RegExp][] = [
  [
    'a file that is no database',
    () => void writeFileSync(database, 'Dear diary. '.repeat(300)),
    /no database of Ruelle’s/,
  ],
  ['a folder in its place', () => void mkdirSync(database), /can’t be opened/],
  [
    'a file in the place of its folder',
    () => {
      writeFileSync(join(folder, 'file'), '');
      database = join(folder, 'file', 'bags.sqlite');
      return undefined;
    },
    /is no folder/,
  ],
  ['a senseless port', () => ({ PORT: 'harbour' }), /PORT is “harbour”/],
  ['a host that is none', () => ({ RUELLE_HOST: '10.254.254.254' }), /no address of this computer/],
];
for (const [what, prepare, sentence] of TROUBLES)
  test(`${what}: one sentence, an exit that says so, and nothing overwritten`, async () => {
    const env = prepare();
    const before = existsSync(join(folder, 'bags.sqlite')) ? readdirSync(folder) : null;
    const run = start(env ?? {});
    expect(await run.ended).toBe(1);
    expect(run.printed).toMatch(sentence);
    expect(run.printed).not.toMatch(/ at .*\.(ts|js|mjs):\d+/);
    if (before) expect(readdirSync(folder)).toEqual([...before, ...locks(folder)]);
  });

test('a port that is taken is said to be, when it was asked for', async () => {
  const taken = createServer();
  await new Promise<void>((resolve) => taken.listen(0, '127.0.0.1', resolve));
  const { port } = taken.address() as { port: number };
  const run = start({ PORT: String(port) });
  expect(await run.ended).toBe(1);
  expect(run.printed).toContain(`Port ${port} is taken by another program`);
  taken.close();
});

test('on every address of the computer it is ready too', async () => {
  const run = start({ RUELLE_HOST: '0.0.0.0' });
  expect(await answers(await run.ready())).toBe(true);
});

/** Something done to the closed database. */
const inDatabase = (sql: string, ...values: unknown[]): Promise<void> =>
  new Promise((resolve, reject) => {
    const open = new sqlite3.Database(database);
    open.run(sql, values, (error) => open.close(() => (error ? reject(error) : resolve())));
  });

test('a bag that the rules of now can’t plan is opened all the same, and mended by its way out', async ({ page }) => {
  const first = start();
  const made = await makeBag(await first.ready(), 'oval');
  const { id } = (await made.json()) as { id: string };
  first.child.kill('SIGTERM');
  await first.ended;
  // As an earlier Ruelle would have saved it: a base deeper than it is wide.
  await inDatabase("UPDATE bags SET design = json_set(design, '$.body.widthMm', 190, '$.body.depthMm', 240)");
  await inDatabase('DELETE FROM bag_cards');

  const address = await start().ready();
  await page.goto(`${address}/`);
  await expect(page.locator(`[data-bag="${id}"]`)).toBeVisible();
  await page.goto(`${address}/bags/${id}/body`);
  await expect(page.getByText('can’t be planned as it stands')).toBeVisible();
  const way = page.getByRole('alert').getByRole('button').first();
  await awake(way);
  await way.click();
  await expect(page.locator('[data-save=saved]')).toBeVisible();
  await page.reload();
  await expect(page.locator('[data-save=saved]')).toBeVisible();
});

test('a copy of the database is saved in the workroom, and Ruelle opens it', async ({ page }) => {
  const first = start();
  const address = await first.ready();
  await makeBag(address);
  await page.goto(`${address}/workroom`);
  const [copy] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Save the database alone' }).click(),
  ]);
  expect(copy.suggestedFilename()).toMatch(/^ruelle-\d{4}-\d\d-\d\d\.sqlite$/);
  database = join(folder, 'copied.sqlite');
  await copy.saveAs(database);
  const shelf = (await (await fetch(`${await start().ready()}/api/bags`)).json()) as { total: number };
  expect(shelf.total).toBe(1);
});

test('a database that is deleted while it runs is noticed: nothing is written anywhere, and that is said', async () => {
  const run = start();
  const address = await run.ready();
  rmSync(database);
  const refused = await makeBag(address);
  expect(refused.status).toBe(503);
  expect(((await refused.json()) as { sentence: string }).sentence).toContain('moved, deleted or replaced');
  expect(existsSync(database)).toBe(false);
});
