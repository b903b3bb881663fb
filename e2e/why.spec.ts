import { expect, test } from '@playwright/test';
import { figure, goTo, line, newBag } from './bag';

test('a line, a difference, a slip and a step can all be asked why', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Body');

  await line(page, 'fold.base').focus();
  await page.keyboard.press('Enter');
  const why = page.getByRole('dialog', { name: /^Why: / });
  await expect(why).toContainText('Base fold');
  await expect(why).toContainText('Rows of the front');
  await page.keyboard.press('Escape');
  await expect(line(page, 'fold.base')).toBeFocused();

  const tag = line(page, 'edge.flap').locator('text').first();
  await tag.click();
  await expect(why).toContainText('Panel length');
  await page.keyboard.press('Escape');

  const off = figure(page, 'size.widthOff');
  await expect(off).toHaveText(/^[+−][\d.]+ (mm|cm)$/);
  await off.click();
  await expect(why).toContainText('Planned size less the wanted one');
  await page.keyboard.press('Escape');

  await goTo(page, 'Bench');
  const step = page.locator('[data-step="mark-top"]');
  await step.getByRole('button', { name: 'Why these numbers?' }).click();
  await step.locator('[data-figure="fold.top"]').click();
  await expect(why).toContainText('Top fold');
});

test('a size on the shelf is asked by opening its bag at the answer', async ({ page }) => {
  await newBag(page);
  await page.goto('/');
  await page
    .locator('[data-bag]')
    .first()
    .getByRole('link', { name: /Why\?$/ })
    .click();
  await expect(page.getByRole('dialog', { name: /^Why: Width/ })).toContainText(
    'Stitches less what both side seams take',
  );
  await expect(page).not.toHaveURL(/why=/);
});
