import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { USUAL_SETTINGS } from '@/core/design';
import type { StockYarn } from '@/core/stock';
import { axeFinds, fill, goTo, newBag, saved } from './bag';

test('stores: put in, changed, sorted, taken out and back, out and in as a table', async ({ page }) => {
  await page.goto('/stores');
  await page.getByRole('button', { name: 'Add yarn' }).click();
  const editor = page.getByRole('group', { name: /^“Yarn/ });
  await expect(editor).toBeVisible();
  await fill(page, 'Name', 'Attic wool');
  await fill(page, 'Price of a ball', '5,25');
  await fill(page, 'Opened balls', '20; 7.5');
  const row = page.getByRole('row', { name: /Attic wool/ });
  await expect(row).toContainText('78 g: 1 ball, 2 opened');
  await expect(row).toContainText('5.25');
  await fill(page, 'Whole balls', 'many');
  await expect(page.getByText('Write a number here.')).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'Add something counted' }).click();
  await fill(page, 'Name', 'Aglets');
  await page.getByRole('button', { name: 'Done' }).click();

  await page.getByRole('button', { name: 'Name', exact: true }).click();
  await expect(page.getByRole('columnheader', { name: /Name/ })).toHaveAttribute('aria-sort', 'ascending');
  const names = (await page.locator('tbody tr td:first-child').allTextContents()).map((one) => one.toLowerCase());
  expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b)));
  expect((await axeFinds(page)).map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);

  await page.getByRole('button', { name: 'Take Aglets out' }).click();
  await expect(page.getByRole('row', { name: /Aglets/ })).toBeHidden();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('row', { name: /Aglets/ })).toBeVisible();

  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a table (CSV)' }).click(),
  ]);
  expect(readFileSync(await download.path(), 'utf8')).toContain('yarn,Attic wool,5.25');
  await page.getByLabel('A table of stores').setInputFiles({
    name: 'more.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('kind;name;price;count\nother;Toggles;1,10;6\nother;;1;1\n'),
  });
  await expect(page.getByText(/^1 brought in. Row 3:/)).toBeVisible();
  await expect(page.getByRole('row', { name: /Toggles/ })).toContainText('1.10');
  await page.getByLabel('Find in your stores').fill('attic');
  await expect(page.getByRole('row', { name: /Toggles/ })).toBeHidden();
  await expect(page.getByRole('row', { name: /Attic wool/ })).toBeVisible();
  // The table that leaves has all of them, whatever is searched for.
  const whole = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a table (CSV)' }).click();
  expect(readFileSync(await (await whole).path(), 'utf8')).toContain('Toggles');
});

test('a bag costs what its yarn costs in the stores, and is cut from what is left over there', async ({ page }) => {
  await newBag(page, 'Satchel with a gusset');
  await goTo(page, 'Lining');
  await page.getByRole('button', { name: 'Add a drop-in lining' }).click();
  await saved(page);
  const bag = page.url();
  await page.goto('/stores');
  await page.getByRole('button', { name: 'Add a remnant' }).click();
  await fill(page, 'Name', 'End of the curtain');
  await fill(page, 'Its corners', '0 0; 70 0; 0 60; 70 60');
  await expect(page.getByText('Its sides cross each other.')).toBeVisible();
  await fill(page, 'Its corners', '0 0; 70 0; 70 60; 0 60');
  await page.getByRole('button', { name: 'Done' }).click();
  await page.goto(bag);
  await page.getByRole('button', { name: 'From your stores: End of the curtain' }).click();
  await page.getByRole('button', { name: 'Lay them out' }).click();
  await expect(page.getByTestId('layout')).toContainText('no cloth is needed');
  await goTo(page, 'Stores');
  await expect(page.getByRole('heading', { name: 'What it costs' })).toBeVisible();
  await saved(page);
});

test('one list is made for several bags, out of one store', async ({ page }) => {
  const names: string[] = [];
  const bags: string[] = [];
  for (const starter of ['Letter pouch', 'Satchel with a gusset']) {
    const bag = await newBag(page, starter);
    await page.goto(`${bag}/body`);
    const name = `${starter} ${Date.now()}`;
    await fill(page, 'Name of the bag', name);
    await saved(page);
    names.push(name);
    bags.push(`${bag}/stores`);
  }
  await page.goto('/stores');
  await page.getByRole('button', { name: 'A shopping list for several bags' }).click();
  for (const name of names) await page.getByRole('button', { name }).click();
  const list = page.getByTestId('shopping');
  await expect(list).toContainText(names[0] as string);
  await expect(list).toContainText(names[1] as string);
  await expect(page.getByText(/whole balls are counted once, for all bags together/)).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the list' }).click();
  expect((await download).suggestedFilename()).toBe('shopping-list.txt');
  // Both hold what they need: the stores show it, and so does either bag.
  await page.getByRole('button', { name: 'Hold what they need in the stores' }).click();
  await expect(page.getByText('Held. Each bag gives it back at its Stores.')).toBeVisible();
  await page.reload();
  const heldHere = page.getByRole('region', { name: 'Held for bags' });
  for (const name of names) await expect(heldHere).toContainText(name);
  await page.goto(bags[0] as string);
  await expect(page.getByTestId('held')).toContainText(names[1] as string);
  await page.getByRole('button', { name: 'Give it back to the stores' }).click();
  await expect(page.getByRole('button', { name: 'Hold all this for this bag' })).toBeVisible();
  await expect(page.locator('body')).toContainText('other bags may count on the same');
  await page.goto('/stores');
  await expect(heldHere).toContainText(names[1] as string);
  await expect(heldHere).not.toContainText(names[0] as string);
});

test('another yarn is tried with all that it changes, made of, and undone; a price is made of hours or of materials', async ({
  page,
}) => {
  const name = `Reed cotton ${Date.now()}`;
  await page.request.post('/api/stock', {
    data: {
      one: {
        ...{ id: `reed-${Date.now()}`, kind: 'yarn', name, price: 5, colour: 'moss' },
        ...{ weightClass: 5, ballMassG: 100, ballLengthM: 90, dyeLot: '', balls: 2, openedG: [30] },
      },
    },
  });
  await newBag(page);
  await saved(page);
  await goTo(page, 'Stores');
  const choice = page.getByRole('combobox', { name: 'Out of your stores' });
  await choice.selectOption({ label: `${name}, 230 g` });
  const swap = page.getByTestId('swap');
  await expect(swap).toHaveAttribute('data-basis', 'unmeasured');
  await expect(swap).toContainText(/Width, outside: .+ → .+/);
  await expect(swap).toContainText('until its swatch is weighed');
  await swap.getByRole('button', { name: `Make it of ${name}` }).click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('heading', { name })).toBeHidden();

  await page.getByRole('button', { name: 'A price, if you sell it' }).click();
  const price = page.getByTestId('selling');
  await fill(page, 'An hour is worth', '12');
  await fill(page, 'Your hours', '5');
  await expect(price).toContainText('60.00');
  await fill(page, 'Besides', '3.5');
  await expect(price).toContainText('63.50');
  await fill(page, 'Your hours', '-2');
  await expect(price).toContainText('63.50');
  await page.getByRole('combobox', { name: 'The price is made' }).selectOption('materials');
  await expect(price).toContainText('there is none to multiply');
});

test('beside inches the stores are told and written in ounces and yards, and kept as they are', async ({ page }) => {
  // As of a maker who worked in inches last.
  await page.addInitScript((settings) => localStorage.setItem('ruelle.settings', JSON.stringify(settings)), {
    ...USUAL_SETTINGS,
    lengthUnit: 'in',
  });
  await page.goto('/stores');
  const name = `Quay twist ${Date.now()}`;
  await page.getByRole('button', { name: 'Add yarn' }).click();
  await fill(page, 'Name', name);
  await fill(page, 'A ball weighs', '50 g');
  await expect(page.getByRole('textbox', { name: 'A ball weighs' })).toHaveValue('1.76');
  await fill(page, 'A ball has', '100');
  await fill(page, 'Whole balls', '2');
  await fill(page, 'Opened balls', '1 oz; 10 g');
  await expect(page.getByRole('textbox', { name: 'Opened balls' })).toHaveValue('1; 0.35');
  // 2 × 50 g, 28.35 g and 10 g: 138.35 g.
  await expect(page.getByRole('row', { name: new RegExp(name) })).toContainText('4.88 oz (138 g): 2 balls, 2 opened');
  const { kept } = (await (await page.request.get('/api/stock')).json()) as { kept: StockYarn[] };
  const yarn = kept.find((one) => one.name === name);
  // As many metres as a hundred yards: 91.44, by the international yard of 1959.
  expect(yarn?.ballLengthM).toBeCloseTo(91.44, 6);
  expect([yarn?.ballMassG, yarn?.openedG]).toEqual([50, [28.35, 10]]);
  await fill(page, 'Opened balls', 'half');
  await expect(page.getByText('Write a mass, such as 54 g or 1.9 oz.')).toBeVisible();
  await page.getByRole('button', { name: `Take ${name} out` }).click();
});
