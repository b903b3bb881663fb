import AxeBuilder from '@axe-core/playwright';
import { expect, type Locator, type Page } from '@playwright/test';
import { STARTERS, starterDesign, swatchIdSchema, type Design } from '@/core/design';
import { measuredSwatch } from '@/core/testing/designs';

/**
 * Makes a new bag as it is on the shelf of a maker who has a swatch of it, which is to carry something as thick as a finger, and opens
 * its swatch. What the shelf does to begin one is tried in tests of its own.
 *
 * @param change what is otherwise about it
 */
export async function newBag(
  page: Page,
  name = 'Letter pouch',
  change: (design: Design) => Design = (design) => design,
): Promise<string> {
  const starter = STARTERS.find((one) => one.name === name);
  if (!starter) throw new Error(`There is no starter called ${name}.`);
  const begun = starterDesign(starter.id, swatchIdSchema.parse('e2e'));
  const design = change({
    ...begun,
    contents: { ...begun.contents, thicknessMm: 12 },
    // No two bags of the tests share a swatch.
    swatch: { ...measuredSwatch(begun.swatch), name: `Trial ${Date.now()} ${Math.random().toString(36).slice(2, 7)}` },
  });
  const answer = await page.request.post('/api/bags', { data: { design } });
  expect(answer.ok()).toBe(true);
  const { id } = (await answer.json()) as { id: string };
  await page.goto(`/bags/${id}/swatch`);
  return page.url().replace(/\/\w+$/, '');
}

/** Begins a bag at the shelf, before there is a swatch of it, and comes to what it carries. */
export async function beginAtShelf(page: Page, starter = 'Letter pouch'): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New bag' }).click();
  const begin = page.getByRole('region', { name: 'Begin from' });
  await begin.getByRole('button', { name: 'None yet' }).click();
  await begin.getByRole('button', { name: starter }).click();
  await page.waitForURL(/\/carry$/);
  await saved(page);
}

/** Goes to a place along the tape. */
export async function goTo(page: Page, place: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: place }).click();
  await expect(page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: place })).toHaveAttribute(
    'aria-current',
    'page',
  );
}

/** Waits until something that came as written page answers to a hand: before its code has come, a press on it is lost. */
export async function awake(what: Locator): Promise<void> {
  await expect(what).toBeVisible();
  await expect
    .poll(() => what.evaluate((element) => Object.keys(element).some((key) => key.startsWith('__reactProps'))))
    .toBe(true);
}

/** Opens a group that is folded away under its name. */
export async function unfold(page: Page, title: string): Promise<void> {
  const trigger = page.getByRole('region', { name: title, exact: true }).getByRole('button', { name: title });
  if ((await trigger.getAttribute('aria-expanded')) !== 'true') await trigger.click();
  await expect(trigger).toHaveAttribute('aria-expanded', 'true');
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
