import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { axeFinds, figure, fill, goTo, newBag, saved } from './bag';

/** What is saved when a button is pressed. */
async function fileOf(page: Page, button: string): Promise<{ name: string; bytes: Buffer }> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button }).click(),
  ]);
  return { name: download.suggestedFilename(), bytes: readFileSync(await download.path()) };
}

test('a lining is chosen by its drawing, joined hole by hole as they are counted, and leaves at true size', async ({
  page,
}) => {
  await newBag(page, 'Satchel with a gusset');
  await goTo(page, 'Lining');
  await page.getByRole('button', { name: 'Add a drop-in lining' }).click();
  await expect(page.getByRole('combobox', { name: 'Cut', exact: true })).toHaveValue('walls');
  await page.getByLabel('Joined').selectOption('through-holes');
  await expect(figure(page, 'lining.holes')).toContainText(/\d+/);
  await fill(page, 'Holes you counted', '83');
  await expect(figure(page, 'lining.holes')).toContainText('83');
  await expect(page.getByText(/Front: \d+ over \d+ holes/)).toBeVisible();
  expect((await axeFinds(page)).map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);

  const pdf = await fileOf(page, 'Pages to print (PDF)');
  expect(pdf.name).toMatch(/-pieces\.pdf$/);
  expect(pdf.bytes.subarray(0, 5).toString()).toBe('%PDF-');
  await expect(page.getByText(/Saved: .* and one to measure by/)).toBeVisible();
  const svg = await fileOf(page, 'Drawing in mm (SVG)');
  expect(svg.bytes.toString()).toMatch(/^<svg [^>]*width="[\d.]+mm"/);
  const dxf = await fileOf(page, 'For a cutter (DXF)');
  expect(dxf.bytes.toString()).toContain('CUT');
  await saved(page);
});

test('a lining of the flap alone is offered, and without a flap is left out with a way to go on', async ({ page }) => {
  await newBag(page, 'Open pouch');
  await goTo(page, 'Lining');
  await page.getByRole('button', { name: 'Add a lining of the flap alone' }).click();
  const slip = page.locator('[data-problem="lining-without-flap"]');
  await slip.getByRole('button', { name: 'Line all of it' }).click();
  await expect(slip).toBeHidden();
  await expect(figure(page, 'lining.cutWidth')).toBeVisible();
});

test('canvas stiffens the base: cut to whole bars, put in before the lining, taken out and brought back', async ({
  page,
}) => {
  await newBag(page, 'Satchel with a gusset');
  await goTo(page, 'Lining');
  await page.getByRole('button', { name: 'Stiffen it with plastic canvas' }).click();
  await expect(page.getByRole('combobox', { name: 'It stiffens' })).toHaveValue('base');
  await expect(figure(page, 'stiffener.sheets')).toContainText('1');
  const across = await figure(page, 'stiffener.width').textContent();
  await fill(page, 'Smaller all round', '12');
  await expect(figure(page, 'stiffener.width')).not.toHaveText(across ?? '');
  const svg = await fileOf(page, 'Drawing in mm (SVG)');
  expect(svg.bytes.toString()).toContain('Stiffener: base');
  await page.getByRole('button', { name: 'Take the stiffener out' }).click();
  await expect(page.getByRole('heading', { name: 'No stiffener' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(figure(page, 'stiffener.width')).toBeVisible();
  expect((await axeFinds(page)).map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
  await goTo(page, 'Order of making');
  await expect(page.getByText('Put the stiffener in').first()).toBeVisible();
  await saved(page);
});

test('a pocket is put in by its drawing, moved by keys where it lies, closed by a zipper only behind a lining', async ({
  page,
}) => {
  await newBag(page, 'Satchel with a gusset');
  await goTo(page, 'Lining');
  await page.getByRole('button', { name: 'Put in a slip pocket' }).click();
  await expect(figure(page, 'pocket.cutWidth')).toContainText(/\d/);
  await page.getByRole('button', { name: 'Show where pockets lie' }).click();
  const grip = page.getByRole('slider', { name: /Slip pocket: below the mouth/ });
  await grip.focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('textbox', { name: 'Below the mouth' })).not.toHaveValue('30');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('textbox', { name: 'Below the mouth' })).toHaveValue('30');

  await page.getByRole('button', { name: 'Put in a zipped pocket' }).click();
  const slip = page.locator('[data-problem="pocket-needs-lining"]');
  await slip.getByRole('button', { name: 'Add a drop-in lining' }).click();
  await expect(slip).toBeHidden();
  await expect(figure(page, 'pocket.zipper.2')).toContainText(/\d/);
  expect((await axeFinds(page)).map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
  const svg = await fileOf(page, 'Drawing in mm (SVG)');
  expect(svg.bytes.toString()).toContain('Zipped pocket (2)');
  await goTo(page, 'Order of making');
  await expect(page.getByText('Sew the slip pocket on').first()).toBeVisible();
  await saved(page);
});

test('a lining is cut by what came out, and laid on the cloth as short as it goes', async ({ page }) => {
  await newBag(page, 'Satchel with a gusset');
  await goTo(page, 'Lining');
  await page.getByRole('button', { name: 'Add a drop-in lining' }).click();
  const planned = await figure(page, 'lining.insideWidth').textContent();
  const mine = page.getByRole('group', { name: 'Your finished bag, outside' });
  await mine.getByLabel('Across').fill('21.4');
  await mine.getByLabel('Across').press('Enter');
  await expect(figure(page, 'lining.insideWidth')).not.toHaveText(planned ?? '');
  await page.getByRole('button', { name: 'Undo: Mine came out at' }).click();
  await expect(figure(page, 'lining.insideWidth')).toHaveText(planned ?? '');

  await page.getByRole('button', { name: 'Lay them out' }).click();
  await expect(figure(page, 'cloth.length')).toContainText(/\d/);
  await expect(page.getByRole('button', { name: 'Show it on the cloth' })).toHaveAttribute('aria-pressed', 'true');
  const wide = await figure(page, 'cloth.length').textContent();
  // A bolt that is too narrow for the front is said, with what would do.
  await fill(page, 'Cloth, wide', '20');
  const slip = page.locator('[data-problem="cloth-too-narrow"]');
  await slip.getByRole('button', { name: /Take cloth/ }).click();
  await expect(slip).toBeHidden();
  await page.getByRole('button', { name: /Lay them out/ }).click();
  await expect(figure(page, 'cloth.length')).not.toHaveText(wide ?? '');
  expect((await axeFinds(page)).map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
  await saved(page);
});
