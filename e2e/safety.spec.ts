import { writeFileSync } from 'node:fs';
import { request as httpRequest } from 'node:http';
import { expect, test } from '@playwright/test';
import { axeFinds, field, figure, fill, goTo, newBag, restingText, saved } from './bag';

test('bad input gets a sentence at its field and changes nothing', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Body');
  const before = await restingText(page, 'panel.stitches');
  for (const [text, sentence] of [
    ['0', 'at least'],
    ['-4', 'at least'],
    ['4 m', 'at most'],
    ['wide', 'Write a length'],
    ['', 'Write a length'],
    ['NaN', 'Write a length'],
  ]) {
    await fill(page, 'Width, wanted', text ?? '');
    await expect(page.getByRole('alert').filter({ hasText: sentence })).toBeVisible();
    await expect(field(page, 'Width, wanted')).toHaveAttribute('aria-invalid', 'true');
    await expect(figure(page, 'panel.stitches')).toHaveText(before);
  }
  await field(page, 'Width, wanted').press('Escape');
  await expect(field(page, 'Width, wanted')).toHaveValue('19.0');
  await fill(page, 'Flap drop, loaded, wanted', '30');
  await expect(page.getByRole('alert').filter({ hasText: 'longer than the front' })).toBeVisible();
  await field(page, 'Flap drop, loaded, wanted').press('Escape');
  await goTo(page, 'Carry');
  await fill(page, 'Thickness, if you know better', '195');
  await expect(page.getByRole('alert').filter({ hasText: 'does not fit' })).toBeVisible();
  await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'saved');
});

test('one reading is taken, with a word about what it can’t tell', async ({ page }) => {
  await newBag(page);
  await page.getByLabel('Take out reading 3').first().click();
  await page.getByLabel('Take out reading 2').first().click();
  await expect(page.locator('[data-problem="one-reading"]')).toContainText('Take two more');
  // Without any nothing is measured, and every size is rough.
  await page.getByLabel('Take out reading 1').first().click();
  await expect(page.locator('[data-problem="not-measured"]')).toContainText('Work a swatch and measure it');
  await expect(figure(page, 'size.width')).toHaveAccessibleName(/not measured yet/);
});

test('files that are no bags are told so, and nothing is written', async ({ page }, testInfo) => {
  const id = (await newBag(page)).split('/').at(-1);
  const { design: whole } = await (await page.request.get(`/api/bags/${id}`)).json();
  await page.goto('/');
  let posts = 0;
  page.on('request', (request) => {
    if (request.method() === 'POST') posts += 1;
  });
  for (const [name, buffer, sentence] of [
    ['notes.json', Buffer.from('row 1: sc across'), 'can’t be read'],
    ['picture.json', Buffer.from([137, 80, 78, 71, 0, 1, 2]), 'can’t be read'],
    ['future.json', Buffer.from(JSON.stringify({ ...whole, version: whole.version + 1 })), 'newer Ruelle'],
    ['absurd.json', Buffer.from(JSON.stringify({ ...whole, body: { ...whole.body, widthMm: 4000 } })), 'at most'],
    ['huge.json', Buffer.alloc(50_000_000, 32), 'far larger'],
  ] as const) {
    const path = testInfo.outputPath(name);
    writeFileSync(path, buffer);
    await page.getByLabel('A bag file').setInputFiles(path);
    await expect(page.getByRole('alert').filter({ hasText: sentence })).toBeVisible();
  }
  expect(posts).toBe(0);
});

test('the server refuses what it can’t take, and writes nothing of it', async ({ page }) => {
  const address = await newBag(page);
  const id = address.split('/').at(-1);
  const bag = await (await page.request.get(`/api/bags/${id}`)).json();
  const save = (body: unknown) => page.request.put(`/api/bags/${id}`, { data: body });
  const whole = { baseRevision: bag.revision, design: bag.design, history: { undo: [], redo: [] } };

  const negative = await save({ ...whole, design: { ...bag.design, flap: { kind: 'straight', dropMm: -1 } } });
  expect(negative.status()).toBe(422);
  expect((await negative.json()).faults[0].path).toEqual(['flap', 'dropMm']);
  expect((await save({ ...whole, extra: 1 })).status()).toBe(422);
  expect((await save('[')).status()).toBeGreaterThanOrEqual(400);
  expect((await page.request.put(`/api/bags/${id}`, { data: Buffer.alloc(50_000_000, 32) })).status()).toBe(413);
  expect((await page.request.get('/api/bags/nobody')).status()).toBe(404);
  expect((await page.request.get('/api/bags?limit=-3')).status()).toBe(400);
  expect((await (await page.request.get(`/api/bags/${id}`)).json()).revision).toBe(bag.revision);
});

test('what no browser sends is refused, and nothing of it breaks anything', async ({ baseURL }) => {
  const { hostname, port, host } = new URL(baseURL ?? '');
  const statusOf = (method: string, path: string, headers: Record<string, string> = {}): Promise<number | undefined> =>
    new Promise((resolve, reject) => {
      const request = httpRequest({ hostname, port, method, path, headers: { host, ...headers } }, (response) => {
        response.resume();
        resolve(response.statusCode);
      });
      request.on('error', reject);
      request.end();
    });
  for (const [method, path, status] of [
    ['GET', '/%', 400],
    ['GET', '/bags/%E0%A4%A/body', 400],
    ['GET', '/api/bags/%00', 400],
    ['GET', `/${'a'.repeat(9000)}`, 414],
    ['TRACE', '/', 405],
    ['PROPFIND', '/api/bags', 405],
    ['PATCH', '/api/bags', 405],
    ['GET', '/api/bags?offset=x', 400],
    ['GET', '/api/bags/nobody', 404],
    ['GET', '/bags/nobody/body', 404],
  ] as const)
    expect([method, path.slice(0, 30), await statusOf(method, path)]).toEqual([method, path.slice(0, 30), status]);
  expect(await statusOf('GET', '/api/bags', { 'sec-fetch-site': 'cross-site' })).toBe(403);
});

test('every answer keeps to itself: pages, files, redirects, refusals', async ({ baseURL, page }) => {
  const nonces: string[] = [];
  for (const [path, status] of [
    ['/', 200],
    ['/icon.svg', 200],
    ['/api/bags', 200],
    ['/swatches/', 308],
    ['/nowhere', 404],
    ['/api/nowhere', 404],
    ['/api/bags?limit=-1', 400],
    ['/%', 400],
  ] as const) {
    const response = await fetch(new URL(path, baseURL), { redirect: 'manual' });
    expect([path, response.status]).toEqual([path, status]);
    const { headers } = response;
    expect(headers.get('cross-origin-resource-policy')).toBe('same-origin');
    expect(headers.get('cross-origin-opener-policy')).toBe('same-origin');
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    if (path.startsWith('/api/')) expect(headers.get('cache-control')).toContain('no-store');
    const nonce = /'nonce-([\w+/=-]+)'/.exec(headers.get('content-security-policy') ?? '')?.[1] ?? '';
    expect(nonce.length).toBeGreaterThan(20);
    nonces.push(nonce);
    if (!headers.get('content-type')?.startsWith('text/html')) continue;
    const scripts = (await response.text()).match(/<script[^>]*>/g) ?? [];
    expect(scripts.length).toBeGreaterThan(0);
    for (const script of scripts) expect(script).toContain(`nonce="${nonce}"`);
  }
  expect(new Set(nonces).size).toBe(nonces.length);

  // A script that was put into a page is not run.
  await page.goto('/');
  await page.evaluate(() => {
    const script = document.createElement('script');
    script.textContent = 'window.ran = true';
    document.body.append(script);
  });
  expect(await page.evaluate(() => 'ran' in window)).toBe(false);
});

test('requests under a foreign name or from a foreign page are refused', async ({ baseURL }) => {
  const { port } = new URL(baseURL ?? '');
  const ask = (headers: Record<string, string>) =>
    new Promise<number>((resolve, reject) => {
      httpRequest({ host: '127.0.0.1', port, path: '/api/bags', headers }, (response) => {
        response.resume();
        resolve(response.statusCode ?? 0);
      })
        .on('error', reject)
        .end();
    });
  expect(await ask({ host: `127.0.0.1:${port}` })).toBe(200);
  expect(await ask({ host: 'bags.example' })).toBe(403);
  expect(await ask({ host: `127.0.0.1:${port}`, origin: 'http://bags.example' })).toBe(403);
});

test('two windows on one bag: the late save is refused, both versions are kept, she chooses', async ({
  page,
  context,
}) => {
  const address = await newBag(page);
  await goTo(page, 'Body');
  const other = await context.newPage();
  await other.goto(`${address}/body`);
  await saved(other);

  await fill(page, 'Width, wanted', '16');
  await saved(page);
  await fill(other, 'Width, wanted', '25');
  const slip = other.getByRole('alert').filter({ hasText: 'changed in another window' });
  await expect(slip).toBeVisible();
  const id = address.split('/').at(-1);
  const kept = await (await page.request.get(`/api/bags/${id}`)).json();
  expect(kept.design.body.widthMm).toBe(160);
  expect(kept.refused.map(({ design }: { design: { body: { widthMm: number } } }) => design.body.widthMm)).toEqual([
    250,
  ]);

  await slip.getByRole('button', { name: 'Keep both' }).click();
  await expect(slip).toBeHidden();
  await expect(field(other, 'Width, wanted')).toHaveValue('16.0');
  await other.goto('/');
  await expect(other.getByText('(other window)').first()).toBeVisible();
});

test('keeping this window’s version wins over the other, which can then be chosen against', async ({
  page,
  context,
}) => {
  const address = await newBag(page);
  await goTo(page, 'Body');
  const other = await context.newPage();
  await other.goto(`${address}/body`);
  await saved(other);
  await fill(page, 'Width, wanted', '16');
  await saved(page);
  await fill(other, 'Width, wanted', '25');
  await other.getByRole('button', { name: 'Keep this window’s' }).click();
  await saved(other);
  await fill(page, 'Width, wanted', '17');
  await page.getByRole('button', { name: 'Take the other window’s' }).click();
  await expect(field(page, 'Width, wanted')).toHaveValue('25.0');
});

test('a version kept from a window that was closed undecided is offered again', async ({ page, context }) => {
  const address = await newBag(page);
  const id = address.split('/').at(-1);
  const { design, revision } = await (await page.request.get(`/api/bags/${id}`)).json();
  const save = (name: string) =>
    page.request.put(`/api/bags/${id}`, {
      data: { baseRevision: revision, design: { ...design, name }, history: { undo: [], redo: [] } },
    });
  await save('First there');
  expect((await (await save('Too late')).json()).reason).toBe('moved-on');

  const again = await context.newPage();
  await again.goto(`${address}/body`);
  await again.getByRole('button', { name: 'Make it a bag of its own' }).click();
  await expect(again.getByRole('textbox', { name: 'Name of the bag' })).toHaveValue('Too late (other window)');
  await again.goto(`${address}/body`);
  await expect(again.getByRole('textbox', { name: 'Name of the bag' })).toHaveValue('First there');
  await expect(again.getByText('another version of this bag was kept')).toBeHidden();
});

test('work is not lost when the server is gone for a while, nor when the window closes meanwhile', async ({
  page,
  context,
}) => {
  const address = await newBag(page);
  await goTo(page, 'Body');
  await context.setOffline(true);
  await fill(page, 'Width, wanted', '16.4');
  await expect(page.getByRole('alert').filter({ hasText: 'Your work is kept in this window' })).toBeVisible();
  await page.close();
  await context.setOffline(false);
  const again = await context.newPage();
  await again.goto(`${address}/body`);
  await expect(field(again, 'Width, wanted')).toHaveValue('16.4');
  await saved(again);
});

test('the keys go everywhere', async ({ page }) => {
  await newBag(page);
  for (const [key, place] of [
    ['Alt+4', 'body'],
    ['Alt+9', 'bench'],
    ['Alt+w', 'write-up'],
  ] as const) {
    await page.keyboard.press(key);
    await page.waitForURL(new RegExp(`/${place}$`));
  }
  await page.keyboard.press('Alt+t');
  await expect(page.getByTestId('pattern')).toContainText('UK terms');
  await page.keyboard.press('Alt+u');
  await expect(page.getByTestId('pattern')).toContainText('over 4 in');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' }).getByRole('button', { name: /close/i })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeHidden();
  await page.keyboard.press('Alt+0');
  await page.waitForURL(/\/$/);
});

/** Every screen, in two lots, so that both cores look at them. */
const SCREENS = [
  ['/', 'carry', 'swatch', 'stitch', 'body'],
  ['/swatches', '/logbook', '/reader', '/workroom', 'strap', 'closures', 'lining', 'stores', 'bench', 'write-up'],
];

for (const screens of SCREENS)
  test(`${screens.join(', ')}: free of what axe finds, and of errors in the browser`, async ({ page }) => {
    test.slow();
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(String(error)));
    page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
    const address = await newBag(page, 'Clutch in thirds');
    await goTo(page, 'Closures');
    for (const name of [
      'Put a magnetic snap on',
      'Put a zipper in',
      'Put a button and a loop on',
      'Put a drawstring in',
    ])
      await page.getByRole('button', { name }).click();
    await goTo(page, 'Strap');
    await page.getByRole('button', { name: 'Add a strap' }).click();
    await goTo(page, 'Lining');
    await page.getByRole('button', { name: 'Add a flat lining' }).click();
    await saved(page);
    for (const screen of screens) {
      const path = screen.startsWith('/') ? screen : `${address}/${screen}`;
      await page.goto(path);
      await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1);
      const violations = await axeFinds(page);
      expect(violations.map(({ id, nodes }) => `${path} ${id}: ${nodes[0]?.html}`)).toEqual([]);
    }
    expect(errors).toEqual([]);
  });
