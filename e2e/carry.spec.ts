import { expect, test, type Page } from '@playwright/test';
import { field, figure, fill, goTo, newBag, restingText, saved } from './bag';

async function openCarry(page: Page) {
  await newBag(page, 'Letter pouch');
  await goTo(page, 'Carry');
}

/** Adds something measured now, with its name and sizes in cm. */
async function addMeasured(page: Page, name: string, wide: string, high: string, thick: string) {
  await page.getByLabel('Add a thing').selectOption({ label: 'Measured now' });
  await fill(page, 'Name', name);
  await fill(page, 'Wide', wide);
  await fill(page, 'High', high);
  await fill(page, 'Thick', thick);
}

test('what goes in is listed, packed, drawn, and sets the sizes', async ({ page }) => {
  await openCarry(page);
  for (const out of await page.getByRole('button', { name: /^Take out / }).all()) await out.click();
  await addMeasured(page, 'Bell cloth', '18', '12', '1 cm');
  await page.getByLabel('It may lie').selectOption('as-it-stands');
  await page.getByLabel('The sizes', { exact: true }).selectOption('contents');
  await fill(page, 'Ease', '10 mm');

  const thing = page
    .getByRole('region', { name: 'What goes in' })
    .getByRole('listitem')
    .filter({ hasText: 'Bell cloth' });
  await expect(thing).toContainText('sets across, up, thick');
  await expect(page.getByTestId('packed').getByRole('group', { name: /holding Bell cloth/ })).toBeVisible();
  // 180 + 10 thick + 10 of ease across; 120 + 5 + 10 up.
  await expect(figure(page, 'contents.needsWidth')).toContainText('20.0 cm');
  await expect(figure(page, 'contents.needsHeight')).toContainText('13.5 cm');
  await figure(page, 'contents.needsWidth').click();
  const why = page.getByRole('dialog', { name: /^Why: / });
  await expect(why).toContainText('18.0 cm');
  await page.keyboard.press('Escape');

  // Pressed on the drawing, the thing is lit in the list and in the section.
  await page.getByTestId('packed').locator('[data-role="thing"]').click();
  await expect(page.getByTestId('packed').locator('[data-role="thing"][data-lit]')).toHaveCount(1);

  await page.keyboard.press('Control+z');
  await expect(figure(page, 'contents.needsWidth')).not.toContainText('20.0 cm');
});

test('inside and outside differ by the sheets, and switching between them leaves the bag as it is', async ({
  page,
}) => {
  await openCarry(page);
  await page.getByLabel('The sizes', { exact: true }).selectOption('outside');
  await fill(page, 'Width, outside', '24');
  await expect(figure(page, 'size.width')).toContainText(/2[34]\.\d cm/);
  const before = await restingText(page, 'size.width');
  await page.getByLabel('The sizes', { exact: true }).selectOption('inside');
  await expect(field(page, 'Width, inside')).toBeVisible();
  // What lies between the two is told beside them.
  const sheetsMm = parseFloat(await restingText(page, 'size.sheetsAcross'));
  expect(sheetsMm).toBeGreaterThan(1);
  expect(Number(await field(page, 'Width, inside').inputValue())).toBeCloseTo(24 - sheetsMm / 10, 1);
  await expect(figure(page, 'size.width')).toHaveText(before);
  await page.getByLabel('The sizes', { exact: true }).selectOption('outside');
  await expect(field(page, 'Width, outside')).toHaveValue('24.0');
});

test('sizes that she wishes for are told what fits, and the repair mends it', async ({ page }) => {
  await openCarry(page);
  await page.getByLabel('The sizes', { exact: true }).selectOption('outside');
  await addMeasured(page, 'March folder', '34', '10', '6');
  const slip = page.locator('[data-problem="contents-too-wide"]');
  await expect(slip).toContainText('too wide for the inside');
  await slip
    .getByRole('button', { name: /^Make the bag .* wide/ })
    .first()
    .click();
  await expect(slip).toBeHidden();
});

test('bad things are answered at their field, and cost nothing', async ({ page }) => {
  await openCarry(page);
  await addMeasured(page, 'Mute', '9', '14', '3 cm');
  await fill(page, 'Wide', '-4');
  await expect(page.getByRole('alert').first()).toBeVisible();
  await field(page, 'Wide').press('Escape');
  await expect(field(page, 'Wide')).toHaveValue('9.0');

  // Until it is measured it is not in the bag: no size is invented for it.
  const things = page.getByRole('region', { name: 'What goes in' }).getByRole('listitem');
  const before = await things.count();
  await page.getByLabel('Add a thing').selectOption({ label: 'Measured now' });
  await fill(page, 'Wide', '9');
  await fill(page, 'Thick', '2 cm');
  await expect(field(page, 'High')).toHaveValue('');
  expect(await things.count()).toBe(before);
  await fill(page, 'High', '14');
  await expect(things).toHaveCount(before + 1);
  await expect(things.last().getByRole('button', { name: 'Thing', exact: true })).toBeFocused();
  await fill(page, 'Name', 'mute');
  await expect(page.getByRole('alert').filter({ hasText: '“mute 2” would do' })).toBeVisible();
  await field(page, 'Name').press('Escape');

  await fill(page, 'Wide', '120');
  await fill(page, 'High', '110');
  await expect(page.locator('[data-problem="thing-larger-than-any-bag"]')).toContainText('goes into no bag');
  await saved(page);
});

test('another packing is taken by its key, and let go again', async ({ page }) => {
  await openCarry(page);
  await addMeasured(page, 'Cornet mute', '11', '11', '4 cm');
  await addMeasured(page, 'Lyre clip', '6', '13', '2 cm');
  const table = page.getByTestId('packings');
  const rows = table.locator('tbody tr');
  expect(await rows.count()).toBeGreaterThan(1);
  const other = (await rows.nth(0).getAttribute('aria-current')) ? 2 : 1;
  await rows
    .nth(other - 1)
    .getByRole('button')
    .last()
    .focus();
  await page.keyboard.press(String(other));
  await expect(rows.and(page.locator('[aria-current]'))).toHaveCount(1);
  const letGo = page.getByRole('button', { name: /You settled on this packing/ });
  await expect(letGo).toBeVisible();
  await letGo.click();
  await expect(letGo).toBeHidden();
});

test('a thing that is remembered comes up in the next bag, and can be forgotten', async ({ page }) => {
  await openCarry(page);
  await addMeasured(page, 'Slide grease tin', '4', '4', '1.5 cm');
  // What is found by the search may move the page under the hand; pressed again, it is remembered all the same.
  await expect(async () => {
    await page.getByRole('button', { name: 'Remember it' }).click();
    await expect(page.getByText('“Slide grease tin” is remembered')).toBeVisible({ timeout: 3000 });
  }).toPass();

  await openCarry(page);
  await page.getByLabel('Add a thing').selectOption({ label: 'Yours: Slide grease tin' });
  await expect(field(page, 'Wide')).toHaveValue('4.0');
  await page.getByRole('button', { name: 'Forget it' }).click();
  await expect(page.getByText('no longer remembered')).toBeVisible();
  await expect(field(page, 'Wide')).toHaveValue('4.0');
});

test('many things are searched for away from the screen: typing goes on, and the search can be stopped', async ({
  page,
}) => {
  const address = await newBag(page, 'Letter pouch');
  const id = address.split('/').at(-1);
  const { design, revision } = await (await page.request.get(`/api/bags/${id}`)).json();
  // So many that the search takes far longer than a press of the button.
  const items = Array.from({ length: 40 }, (_, index) => ({
    count: 2,
    thing: {
      id: `many-${index}`,
      name: `Part book ${index + 1}`,
      widthMm: 40 + 3 * index,
      heightMm: 120 - 2 * index,
      thicknessMm: 3 + (index % 5),
      massG: 20,
      turns: 'any-way',
      known: null,
    },
  }));
  const contents = { ...design.contents, items, chosenPacking: null };
  const sent = await page.request.put(`/api/bags/${id}`, {
    data: { baseRevision: revision, design: { ...design, contents }, history: { undo: [], redo: [] } },
  });
  expect(sent.status()).toBe(200);
  await page.goto(`${address}/carry`);
  const note = page.getByRole('status').filter({ hasText: 'Looking for better ways to pack' });
  await expect(note).toBeVisible();
  await fill(page, 'Ease', '14 mm');
  await expect(field(page, 'Ease')).toHaveValue('14');
  await note.getByRole('button', { name: 'Stop' }).click();
  await expect(note).toBeHidden();
  await expect(page.getByText('Found by trying; a better way may still exist.')).toBeVisible();
});

test('how it is carried asks for a strap of a usual length, and adding it settles that', async ({ page }) => {
  await openCarry(page);
  await page.getByLabel('It is carried').selectOption('across-the-body');
  const slip = page.locator('[data-problem="carried-without-strap"]');
  await expect(slip).toBeVisible();
  await slip.getByRole('button', { name: /^Add a strap/ }).click();
  await expect(slip).toBeHidden();
});
