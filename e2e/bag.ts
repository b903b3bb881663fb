import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { starterDesign, swatchIdSchema } from '@/core/design';
import { measuredSwatch } from '@/core/testing/designs';

/** A swatch that was measured, under a name of its own: no two bags of the tests share one. */
async function keptSwatch(page: Page, rounds: boolean): Promise<string> {
  const name = `Trial ${Date.now()} ${Math.random().toString(36).slice(2, 7)}`;
  const { swatch: begun } = starterDesign('letter', swatchIdSchema.parse('e2e'));
  const swatch = { ...measuredSwatch(begun), name, standsFor: rounds ? 'rounds' : 'panel' };
  const answer = await page.request.post('/api/swatches', { data: { swatch } });
  expect(answer.ok()).toBe(true);
  return name;
}

const IN_ROUNDS = new Set(['Round purse', 'Seamless pouch', 'Oval shopper']);

/** Makes a new bag from the shelf, as a maker does who has a swatch of it, and goes on to its swatch. */
export async function newBag(page: Page, starter = 'Letter pouch'): Promise<string> {
  await page.goto('/');
  const swatch = await keptSwatch(page, IN_ROUNDS.has(starter));
  await page.getByRole('button', { name: 'New bag' }).click();
  const begin = page.getByRole('region', { name: 'Begin from' });
  await begin.getByRole('button', { name: swatch }).click();
  await begin.getByRole('button', { name: starter }).click();
  await page.waitForURL(/\/carry$/);
  // It is to carry something as thick as a finger.
  await fill(page, 'Thickness, if you know better', '12');
  await goTo(page, 'Swatch');
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible();
  return page.url().replace(/\/\w+$/, '');
}

/** Goes to a place along the tape. */
export async function goTo(page: Page, place: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: place }).click();
  await expect(page.getByRole('link', { name: place })).toHaveAttribute('aria-current', 'page');
}

/** What a ticket says, with its unit. */
export const figure = (page: Page, id: string) => page.locator(`[data-figure="${id}"]`).first();

/** Longer than numbers take to follow a change of the drawing. */
const REST_MS = 400;

/** What a ticket says once it has come to rest: numbers follow a change a little later, and later still on a busy machine. */
export async function restingText(page: Page, id: string): Promise<string> {
  let text = await figure(page, id).textContent();
  await expect(async () => {
    const before = text;
    await page.waitForTimeout(REST_MS);
    text = await figure(page, id).textContent();
    expect(text).toBe(before);
  }).toPass();
  return text ?? '';
}

/** The first number on a ticket that has come to rest; NaN for a size written in fractions. */
export const restingNumber = async (page: Page, id: string): Promise<number> =>
  Number(/[\d.]+/.exec(await restingText(page, id))?.[0]);

export const line = (page: Page, id: string) => page.locator(`[data-line="${id}"]`);

/** The row that a movable line lies after. */
export const rowOf = async (page: Page, id: string): Promise<number> =>
  Number(await line(page, id).getAttribute('aria-valuenow'));

export async function fill(page: Page, label: string, text: string): Promise<void> {
  await field(page, label).fill(text);
  await field(page, label).press('Enter');
}

/** A field by its label. */
export const field = (page: Page, label: string) => page.getByRole('textbox', { name: label, exact: true });

export const saved = (page: Page) => expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'saved');

/** What axe finds wrong on a page. Nothing of ours stands in a frame, and what it finds right need not be told. */
export async function axeFinds(page: Page) {
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode();
  return (await axe.analyze()).violations;
}
