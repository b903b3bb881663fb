import { expect, test } from '@playwright/test';
import { CHROMIUM_FLAGS } from '../scripts/lib/browser.mjs';
import { chromiumPath } from '../scripts/lib/chromium.mjs';
import { goTo, newBag } from './bag';

// With graphics, if only simulated ones.
test.use({ launchOptions: { executablePath: chromiumPath(), args: CHROMIUM_FLAGS } });

test('where the browser can, the bag is drawn in space, and anew only when something has changed', async ({ page }) => {
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(String(error)));
  page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
  await newBag(page);
  await goTo(page, 'Body');
  const folded = page.getByTestId('folded');
  await expect(folded).toHaveAttribute('data-drawn', 'space');
  const canvas = folded.locator('canvas');
  await page.waitForTimeout(1500);
  const still = await canvas.screenshot();
  await page.waitForTimeout(500);
  expect((await canvas.screenshot()).equals(still)).toBe(true);

  await page.getByRole('slider', { name: 'Turn the folded bag' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(async () => expect((await canvas.screenshot()).equals(still)).toBe(false)).toPass();

  // Pressed, the flap is lit in the section.
  const grip = await page.getByRole('slider', { name: 'Open or close the flap' }).boundingBox();
  if (!grip) throw new Error('the flap has a grip');
  await page.mouse.click(grip.x + grip.width / 2, grip.y + grip.height / 2 - 34);
  await expect(page.getByTestId('section').locator('[data-mark="part.flap"][data-lit]').first()).toBeAttached();
  expect(errors).toEqual([]);
});

test('when its picture is lost, the bag is drawn still', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Body');
  const folded = page.getByTestId('folded');
  await expect(folded).toHaveAttribute('data-drawn', 'space');
  await folded.locator('canvas').evaluate((canvas: HTMLCanvasElement) => {
    canvas.getContext('webgl2')?.getExtension('WEBGL_lose_context')?.loseContext();
  });
  await expect(folded).toHaveAttribute('data-drawn', 'still');
  await expect(folded.locator('polygon').first()).toBeAttached();
});
