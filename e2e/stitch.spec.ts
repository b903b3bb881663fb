import { expect, test } from '@playwright/test';
import { figure, fill, goTo, newBag, saved } from './bag';

test('a bag is made in every stitch of the catalogue, each with its chart, rows and counts', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Stitch');
  const radios = page.getByRole('radio');
  const names = await radios.evaluateAll((inputs) =>
    inputs.map((input) => (input.parentElement?.textContent ?? '').trim()),
  );
  expect(names.length).toBeGreaterThanOrEqual(15);
  for (const name of names) {
    await page.getByRole('radio', { name, exact: true }).check();
    await expect(page.getByTestId('chart')).toHaveAttribute('aria-label', new RegExp(`Chart of ${name}`));
    await expect(page.getByTestId('stitch-rows')).toContainText(/Row 1 \(RS\): .* turn\. \(\d+ /);
    // The offers follow the rows a painted frame later.
    await expect(async () => {
      const planned = page.getByTestId('offers').locator('[aria-current]');
      const counted = await planned.getByRole('rowheader').textContent();
      await expect(page.getByTestId('stitch-rows')).toContainText(`(${counted} `, { timeout: 200 });
    }).toPass();
  }
  await saved(page);
});

test('bobbles: counts of the repeat are taken with one press, the fold is kept off them, the words follow', async ({
  page,
}) => {
  await newBag(page);
  await goTo(page, 'Stitch');
  await page.getByRole('radio', { name: 'bobble field', exact: true }).check();

  await expect(page.locator('.slip').getByText('The swatch was worked in another stitch than the bag')).toBeVisible();
  await page.getByRole('button', { name: 'The swatch is in the bag’s stitch after all' }).click();
  await expect(page.locator('.slip').getByText('The swatch was worked in another stitch than the bag')).toBeHidden();

  const take = page.getByRole('button', { name: /^Take \d+ stitches$/ }).last();
  const count = /\d+/.exec((await take.getAttribute('aria-label')) ?? '')?.[0] as string;
  await take.click();
  await expect(page.getByTestId('offers').locator('[aria-current]')).toContainText(count);
  expect((Number(count) - 1) % 4).toBe(0);
  const bobbles = (Number(count) - 1) / 4;
  await expect(page.getByTestId('stitch-rows')).toContainText(`(${count} sts, ${bobbles} bobbles)`);
  await expect(page.getByTestId('stitch-rows')).toContainText(`(${count} sts, ${bobbles - 1} bobble`);

  await goTo(page, 'Body');
  await expect(figure(page, 'panel.stitches')).toHaveText(`${count} stitches`);
  await expect(page.locator('[data-role="bump"]')).toHaveCount(1);
  const fold = page.locator('[data-problem="fold-on-texture"]').first();
  await expect(fold).toBeVisible();

  await page.keyboard.press('Control+z');
  await expect(figure(page, 'panel.stitches')).not.toHaveText(`${count} stitches`);
});

test('both sets of words and both schools of the turning chain reach the rows', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Stitch');
  await page.getByRole('radio', { name: 'waffle stitch', exact: true }).check();
  const rows = page.getByTestId('stitch-rows');
  await expect(rows).toContainText('Row 2 (WS): ch 2 (does not count as a st), dc in next st, *FPdc round next st');
  await page.keyboard.press('Alt+t');
  await expect(rows).toContainText('Row 2 (WS): ch 2 (does not count as a st), tr in next st, *FPtr round next st');
  await page.getByRole('button', { name: /^How you work/ }).click();
  await page.getByRole('dialog', { name: 'How you work' }).getByLabel('Turning chain').selectOption('counts');
  await page.keyboard.press('Escape');
  await expect(rows).toContainText('Row 2 (WS): ch 3 (counts as first tr), miss first st, *FPtr round next st');
});

test('swatches of a yarn on two hooks foretell a third, and say what the bag would be on it', async ({ page }) => {
  await newBag(page);
  // A yarn of its own: other tests fill the same library.
  await fill(page, 'Yarn', 'Quayside cotton');
  await page.getByRole('button', { name: 'Keep a copy of this swatch' }).click();
  await expect(page.getByText('is in the library, as it is now.')).toBeVisible();
  await fill(page, 'Hook', '4.5');
  await fill(page, 'Reading 1: length of the stitches', '11.5');
  await fill(page, 'Reading 2: length of the stitches', '17.4');
  await fill(page, 'Reading 3: length of the stitches', '13.9');

  await expect(page.getByRole('img', { name: /against the hook, 2 swatches/ })).toBeVisible();
  await fill(page, 'A hook not tried', '4');
  await expect(page.getByTestId('foretold')).toContainText(
    /One stitch 5\.6\d mm\s*± \d\.\d\d mm; this bag: \d+ stitches/,
  );
  await fill(page, 'A hook not tried', '7');
  await expect(page.getByText('outside those you tried')).toBeVisible();
  await fill(page, 'A hook not tried', 'thick');
  await expect(page.getByText('Write a hook from 0.5 to 30 mm.')).toBeVisible();
});

test('a pattern of her own is written in words, mended where it does not fit, and kept for other bags', async ({
  page,
}) => {
  await newBag(page);
  await goTo(page, 'Stitch');
  await page.getByRole('button', { name: 'Write one of your own' }).click();
  const sheet = page.getByRole('dialog', { name: 'A pattern of your own' });
  await sheet.getByRole('textbox', { name: 'Name' }).fill('Millrace mesh');
  const row = (number: number) => sheet.getByRole('textbox', { name: `Row ${number}`, exact: true });
  await row(1).fill('sc in next 2 sts, *ch 1, twiddle next st; rep from * across');
  await sheet.getByRole('button', { name: 'Work the bag in it' }).click();
  await expect(sheet.getByRole('alert')).toContainText('not understood');

  await row(1).fill('2 sc in each st across');
  await sheet.getByRole('button', { name: 'Work the bag in it' }).click();
  await expect(sheet.getByRole('alert')).toContainText('A straight fabric keeps its count');

  await row(1).fill('*sc in next 2 sts, ch 1, skip next st; rep from * to last 2 sts, sc in next 2 sts');
  await sheet.getByRole('button', { name: 'One more row' }).click();
  await row(2).fill('sc in each st across');
  await expect(sheet.getByRole('status')).toContainText('a multiple of 3 stitches plus 2');
  await sheet.getByRole('button', { name: 'Work the bag in it' }).click();
  await expect(sheet).toBeHidden();
  await expect(page.getByRole('radio', { name: 'Millrace mesh' })).toBeChecked();
  await expect(page.getByTestId('stitch-rows')).toContainText('*sc in each of next 2 chs, ch 1, skip next ch');
  const planned = page.getByTestId('offers').locator('[aria-current]').getByRole('rowheader');
  await expect(async () => expect((Number(await planned.textContent()) - 2) % 3).toBe(0)).toPass();

  await page.getByRole('button', { name: 'Keep it for other bags' }).click();
  await expect(page.getByText('“Millrace mesh” is kept for other bags.')).toBeVisible();
  await newBag(page, 'Tall pouch');
  await goTo(page, 'Stitch');
  await page.getByLabel('Yours, from other bags').selectOption({ label: 'Millrace mesh' });
  await expect(page.getByRole('radio', { name: 'Millrace mesh' })).toBeChecked();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('radio', { name: 'Millrace mesh' })).toBeHidden();
});

test('rows that grow and grow hold nothing up, and are refused at the first of them', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Stitch');
  await page.getByRole('button', { name: 'Write one of your own' }).click();
  const sheet = page.getByRole('dialog', { name: 'A pattern of your own' });
  await sheet.getByRole('textbox', { name: 'Name' }).fill('Flood');
  for (let row = 1; row <= 9; row += 1) {
    if (row > 1) await sheet.getByRole('button', { name: 'One more row' }).click();
    await sheet.getByRole('textbox', { name: `Row ${row}`, exact: true }).fill('12 sc in each st across');
  }
  await sheet.getByRole('button', { name: 'Work the bag in it' }).click();
  await expect(sheet.getByRole('alert')).toContainText('Row 1 of “Flood” makes 12 stitches of 1');
});

test('a pattern of her own is put together step by step', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Stitch');
  await page.getByRole('button', { name: 'Write one of your own' }).click();
  const sheet = page.getByRole('dialog', { name: 'A pattern of your own' });
  await sheet.getByRole('textbox', { name: 'Name' }).fill('Weir steps');
  const add = async (what: string) => {
    await sheet.getByLabel('What', { exact: true }).selectOption({ label: what });
    await sheet.getByRole('button', { name: 'Add it' }).click();
  };
  await add('dc');
  await add('sc');
  await expect(sheet.getByRole('textbox', { name: 'Row 1', exact: true })).toHaveValue(
    '*dc in next st, sc in next st; rep from * across',
  );
  await sheet.getByRole('button', { name: 'Work the bag in it' }).click();
  await expect(page.getByRole('radio', { name: 'Weir steps' })).toBeChecked();
  await expect(page.getByTestId('chart')).toHaveAttribute('aria-label', /Chart of Weir steps/);
});

test('another way to the same sizes is taken by its key', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Stitch');
  const table = page.getByTestId('alternatives');
  await expect(table).toBeVisible();
  await page.getByLabel('Show', { exact: true }).selectOption('stitch');
  const first = table.locator('tbody tr').first();
  const name = await first.getByRole('rowheader').textContent();
  await first.getByRole('button', { name: /^Take / }).focus();
  await page.keyboard.press('1');
  await expect(page.getByRole('radio', { name: name ?? '', exact: true })).toBeChecked();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('radio', { name: 'single crochet', exact: true })).toBeChecked();
});

test('rows are taken with their folds, and the body follows', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Stitch');
  const take = page
    .getByTestId('row-offers')
    .getByRole('button', { name: /^Take \d+ rows$/ })
    .first();
  const rows = /\d+/.exec((await take.getAttribute('aria-label')) ?? '')?.[0];
  await take.click();
  await goTo(page, 'Body');
  await expect(figure(page, 'panel.frontRows')).toContainText(`${rows} rows`);
});

test('a bag in rounds is charted in rounds, each closed, and told as its sides will be worked', async ({ page }) => {
  await newBag(page, 'Seamless pouch');
  await goTo(page, 'Stitch');
  const chart = page.getByTestId('chart');
  await expect(chart).toHaveAccessibleName(/in rounds/);
  await expect(page.getByTestId('stitch-rows')).toContainText(/Rounds 2 to \d+: .*around, join with a sl st/);
  await expect(page.getByTestId('stitch-rows')).not.toContainText('Row ');
  await page.getByRole('radio', { name: 'bobble field' }).check();
  await expect(page.getByTestId('stitch-rows')).toContainText('In joined rounds, turned');
  // Turned rounds are read from either side.
  await expect(chart.getByText('← 1')).toBeVisible();
  await expect(chart.getByText('2 →')).toBeVisible();
  await goTo(page, 'Body');
  await page.getByRole('radio', { name: 'Folded strip' }).check();
  await goTo(page, 'Stitch');
  await expect(chart).not.toHaveAccessibleName(/in rounds/);
});
