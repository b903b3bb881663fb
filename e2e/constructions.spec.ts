import { expect, test, type Page } from '@playwright/test';
import { axeFinds, figure, fill, goTo, line, newBag, restingNumber, restingText, rowOf, saved, unfold } from './bag';

async function openBody(page: Page, starter?: string) {
  await newBag(page, starter);
  await goTo(page, 'Body');
  await expect(page.getByTestId('panel')).toHaveAttribute('data-measured', 'true');
}

const made = (page: Page, name: string) => page.getByRole('radio', { name, exact: true });
const pieces = (page: Page) =>
  page
    .getByTestId('panel')
    .locator('[data-piece]')
    .evaluateAll((all) => all.map((one) => one.getAttribute('data-piece')));
const count = restingNumber;

const CONSTRUCTIONS: [name: string, pieces: string[], written: RegExp][] = [
  ['Boxed corners', ['panel'], /Seam straight across it/],
  ['With a gusset', ['front', 'back', 'gusset'], /Gusset to the front; Gusset to the back/],
  ['Round, banded', ['disc', 'band'], /Discs, two alike/],
  ['Round a chain', ['sides'], /along the other side of the chain/],
  ['Oval base', ['base', 'sides'], /Go on from the rim of the base/],
];

test('every construction is chosen by its drawing, drawn in its pieces, written and ordered; undo brings the other back', async ({
  page,
}) => {
  test.slow();
  await openBody(page);
  const before = await restingText(page, 'size.width');
  for (const [name, drawn, written] of CONSTRUCTIONS) {
    await made(page, name).check();
    await expect.poll(() => pieces(page)).toEqual(drawn);
    await goTo(page, 'Write-up');
    await expect(page.getByTestId('pattern')).toContainText(written);
    await goTo(page, 'Bench');
    await expect(page.locator('[data-step="inspect"]')).toBeVisible();
    await goTo(page, 'Body');
  }
  for (let back = 0; back < CONSTRUCTIONS.length; back += 1) await page.keyboard.press('Control+z');
  await expect.poll(() => pieces(page)).toEqual(['panel']);
  await expect(figure(page, 'size.width')).toHaveText(before);
});

test('depth and corners are pulled on the pieces, by hand and by keys, and the counts follow', async ({ page }) => {
  await openBody(page, 'Satchel with a gusset');
  const across = await count(page, 'gusset.stitches');
  await page.locator('[data-handle="body.depth"]').focus();
  for (let press = 0; press < 4; press += 1) await page.keyboard.press('PageUp');
  await expect.poll(() => count(page, 'gusset.stitches')).toBeGreaterThan(across);

  const long = await restingText(page, 'gusset.length');
  const grip = await page.locator('[data-handle="body.radius"]').boundingBox();
  if (!grip) throw new Error('no grip');
  const [x, y] = [grip.x + grip.width / 2, grip.y + grip.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let step = 1; step <= 6; step += 1) await page.mouse.move(x - 4 * step, y);
  await page.mouse.up();
  // A larger round is a shorter way.
  await expect(figure(page, 'gusset.length')).not.toHaveText(long);
  await page.keyboard.press('Control+z');
  await expect(figure(page, 'gusset.length')).toHaveText(long);
});

test('both upper edges move together, and the gusset with them', async ({ page }) => {
  await openBody(page, 'Satchel with a gusset');
  const [front, rows] = [await rowOf(page, 'edge.front'), await count(page, 'gusset.rows')];
  await line(page, 'fold.top').focus();
  await page.keyboard.press('PageUp');
  await expect(line(page, 'edge.front')).toHaveAttribute('aria-valuenow', String(front + 5));
  await expect.poll(() => count(page, 'gusset.rows')).toBeGreaterThan(rows);
});

test('a joined edge is lit where it meets the other; the rules lie along the piece in hand', async ({ page }) => {
  await openBody(page, 'Satchel with a gusset');
  const panel = page.getByTestId('panel');
  await panel.locator('[data-join="gusset-front"]').first().click();
  await expect(panel.locator('[data-mark="seam.gusset-front"][data-lit]')).toHaveCount(2);
  await expect(page.getByRole('img', { name: /^Rows, from row 1 at the bottom/ })).toBeVisible();
  await panel.locator('[data-piece="gusset"]').click({ position: { x: 40, y: 12 } });
  await expect(page.getByRole('img', { name: /^Rows, from row 1 at the (left|bottom)/ })).toBeVisible();
});

test('the sheet is drawn larger, moved, and fitted again', async ({ page }) => {
  await openBody(page, 'Satchel with a gusset');
  const wide = async () => (await page.locator('[data-piece="back"]').boundingBox())?.width ?? 0;
  const before = await wide();
  await page.getByRole('button', { name: 'Draw it larger' }).click();
  await page.getByRole('button', { name: 'Draw it larger' }).click();
  await expect.poll(wide).toBeGreaterThan(1.6 * before);
  const region = page.getByRole('region', { name: 'The pieces, drawn larger' });
  await region.focus();
  await page.keyboard.press('ArrowRight');
  await expect.poll(() => region.evaluate((node) => node.scrollLeft)).toBeGreaterThan(0);
  await page.getByRole('button', { name: 'Draw it as it fits' }).click();
  await expect.poll(wide).toBeCloseTo(before, 0);
});

test('a strip is begun at its flap, with increases, and a hem is turned back over the snap', async ({ page }) => {
  await openBody(page, 'Envelope');
  await page.getByRole('combobox', { name: 'Worked from' }).selectOption('flap-edge');
  await goTo(page, 'Write-up');
  await expect(page.getByTestId('pattern')).toContainText(/2 sc in next st, sc in each st to last st, 2 sc in last st/);
  await goTo(page, 'Body');
  await made(page, 'Straight').check();
  const hem = page.getByRole('textbox', { name: 'Hem turned back', exact: true });
  await hem.fill('20');
  await hem.press('Enter');
  await goTo(page, 'Bench');
  await expect(page.locator('[data-step="turn-hem"]')).toBeVisible();
});

test('every new bag can be begun from its drawing, and its pieces pass the accessibility checks', async ({ page }) => {
  test.slow();
  for (const starter of ['Half-moon clutch', 'Box bag', 'Round purse', 'Seamless pouch', 'Oval shopper']) {
    await openBody(page, starter);
    await saved(page);
    await expect(figure(page, 'size.width')).toBeVisible();
  }
  const violations = await axeFinds(page);
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
});

test('a strap that grows from the body is told to the stitch, wherever the sides are', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Strap');
  await page.getByRole('button', { name: 'Add a strap' }).click();
  await expect(page.getByText(/At each side take up the last \d+ stitches of the front’s upper edge/)).toBeVisible();
  await figure(page, 'grown.backRows').click();
  await expect(page.getByRole('dialog', { name: /^Why: / })).toContainText(
    'at the ratio that lies flat along row ends',
  );
});

test('a bag is made two thousand times on paper: told with what matters most, and put away when the bag changes', async ({
  page,
}) => {
  await openBody(page);
  await unfold(page, 'How far may sizes vary?');
  await page.getByRole('button', { name: 'Make them on paper' }).click();
  const made = page.getByTestId('makings');
  await expect(made.getByRole('img')).toHaveCount(3);
  await expect(made).toContainText('19 in 20 between');
  const low = await restingNumber(page, 'makings.width.low');
  const high = await restingNumber(page, 'makings.width.high');
  const planned = await restingNumber(page, 'size.width');
  expect(low).toBeLessThan(planned);
  expect(high).toBeGreaterThan(planned);
  await figure(page, 'makings.width.low').click();
  await expect(page.getByRole('dialog')).toContainText('One making in forty came out under this');
  await page.keyboard.press('Escape');

  await line(page, 'fold.base').focus();
  await page.keyboard.press('ArrowDown');
  await expect(made).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Make them on paper' })).toBeVisible();
});

test('what differs between the empty and the full bag is told, and follows the load', async ({ page }) => {
  await openBody(page);
  await unfold(page, 'How does it change when it is full?');
  const table = page.getByTestId('empty-full');
  await expect(table.getByRole('rowheader')).toHaveText([
    'Width, outside',
    'Height to the mouth',
    'Front to back, outside',
    'Gap at the mouth',
    'Flap down the front',
    'Share of the front it covers',
  ]);
  const before = await restingNumber(page, 'full.thickness.differs');
  await goTo(page, 'Carry');
  await fill(page, 'Thickness, if you know better', '20');
  await goTo(page, 'Body');
  await expect.poll(() => restingNumber(page, 'full.thickness.differs')).toBeGreaterThan(before);
  await page.getByTestId('empty-full').locator('[data-figure="mouth.gapFull"]').click();
  await expect(page.getByRole('dialog')).toContainText('Between the linings of front and back at the mouth');
});
