import { readFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { unzipSync } from 'fflate';
import { goTo, newBag, saved } from './bag';
import { inItsOwnWorkroom } from './start';

/** An address of this computer that no other reaches. */
const ADDRESS = '127.0.0.2';
const counter = (page: Page) => page.getByTestId('row-counter');

test.describe.configure({ mode: 'serial' });

test('a copy of everything is saved, opened by another program, looked into, and brings back what was lost', async ({
  browser,
}) => {
  await inItsOwnWorkroom(browser, bringsBack);
});

/** In a workroom of its own: bringing a copy in is about everything that is there. */
async function bringsBack(page: Page): Promise<void> {
  const bag = await newBag(page);
  await saved(page);
  const id = bag.split('/').at(-1) as string;
  const { design } = (await (await page.request.get(`/api/bags/${id}`)).json()) as { design: { name: string } };
  await page.goto('/workroom');
  const [copy] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Save a copy of everything' }).click(),
  ]);
  expect(copy.suggestedFilename()).toMatch(/^ruelle-\d{4}-\d\d-\d\d\.zip$/);
  const path = await copy.path();
  const files = unzipSync(new Uint8Array(readFileSync(path)));
  expect(JSON.parse(Buffer.from(files[`bags/${id}.ruelle.json`] ?? []).toString())).toMatchObject({
    name: design.name,
  });

  // Since then the bag was called something else.
  await page.goto(`${bag}/swatch`);
  const name = page.getByRole('textbox', { name: 'Name of the bag' });
  await name.fill('Otherwise called');
  await name.press('Enter');
  await saved(page);
  await page.goto('/workroom');
  await page.locator('input[type=file]').setInputFiles(path);
  const looked = page.getByRole('region', { name: 'What this copy changes' });
  await expect(looked.locator('[data-row="bags"]')).toContainText(design.name);
  await expect(looked).toContainText('Nothing is changed yet');
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id: rule }) => rule)).toEqual([]);
  await looked.getByRole('button', { name: 'Leave it' }).click();
  await expect(page.getByRole('status')).toHaveText('Nothing was changed.');

  await page.locator('input[type=file]').setInputFiles(path);
  await looked.getByRole('button', { name: /put what differs back/ }).click();
  await expect(page.getByRole('status')).toContainText('The copy is in.');
  const after = (await (await page.request.get(`/api/bags/${id}`)).json()) as {
    design: { name: string };
    refused: { design: { name: string } }[];
  };
  expect(after.design.name).toBe(design.name);
  expect(after.refused.map((one) => one.design.name)).toEqual(['Otherwise called']);
}

test('what is no copy is refused in words, and changes nothing', async ({ page }) => {
  await page.goto('/workroom');
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'copy.zip', mimeType: 'application/zip', buffer: Buffer.from('no copy at all') });
  await expect(page.getByRole('status')).toContainText('isn’t a copy that Ruelle made');
});

test('a phone is let in by a code, counts a row that this computer sees, and is forgotten', async ({
  page,
  browser,
}) => {
  const bag = await newBag(page);
  await saved(page);
  await goTo(page, 'Bench');
  const turned = await page.request.put('/api/phones', { data: { address: ADDRESS } });
  expect(turned.ok()).toBe(true);
  const { at } = (await turned.json()) as { at: { port: number } };
  const phone = await browser.newContext({
    viewport: { width: 390, height: 844 },
    baseURL: `http://${ADDRESS}:${at.port}`,
  });
  const onPhone = await phone.newPage();
  try {
    const path = new URL(`${bag}/bench`).pathname;
    await onPhone.goto(path);
    await expect(onPhone.getByRole('heading', { name: 'Pair this phone' })).toBeVisible();
    await onPhone.getByLabel('Code').fill('ABCDEABCDE');
    await onPhone.getByRole('button', { name: 'Pair' }).click();
    await expect(onPhone.getByRole('alert')).toContainText('This code is wrong');

    const workroom = await page.context().newPage();
    await workroom.goto('/workroom');
    await expect(workroom.getByTestId('phones-on')).toContainText(ADDRESS);
    await workroom.getByRole('button', { name: 'A code for a phone' }).click();
    const code = (await workroom.getByTestId('phone-code').textContent()) ?? '';
    // As the picture has it: behind the # of the address.
    await onPhone.goto(`/pair#${code.replace(/\s/g, '')}`);
    await onPhone.getByRole('button', { name: 'Pair' }).click();
    await expect(onPhone.getByRole('heading', { level: 1, name: 'Ruelle' })).toBeVisible();
    await onPhone.goto(path);
    await expect(counter(onPhone)).toHaveAttribute('data-row', '1');
    await onPhone.getByTestId('row-done').click();
    await expect(counter(page)).toHaveAttribute('data-row', '2');
    await page.getByTestId('row-done').click();
    await expect(counter(onPhone)).toHaveAttribute('data-row', '3');
    expect((await onPhone.request.get('/api/backup')).status()).toBe(403);

    await workroom.reload();
    await workroom.getByRole('button', { name: 'Forget it' }).click();
    await expect(workroom.getByText('None yet.').first()).toBeVisible();
    await onPhone.goto(path);
    await expect(onPhone.getByRole('heading', { name: 'Pair this phone' })).toBeVisible();
    await workroom.getByRole('button', { name: 'Turn it off, forget all phones' }).click();
    await expect(
      workroom.getByText('Nothing outside this computer reaches Ruelle.').or(workroom.getByText('on no network')),
    ).toBeVisible();
    await expect(onPhone.request.get('/api/bags')).rejects.toThrow();
  } finally {
    await phone.close();
    await page.request.put('/api/phones', { data: { address: null } });
  }
});

test('a tester is let in to one pattern and nothing else; what she finds and measures comes back to its row', async ({
  page,
  browser,
}) => {
  const bag = await newBag(page);
  await saved(page);
  await goTo(page, 'Write-up');
  const testers = page.getByRole('region', { name: /^Tried by others/ });
  await testers.getByRole('button', { name: 'A code for a tester' }).click();
  await expect(testers.getByRole('status')).toContainText('Let phones in first.');
  const turned = await page.request.put('/api/phones', { data: { address: ADDRESS } });
  const { at } = (await turned.json()) as { at: { port: number } };
  const phone = await browser.newContext({
    viewport: { width: 390, height: 844 },
    baseURL: `http://${ADDRESS}:${at.port}`,
  });
  const onPhone = await phone.newPage();
  try {
    await testers.getByRole('button', { name: 'A code for a tester' }).click();
    const code = (await testers.getByTestId('tester-code').textContent()) ?? '';
    await onPhone.goto(`/pair#${code.replace(/\s/g, '')}`);
    await onPhone.getByRole('button', { name: 'Pair' }).click();
    await expect(onPhone.getByRole('heading', { level: 1, name: 'Letter pouch' })).toBeVisible();
    await expect(onPhone.getByText(/^Row 1 \(RS\): /).first()).toBeVisible();
    const id = new URL(bag).pathname.split('/').at(-1) ?? '';
    for (const path of ['/', `/bags/${id}/body`, '/api/bags', `/api/bags/${id}`, '/api/makings', '/workroom'])
      expect((await onPhone.request.get(path)).status(), path).toBe(403);
    expect((await onPhone.request.put(`/api/bags/${id}`, { data: {} })).status()).toBe(403);

    const form = onPhone.getByRole('region', { name: 'What you found' });
    await form.getByRole('button', { name: 'Send it' }).click();
    await expect(form.getByRole('alert')).toContainText('Write your name first.');
    await form.getByLabel('Your name').fill('Tuba player');
    await form.getByLabel('Where').selectOption({ label: 'Panel' });
    await form.getByLabel(/^Row, of/).fill('12');
    await form.getByLabel('In words').fill('The chain <b>pulls</b> in.');
    await form.getByLabel(/^Width there/).fill('21,5');
    await form.getByRole('button', { name: 'Send it' }).click();
    await expect(form.getByTestId('sent')).toContainText('Panel, row 12');
    const { violations } = await new AxeBuilder({ page: onPhone }).analyze();
    expect(violations.map((one) => one.id)).toEqual([]);

    const found = testers.getByTestId('tested').getByRole('listitem');
    await expect(found).toHaveCount(1);
    await expect(found).toContainText('Panel, row 12 · Tuba player');
    await expect(found).toContainText('The chain <b>pulls</b> in.');
    await expect(found).toContainText(/Wide: 21\.5 cm; planned \d+\.\d cm, [+−]/);
  } finally {
    await phone.close();
    await page.request.put('/api/phones', { data: { address: null } });
  }
});
