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
  await goTo(page, 'Bench');
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
  await goTo(page, 'Bench');
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

test('pieces are moved and turned by keys and by hand, clash where they lie on each other, and it is all undone', async ({
  page,
}) => {
  await newBag(page, 'Satchel with a gusset');
  await goTo(page, 'Lining');
  await page.getByRole('button', { name: 'Add a drop-in lining' }).click();
  await page.getByRole('button', { name: 'Lay them out' }).click();
  const layout = page.getByTestId('layout');
  await expect(layout).toContainText('3 pieces');
  const gusset = page.getByRole('button', { name: /^gusset, .* across/ });
  const before = (await gusset.getAttribute('aria-label')) ?? '';
  await gusset.focus();
  await page.keyboard.press('Shift+ArrowUp');
  await expect(gusset).not.toHaveAttribute('aria-label', before);
  await expect(layout).toContainText('as you have laid them');
  // A thumb scrolls where it pulls: it has buttons.
  const moved = (await gusset.getAttribute('aria-label')) ?? '';
  await page.getByRole('button', { name: 'gusset up' }).click();
  await expect(gusset).not.toHaveAttribute('aria-label', moved);
  // Onto the first front, wherever that is.
  const front = page.getByRole('button', { name: /^front, .* across/ }).first();
  const [from, to] = [await gusset.boundingBox(), await front.boundingBox()];
  if (!from || !to) throw new Error('nothing is drawn');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect(layout).toContainText('lie on each other');
  await page.getByRole('button', { name: 'Undo: Moved the gusset on the cloth' }).click();
  await expect(layout).not.toContainText('lie on each other');
  await saved(page);
  // It is kept with the bag.
  await page.reload();
  await goTo(page, 'Lining');
  await expect(page.getByTestId('layout')).toContainText('as you have laid them');
});

test('a remnant is cut first, its outline by its corners; one that crosses itself is told with ways out', async ({
  page,
}) => {
  await newBag(page, 'Satchel with a gusset');
  await goTo(page, 'Lining');
  await page.getByRole('button', { name: 'Add a drop-in lining' }).click();
  await page.getByRole('button', { name: 'Add a remnant' }).click();
  await page.getByRole('button', { name: 'Lay them out' }).click();
  await expect(page.getByTestId('layout')).toContainText('2 more from what was left over');
  const corner = page.getByRole('button', { name: /^Corner 2 of Remnant/ });
  await corner.focus();
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(page.getByLabel('Across, corner 2')).toHaveValue('540');
  await fill(page, 'Across, corner 1', '560');
  const slip = page.locator('[data-problem="remnant-crosses"]');
  await slip.getByRole('button', { name: /outermost corners/ }).click();
  await expect(slip).toBeHidden();
  await page.getByLabel('It lies').selectOption('folded');
  await page.getByRole('button', { name: 'Take “Remnant” out' }).click();
  await page.getByRole('button', { name: /Lay them out/ }).click();
  await expect(page.getByRole('button', { name: /^front, 2 at once/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^gusset, on the fold, 0.0 cm across/ })).toBeVisible();
  expect((await axeFinds(page)).map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
});

test('another bag of the shelf is cut from the same cloth', async ({ page }) => {
  await newBag(page, 'Satchel with a gusset');
  await goTo(page, 'Lining');
  await page.getByRole('button', { name: 'Add a drop-in lining' }).click();
  await fill(page, 'Name of the bag', 'Lined one');
  await saved(page);
  await newBag(page, 'Satchel with a gusset');
  await goTo(page, 'Lining');
  await page.getByRole('button', { name: 'Add a drop-in lining' }).click();
  await page.getByRole('button', { name: 'Cut another bag from it too' }).click();
  await page.getByLabel('With the pieces of').selectOption({ label: 'Lined one' });
  await expect(page.getByRole('button', { name: 'Without “Lined one”' })).toBeVisible();
  await expect(async () => {
    await page.getByRole('button', { name: /Lay them out/ }).click();
    await expect(page.getByTestId('layout')).toContainText('6 pieces', { timeout: 2000 });
  }).toPass();
  await expect(page.getByRole('button', { name: /^front \(Lined one\)/ }).first()).toBeVisible();
  await saved(page);
});

test('a lining is crocheted for itself, joined stitch by stitch, and its rows stand in the pattern', async ({
  page,
}) => {
  await newBag(page, 'Satchel with a gusset');
  await goTo(page, 'Lining');
  await page.getByRole('button', { name: 'Add a crocheted lining' }).click();
  const across = await figure(page, 'lining.ownStitches').textContent();
  await fill(page, 'Its stitches', '24');
  await expect(figure(page, 'lining.ownStitches')).not.toHaveText(across ?? '');
  await expect(page.getByText(/Front: \d+ over \d+ stitches/)).toBeVisible();
  await fill(page, 'Stitches you counted', '90');
  await expect(figure(page, 'lining.holes')).toContainText('90');
  expect((await axeFinds(page)).map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
  await goTo(page, 'Write-up');
  await expect(page.getByRole('heading', { name: 'Lining', exact: true })).toBeVisible();
  await saved(page);
});

test('felt in two layers is crocheted together through holes, and seen where the bag is cut open', async ({ page }) => {
  await newBag(page, 'Open pouch');
  await goTo(page, 'Lining');
  await expect(figure(page, 'fabric.openingAcross')).toBeVisible();
  await page.getByRole('button', { name: 'Add a drop-in lining' }).click();
  await page.getByLabel('Of', { exact: true }).selectOption('felt');
  await page.getByLabel('Joined').selectOption('through-holes');
  await page.getByLabel('Its own seams').selectOption('through-holes');
  const holes = await figure(page, 'lining.seamHoles').textContent();
  await fill(page, 'Holes every', '12');
  await expect(figure(page, 'lining.seamHoles')).not.toHaveText(holes ?? '');
  await page.getByLabel('Perforated').selectOption('together');
  await page.getByRole('button', { name: 'Show it cut open' }).click();
  await expect(page.getByRole('img', { name: /^The folded bag cut open/ })).toBeVisible();
  await goTo(page, 'Bench');
  await expect(page.getByText('Crochet the lining’s seams').first()).toBeVisible();
  await saved(page);
});

test('a mesh asks for a border of two rounds, and goes in before that is worked', async ({ page }) => {
  await newBag(page, 'Open pouch');
  await goTo(page, 'Lining');
  await page.getByRole('button', { name: 'Stiffen it with mesh crocheted into the border' }).click();
  const slip = page.locator('[data-problem="mesh-without-border"]');
  await slip.getByRole('button', { name: 'Work a border of two rounds' }).click();
  await expect(slip).toBeHidden();
  await expect(figure(page, 'stiffener.width')).toBeVisible();
  await goTo(page, 'Bench');
  await expect(page.getByText('Lay the mesh on').first()).toBeVisible();
  await saved(page);
});
