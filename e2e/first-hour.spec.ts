import { expect, test } from '@playwright/test';
import { axeFinds, field, figure, goTo, newBag, saved, unfold } from './bag';
import { Hands, KeyHands, next } from './hands';
import { inItsOwnWorkroom } from './start';

for (const [how, HandsOf] of [
  ['by mouse and keys', Hands],
  ['by keys alone, come to by Tab', KeyHands],
] as const)
  test(`from an empty shelf to a printed pattern, led by one line, ${how}: a lined clutch with snap and wristlet in sixty actions`, async ({
    browser,
  }) => {
    test.slow();
    await inItsOwnWorkroom(browser, async (page) => {
      page.setDefaultTimeout(15_000);
      const hands = new HandsOf(page);
      await page.goto('/');
      await hands.press(page.getByRole('button', { name: /What must it hold/ }));
      await hands.press(
        page.getByRole('region', { name: 'Begin from' }).getByRole('button', { name: 'Clutch in thirds' }),
      );
      await page.waitForURL(/\/carry$/);
      await expect(next(page)).toContainText('Say what goes in');
      await hands.choose(
        'Add a thing',
        (await page
          .getByLabel('Add a thing')
          .locator('option', { hasText: /\(rough\)/ })
          .first()
          .textContent()) ?? '',
      );
      await hands.choose('It is carried', 'On the wrist');
      // What hangs from the wrist needs a strap: it is offered where that is said.
      await expect(next(page)).toContainText('needs a strap');
      await hands.press(page.locator('[data-problem="carried-without-strap"] button').first());
      await expect(next(page)).toContainText('Measure your swatch');
      await hands.follow('Swatch');
      for (const [index, [count, rows]] of [
        [20, 21],
        [26, 27],
        [31, 32],
      ].entries()) {
        if (index > 0) {
          await hands.press(page.getByRole('button', { name: 'One more reading' }).first());
          await hands.press(page.getByRole('button', { name: 'One more reading' }).last());
        }
        await hands.type(field(page, `Reading ${index + 1}: stitches counted`), String(count));
        await hands.type(
          page.getByLabel(`Reading ${index + 1}: length`).first(),
          ((count as number) * 0.47).toFixed(1),
        );
        await hands.type(field(page, `Reading ${index + 1}: rows counted`), String(rows));
        await hands.type(page.getByLabel(`Reading ${index + 1}: length`).last(), ((rows as number) * 0.45).toFixed(1));
      }
      await expect(next(page)).toContainText('how thick');
      await hands.press(next(page).getByRole('button', { name: 'Do it here' }));
      await expect(field(page, 'Fabric thickness')).toBeFocused();
      await hands.type(field(page, 'Fabric thickness'), '2.3');
      await hands.type(field(page, 'Its mass'), '12');
      await hands.type(field(page, 'Its whole width'), '16');
      await hands.type(field(page, 'Its whole height'), '15.5');
      await hands.type(field(page, 'One ball'), '50');
      await hands.type(field(page, 'Length of a ball'), '105');
      await hands.press(page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Closures' }));
      await hands.press(page.getByRole('button', { name: 'Put a magnetic snap on' }));
      await hands.press(page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Lining' }));
      await hands.press(page.getByRole('button', { name: 'Add a flat lining' }));
      // Whatever is left to decide is gone to by the line, and mended by the first way out that is offered.
      for (let left = 0; left < 8; left += 1) {
        await saved(page);
        await page.waitForTimeout(900);
        const says = (await next(page).textContent()) ?? '';
        if (says.includes('Everything is planned')) break;
        const link = next(page).getByRole('link');
        await hands.press(
          (await link.count()) > 0 ? link.first() : next(page).getByRole('button', { name: 'Do it here' }),
        );
        const way = page.locator('[data-severity=decide] .slip-repairs button').first();
        await expect(way).toBeVisible();
        await hands.press(way);
      }
      await expect(next(page)).toContainText('Everything is planned');
      await expect(page.getByRole('navigation', { name: 'Places' })).toContainText('Swatch, done');
      await hands.press(next(page).getByRole('link', { name: 'Print its pattern' }));
      const download = page.waitForEvent('download');
      await hands.press(page.getByRole('button', { name: 'Save as PDF' }).first());
      expect((await download).suggestedFilename()).toMatch(/\.pdf$/);
      expect(hands.actions).toBeLessThanOrEqual(60);
    });
  });

test('an empty shelf has an example to walk through: all that it asks is done', async ({ browser }) => {
  await inItsOwnWorkroom(browser, async (page) => {
    await page.goto('/');
    expect((await axeFinds(page)).map(({ id }) => id)).toEqual([]);
    await page.getByRole('button', { name: /Walk through an example/ }).click();
    await page.waitForURL(/\/carry$/);
    for (const place of ['Carry', 'Swatch', 'Closures', 'Lining'])
      await expect(page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: place })).toContainText(
        'done',
      );
  });
});

test('by keys alone: past the tape into the place, to what comes next, into a folded group and out of a word', async ({
  page,
}) => {
  const address = await newBag(page, 'Clutch in thirds');
  await page.goto(`${address}/closures`);
  await saved(page);
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Go to the place' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.locator('#place')).toBeFocused();
  await page.keyboard.press('Alt+4');
  await page.waitForURL(/\/body$/);
  await expect(page.locator('#place')).toBeFocused();
  const fold = page.getByRole('button', { name: 'Stitches and rows' });
  await fold.focus();
  await page.keyboard.press('Enter');
  await expect(figure(page, 'panel.stitches')).toBeVisible();
  const word = page.getByRole('button', { name: 'What is “drop”?' });
  await word.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toContainText('How far something comes down');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(word).toBeFocused();
  const line = next(page);
  await expect(line).toContainText('Choose what closes it');
  await line.getByRole('link').focus();
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/closures/);
  await expect(page.getByRole('region', { name: 'Nothing closes it yet' }).getByRole('button').first()).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Nothing closes it yet' })).toHaveCount(0);
});

test('what a bag goes without is said once, and can be undone', async ({ page }) => {
  await newBag(page, 'Open pouch');
  await goTo(page, 'Closures');
  await next(page).getByRole('button', { name: 'It stays open' }).click();
  await expect(next(page)).not.toContainText('Choose what closes it');
  await page.keyboard.press('Control+z');
  await expect(next(page)).toContainText('Choose what closes it');
});

test('Body shows what the bag is in few numbers, the rest under names with an answer beside them', async ({ page }) => {
  await newBag(page, 'Clutch in thirds');
  await goTo(page, 'Body');
  await saved(page);
  await page.waitForTimeout(600);
  const inSight = await page.locator('[data-figure], main input[type=text]').evaluateAll(
    (all) =>
      all.filter((one) => {
        const { top, bottom, width } = one.getBoundingClientRect();
        return width > 0 && bottom > 0 && top < window.innerHeight;
      }).length,
  );
  expect(inSight).toBeLessThanOrEqual(25);
  await expect(page.getByRole('region', { name: 'Stitches and rows' })).toContainText(/\d+ stitches, \d+ rows/);
  await unfold(page, 'How it bends and meets');
  await expect(page.getByTestId('bends')).toBeVisible();
});

/** Every place of a bag. */
const PLACES = ['carry', 'swatch', 'stitch', 'body', 'strap', 'closures', 'lining', 'stores', 'bench', 'write-up'];

for (const [light, colorScheme] of [
  ['by day', 'light'],
  ['by lamp', 'dark'],
] as const)
  test(`${light}: free of what axe finds on a phone, a tablet and a desk`, async ({ page }) => {
    test.slow();
    const address = await newBag(page, 'Clutch in thirds');
    await saved(page);
    await page.emulateMedia({ colorScheme });
    for (const path of ['/', '/words', ...PLACES.map((place) => `${address}/${place}`)]) {
      await page.goto(path);
      for (const [width, height] of [
        [390, 844],
        [768, 1024],
        [1280, 800],
      ] as const) {
        await page.setViewportSize({ width, height });
        await expect(page.getByRole('heading', { level: 1 }).first()).toBeAttached();
        const found = await axeFinds(page);
        expect(found.map(({ id, nodes }) => `${path} ${width} ${id}: ${nodes[0]?.html}`)).toEqual([]);
      }
    }
  });

test('nothing jumps while a place is drawn, and every place reflows at 320 px', async ({ page, browser }) => {
  test.slow();
  const address = await newBag(page, 'Clutch in thirds');
  await saved(page);
  // As it comes down the line, before anything of it has been measured.
  const still = await browser.newContext({ javaScriptEnabled: false, viewport: { width: 320, height: 800 } });
  const raw = await still.newPage();
  for (const place of PLACES) {
    await raw.goto(`${address}/${place}`);
    expect(await raw.evaluate(() => document.documentElement.scrollWidth), `${place}, raw`).toBeLessThanOrEqual(320);
  }
  await still.close();
  await page.addInitScript(() => {
    const told = window as unknown as { shifted: number };
    told.shifted = 0;
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries() as (PerformanceEntry & { value: number; hadRecentInput: boolean })[])
        if (!entry.hadRecentInput) told.shifted += entry.value;
    }).observe({ type: 'layout-shift', buffered: true });
  });
  for (const width of [390, 1280, 320])
    for (const place of PLACES) {
      await page.setViewportSize({ width, height: 800 });
      await page.goto(`${address}/${place}`);
      await page.waitForTimeout(1500);
      const [shifted, wide] = await page.evaluate(() => [
        (window as unknown as { shifted: number }).shifted,
        document.documentElement.scrollWidth,
      ]);
      expect(wide, `${place} at ${width}`).toBeLessThanOrEqual(width);
      // Source: the browser's own observer of layout shifts; figure of ours.
      expect(shifted, `${place} at ${width}`).toBeLessThan(0.02);
    }
});

test('the fabric lies under the lines of the sheet, steps aside for a hand, and shows stripes', async ({ page }) => {
  await newBag(page, 'Clutch in thirds');
  await goTo(page, 'Stitch');
  await unfold(page, 'Other colours and stripes');
  await page.getByRole('button', { name: 'Add a colour' }).click();
  await expect(page.getByText(/To have:/)).toBeVisible();
  await goTo(page, 'Body');
  const fabric = page.getByTestId('fabric');
  await expect(fabric).toBeVisible();
  const colours = await fabric.evaluate((node) => {
    const canvas = node as HTMLCanvasElement;
    const { data } = canvas.getContext('2d')?.getImageData(0, 0, canvas.width, canvas.height) ?? { data: [] };
    let [reddish, painted] = [0, 0];
    for (let at = 0; at < data.length; at += 4) {
      if ((data[at + 3] ?? 0) < 200) continue;
      painted += 1;
      const [r, g, b] = [data[at] ?? 0, data[at + 1] ?? 0, data[at + 2] ?? 0];
      // Moss among harbour: more green than blue.
      if (g > b && r > b) reddish += 1;
    }
    return { share: reddish / painted, painted };
  });
  expect(colours.painted).toBeGreaterThan(10_000);
  expect(colours.share).toBeGreaterThan(0.1);
  expect(colours.share).toBeLessThan(0.5);
  await goTo(page, 'Write-up');
  await expect(page.getByTestId('pattern')).toContainText('B in rows 3–4');
});
