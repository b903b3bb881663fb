import { expect, test, type Page } from '@playwright/test';
import { thingIdSchema, usualLining, usualStrap, type Design } from '@/core/design';
import { field, figure, fill, goTo, line, newBag, restingText, rowOf, saved } from './bag';
import { drawThumb } from './hands';

/** A bag of a size that its maker wishes for, and a folder in it that is wider. */
const tooNarrow = (design: Design): Design => ({
  ...design,
  body: { ...design.body, sizesFrom: 'outside' },
  contents: {
    ...design.contents,
    thicknessMm: null,
    items: [
      {
        count: 1,
        thing: {
          ...{ id: thingIdSchema.parse('march-folder'), name: 'March folder', turns: 'as-it-stands', known: null },
          ...{ widthMm: 340, heightMm: 100, thicknessMm: 6, massG: 90 },
        },
      },
    ],
  },
});
const inInches = (design: Design): Design => ({ ...design, settings: { ...design.settings, lengthUnit: 'in' } });

/** What the bag is kept as. */
const keptDesign = async (page: Page): Promise<Design> => {
  const id = /bags\/([^/]+)/.exec(page.url())?.[1] ?? '';
  return ((await (await page.request.get(`/api/bags/${id}`)).json()) as { design: Design }).design;
};

test('after a way out that was pressed by keys, the focus is in the field that it changed', async ({ page }) => {
  await newBag(page, 'Letter pouch', tooNarrow);
  await goTo(page, 'Carry');
  const slip = page.locator('[data-problem="contents-too-wide"]');
  const before = await field(page, 'Width, outside').inputValue();
  await slip
    .getByRole('button', { name: /^Make the bag .* wide/ })
    .first()
    .focus();
  await page.keyboard.press('Enter');
  await expect(slip).toBeHidden();
  await expect(field(page, 'Width, outside')).toBeFocused();
  expect(await field(page, 'Width, outside').inputValue()).not.toBe(before);
});

test('after “Take it” by keys, the focus is on what says something else than before', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Stitch');
  const table = page.getByTestId('alternatives');
  await page.getByLabel('Show', { exact: true }).selectOption('stitch');
  await expect(table).toBeVisible();
  const name = await table.locator('tbody tr').first().getByRole('rowheader').textContent();
  await table
    .getByRole('button', { name: /^Take / })
    .first()
    .focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('radio', { name: name ?? '', exact: true })).toBeChecked();
  await expect
    .poll(() =>
      page.evaluate(() => {
        const at = document.activeElement;
        return at !== null && at.matches('main input, main select, main button[data-figure]');
      }),
    )
    .toBe(true);
});

test.describe('by thumb', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a swipe up or down over the folded bag scrolls past it; from side to side it turns', async ({ page }) => {
    await newBag(page);
    await goTo(page, 'Body');
    const bag = page.getByRole('slider', { name: 'Turn the folded bag' });
    await expect(page.getByTestId('folded')).toHaveAttribute('data-drawn', 'still');
    await bag.scrollIntoViewIfNeeded();
    const turned = await bag.getAttribute('aria-valuenow');
    const scrolled = await page.evaluate(() => window.scrollY);
    const corner = async () => {
      const box = await bag.boundingBox();
      if (!box) throw new Error('it is drawn');
      // Beside the grips of the flap.
      return { x: box.x + 40, y: box.y + box.height - 30 };
    };
    await drawThumb(page, await corner(), { up: 160 });
    await expect.poll(() => page.evaluate(() => window.scrollY)).toBeGreaterThan(scrolled + 60);
    expect(await bag.getAttribute('aria-valuenow')).toBe(turned);

    await bag.scrollIntoViewIfNeeded();
    const rests = await page.evaluate(() => window.scrollY);
    await drawThumb(page, await corner(), { right: 120 });
    await expect(bag).not.toHaveAttribute('aria-valuenow', turned ?? '');
    expect(Math.abs((await page.evaluate(() => window.scrollY)) - rests)).toBeLessThan(3);
  });

  test('a place is read in the order in which it stands on the screen', async ({ page }) => {
    const address = await newBag(page, 'Clutch in thirds', (design) => ({ ...design, straps: [usualStrap()] }));
    for (const place of ['carry', 'swatch', 'body', 'strap', 'lining', 'stores', 'bench', 'write-up']) {
      await page.goto(`${address}/${place}`);
      await saved(page);
      await expect(async () => {
        const tops = await page
          .locator('main')
          .getByRole('heading')
          .evaluateAll((all) => all.map((one) => one.getBoundingClientRect().top + window.scrollY));
        expect(tops.length).toBeGreaterThan(1);
        expect(tops, place).toEqual([...tops].sort((a, b) => a - b));
      }).toPass();
      // Tables have become lists: every number has above it what it is, and none is wider than the screen.
      const nameless = await page
        .locator('main .ledger tbody td:not([data-head])')
        .evaluateAll((all) => all.map((one) => one.textContent ?? '').filter((text) => /\d/.test(text)));
      expect(nameless, place).toEqual([]);
      const wide = await page
        .locator('main .ledger tr')
        .evaluateAll((all) => all.filter((one) => one.getBoundingClientRect().right > window.innerWidth).length);
      expect(wide, place).toBe(0);
    }
  });
});

test('beside inches a mass is in ounces, with grams after it, and either can be typed', async ({ page }) => {
  await newBag(page, 'Letter pouch', (design) => inInches(tooNarrow(design)));
  await goTo(page, 'Carry');
  const mass = field(page, 'Mass, if you know better');
  // 90 g, by 28.349 523 125 g to the ounce: the international avoirdupois ounce (NIST Handbook 44, appendix C).
  expect(await restingText(page, 'contents.mass')).toMatch(/3\.17 oz \(90 g\)/);
  await fill(page, 'Mass, if you know better', '200 g');
  await expect(mass).toHaveValue('7.05');
  await expect.poll(() => restingText(page, 'contents.mass')).toMatch(/7\.05 oz \(200 g\)/);
  await fill(page, 'Mass, if you know better', '10');
  await saved(page);
  expect((await keptDesign(page)).contents.massG).toBeCloseTo(283.495, 2);
  await fill(page, 'Mass, if you know better', 'a bit');
  await expect(page.getByText('Write a mass, such as 1.9 or 54 g.')).toBeVisible();
  await saved(page);
  expect((await keptDesign(page)).contents.massG).toBeCloseTo(283.495, 2);
});

test('in inches no place says a length in centimetres, or a mass in grams alone', async ({ page }) => {
  const address = await newBag(page, 'Clutch in thirds', (design) => ({
    ...inInches(tooNarrow(design)),
    straps: [usualStrap()],
    lining: usualLining(),
  }));
  for (const place of ['carry', 'body', 'strap', 'closures', 'lining', 'stores']) {
    await page.goto(`${address}/${place}`);
    await saved(page);
    const said = await page.locator('main').innerText();
    expect(said.match(/\d cm\b/g) ?? [], place).toEqual([]);
    // Grams stand in brackets after their ounces; needles, rings and thicknesses are sold in mm.
    expect(said.match(/(?<!\()\b[\d.]+ g\b(?!\))/g) ?? [], place).toEqual([]);
  }
});

test.describe('drawings in words', () => {
  const told = (page: Page, label: string) => page.getByRole('region', { name: label, exact: true });

  test('the strap, the figure and the sheet are told, and follow what is changed', async ({ page }) => {
    await newBag(page, 'Letter pouch', (design) => ({ ...design, straps: [usualStrap()] }));
    await goTo(page, 'Strap');
    await expect(told(page, 'The strap in words')).toContainText('from mouth to mouth');
    await fill(page, 'Worn length', '104');
    // It comes out in whole rows, so near to what was wished.
    await expect(told(page, 'The strap in words')).toContainText(/10[34]\.\d cm from mouth to mouth/);
    await expect(told(page, 'The bag on the figure, in words')).toContainText(/Its mouth [\d.]+ cm above the floor/);
    const width = /[\d.]+/.exec(await restingText(page, 'strap.width'))?.[0];
    await expect(told(page, 'The strap in words')).toContainText(`Wide: ${width}`);

    await goTo(page, 'Body');
    await line(page, 'fold.base').focus();
    await page.keyboard.press('ArrowUp');
    const row = await rowOf(page, 'fold.base');
    await expect(told(page, 'The pieces in words')).toContainText(`After row ${row},`);
  });

  test('what is packed is told thing by thing, and pressing one is not hidden from a reader', async ({ page }) => {
    await newBag(page, 'Letter pouch', tooNarrow);
    await goTo(page, 'Carry');
    await expect(told(page, 'What is packed, in words')).toContainText(
      'March folder: 34.0 cm across, 10.0 cm up, 6.0 mm thick; at the left, standing on the base, against the front',
    );
    await expect(page.getByTestId('packed').locator('svg[role=img]')).toHaveCount(0);
  });

  test('what is cut is told piece by piece, and where it lies on the cloth', async ({ page }) => {
    await newBag(page, 'Letter pouch', (design) => ({ ...design, lining: usualLining() }));
    await goTo(page, 'Lining');
    const cut = told(page, 'What is cut, in words');
    await expect(cut).toContainText(/Cut 1, right side up/);
    const wide = await restingText(page, 'lining.cutWidth');
    await expect(cut).toContainText(`Cut line: ${/[\d.]+ cm/.exec(wide)?.[0]}`);
    await page.getByRole('button', { name: 'Show it cut open' }).click();
    await expect(told(page, 'The bag cut open, in words')).toContainText('Width, outside, loaded');
    await page.getByRole('button', { name: 'Lay them out' }).click();
    await expect(told(page, 'The cloth in words')).toContainText(/between its selvedges/);
    await expect(told(page, 'The cloth in words').getByRole('listitem')).toHaveCount(1);
  });
});

test('Escape closes what is open, and the focus goes back to what opened it', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Body');
  for (const opener of [
    page.getByRole('button', { name: 'How you work: units, words, turning chain' }),
    page.getByRole('button', { name: 'A picture of it' }),
    figure(page, 'size.width'),
  ]) {
    await opener.focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
    await expect(opener).toBeFocused();
  }
});

test('who wants less motion gets none, and with forced colours the focus is still seen', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await newBag(page);
  await goTo(page, 'Body');
  await page.getByRole('button', { name: 'A picture of it' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  const moving = await page.evaluate(
    () =>
      document.getAnimations().filter((one) => {
        const { duration = 0, iterations = 1 } = one.effect?.getComputedTiming() ?? {};
        return one.playState === 'running' && Number(duration) > 20 && iterations !== Infinity;
      }).length,
  );
  expect(moving).toBe(0);
  await page.keyboard.press('Escape');

  await page.emulateMedia({ forcedColors: 'active' });
  await page.keyboard.press('Tab');
  const ring = await page.evaluate(() => {
    const { outlineStyle, outlineWidth } = getComputedStyle(document.activeElement ?? document.body);
    return { outlineStyle, px: parseFloat(outlineWidth) };
  });
  expect(ring.outlineStyle).not.toBe('none');
  expect(ring.px).toBeGreaterThanOrEqual(2);
});

test('of several yarns the stores tell each its own, and all of it is their sum', async ({ page }) => {
  await newBag(page, 'Clutch in thirds', (design) => ({
    ...design,
    furtherYarns: [{ name: 'Madder yarn', colour: 'madder', ballMassG: 50, ballLengthM: 100 }],
    colourRows: [{ yarn: 0, fromRow: 3, rows: 2, everyRows: 6, piece: 'all' }],
  }));
  await goTo(page, 'Stores');
  const massIn = async (group: string) =>
    Number(
      /([\d.]+) g/.exec(
        (await page.getByRole('region', { name: group, exact: true }).locator('[data-figure]').first().textContent()) ??
          '',
      )?.[1],
    );
  const own = (await keptDesign(page)).swatch.yarn.name;
  await expect(page.getByRole('region', { name: 'Madder yarn', exact: true })).toBeVisible();
  const [first, second, all] = [await massIn(own), await massIn('Madder yarn'), await massIn('All of it')];
  expect(first).toBeGreaterThan(second);
  expect(Math.abs(first + second - all)).toBeLessThanOrEqual(1.5);
});
