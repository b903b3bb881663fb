import { expect, type Page } from '@playwright/test';

/** Makes a new bag from the shelf, as a maker does, and goes on to its swatch. */
export async function newBag(page: Page, starter = 'Letter pouch'): Promise<string> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New bag' }).click();
  await page.getByRole('region', { name: 'Begin from' }).getByRole('button', { name: starter }).click();
  await page.waitForURL(/\/carry$/);
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
