import { expect, test, type Page } from '@playwright/test';
import { field, figure, fill, goTo, newBag, restingNumber } from './bag';

async function openBody(page: Page) {
  await newBag(page);
  await goTo(page, 'Body');
  await expect(page.getByTestId('panel')).toHaveAttribute('data-measured', 'true');
}

const handle = (page: Page, fieldName: string) => page.locator(`[data-handle="${fieldName}"]`);
const stitches = restingNumber;

test('a flap’s shape is chosen by its drawing, pulled on the panel, and the rows follow', async ({ page }) => {
  await openBody(page);
  const across = await stitches(page, 'panel.stitches');
  await page.getByRole('radio', { name: 'Rounded corners' }).check();
  await expect(figure(page, 'flap.edgeStitches')).not.toContainText(`${across} stitches`);
  const before = await stitches(page, 'flap.edgeStitches');

  // A larger radius leaves fewer stitches at the edge.
  const grip = await handle(page, 'radiusMm').boundingBox();
  if (!grip) throw new Error('no grip');
  const [x, y] = [grip.x + grip.width / 2, grip.y + grip.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let step = 1; step <= 6; step += 1) await page.mouse.move(x, y + 6 * step);
  await page.mouse.up();
  await expect.poll(() => stitches(page, 'flap.edgeStitches')).toBeLessThan(before);
  await expect(page.getByTestId('panel').locator('[data-mark="flap.outline"]')).toHaveCount(1);

  // The whole pull is one thing to undo.
  await page.keyboard.press('Control+z');
  await expect.poll(() => stitches(page, 'flap.edgeStitches')).toBe(before);

  await handle(page, 'radiusMm').focus();
  const radius = Number(await handle(page, 'radiusMm').getAttribute('aria-valuenow'));
  await page.keyboard.press('ArrowDown');
  await expect
    .poll(async () => Number(await handle(page, 'radiusMm').getAttribute('aria-valuenow')))
    .toBeGreaterThan(radius);

  await goTo(page, 'Write-up');
  await expect(page.getByTestId('pattern')).toContainText('sc2tog over next 2 sts');
});

test('every shape can be chosen, is planned and written; a narrower flap leaves as much at both sides', async ({
  page,
}) => {
  await openBody(page);
  for (const shape of ['Tapered', 'Pointed', 'Rounded corners', 'Full round', 'Straight']) {
    await page.getByRole('radio', { name: shape, exact: true }).check();
    await expect(page.locator('[data-problem="flap-shape-too-large"]')).toHaveCount(0);
  }
  await fill(page, 'Width of the flap', '12');
  const across = await stitches(page, 'panel.stitches');
  await expect.poll(() => stitches(page, 'flap.startStitches')).toBeLessThan(across);
  const start = await stitches(page, 'flap.startStitches');
  expect((across - start) % 2).toBe(0);
  await goTo(page, 'Write-up');
  const left = (across - start) / 2;
  await expect(page.getByTestId('pattern')).toContainText(`sl st in each of next ${left} sts`);
  await expect(page.getByTestId('pattern')).toContainText(`leave last ${left} sts unworked, turn. (${start} sc)`);
});

test('a size that the flap has no room for is planned as large as fits, and says so', async ({ page }) => {
  await openBody(page);
  await page.getByRole('radio', { name: 'Rounded corners' }).check();
  await fill(page, 'Radius of the corners', '30');
  const slip = page.locator('[data-problem="flap-shape-too-large"]');
  await expect(slip).toContainText('has no room on this flap');
  await slip.getByRole('button', { name: /^Make it/ }).click();
  await expect(slip).toBeHidden();
  await fill(page, 'Radius of the corners', '-3');
  await expect(page.getByRole('alert').filter({ hasText: 'must be at least' })).toBeVisible();
  await field(page, 'Radius of the corners').press('Escape');
});

test('an open bag has no flap to plan: its drawing, ledger and words end with the back', async ({ page }) => {
  await newBag(page, 'Open pouch');
  await goTo(page, 'Body');
  await expect(page.locator('[data-line="edge.back"]')).toBeVisible();
  await expect(page.locator('[data-line="edge.flap"]')).toHaveCount(0);
  await expect(page.getByText('Flap drop, loaded')).toHaveCount(0);
  await goTo(page, 'Closures');
  await page.getByRole('button', { name: 'Put a magnetic snap on' }).click();
  const slip = page.locator('[data-problem="snap-without-flap"]');
  await expect(slip).toContainText('this bag has none');
  await slip.getByRole('button', { name: /Give the bag a straight flap, and a second mate/ }).click();
  await expect(slip).toBeHidden();
  await goTo(page, 'Body');
  await expect(page.locator('[data-line="edge.flap"]')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.locator('[data-line="edge.flap"]')).toHaveCount(0);
  await goTo(page, 'Write-up');
  await expect(page.getByTestId('pattern')).not.toContainText('top fold');
});
