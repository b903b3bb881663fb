import { expect, test, type Page } from '@playwright/test';
import { goTo, line, newBag, restingNumber, rowOf, saved } from './bag';

async function openBody(page: Page) {
  await newBag(page);
  await goTo(page, 'Body');
  await expect(page.getByTestId('panel')).toHaveAttribute('data-measured', 'true');
}

/** Drags a line on the drawing by some pixels, in steps, as a hand does. */
async function drag(page: Page, id: string, byPx: number) {
  const box = await line(page, id).locator('rect').first().boundingBox();
  if (!box) throw new Error(`${id} is not on the drawing`);
  const x = box.x + box.width / 3;
  const y = box.y + box.height / 2;
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let step = 1; step <= 8; step += 1) await page.mouse.move(x, y + (byPx * step) / 8);
  await page.mouse.up();
}

test('a fold line is dragged from row to row, and every number follows', async ({ page }) => {
  await openBody(page);
  const before = await rowOf(page, 'fold.base');
  const total = await rowOf(page, 'edge.flap');
  const front = page.locator('[data-figure="panel.frontRows"]').first();
  await drag(page, 'fold.base', 40);
  const after = await rowOf(page, 'fold.base');
  expect(after).toBeLessThan(before);
  await expect(front).toContainText(`${after} rows`);
  // The base fold trades rows between front and back: the strip stays as long as it was.
  expect(await rowOf(page, 'edge.flap')).toBe(total);
  await expect(page.locator('[data-problem="front-back-differ"]')).toBeVisible();

  // The whole drag is one thing to undo.
  await page.keyboard.press('Control+z');
  expect(await rowOf(page, 'fold.base')).toBe(before);
  await page.keyboard.press('Control+y');
  expect(await rowOf(page, 'fold.base')).toBe(after);
});

test('what is dragged stays under the hand, to one scale, and is laid out anew when the hand is lifted', async ({
  page,
}) => {
  await openBody(page);
  const edge = line(page, 'edge.flap').locator('rect').first();
  const foot = async () => {
    const cloth = await page.getByTestId('panel').locator('[data-role="cloth"]').boundingBox();
    return cloth ? Math.round(cloth.y + cloth.height) : 0;
  };
  const before = await edge.boundingBox();
  if (!before) throw new Error('no edge on the drawing');
  const footBefore = await foot();
  const [x, y] = [before.x + before.width / 3, before.y + before.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let step = 1; step <= 8; step += 1) await page.mouse.move(x, y + 9 * step);
  const under = await edge.boundingBox();
  // It lies on the row that is nearest to the hand.
  expect(Math.abs((under?.y ?? 0) + (under?.height ?? 0) / 2 - (y + 72))).toBeLessThan(8);
  expect(await foot()).toBe(footBefore);
  await page.mouse.up();
  // The shorter strip is drawn larger, over all the room there is.
  await expect(async () => expect((await edge.boundingBox())?.y).toBeLessThan(under?.y ?? 0)).toPass();
});

test('the flap’s edge is dragged, and the drop follows', async ({ page }) => {
  await openBody(page);
  const drop = page.locator('[data-figure="flap.drop.loaded"]').first();
  const before = (await drop.textContent()) ?? '';
  await drag(page, 'edge.flap', 50);
  // Numbers follow the drawing within a fifth of a second.
  await expect(drop).not.toHaveText(before);
  await page.getByRole('button', { name: /Let the rows follow the sizes again/ }).click();
  await expect(drop).toHaveText(before);
});

test('lines are nudged by keys, each within its limits', async ({ page }) => {
  await openBody(page);
  const fold = line(page, 'fold.base');
  await fold.focus();
  const before = await rowOf(page, 'fold.base');
  await page.keyboard.press('ArrowUp');
  expect(await rowOf(page, 'fold.base')).toBe(before + 1);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  expect(await rowOf(page, 'fold.base')).toBe(before - 1);
  await page.keyboard.press('PageUp');
  expect(await rowOf(page, 'fold.base')).toBe(before + 4);
  await page.keyboard.press('End');
  expect(String(await rowOf(page, 'fold.base'))).toBe(await fold.getAttribute('aria-valuemax'));
  await page.keyboard.press('Home');
  expect(String(await rowOf(page, 'fold.base'))).toBe(await fold.getAttribute('aria-valuemin'));
});

test('one selection is lit on the panel and in the section', async ({ page }) => {
  await openBody(page);
  await line(page, 'fold.top').focus();
  await expect(page.getByTestId('panel').locator('[data-mark="fold.top"][data-lit]')).toHaveCount(1);
  await expect(page.getByTestId('section').locator('[data-mark="fold.top"][data-lit]')).toHaveCount(2);
});

test('the panel is drawn to scale: its sides are as its sizes', async ({ page }) => {
  await openBody(page);
  const cloth = await page.getByTestId('panel').locator('[data-role="cloth"]').boundingBox();
  const rows = await rowOf(page, 'edge.flap');
  const stitches = Number(
    /(\d+) stitches/.exec((await page.getByTestId('panel').getAttribute('aria-label')) ?? '')?.[1],
  );
  await goTo(page, 'Swatch');
  const mm = (id: string) => restingNumber(page, id);
  const wanted = (stitches * (await mm('gauge.stitchWidth'))) / (rows * (await mm('gauge.rowHeight')));
  expect(cloth).not.toBeNull();
  expect((cloth?.width ?? 0) / (cloth?.height ?? 1)).toBeCloseTo(wanted, 1);
});

test('undo outlives a reload, and so does everything else', async ({ page }) => {
  await openBody(page);
  const before = await rowOf(page, 'fold.base');
  await line(page, 'fold.base').focus();
  await page.keyboard.press('ArrowDown');
  await saved(page);
  await page.reload();
  await expect(line(page, 'fold.base')).toHaveAttribute('aria-valuenow', String(before - 1));
  await expect(page.getByRole('button', { name: 'Undo: Move: Base fold' })).toBeEnabled();
  await page.keyboard.press('Control+z');
  await expect(line(page, 'fold.base')).toHaveAttribute('aria-valuenow', String(before));
  await page.keyboard.press('Control+Shift+z');
  await expect(line(page, 'fold.base')).toHaveAttribute('aria-valuenow', String(before - 1));
});
