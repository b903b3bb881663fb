import { expect, test, type Page } from '@playwright/test';
import { axeFinds, field, figure, fill, goTo, newBag, restingNumber, restingText, saved } from './bag';

const choose = (page: Page, label: string, value: string) =>
  page.getByLabel(label, { exact: true }).first().selectOption(value);

async function addStrap(page: Page): Promise<void> {
  await goTo(page, 'Strap');
  await page.getByRole('button', { name: 'Add a strap' }).click();
  await expect(figure(page, 'strap.rows')).toBeVisible();
}

test('two handles are set on front and back by count: dragged by keys, mirrored, and sharing what they carry', async ({
  page,
}) => {
  await newBag(page);
  await addStrap(page);
  await choose(page, 'Its feet', 'front');
  await choose(page, 'It lies', 'in-the-hand');
  await fill(page, 'Worn length', '34');
  const stitches = field(page, 'In from either side');
  const before = Number(await stitches.inputValue());
  const grip = page.getByRole('slider', { name: 'Move the strap’s feet' });
  await grip.focus();
  await page.keyboard.press('ArrowRight');
  await expect(stitches).not.toHaveValue(String(before));
  const moved = Number(await stitches.inputValue());
  expect(Math.abs(moved - before)).toBe(1);
  await expect(page.getByText(new RegExp(`leave ${moved} stitch(es)? from either side`)).first()).toBeVisible();
  await page.getByRole('button', { name: 'At thirds' }).click();
  await expect(stitches).toHaveValue(String(before));

  await page.getByRole('button', { name: 'Add another strap' }).click();
  await expect(page.getByRole('heading', { name: /2nd of 2/ })).toBeVisible();
  await page.getByLabel('Its feet', { exact: true }).nth(1).selectOption('back');
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Its feet', { exact: true }).nth(1)).toHaveValue('back');
});

test('the mouth is pulled on the figure, the strap follows, and one undo brings the tape back', async ({ page }) => {
  await newBag(page);
  await addStrap(page);
  await choose(page, 'It lies', 'on-the-shoulder');
  await fill(page, 'Worn length', '80');
  const rows = await restingNumber(page, 'strap.rows');
  const mouth = page.getByRole('slider', { name: 'Where the mouth hangs' });
  await mouth.focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByLabel('Its length is given by', { exact: true })).toHaveValue('figure');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(async () => expect(await restingNumber(page, 'strap.rows')).toBeGreaterThan(rows)).toPass();
  await figure(page, 'strap.wish').click();
  await expect(page.getByRole('dialog', { name: /^Why: / })).toContainText('Body segment parameters');
  await page.keyboard.press('Escape');
  for (let step = 0; step < 3; step += 1) await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Its length is given by', { exact: true })).toHaveValue('tape');
  await expect(async () => expect(await restingNumber(page, 'strap.rows')).toBe(rows)).toPass();
});

test('a strap clips on and is adjusted: what is not strap is taken off its length, and rings that are too narrow are told', async ({
  page,
}) => {
  await newBag(page);
  await addStrap(page);
  await fill(page, 'Worn length', '100');
  const sewn = await restingNumber(page, 'strap.slackToWork');
  await choose(page, 'Its ends are', 'clasp');
  await expect(figure(page, 'strap.hardware')).toBeVisible();
  const clipped = await restingNumber(page, 'strap.slackToWork');
  expect(clipped).toBeLessThan(sewn);
  await choose(page, 'Made longer and shorter by', 'slider');
  await expect(figure(page, 'strap.longest')).toContainText('cm');
  expect(await restingNumber(page, 'strap.slackToWork')).toBeGreaterThan(clipped);
  await fill(page, 'Ring, inside', '10');
  const tooNarrow = page.getByText('Your decision: A ring');
  await expect(tooNarrow).toContainText('narrower than the strap');
  await page.getByRole('button', { name: /^Rings .* across inside$/ }).click();
  await expect(tooNarrow).toHaveCount(0);
  const violations = await axeFinds(page);
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
  for (const width of [390, 640, 768]) {
    await page.setViewportSize({ width, height: 844 });
    const wide = () => page.evaluate(() => document.documentElement.scrollWidth);
    await expect.poll(wide, { message: `at ${width} px` }).toBeLessThanOrEqual(width);
  }
});

test('a strap is bought, or grows from the body: each is cut or worked, in the text and in its order', async ({
  page,
}) => {
  await newBag(page, 'Open pouch');
  await addStrap(page);
  await page.getByRole('radio', { name: 'Rope' }).check();
  await expect(figure(page, 'strap.toCut')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'To buy and to cut' })).toBeVisible();
  await page.getByRole('radio', { name: 'Short rows' }).check();
  await choose(page, 'Its ends are', 'grown');
  await expect(page.getByRole('heading', { name: 'Where it grows from the body' })).toBeVisible();
  await fill(page, 'Short loop to pass it through', '15');
  await expect(figure(page, 'strap.shortRows')).toBeVisible();
  expect(await restingText(page, 'strap.shortRows')).toContain('row');
  await goTo(page, 'Write-up');
  await expect(page.getByText('The short loop, at the other side:')).toBeVisible();
  await expect(page.getByText(/pass the long one through the short one/)).toBeVisible();
});

test('a trial strip is read off the practice gauge: set to nought, taken where it holds still, and kept when it is unplugged', async ({
  page,
}) => {
  await newBag(page);
  await addStrap(page);
  await page.getByRole('button', { name: 'Read them off a pull gauge' }).click();
  const gauge = page.getByTestId('gauge');
  await expect(gauge).toContainText('holding still');
  await gauge.getByRole('button', { name: 'Set it to nought' }).click();
  await fill(page, 'Its rows', '40');
  const take = async (name: string) => {
    await expect(gauge).toContainText('holding still');
    await gauge.getByRole('button', { name }).click();
    await expect(gauge.getByRole('status')).toHaveText('Taken.');
  };
  await take('Take as slack');
  await expect(field(page, 'Lying slack')).toHaveValue(/^19\.\d$/);
  const pull = gauge.getByRole('slider');
  await pull.fill('8');
  // The readings taken together are of the last second.
  await page.waitForTimeout(1000);
  await take('Take with this weight');
  await expect(field(page, 'Weight 1')).toHaveValue(/^8\d\d$/);
  await pull.fill('45');
  await page.waitForTimeout(1000);
  await take('Take as fully pulled');
  await expect(figure(page, 'strap.growth')).toContainText('%');
  await gauge.getByRole('button', { name: 'Pull the plug' }).click();
  await expect(gauge).toContainText('The gauge was unplugged. What was taken stays.');
  await expect(field(page, 'Weight 1')).toHaveValue(/^8\d\d$/);
  await saved(page);
});
