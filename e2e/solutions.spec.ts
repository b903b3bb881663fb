import { expect, test, type Page } from '@playwright/test';
import { fill, goTo, newBag, rowOf, unfold } from './bag';

async function openBody(page: Page) {
  await newBag(page);
  await goTo(page, 'Body');
  await unfold(page, 'Find a better plan');
}

const look = async (page: Page) => {
  await page.getByRole('button', { name: /Look for better plans|Look again/ }).click();
};

test('better plans are looked for, compared figure by figure, and taken with one key', async ({ page }) => {
  await openBody(page);
  await page.getByLabel('Keep my stitch').uncheck();
  await look(page);
  const found = page.getByTestId('solutions');
  await expect(found).toBeVisible();
  await expect(page.getByTestId('proof')).toContainText('nothing better than the first exists');
  const plans = page.getByTestId('solution-list').getByRole('button', { name: /^Compare plan/ });
  expect(await plans.count()).toBeGreaterThan(2);

  // Another stitch is among them: it is compared, and its numbers can be asked why.
  const other = page
    .getByTestId('solution-list')
    .getByRole('button', { name: /^Take plan/ })
    .last();
  const name = /plan (\d)/.exec((await other.getAttribute('aria-label')) ?? '')?.[1] ?? '';
  await page.getByRole('button', { name: new RegExp(`^Compare plan ${name}`) }).click();
  const compared = page.getByTestId('compared');
  await expect(compared).toContainText('Width, outside');
  await compared.locator('[data-figure^="solution."]').first().click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');

  const before = await rowOf(page, 'edge.flap');
  await other.focus();
  await page.keyboard.press(name);
  await expect.poll(() => rowOf(page, 'edge.flap')).not.toBe(before);
  // What was found is of the bag as it was.
  await expect(found).toHaveCount(0);
  await page.keyboard.press('Control+z');
  expect(await rowOf(page, 'edge.flap')).toBe(before);
});

test('wishes that can’t be had together are named, with the least to give up', async ({ page }) => {
  await openBody(page);
  await page.getByLabel('Every fold on a plain row').check();
  await fill(page, 'No size further off than', '0.1 mm');
  await look(page);
  const conflict = page.getByTestId('conflict');
  await expect(conflict).toContainText('no size more than 0.1 mm off');
  await expect(conflict).toContainText('The least to give up: let a size be');
  await fill(page, 'No size further off than', '');
  await look(page);
  await expect(page.getByTestId('solutions')).toBeVisible();
});

test('what counts is said with sliders, and a word that is no mass is met with a sentence', async ({ page }) => {
  await openBody(page);
  const slider = page.getByRole('slider', { name: 'Little yarn' });
  await slider.focus();
  await page.keyboard.press('End');
  await expect(slider).toHaveAttribute('aria-valuetext', 'counts most');
  await page.keyboard.press('Home');
  await expect(slider).toHaveAttribute('aria-valuetext', 'does not count');
  await fill(page, 'Yarn at hand', 'two balls');
  await expect(page.getByText('Write a mass, such as 54 or 1.9 oz.')).toBeVisible();
});

test('a worker that dies is begun anew, and the page says so', async ({ page }) => {
  // The worker that is asked for better plans dies at that word, as it would for want of memory; others live.
  await page.addInitScript(() => {
    const Real = window.Worker;
    let hasDied = false;
    window.Worker = class extends Real {
      override postMessage(...said: unknown[]) {
        const { path } = said[0] as { path?: string[] };
        if (hasDied || !path?.includes('solutions')) return super.postMessage(...(said as [unknown, Transferable[]]));
        hasDied = true;
        setTimeout(() => this.dispatchEvent(new ErrorEvent('error')), 300);
      }
    } as typeof Worker;
  });
  await openBody(page);
  await look(page);
  await expect(
    page.getByRole('status').filter({ hasText: 'begun anew' }).or(page.getByTestId('solutions')),
  ).toBeVisible();
  await expect(page.getByTestId('solutions')).toBeVisible();
});
