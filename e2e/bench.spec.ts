import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { goTo, newBag, saved } from './bag';

const counter = (page: Page) => page.getByTestId('row-counter');
const rowNow = (page: Page, row: number) => expect(counter(page)).toHaveAttribute('data-row', String(row));
const step = (page: Page, id: string) => page.locator(`[data-step="${id}"]`);
const kept = (page: Page) => expect(page.locator('[data-keeping]')).toHaveAttribute('data-keeping', 'kept');

/** Opens the bench of a new bag, as she sets it down beside her. */
async function atTheBench(page: Page, starter = 'Letter pouch'): Promise<string> {
  const bag = await newBag(page, starter);
  await saved(page);
  await goTo(page, 'Bench');
  await rowNow(page, 1);
  return `${bag}/bench`;
}

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('a whole bag is made: every row counted, every step ticked', async ({ page }) => {
    await atTheBench(page);
    const rows = Number(/of (\d+) rows/.exec((await counter(page).textContent()) ?? '')?.[1]);
    expect(rows).toBeGreaterThan(20);
    // The press is under the thumb without scrolling, and nothing is cut off at the side.
    const press = page.getByTestId('row-done');
    const box = await press.boundingBox();
    expect(box && box.y + box.height).toBeLessThan(844);
    expect(box?.height).toBeGreaterThan(44);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
    for (let row = 1; row <= rows; row += 1) {
      await rowNow(page, row);
      await press.click();
    }
    await expect(counter(page)).toContainText(`All ${rows} rows are worked.`);
    await kept(page);
    await page.reload();
    await expect(counter(page)).toContainText(`All ${rows} rows are worked.`);
    // What the rows have done is ticked by itself; all else in the order it stands, without a warning.
    const ids = await page
      .locator('[data-step]')
      .evaluateAll((all) => all.map((one) => one.getAttribute('data-step') ?? ''));
    await expect(step(page, 'work-front')).toHaveAttribute('data-standing', 'done');
    for (const id of ids) {
      if ((await step(page, id).getAttribute('data-standing')) === 'done') continue;
      await expect(step(page, id)).toHaveAttribute('data-standing', 'ready');
      await step(page, id).getByRole('button', { name: /^Done/ }).click();
      await expect(step(page, id)).toHaveAttribute('data-standing', 'done');
    }
    await expect(page.getByRole('heading', { name: `Steps, ${ids.length} of ${ids.length} done` })).toBeVisible();
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations.map(({ id }) => id)).toEqual([]);
  });
});

test('a key counts a row and another takes it back; what is to be minded is told before and when it comes', async ({
  page,
}) => {
  await atTheBench(page);
  const ahead = page.getByTestId('due-ahead');
  const told = (await ahead.textContent()) ?? '';
  const fold = Number(/in (\d+) rows, row (\d+): marker at both ends: base fold/.exec(told)?.[2]);
  expect(fold).toBeGreaterThan(5);
  for (let row = 1; row < fold; row += 1) await page.keyboard.press('Space');
  await rowNow(page, fold);
  await expect(ahead).toContainText('in this row: marker at both ends: base fold');
  await page.keyboard.press('Space');
  await expect(page.getByTestId('due-now')).toContainText('before you go on: marker at both ends: base fold');
  await expect(page.getByTestId('due-now')).toContainText('the back begins');
  await expect(page.locator('[data-worked]')).toHaveAttribute('data-worked', String(fold));
  await page.keyboard.press('Backspace');
  await rowNow(page, fold);
  // The hand that pressed for it takes it back by the same key.
  await page.getByTestId('row-done').click();
  await rowNow(page, fold + 1);
  await page.keyboard.press('Backspace');
  await rowNow(page, fold);
  await expect(page.getByTestId('due-now')).toBeHidden();
});

test('a count that is off is told, with where to look; rows worked elsewhere are set', async ({ page }) => {
  await atTheBench(page);
  await page.getByLabel('Rows worked').fill('12');
  await page.keyboard.press('Enter');
  await rowNow(page, 13);
  const field = page.getByLabel('Stitches in row 12');
  const planned = Number(await field.getAttribute('placeholder'));
  await field.fill(String(planned - 1));
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('count-check')).toContainText('1 stitch too few.');
  await expect(page.getByTestId('count-check')).toContainText('ends');
  await field.fill(String(planned));
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('count-check')).toContainText('That is as planned for this row.');
  await page.getByLabel('Rows worked').fill('9000');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/This piece has \d+ rows\./)).toBeVisible();
  await rowNow(page, 13);
});

test('a step that shuts others off warns; done all the same, they are too late and the ways out are told', async ({
  page,
}) => {
  await atTheBench(page);
  const seam = step(page, 'seam-sides');
  await seam.getByRole('button', { name: /^Done/ }).click();
  await expect(seam.getByRole('alert')).toContainText('After this it is too late for');
  await seam.getByRole('button', { name: 'Not yet' }).click();
  await expect(seam).toHaveAttribute('data-standing', 'waits');
  await seam.getByRole('button', { name: /^Done/ }).click();
  await seam.getByRole('button', { name: 'It is done all the same' }).click();
  await expect(seam).toHaveAttribute('data-standing', 'done');
  await expect(step(page, 'weave-ends')).toHaveAttribute('data-standing', 'too-late');
  await seam.getByRole('button', { name: 'Note: ' }).click();
  await seam.getByRole('textbox').fill('The left one is a stitch short.');
  await seam.getByRole('button', { name: 'Keep the note' }).click();
  await kept(page);
  await page.reload();
  await expect(seam).toContainText('The left one is a stitch short.');
  await seam.getByRole('button', { name: 'Not done after all' }).click();
  await expect(step(page, 'weave-ends')).not.toHaveAttribute('data-standing', 'too-late');
});

test('two windows show the same row; what is counted while the server can’t be reached is kept, once', async ({
  page,
  context,
}) => {
  const address = await atTheBench(page);
  const other = await context.newPage();
  await other.goto(address);
  await rowNow(other, 1);
  await kept(other);
  await page.keyboard.press('Space');
  await expect(counter(other)).toHaveAttribute('data-row', '2');
  await other.getByTestId('row-done').click();
  await expect(counter(page)).toHaveAttribute('data-row', '3');
  await page.route('**/making', (route) => route.abort());
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await rowNow(page, 5);
  await expect(page.getByText(/kept in this window until it can/)).toBeVisible();
  await rowNow(other, 3);
  // The other has gone on meanwhile: the same row counts once.
  await other.getByTestId('row-done').click();
  await rowNow(other, 4);
  await page.unroute('**/making');
  await kept(page);
  await rowNow(page, 5);
  await rowNow(other, 5);
  await page.reload();
  await rowNow(page, 5);
});

test('the address that the bench had before leads to it', async ({ page }) => {
  const address = await atTheBench(page);
  await page.goto(address.replace(/bench$/, 'order'));
  await rowNow(page, 1);
  expect(page.url()).toMatch(/\/bench$/);
});

test('what the tape says on the way makes the plan anew; what is worked stays, and it can be taken back', async ({
  page,
}) => {
  await atTheBench(page);
  const put = async (label: string, text: string) => {
    await page.getByLabel(label, { exact: true }).fill(text);
    await page.keyboard.press('Enter');
  };
  await put('Rows worked', '20');

  await put('It is long', 'a hand');
  await expect(page.getByText('Write a length, such as 12.4 or 124 mm.')).toBeVisible();
  await put('It is long', '8');
  await put('Left of the yarn', '60');
  await page.getByRole('button', { name: 'Write it down', exact: true }).click();
  const anew = page.getByTestId('plan-anew');
  await expect(anew).toContainText(/Rows come out \d+ % (lower|higher) than on the swatch\./);
  const front = anew.getByRole('row', { name: /^Front, rows/ });
  const before = (await front.textContent()) ?? '';
  await anew.getByRole('button', { name: 'Keep the rows, know the sizes' }).click();
  const kept = anew.getByRole('row', { name: /^Front, rows/ }).getByRole('cell');
  await expect(kept.nth(1)).toContainText((await kept.nth(0).textContent()) ?? 'nothing');
  await anew.getByRole('button', { name: 'Keep the sizes, count the rows anew' }).click();
  await expect(front).toHaveText(before);
  await anew.getByRole('button', { name: 'Take the new plan' }).click();
  await expect(anew).toContainText('The plan goes by this measure.');
  await rowNow(page, 21);
  await saved(page);
  await put('Rows worked', '30');
  await put('It is long', '12');
  await put('Left of the yarn', '50');
  await page.getByRole('button', { name: 'Write it down', exact: true }).click();
  const lasts = page.getByTestId('yarn-lasts');
  await expect(lasts).toContainText('A row takes 1.00 g. After row 30');
  const told = await lasts.textContent();
  // What was weighed then says the same when more is worked.
  await page.keyboard.press('Escape');
  await put('Rows worked', '31');
  await expect(lasts).toHaveText(told ?? '');
  await put('Rows worked', '30');
  await page.keyboard.press('Control+z');
  await expect(anew.getByRole('button', { name: 'Take the new plan' })).toBeVisible();
  await rowNow(page, 31);
});

test('the whole making is gone through before it is begun; nothing of it is counted', async ({ page }) => {
  await atTheBench(page);
  await page.getByRole('button', { name: 'Go through the whole making first' }).click();
  const slider = page.getByRole('slider', { name: 'How far the making is rehearsed' });
  const most = Number(await slider.getAttribute('max'));
  await slider.fill('10');
  await expect(page.getByTestId('rehearsed')).toContainText(/^Panel, row \d+:/);
  await expect(page.locator('[data-worked]')).not.toHaveAttribute('data-worked', '0');
  await page.getByRole('button', { name: '16 a second' }).click();
  await expect(slider).not.toHaveValue('10');
  await page.getByRole('button', { name: 'Stop' }).click();
  await slider.fill(String(most));
  await expect(page.getByTestId('rehearsed')).toHaveText('The bag is made.');
  await page.getByRole('button', { name: 'Back to your own rows' }).click();
  await expect(page.locator('[data-worked]')).toHaveAttribute('data-worked', '0');
  await rowNow(page, 1);
});

test('the finished bag is looked over: sizes against the plan, and what isn’t as it should be says what to do', async ({
  page,
}) => {
  await atTheBench(page);
  const width = page.locator('[data-size=widthMm]');
  const planned = Number(/[\d.]+/.exec((await width.locator('[data-figure]').textContent()) ?? '')?.[0]);
  await width.getByLabel('Came out').fill(String(planned));
  await page.keyboard.press('Enter');
  await expect(width).toContainText('as planned, within its ±');
  await width.getByLabel('Came out').fill(String(planned - 4));
  await page.keyboard.press('Enter');
  await expect(width).toContainText('−4.0 cm: more than its ±. Block it wider');
  const look = page.locator('[data-look=tails-secure]');
  await look.getByRole('button', { name: /^Not so/ }).click();
  await expect(look).toContainText('Weave it in again');
  await look.getByRole('button', { name: /^Found/ }).click();
  await expect(page.getByRole('heading', { name: /^Look it over, 1 of \d+ found$/ })).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(width.getByLabel('Came out')).toHaveValue(String((planned - 4).toFixed(1)));
  await expect(look).toContainText('Found');
});

test('without the server a bench that was opened here opens as it stood, counts on, and sends it once it can', async ({
  page,
  context,
}) => {
  const bench = await atTheBench(page);
  for (const row of [2, 3, 4]) {
    await page.getByTestId('row-done').click();
    await rowNow(page, row);
  }
  await kept(page);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  // The page is kept when it is opened with the keeper there, its files one by one; what is known is written down a moment after it came.
  await page.reload();
  await rowNow(page, 4);
  await expect.poll(() => page.evaluate(filesNotKept)).toBe(0);
  await expect.poll(() => page.evaluate(eventsRemembered)).toBeGreaterThanOrEqual(3);
  await context.setOffline(true);
  await page.goto(bench);
  await rowNow(page, 4);
  await page.getByTestId('row-done').click();
  await rowNow(page, 5);
  await expect(page.locator('[data-keeping]')).not.toHaveAttribute('data-keeping', 'kept');
  await page.goto('/workroom');
  await expect(page.getByRole('heading', { name: 'Ruelle can’t be reached' })).toBeVisible();
  await page.goto(bench);
  await rowNow(page, 5);
  await context.setOffline(false);
  await page.reload();
  await rowNow(page, 5);
  await kept(page);
});

/** How many of the page's own files the browser hasn't kept yet. */
async function filesNotKept(): Promise<number> {
  const own = performance.getEntriesByType('resource').filter(({ name }) => name.includes('/_next/static/'));
  const kept = await Promise.all(own.map(({ name }) => caches.match(name)));
  return own.length === 0 ? Infinity : kept.filter((one) => one === undefined).length;
}

/** How many events of the open bag's making the browser has written down. */
function eventsRemembered(): Promise<number> {
  const key = `ruelle.making.last.${location.pathname.split('/').at(-2)}`;
  return new Promise((resolve) => {
    const opening = indexedDB.open('keyval-store');
    opening.onerror = () => resolve(0);
    opening.onsuccess = () => {
      const db = opening.result;
      if (!db.objectStoreNames.contains('keyval')) return resolve(0);
      const asking = db.transaction('keyval').objectStore('keyval').get(key);
      asking.onsuccess = () => resolve(Array.isArray(asking.result) ? asking.result.length : 0);
      asking.onerror = () => resolve(0);
    };
  });
}

test('a strap is counted as the pieces are, grows beside its row, and does its step', async ({ page }) => {
  const bag = (await atTheBench(page)).replace('/bench', '');
  await page.goto(`${bag}/strap`);
  await page.getByRole('button', { name: 'Add a strap' }).click();
  await saved(page);
  await goTo(page, 'Bench');
  const strap = page.getByRole('group', { name: 'Which piece' }).getByRole('button', { name: /^Strap, 0 of/ });
  const rows = Number(/of (\d+)/.exec((await strap.textContent()) ?? '')?.[1]);
  await strap.press('Enter');
  await expect(page.getByTestId('beside-rows').getByRole('img')).toHaveAccessibleName(
    `Strap: 0 of ${rows} rows worked, not to scale`,
  );
  // The key that took it has put her on the press: the next one counts.
  await page.keyboard.press('Space');
  await rowNow(page, 2);
  await expect(page.getByTestId('beside-rows').getByRole('img')).toHaveAccessibleName(/^Strap: 1 of/);
  await page.getByRole('textbox', { name: 'Rows worked' }).fill(String(rows));
  await page.getByRole('textbox', { name: 'Rows worked' }).press('Enter');
  await expect(counter(page)).toContainText(`All ${rows} rows are worked.`);
  await expect(step(page, 'work-strap')).toHaveAttribute('data-standing', 'done');
  await kept(page);
});
