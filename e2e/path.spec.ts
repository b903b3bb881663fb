import { expect, test } from '@playwright/test';
import { figure, fill, goTo, newBag, restingText, rowOf, saved } from './bag';

test('from a swatch and wanted sizes to a written pattern', async ({ page }) => {
  await newBag(page);

  // A swatch of exactly 5 mm a stitch and 5 mm a row.
  for (const [index, [count, cm]] of [
    [20, 10],
    [30, 15],
    [24, 12],
  ].entries()) {
    await fill(page, `Reading ${index + 1}: stitches counted`, String(count));
    await page
      .getByLabel(`Reading ${index + 1}: length`)
      .first()
      .fill(String(cm));
    await page
      .getByLabel(`Reading ${index + 1}: length`)
      .first()
      .press('Enter');
    await fill(page, `Reading ${index + 1}: rows counted`, String(count));
    await page
      .getByLabel(`Reading ${index + 1}: length`)
      .last()
      .fill(String(cm));
    await page
      .getByLabel(`Reading ${index + 1}: length`)
      .last()
      .press('Enter');
  }
  await expect(figure(page, 'gauge.stitchWidth')).toContainText('5.00 mm');
  await expect(figure(page, 'gauge.rowHeight')).toContainText('5.00 mm');

  await goTo(page, 'Body');
  await fill(page, 'Width, wanted', '200 mm');
  await fill(page, 'Height, empty, wanted', '15');
  await fill(page, 'Flap drop, loaded, wanted', '9');
  // 200 / 5 + ½ = 40.5 stitches, to 41; one chain more.
  await expect(figure(page, 'panel.stitches')).toContainText('41 stitches');
  await expect(figure(page, 'panel.startingChain')).toContainText('42 chains');
  await expect(figure(page, 'panel.frontRows')).toContainText('30 rows');

  await goTo(page, 'Closures');
  await page.getByRole('button', { name: 'Put a magnetic snap on' }).click();
  await expect(page.locator('[data-mark="snap.mate"]').first()).toBeVisible();
  await expect(figure(page, 'snap.mateRow')).toContainText(/row \d+/);
  await expect(page.getByText('Both halves on the 21st stitch')).toBeVisible();

  await goTo(page, 'Strap');
  await page.getByRole('button', { name: 'Add a strap' }).click();
  await fill(page, 'Worn length', '100');
  await fill(page, 'Its rows', '40');
  await fill(page, 'Fully pulled', '25');
  await fill(page, 'Lying slack', '20');
  await fill(page, 'Sewn down at each end', '20');
  // 1000 mm × 20/25 + 2 × 20 = 840 mm, 168 rows of 5 mm.
  await expect(figure(page, 'strap.slackToWork')).toContainText('84.0 cm');
  await expect(figure(page, 'strap.rows')).toContainText('168 rows');

  await goTo(page, 'Lining');
  await page.getByRole('button', { name: 'Add a flat lining' }).click();
  await fill(page, 'Cloth beyond the panel', '20');
  await expect(figure(page, 'lining.cutWidth')).toContainText('24.5 cm');

  await goTo(page, 'Stores');
  await expect(figure(page, 'yarn.mass')).toContainText(/\d+ g/);
  await expect(figure(page, 'yarn.balls')).toContainText(/\d+ balls?/);

  await goTo(page, 'Bench');
  const steps = await page
    .locator('[data-step]')
    .evaluateAll((items) => items.map((item) => item.getAttribute('data-step')));
  expect(steps.indexOf('set-snap-front')).toBeLessThan(steps.indexOf('sew-lining'));
  expect(steps.indexOf('sew-lining')).toBeLessThan(steps.indexOf('seam-sides'));

  await goTo(page, 'Write-up');
  const pattern = page.getByTestId('pattern');
  await expect(pattern).toContainText('Row 1 (RS): sc in 2nd ch from hook and in each ch across, turn. (41 sc)');
  await page.getByLabel('Crochet words').selectOption('uk');
  await expect(pattern).toContainText('Row 1 (RS): dc in 2nd ch from hook and in each ch across, turn. (41 dc)');
  await expect(pattern).toContainText('Tension');
  await page.getByLabel('Lengths in').selectOption('in');
  await expect(pattern).toContainText('over 4 in');
  await expect(pattern).not.toContainText(' cm');
  await page.getByRole('button', { name: 'Copy the text' }).click();
  await expect(page.getByText('Copied.')).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toContain('(41 dc)');
  await saved(page);
});

test('the pattern and the bag can be taken away as files, and the bag brought back the same', async ({ page }) => {
  await newBag(page, 'Tall pouch');
  await goTo(page, 'Write-up');
  const download = async (name: string) => {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name, exact: true }).click(),
    ]);
    return file;
  };
  expect((await download('Text')).suggestedFilename()).toBe('tall-pouch.txt');
  expect((await download('Markdown')).suggestedFilename()).toBe('tall-pouch.md');
  const file = await download('The bag as a file');
  expect(file.suggestedFilename()).toBe('tall-pouch.ruelle.json');
  const path = await file.path();

  await page.goto('/');
  await page.getByLabel('A bag file').setInputFiles(path);
  await page.waitForURL(/\/carry$/);
  await goTo(page, 'Write-up');
  const again = await (await download('The bag as a file')).createReadStream();
  const text = await new Response(again as unknown as ReadableStream).text();
  const { readFileSync } = await import('node:fs');
  const before = JSON.parse(readFileSync(path, 'utf8'));
  const after = JSON.parse(text);
  // It gets a swatch of its own; everything else is the same.
  expect({ ...after, swatch: { ...after.swatch, id: '' } }).toEqual({
    ...before,
    swatch: { ...before.swatch, id: '' },
  });
});

test('a number tells why, down to the readings', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Body');
  await figure(page, 'size.width').click();
  const card = page.getByRole('dialog', { name: /^Why: Width/ });
  await expect(card).toContainText('Stitches less what both side seams take');
  await card.getByRole('button', { name: /Width of one stitch/ }).click();
  const deeper = page.getByRole('dialog', { name: 'Why: Width of one stitch' });
  await expect(deeper).toContainText('Reading 1: counted');
  await expect(deeper).toContainText('GUM');
  await page.keyboard.press('Escape');
  await expect(deeper).toBeHidden();
});

test('a slip’s repair is applied with one action, and can be undone', async ({ page }) => {
  await newBag(page, 'Clutch in thirds');
  await goTo(page, 'Closures');
  await page.getByRole('button', { name: 'Put a magnetic snap on' }).click();
  const slip = page.locator('[data-problem="snap-drifts"]');
  await expect(slip).toContainText('Your decision');
  await slip.getByRole('button', { name: 'Set a second mate for the empty bag' }).click();
  await expect(slip).toBeHidden();
  await expect(page.getByTestId('panel').locator('circle[data-mark="snap.mate"]')).toHaveCount(2);
  await page.keyboard.press('Control+z');
  await expect(slip).toBeVisible();
});

test('the shelf: copy, put away, undo, bring back', async ({ page }) => {
  const address = await newBag(page, 'Tall pouch');
  const id = address.split('/').at(-1);
  await fill(page, 'Name of the bag', 'Music stand pouch');
  await saved(page);
  await page.goto('/');
  const bag = page.locator(`[data-bag="${id}"]`);
  await bag.getByRole('button', { name: 'Copy' }).click();
  await expect(page.getByText('Music stand pouch (copy)')).toBeVisible();
  await bag.getByRole('button', { name: 'Put away' }).click();
  await expect(bag).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(bag).toBeVisible();
});

test('opening a bag shows its rows to scale', async ({ page }) => {
  await newBag(page);
  await goTo(page, 'Body');
  const panel = page.getByTestId('panel');
  await expect(panel).toBeVisible();
  const rows = await rowOf(page, 'edge.flap');
  await expect(panel).toHaveAttribute('aria-label', new RegExp(`by ${rows} rows`));
});

test('a swatch that was measured before is taken over, and stays the other bag’s own', async ({ page }) => {
  await newBag(page, 'Tall pouch');
  await fill(page, 'Name', 'Bandroom sampler');
  await fill(page, 'Reading 1: stitches counted', '40');
  await saved(page);
  const width = await restingText(page, 'gauge.stitchWidth');

  await newBag(page, 'Letter pouch');
  await expect(figure(page, 'gauge.stitchWidth')).not.toHaveText(width);
  await page.getByLabel('Take over one you measured before').selectOption({ label: 'Bandroom sampler' });
  await expect(figure(page, 'gauge.stitchWidth')).toHaveText(width);
  await page.keyboard.press('Control+z');
  await expect(figure(page, 'gauge.stitchWidth')).not.toHaveText(width);
});

test('a file that is dropped on the shelf is brought in, and a bag that is begun with two clicks is one bag', async ({
  page,
}) => {
  await newBag(page);
  const { design } = await page.evaluate(async () => {
    const id = location.pathname.split('/')[2] ?? '';
    return (await (await fetch(`/api/bags/${id}`)).json()) as { design: { name: string } };
  });
  const text = JSON.stringify({ ...design, name: 'Dropped from the rafters' });
  await page.goto('/');
  const dropped = await page.evaluateHandle((text) => {
    const data = new DataTransfer();
    data.items.add(new File([text], 'rafters.ruelle.json', { type: 'application/json' }));
    return data;
  }, text);
  await expect(async () => {
    await page.dispatchEvent('main', 'dragover', { dataTransfer: dropped });
    await expect(page.getByText('Let the file go here')).toBeVisible({ timeout: 500 });
  }).toPass();
  await page.dispatchEvent('main', 'drop', { dataTransfer: dropped });
  await page.waitForURL(/carry$/);
  await expect(page.getByLabel('Name of the bag')).toHaveValue('Dropped from the rafters');

  await page.goto('/');
  let made = 0;
  page.on('request', (request) => {
    if (request.method() === 'POST' && request.url().endsWith('/api/bags')) made += 1;
  });
  const begin = page.getByRole('region', { name: 'Begin from' });
  await expect(async () => {
    await page.getByRole('button', { name: 'New bag' }).click();
    await expect(begin).toBeVisible({ timeout: 500 });
  }).toPass();
  await begin.getByRole('button', { name: 'None yet' }).click();
  await begin.getByRole('button', { name: /Tall pouch/ }).dblclick();
  await page.waitForURL(/carry$/);
  await page.waitForTimeout(500);
  expect(made).toBe(1);
});
