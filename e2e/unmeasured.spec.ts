import { expect, test, type Page } from '@playwright/test';
import { figure, fill, goTo, saved, unfold } from './bag';
import { drawThumb } from './hands';

/** A new bag before anything is measured: its yarn's class and the hook. */
async function begin(page: Page): Promise<string> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New bag' }).click();
  const from = page.getByRole('region', { name: 'Begin from' });
  await from.getByRole('button', { name: 'None yet' }).click();
  await from.getByLabel('Weight class on the yarn’s label').selectOption('4');
  await from.getByRole('textbox', { name: 'Hook' }).fill('5');
  await from.getByRole('textbox', { name: 'Hook' }).press('Enter');
  await from.getByRole('button', { name: /Letter pouch/ }).click();
  await page.waitForURL(/\/carry$/);
  await saved(page);
  return page.url().split('/').at(-2) as string;
}

test('a bag of which nothing was measured says so wherever its numbers lead, until a swatch is', async ({ page }) => {
  const id = await begin(page);
  const tape = page.getByRole('navigation', { name: 'Places' });
  await expect(tape).toContainText('not measured yet');
  await goTo(page, 'Body');
  await unfold(page, 'Stitches and rows');
  await expect(figure(page, 'panel.stitches')).toHaveAccessibleName(/not measured yet/);
  await goTo(page, 'Write-up');
  await expect(page.getByTestId('pattern')).toContainText(
    'Not measured yet: rough, from the yarn’s class and the hook',
  );
  await page.goto('/');
  await expect(page.locator(`[data-bag="${id}"]`)).toContainText('not measured yet');
  const { kept } = await (await page.request.get('/api/swatches')).json();
  expect(kept.map(({ yarn }: { yarn: { name: string } }) => yarn.name)).not.toContain('Yarn of class 4');

  await page.goto(`/bags/${id}/swatch`);
  await expect(page.locator('[data-problem="not-measured"]')).toContainText('Work a swatch and measure it');
  for (const [counted, count, length] of [
    ['stitches', '18', '14.2'],
    ['rows', '20', '15.1'],
  ] as const) {
    await fill(page, `Reading 1: ${counted} counted`, count);
    await fill(page, `Reading 1: length of the ${counted}`, length);
  }
  await expect(page.locator('[data-problem="not-measured"]')).toBeHidden();
  await expect(tape).not.toContainText('not measured yet');
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a thumb that scrolls over a fold moves nothing; by its tag the fold goes where it is drawn', async ({
    page,
  }) => {
    await begin(page);
    await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Body' }).click();
    const fold = page.locator('[data-line="fold.base"]');
    await expect(page.getByTestId('panel')).toHaveAttribute('data-measured', 'true');
    await fold.scrollIntoViewIfNeeded();
    const row = await fold.getAttribute('aria-valuenow');
    const line = await fold.locator('rect').first().boundingBox();
    if (!line) throw new Error('the fold has a line');
    await drawThumb(page, { x: line.x + line.width / 4, y: line.y + line.height / 2 }, { up: 90 });
    expect(await fold.getAttribute('aria-valuenow')).toBe(row);

    await fold.scrollIntoViewIfNeeded();
    const tag = await fold.locator('[data-grip]').boundingBox();
    if (!tag) throw new Error('the fold has a tag');
    await drawThumb(page, { x: tag.x + tag.width / 2, y: tag.y + tag.height / 2 }, { up: 60 });
    await expect(fold).not.toHaveAttribute('aria-valuenow', row ?? '');
  });

  test('nothing is cut off, however narrow or enlarged: no page is wider than the screen, and every place is on the tape', async ({
    page,
  }) => {
    const id = await begin(page);
    // A swatch whose words can't be broken between words, beside whatever the other tests keep.
    const { design } = await (await page.request.get(`/api/bags/${id}`)).json();
    const longest = 'Donaudampfschifffahrtsbaumwollgarn';
    const swatch = { ...design.swatch, id: 'long-words', name: longest };
    await page.request.post('/api/swatches', {
      data: { swatch: { ...swatch, yarn: { ...swatch.yarn, name: longest } } },
    });
    const places = ['carry', 'swatch', 'stitch', 'body', 'strap', 'closures', 'lining', 'stores', 'bench', 'write-up'];
    for (const path of [
      '/',
      '/swatches',
      '/stores',
      '/logbook',
      '/workroom',
      ...places.map((place) => `/bags/${id}/${place}`),
    ]) {
      await page.goto(path);
      await expect(page.getByRole('heading', { level: 1 }).first()).toBeAttached();
      const links = await page.getByRole('navigation', { name: 'Places' }).getByRole('link').all();
      expect(links).toHaveLength(path.startsWith('/bags') ? places.length : 0);
      // A phone, a page enlarged twice, and a tablet.
      for (const width of [360, 390, 640, 768]) {
        await page.setViewportSize({ width, height: 844 });
        await expect(async () => {
          // The tape is pulled along; the place she is at lies in sight.
          const here = page.getByRole('navigation', { name: 'Places' }).locator('[aria-current=page]');
          if (links.length > 0) {
            const box = await here.boundingBox();
            expect(box && box.x, path).toBeGreaterThanOrEqual(-1);
            expect(box && box.x + box.width, path).toBeLessThanOrEqual(width + 1);
          }
          const wide = await page.evaluate(() => document.documentElement.scrollWidth);
          expect(wide, `${path} at ${width}`).toBeLessThanOrEqual(width);
        }).toPass({ timeout: 20_000 });
      }
    }
  });
});
