import { expect, test } from '@playwright/test';
import { axeFinds, figure, fill, goTo, newBag, restingNumber, restingText, saved } from './bag';

test('a reading is laid on the drawn tape by hand and by keys, and narrows the band', async ({ page }) => {
  await newBag(page);
  const tape = page.getByTestId('tape');
  const hand = page.getByRole('slider', { name: 'Length on the tape' });
  const box = await tape.boundingBox();
  if (!box) throw new Error('no tape');
  await tape.scrollIntoViewIfNeeded();
  await tape.click({ position: { x: box.width / 2, y: 20 } });
  await expect(hand).not.toHaveAttribute('aria-valuenow', '100');
  const at = Number(await hand.getAttribute('aria-valuenow'));
  await hand.focus();
  await page.keyboard.press('ArrowRight');
  await expect(hand).toHaveAttribute('aria-valuenow', String(at + 1));
  await page.keyboard.press('PageDown');
  await expect(hand).toHaveAttribute('aria-valuenow', String(at - 9));

  // As many as the gauge says lie there: a reading that agrees with the others.
  const mm = await restingNumber(page, 'gauge.stitchWidth');
  await fill(page, 'Counted up to there', ((at - 9) / mm).toFixed(2));
  const band = async () => Number(/± ([\d.]+)/.exec(await restingText(page, 'gauge.stitchWidth'))?.[1]);
  const before = await band();
  await page.getByRole('button', { name: 'Add this reading' }).click();
  await expect(page.getByText(/^Reading 4 added/)).toBeVisible();
  expect(await band()).toBeLessThanOrEqual(before);
});

test('a swatch that bags use is taken out only after asking, and the bags keep what they need', async ({ page }) => {
  const address = await newBag(page, 'Tall pouch');
  await fill(page, 'Name', 'Towpath sampler');
  await fill(page, 'Name of the bag', 'Towpath pouch');
  await saved(page);
  const width = await restingText(page, 'gauge.stitchWidth');

  await page.goto('/swatches');
  const card = page.getByRole('article', { name: 'Towpath sampler' });
  await expect(card).toContainText('Towpath pouch');
  await card.getByRole('button', { name: 'Take out Towpath sampler' }).click();
  const ask = page.getByRole('dialog', { name: /Take out “Towpath sampler”/ });
  await expect(ask).toContainText('“Towpath pouch” is planned from it');
  await ask.getByRole('button', { name: 'Leave it' }).click();
  await expect(card).toBeVisible();
  await card.getByRole('button', { name: 'Take out Towpath sampler' }).click();
  await ask.getByRole('button', { name: 'Take it out of the library' }).click();
  await expect(card).toBeHidden();
  await page.goto(`${address}/swatch`);
  await expect(figure(page, 'gauge.stitchWidth')).toHaveText(width);
});

test('the server keeps to the asking too, and to names of their own', async ({ page }) => {
  const address = await newBag(page, 'Tall pouch');
  await fill(page, 'Name', 'Weir sampler');
  await saved(page);
  const { design } = await (await page.request.get(`/api/bags/${address.split('/').at(-1)}`)).json();
  const refused = await page.request.delete(`/api/swatches/${design.swatch.id}`);
  expect(refused.status()).toBe(409);
  expect((await refused.json()).sentence).toContain('planned from this swatch');
  const twice = await page.request.post('/api/swatches', { data: { swatch: { ...design.swatch, id: 'other' } } });
  expect(twice.status()).toBe(409);
  expect((await twice.json()).faults[0]).toMatchObject({
    path: ['name'],
    sentence: expect.stringContaining('Weir sampler 2'),
  });
  expect((await page.request.delete('/api/things/none')).status()).toBe(404);
  expect((await page.request.post('/api/things', { data: { one: { name: 'x' } } })).status()).toBe(422);
});

test('a new bag is begun from a swatch of the library', async ({ page }) => {
  await newBag(page, 'Tall pouch');
  await fill(page, 'Name', 'Lock-keeper sampler');
  await fill(page, 'Reading 1: stitches counted', '31');
  await saved(page);
  const width = await restingText(page, 'gauge.stitchWidth');
  await page.goto('/swatches');
  await page
    .getByRole('article', { name: 'Lock-keeper sampler' })
    .getByRole('button', { name: 'Begin a bag with it' })
    .click();
  await page.waitForURL(/\/carry$/);
  await goTo(page, 'Swatch');
  await expect(figure(page, 'gauge.stitchWidth')).toHaveText(width);
});

test('among many of a library one is found by its name, and all of them can be come to', async ({ page }) => {
  const address = await newBag(page);
  const many = 120;
  const of = (number: number) => `${number % 10 ? 'Music lyre' : 'Étui'} ${number}`;
  const sizes = { widthMm: 40, heightMm: 90, thicknessMm: 12, massG: null, turns: 'any-way', known: null };
  for (let number = 1; number <= many; number += 1)
    await page.request.post('/api/things', { data: { one: { ...sizes, id: `lyre${number}`, name: of(number) } } });
  await page.goto(`${address}/carry`);
  const list = page.getByLabel('Add a thing', { exact: true });
  const found = page.getByRole('searchbox', { name: 'Find among your things' });
  await expect(list.locator('option', { hasText: 'Yours: ' })).toHaveCount(100);
  await page.getByRole('button', { name: 'Show more' }).click();
  await expect.poll(() => list.locator('option', { hasText: 'Yours: ' }).count()).toBeGreaterThanOrEqual(many);
  await found.fill('etui 120');
  await expect(list.locator('option', { hasText: 'Yours: ' })).toHaveText(['Yours: Étui 120']);
  await list.selectOption({ label: 'Yours: Étui 120' });
  await expect(page.getByRole('listitem').filter({ hasText: 'Étui 120' })).toBeVisible();
  await found.fill('bassoon');
  await expect(page.getByText('None has “bassoon” in its name.')).toBeVisible();
  expect(await axeFinds(page)).toEqual([]);
  for (let number = 1; number <= many; number += 1) await page.request.delete(`/api/things/lyre${number}`);
});

test('a bag is found on the shelf by words of its name', async ({ page }) => {
  const address = await newBag(page);
  const id = address.split('/').at(-1);
  for (let copy = 0; copy < 13; copy += 1) await page.request.post(`/api/bags/${id}/copy`);
  await fill(page, 'Name of the bag', 'Ferryman’s Étui');
  await saved(page);
  await page.goto('/');
  await page.getByRole('searchbox', { name: 'Find a bag' }).fill('etui ferry');
  await expect(page.locator('[data-bag]')).toHaveCount(1);
  await expect(page.getByText('1 bag found on the shelf')).toBeVisible();
  await page.getByRole('searchbox', { name: 'Find a bag' }).fill('');
  await expect.poll(() => page.locator('[data-bag]').count()).toBeGreaterThanOrEqual(12);
});
