import { expect, test, type Locator, type Page } from '@playwright/test';
import { beginAtShelf, field, figure, fill, goTo, line, newBag, restingNumber, rowOf, saved } from './bag';

const settings = (page: Page) => page.getByRole('dialog', { name: 'How you work' });

async function openSettings(page: Page) {
  await page.getByRole('button', { name: /^How you work/ }).click();
  await expect(settings(page).getByLabel('Lengths in')).toBeVisible();
}

async function closeSettings(page: Page) {
  await settings(page).getByRole('button', { name: /close/i }).click();
  await expect(settings(page)).toBeHidden();
}

test('the turning chain, foundation stitches and the other hand are settings that the plan and the text follow', async ({
  page,
}) => {
  await newBag(page);
  await page.getByLabel('Stitch', { exact: true }).selectOption('hdc');
  await goTo(page, 'Body');
  const chains = () => restingNumber(page, 'panel.startingChain');
  const stitches = await restingNumber(page, 'panel.stitches');
  expect(await chains()).toBe(stitches + 1);

  await openSettings(page);
  await settings(page).getByLabel('Turning chain').selectOption('counts');
  await closeSettings(page);
  await goTo(page, 'Write-up');
  await expect(page.getByTestId('pattern')).toContainText('hdc in 3rd ch from hook');
  await expect(page.getByTestId('pattern')).toContainText('The turning chain counts as the first stitch');

  await openSettings(page);
  await settings(page).getByLabel('Begin with').selectOption('foundation-stitches');
  await settings(page).getByLabel('Working hand').selectOption('left');
  await closeSettings(page);
  await expect(page.getByTestId('pattern')).toContainText(`work ${stitches} foundation hdc`);
  await expect(page.getByTestId('pattern')).toContainText('counted from the left edge');
  await goTo(page, 'Body');
  expect(await chains()).toBe(0);
});

test('a maker who thinks in inches types and reads inches everywhere, and her next bag begins so', async ({ page }) => {
  await newBag(page);
  await openSettings(page);
  await settings(page).getByLabel('Lengths in').selectOption('in');
  await closeSettings(page);
  await fill(page, 'Reading 1: stitches counted', '20');
  await page.getByLabel('Reading 1: length').first().fill('4 1/8');
  await page.getByLabel('Reading 1: length').first().press('Enter');
  await expect(page.getByLabel('Reading 1: length').first()).toHaveValue('4 1/8');
  await expect(figure(page, 'gauge.stitchWidth')).toContainText(' in');

  await goTo(page, 'Body');
  await fill(page, 'Width, wanted', '8½');
  await expect(field(page, 'Width, wanted')).toHaveValue('8 1/2');
  await fill(page, 'Height, empty, wanted', '15 cm');
  await expect(field(page, 'Height, empty, wanted')).toHaveValue('5 7/8');
  await expect(figure(page, 'size.width')).toContainText(/in.*± .* in/);
  await fill(page, 'Width, wanted', '200 in');
  await expect(page.getByRole('alert').filter({ hasText: 'at most' })).toContainText('31½ in');
  await field(page, 'Width, wanted').press('Escape');
  await saved(page);

  await beginAtShelf(page, 'Tall pouch');
  await goTo(page, 'Body');
  await expect(field(page, 'Width, wanted')).toHaveValue('4 7/8');
});

test('a strap in either school: pulled it is worked shorter, reinforced as long as it is worn', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Strap');
  await page.getByRole('button', { name: 'Add a strap' }).click();
  await fill(page, 'Worn length', '90');
  const toWork = () => restingNumber(page, 'strap.slackToWork');
  const pulled = await toWork();
  await page.getByLabel('Measured', { exact: true }).selectOption('slack');
  expect(await toWork()).toBeGreaterThan(pulled);
  // 90 cm and two overlaps of 2.5 cm.
  expect(await toWork()).toBeCloseTo(95, 1);
  // A trial strip says something only once all of it is measured.
  await expect(figure(page, 'strap.rowHeight')).toHaveAccessibleName(/foretold/);
  await fill(page, 'Its rows', '40');
  await fill(page, 'Lying slack', '18.8');
  await fill(page, 'Fully pulled', '21.4');
  await expect(figure(page, 'strap.rowHeight')).not.toHaveAccessibleName(/foretold/);
  await fill(page, 'Fully pulled', '10');
  await expect(page.getByRole('alert').filter({ hasText: 'can’t be shorter than slack' })).toBeVisible();
});

test('a strap is worked to what this bag weighs, from a trial strip with weights on it; one of another kind tells nothing', async ({
  page,
}) => {
  await newBag(page);
  await goTo(page, 'Carry');
  await fill(page, 'Mass, if you know better', '800');
  await goTo(page, 'Strap');
  await page.getByRole('button', { name: 'Add a strap' }).click();
  await fill(page, 'Its rows', '40');
  await fill(page, 'Lying slack', '20');
  await page.getByRole('button', { name: 'Hang a weight on it' }).click();
  await fill(page, 'Weight 1', '400');
  await fill(page, 'Length under weight 1', '19');
  await expect(page.getByRole('alert').filter({ hasText: 'can’t be shorter than slack' })).toBeVisible();
  await fill(page, 'Length under weight 1', '21');
  await fill(page, 'Fully pulled', '22');
  await page.getByLabel('Measured', { exact: true }).selectOption('loaded');
  // Half of 800 g in each arm where it hangs straight, and a little more as its arms spread.
  expect(await restingNumber(page, 'strap.pull')).toBeGreaterThanOrEqual(400);
  expect(await restingNumber(page, 'strap.pull')).toBeLessThan(440);
  const row = await restingNumber(page, 'strap.rowHeight');
  expect(row).toBeCloseTo(5, 1);
  await page.getByRole('radio', { name: 'Spiral tube' }).check();
  await expect(page.locator('.slip').getByText('The trial strip was worked in short rows')).toBeVisible();
  await expect(figure(page, 'strap.rowHeight')).toHaveAccessibleName(/foretold/);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('radio', { name: 'Short rows' })).toBeChecked();
  expect(await restingNumber(page, 'strap.rowHeight')).toBeCloseTo(row, 9);
});

test('a bag can be made from the keyboard alone', async ({ page }) => {
  await page.goto('/');
  const press = async (button: Locator) => {
    await button.focus();
    await page.keyboard.press('Enter');
  };
  await press(page.getByRole('button', { name: 'New bag' }));
  await press(page.getByRole('region', { name: 'Begin from' }).getByRole('button', { name: 'None yet' }));
  await press(page.getByRole('region', { name: 'Begin from' }).getByRole('button', { name: /Tall pouch/ }));
  await page.waitForURL(/\/carry$/);
  await saved(page);
  await page.keyboard.press('Alt+4');
  await page.waitForURL(/\/body$/);
  await expect(page.getByTestId('panel')).toHaveAttribute('data-measured', 'true');
  await line(page, 'edge.flap').focus();
  const before = await rowOf(page, 'edge.flap');
  await page.keyboard.press('ArrowUp');
  await expect(line(page, 'edge.flap')).toHaveAttribute('aria-valuenow', String(before + 1));
  await page.keyboard.press('Control+z');
  await expect(line(page, 'edge.flap')).toHaveAttribute('aria-valuenow', String(before));
  await figure(page, 'size.width').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: /^Why: Width/ })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(figure(page, 'size.width')).toBeFocused();
});

test('a long shelf is fetched as she goes down', async ({ page }) => {
  const id = (await newBag(page)).split('/').at(-1);
  for (let copy = 0; copy < 13; copy += 1) await page.request.post(`/api/bags/${id}/copy`);
  await page.goto('/');
  const bags = page.locator('[data-bag]');
  await expect(bags.first()).toBeVisible();
  const { total } = await (await page.request.get('/api/bags?limit=1')).json();
  expect(total).toBeGreaterThan(13);
  await page.mouse.move(600, 500);
  await expect(async () => {
    await page.mouse.wheel(0, 4000);
    expect(await bags.count()).toBeGreaterThanOrEqual(14);
  }).toPass();
});
