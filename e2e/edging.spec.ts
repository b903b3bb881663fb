import { expect, test } from '@playwright/test';
import { figure, fill, goTo, newBag, restingNumber, saved } from './bag';

test('a border is put on, sizes and drawing follow, and its seam goes through its outer loops', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Body');
  const before = await restingNumber(page, 'panel.stitches');
  await page.getByRole('button', { name: 'Add an edging' }).click();
  const plain = page.getByRole('region', { name: 'Plain edging', exact: true });
  await expect(plain.getByLabel('Along', { exact: true })).toHaveValue('strip');
  await expect(page.locator('[data-role="border"]').first()).toBeVisible();
  // The wanted width is kept: the border takes stitches.
  expect(await restingNumber(page, 'panel.stitches')).toBeLessThan(before);
  await fill(page, 'Plain rounds', '2');
  await expect(figure(page, 'edging.lastStitches')).toBeVisible();
  await page.getByRole('button', { name: 'Seam through the outer loops of the border' }).click();
  await expect(page.getByLabel('The sides are joined')).toHaveValue('outer-loops');
  await plain.getByLabel('Worked as').selectOption('shell');
  const shells = page.getByRole('region', { name: 'Shell edging', exact: true });
  await expect(figure(page, 'edging.repeats')).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(shells).toBeVisible();
  await page.getByRole('button', { name: 'Take the edging off' }).click();
  await expect(page.locator('[data-role="border"]')).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(shells).toBeVisible();
  await goTo(page, 'Write-up');
  await expect(page.getByText(/5 dc in next st/).first()).toBeVisible();
});
