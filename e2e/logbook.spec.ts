import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import sharp from 'sharp';
import type { NewMakingEvent } from '@/core/bench';
import { planBag } from '@/core/plan';
import { readDesign } from '@/core/design';
import { goTo, newBag, saved } from './bag';
import { inItsOwnWorkroom } from './start';

const kept = (page: Page) => expect(page.locator('[data-keeping]')).toHaveAttribute('data-keeping', 'kept');
const jpeg = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#3a6f5a' } })
    .jpeg()
    .toBuffer();

/** Tells of a making as a bench would, and ends it. */
async function makeIt(page: Page, wider: number): Promise<string> {
  const bag = await newBag(page);
  await saved(page);
  const id = bag.split('/').at(-1) as string;
  const { design: document } = (await (await page.request.get(`/api/bags/${id}`)).json()) as { design: unknown };
  const read = readDesign(document);
  const result = read.ok ? planBag(read.design) : null;
  const piece = result?.ok ? result.plan.pieces[0] : undefined;
  if (!result?.ok || piece?.kind !== 'rows') throw new Error('no strip');
  const { stitchWidth } = result.plan.gauge.bySwatch;
  const events: NewMakingEvent[] = [
    ...piece.rows.map((_, index): NewMakingEvent => ({ kind: 'row', piece: piece.id, copy: 1, row: index + 1 })),
    {
      kind: 'measured',
      piece: piece.id,
      copy: 1,
      rows: 30,
      lengthMm: 30 * piece.rowMm,
      widthMm: piece.startStitches * stitchWidth.value * wider,
      leftG: null,
    },
    { kind: 'finished', usedG: 60, hours: 7.5, strap: null, remark: 'The brass looks well on it.' },
  ];
  const told = events.map((event, index) => ({ ...event, id: `${id}-${index}`, n: index + 1, atMs: 1000 * index }));
  const answer = await page.request.post(`/api/bags/${id}/making`, { data: { events: told.slice(0, 200) } });
  expect(answer.ok()).toBe(true);
  return bag;
}

test('a bag is told finished at its bench, stands in the logbook, and goes out as a table', async ({ page }) => {
  const bag = await newBag(page);
  await saved(page);
  await goTo(page, 'Bench');
  await expect(page.getByTestId('time-left')).toContainText('by what is usual');
  await page.getByTestId('row-done').click();
  await page.getByRole('button', { name: 'It is finished' }).click();
  const fields = page.getByRole('group', { name: 'It is finished' });
  await fields.getByRole('textbox', { name: 'Yarn in it' }).fill('-4');
  await fields.getByRole('textbox', { name: 'Yarn in it' }).press('Enter');
  await expect(fields).toContainText('Write a mass in g, more than nought.');
  await fields.getByRole('textbox', { name: 'Yarn in it' }).fill('58,5');
  await fields.getByRole('textbox', { name: 'Yarn in it' }).press('Enter');
  await fields.getByLabel('What you would do otherwise').fill('Firmer at the mouth.');
  await fields.getByRole('button', { name: 'Write it into the logbook' }).click();
  await expect(page.getByTestId('finished')).toContainText('58.5 g of yarn in it');
  await kept(page);

  await page.goto('/logbook');
  const card = page.locator('article', { hasText: 'Firmer at the mouth.' }).first();
  await expect(card).toContainText('came out at 59 g');
  await expect(card).toHaveAttribute('data-finished', 'true');
  const [table] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a table (CSV)' }).click(),
  ]);
  expect(table.suggestedFilename()).toBe('logbook.csv');
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id }) => id)).toEqual([]);

  await page.goto(`${bag}/bench`);
  await page.getByRole('button', { name: 'It isn’t finished after all' }).click();
  await expect(page.getByTestId('finished')).toBeHidden();
});

test('what bags taught is offered at the swatch with its effect, taken by hand only, undone, and left again', async ({
  browser,
}) => {
  await inItsOwnWorkroom(browser, isOffered);
});

/** In a workroom of its own: what other bags taught counts as well. */
async function isOffered(page: Page): Promise<void> {
  await makeIt(page, 1.06);
  await makeIt(page, 1.05);
  await newBag(page);
  await saved(page);
  const offer = page.locator('[data-offer="stitchWidth"]');
  await expect(offer).toHaveAttribute('data-taken', 'no');
  await expect(offer).toContainText('wider than on the swatch');
  await expect(offer).toContainText(/Width, outside: .+ → .+/);
  const width = page.getByText('Width, outside').locator('..');
  const before = await width.first().textContent();
  await offer.getByRole('button', { name: /^Plan by it/ }).click();
  await expect(offer).toHaveAttribute('data-taken', 'as-it-is');
  await expect(width.first()).not.toHaveText(before ?? '');
  await page.keyboard.press('Control+z');
  await expect(offer).toHaveAttribute('data-taken', 'no');
  await expect(width.first()).toHaveText(before ?? '');
  await offer.getByRole('button', { name: /^Plan by it/ }).click();
  await offer.getByRole('button', { name: /^Leave it/ }).click();
  await expect(width.first()).toHaveText(before ?? '');
}

test('a photo is added to a bag, looked at large, taken out and put back; what is no photo is refused in words', async ({
  page,
}) => {
  await newBag(page);
  await saved(page);
  await goTo(page, 'Bench');
  const photos = page.getByRole('group', { name: /^Photos of/ });
  const file = photos.locator('input[type=file]');
  await file.setInputFiles({ name: 'pouch.jpg', mimeType: 'image/jpeg', buffer: await jpeg(900, 600) });
  const small = photos.getByRole('button', { name: /^Photo 1 of 1/ });
  await small.click();
  const large = photos.locator('img[alt*="photo of"]');
  await expect(large).toBeVisible();
  expect(await large.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(900);
  await photos.getByRole('button', { name: 'Take it out' }).click();
  await expect(small).toBeHidden();
  await photos.getByRole('button', { name: 'Put it back' }).click();
  await expect(small).toBeVisible();
  await file.setInputFiles({ name: 'song.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('la la la') });
  await expect(photos.getByRole('status')).toContainText('isn’t a photo that can be read');
  await file.setInputFiles({ name: 'huge.jpg', mimeType: 'image/jpeg', buffer: Buffer.alloc(31_000_000) });
  await expect(photos.getByRole('status')).toContainText('larger than 30 MB');
  await expect(small).toBeVisible();
});

test('a tape and a scale are read at the bench, and a clicker counts rows', async ({ page }) => {
  await newBag(page);
  await saved(page);
  await goTo(page, 'Bench');
  const counter = page.getByTestId('row-counter');
  await page.getByRole('button', { name: 'Count with a clicker' }).click();
  const clicker = page.getByTestId('clicker');
  for (const row of [2, 3, 4]) {
    await clicker.getByRole('button', { name: 'Press the clicker' }).click();
    await expect(counter).toHaveAttribute('data-row', String(row));
    await page.waitForTimeout(80);
  }
  await clicker.getByRole('button', { name: 'Pull the plug' }).click();
  await expect(clicker).toContainText('What was counted stays.');
  await expect(counter).toHaveAttribute('data-row', '4');

  await page.getByRole('button', { name: 'Read a tape' }).click();
  const tape = page.getByTestId('tape');
  await tape.getByRole('slider').fill('15');
  await expect(tape).toContainText('holding still');
  await tape.getByRole('button', { name: 'Take it as the length' }).click();
  await expect(page.getByRole('textbox', { name: 'It is long' })).toHaveValue(/^1\.[45]\d?$/);
  await page.getByRole('button', { name: 'Read a scale' }).click();
  const scale = page.getByTestId('scale');
  await scale.getByRole('button', { name: 'Set it to nought' }).click();
  await scale.getByRole('slider').fill('86');
  await expect(scale).toContainText('holding still');
  await scale.getByRole('button', { name: 'Take it as what is left' }).click();
  await expect(page.getByRole('textbox', { name: 'Left of the yarn' })).toHaveValue(/^8[567](\.5)?$/);
});
