import { expect, test, type Locator, type Page } from '@playwright/test';
import { axeFinds, goTo, line, newBag, restingNumber, rowOf, unfold } from './bag';

/** A browser without graphics closures: the bag is drawn still, from the same solids. */
async function openFolded(page: Page, starter?: string, place = 'Body'): Promise<Locator> {
  await newBag(page, starter);
  await goTo(page, place);
  await expect(page.getByTestId('folded')).toHaveAttribute('data-drawn', 'still');
  return page.getByTestId('folded');
}

const turner = (page: Page) => page.getByRole('slider', { name: 'Turn the folded bag' });
const flapGrip = (page: Page) => page.getByRole('slider', { name: 'Open or close the flap' });

const outlineOf = (folded: Locator, mark: string): Promise<string> =>
  folded
    .locator(`polygon[data-mark="${mark}"]`)
    .evaluateAll((facets) => facets.map((facet) => facet.getAttribute('points')).join(' '));

/** Drags a line on the folded fabric by some pixels, taking hold of it away from its middle. */
async function dragFabric(page: Page, fabricLine: Locator, byX: number, byY: number) {
  await restingBox(page, fabricLine);
  const at = await fabricLine.evaluate((element) => {
    const way = element as SVGPolylineElement;
    const point = way.getPointAtLength(way.getTotalLength() * 0.2);
    const box = way.ownerSVGElement?.getBoundingClientRect();
    return { x: (box?.x ?? 0) + point.x, y: (box?.y ?? 0) + point.y };
  });
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  for (let step = 1; step <= 6; step += 1) await page.mouse.move(at.x + (byX * step) / 6, at.y + (byY * step) / 6);
  await page.mouse.up();
}

test('the folded bag is turned by hand and by keys, and looked at as at first again', async ({ page }) => {
  const folded = await openFolded(page);
  const first = await outlineOf(folded, 'part.flap');
  await turner(page).focus();
  await page.keyboard.press('ArrowRight');
  const turned = Number(await turner(page).getAttribute('aria-valuenow'));
  expect(await outlineOf(folded, 'part.flap')).not.toBe(first);

  const box = await folded.locator('svg').first().boundingBox();
  if (!box) throw new Error('it is drawn');
  await page.mouse.move(box.x + 20, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x + 80, box.y + 20, { steps: 4 });
  await page.mouse.up();
  expect(Number(await turner(page).getAttribute('aria-valuenow'))).toBeGreaterThan(turned);

  await turner(page).focus();
  await page.keyboard.press('Home');
  expect(await outlineOf(folded, 'part.flap')).toBe(first);
});

test('the flap is opened by its edge, by keys and with a button, and what is in the bag comes to light', async ({
  page,
}) => {
  const folded = await openFolded(page);
  await expect(flapGrip(page)).toHaveAttribute('aria-valuetext', 'closed');
  const box = await flapGrip(page).boundingBox();
  if (!box) throw new Error('the flap has a grip');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let step = 1; step <= 10; step += 1) await page.mouse.move(x - 3 * step, y - 10 * step);
  await page.mouse.up();
  expect(Number(await flapGrip(page).getAttribute('aria-valuenow'))).toBeGreaterThan(20);

  await flapGrip(page).focus();
  await page.keyboard.press('Home');
  await expect(flapGrip(page)).toHaveAttribute('aria-valuetext', 'closed');
  await page.getByRole('button', { name: 'Open the flap' }).click();
  expect(Number(await flapGrip(page).getAttribute('aria-valuenow'))).toBeGreaterThan(150);
  await page.getByRole('button', { name: 'Close the flap' }).click();
  await expect(flapGrip(page)).toHaveAttribute('aria-valuetext', 'closed');

  // Looked into, its front is away; empty, nothing lies in it.
  await page.getByRole('button', { name: 'Look inside' }).click();
  await expect(folded.locator('polygon[data-mark="part.front"]')).toHaveCount(0);
  await expect(folded.locator('polygon[data-mark="load"], polygon[data-mark^="thing."]').first()).toBeAttached();
  await page.getByRole('button', { name: 'Show it empty' }).click();
  await expect(folded.locator('polygon[data-mark="load"], polygon[data-mark^="thing."]')).toHaveCount(0);
});

test('the flap’s edge is dragged on the folded bag and in the section; every view follows, and each drag is one thing to undo', async ({
  page,
}) => {
  const folded = await openFolded(page);
  const before = await rowOf(page, 'edge.flap');
  await dragFabric(page, folded.locator('[data-fabric-line="edge.flap"]').first(), 0, 40);
  const longer = await rowOf(page, 'edge.flap');
  expect(longer).toBeGreaterThan(before);
  const drop = await restingNumber(page, 'flap.drop.loaded');
  await dragFabric(page, page.getByTestId('section').locator('[data-fabric-line="edge.flap"]').last(), 0, -30);
  const shorter = await rowOf(page, 'edge.flap');
  expect(shorter).toBeLessThan(longer);
  expect(await restingNumber(page, 'flap.drop.loaded')).toBeLessThan(drop);
  await page.keyboard.press('Control+z');
  expect(await rowOf(page, 'edge.flap')).toBe(longer);
  await page.keyboard.press('Control+z');
  expect(await rowOf(page, 'edge.flap')).toBe(before);
});

test('what is selected in one view is lit in all three', async ({ page }) => {
  const folded = await openFolded(page);
  await line(page, 'edge.flap').focus();
  await expect(page.getByTestId('section').locator('[data-mark="edge.flap"][data-lit]').first()).toBeAttached();
  await expect(folded.locator('polyline[data-mark="edge.flap"][data-lit]')).toBeAttached();
  // Pressed on the folded bag, the flap is lit in the section.
  const flap = await folded.locator('polygon[data-mark="part.flap"]').evaluateAll((facets) => {
    for (const facet of facets) {
      const { x, y, width, height } = facet.getBoundingClientRect();
      const at = { x: x + width / 2, y: y + height / 2 };
      if (document.elementFromPoint(at.x, at.y) === facet) return at;
    }
    return null;
  });
  if (!flap) throw new Error('the flap can be seen');
  await page.mouse.click(flap.x, flap.y);
  await expect(page.getByTestId('section').locator('[data-mark="part.flap"][data-lit]').first()).toBeAttached();
  await expect(folded.locator('polyline[data-mark="edge.flap"][data-lit]')).toHaveCount(0);
});

for (const starter of ['Satchel with a gusset', 'Oval shopper', 'Box bag', 'Seamless pouch', 'Round purse'])
  test(`it is folded in whatever construction: ${starter}`, async ({ page }) => {
    const folded = await openFolded(page, starter);
    await expect(folded.locator('polygon[data-mark="part.front"]').first()).toBeAttached();
    expect((await folded.locator('polygon').count()) > 20).toBe(true);
  });

test('the place is in order for readers of the screen', async ({ page }) => {
  await openFolded(page);
  const violations = await axeFinds(page);
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
});

test('the snap is moved along the flap in every view, by hand and by keys, its mate with it', async ({ page }) => {
  const folded = await openFolded(page, undefined, 'Closures');
  await page.getByRole('button', { name: 'Put a magnetic snap on' }).click();
  const inset = () => restingNumber(page, 'snap.halfInset');
  const mate = () => restingNumber(page, 'snap.mateDistance');
  const [first, mateFirst] = [await inset(), await mate()];
  await page.getByRole('slider', { name: 'Snap, in from the flap’s edge' }).focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect.poll(inset).not.toBe(first);
  await expect.poll(mate).not.toBe(mateFirst);
  const byKeys = await inset();

  // Dragged up in the section, it comes further from the flap's edge; so on the folded bag.
  await dragSnap(page, page.getByTestId('section').locator('[data-fabric-mark="snap.half"]').last(), -22);
  await expect.poll(inset).toBeGreaterThan(byKeys);
  const bySection = await inset();
  await expect(page.getByTestId('section').locator('[data-mark="snap.half"][data-lit]').first()).toBeAttached();
  await dragSnap(page, folded.locator('[data-fabric-mark="snap.half"]').first(), -26);
  await expect.poll(inset).toBeGreaterThan(bySection);
  await page.keyboard.press('Control+z');
  await expect.poll(inset).toBe(bySection);
});

/** What is read of the screen once it has come to rest: a still picture follows when the hand rests, later still on a busy machine. */
async function resting<T>(page: Page, read: () => Promise<T>): Promise<T> {
  let last = await read();
  await expect(async () => {
    const before = last;
    await page.waitForTimeout(1000);
    last = await read();
    expect<unknown>(last).toEqual(before);
  }).toPass();
  return last;
}

async function restingBox(page: Page, what: Locator) {
  const box = await resting(page, () => what.boundingBox());
  if (!box) throw new Error('it can be seen');
  return box;
}

async function dragSnap(page: Page, snap: Locator, byY: number) {
  await snap.scrollIntoViewIfNeeded();
  const box = await restingBox(page, snap);
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let step = 1; step <= 6; step += 1) await page.mouse.move(x, y + (byY * step) / 6);
  await page.mouse.up();
}

test('a deep bag is folded flat, empties, and opens again; what can’t fold flat does not offer it', async ({
  page,
}) => {
  const folded = await openFolded(page, 'Box bag');
  const open = await resting(page, () => outlineOf(folded, 'part.front'));
  await folded.getByRole('button', { name: 'Fold it flat' }).click();
  await expect.poll(() => outlineOf(folded, 'part.front')).not.toBe(open);
  await expect(folded.locator('polygon[data-mark="load"]')).toHaveCount(0);
  // Four times fabric and lining, and the flap.
  await expect(page.getByTestId('section').getByText('Flat', { exact: true })).toBeVisible();
  expect(await restingNumber(page, 'fold.flat.thickness')).toBeGreaterThan(5);
  await unfold(page, 'How does it change when it is full?');
  await page.locator('[data-figure="fold.flat.drop"]').click();
  await expect(page.getByRole('dialog')).toContainText('comes down the front');
  await page.keyboard.press('Escape');
  await folded.getByRole('button', { name: 'Open it again' }).click();
  await expect.poll(() => outlineOf(folded, 'part.front')).toBe(open);

  await folded.getByRole('button', { name: 'Fold it flat' }).click();
  await page.getByRole('radio', { name: 'Folded strip' }).check();
  await expect(folded.getByRole('button', { name: 'Fold it flat' })).toHaveCount(0);
  await expect(page.getByTestId('section').getByText('Flat', { exact: true })).toHaveCount(0);
});

test('how long every sheet of a bend is, and how well joined edges meet, is told and can be asked', async ({
  page,
}) => {
  await openFolded(page);
  await unfold(page, 'How it bends and meets');
  const table = page.getByTestId('bends');
  await expect(table.getByRole('rowheader').first()).toHaveText('Round the base: outer face');
  // Empty and without lining the fabric is bent about its own inner face: that is pressed to nothing, its outer face drawn to twice its middle.
  expect(await restingNumber(page, 'bend.base.inner.empty')).toBe(0);
  const middle = await restingNumber(page, 'bend.base.middle.empty');
  expect(middle).toBeGreaterThan(1);
  expect((await restingNumber(page, 'bend.base.outer.empty')) / middle).toBeCloseTo(2, 1);
  await expect(table.getByRole('rowheader', { name: 'Side seams: edges apart by' })).toBeVisible();
  // What is asked about is lit where it is.
  await table.locator('[data-figure="bend.top.outer.loaded"]').click();
  await expect(page.getByTestId('section').locator('[data-mark="part.bridge"][data-lit]').first()).toBeAttached();
  await page.keyboard.press('Escape');
  await table.locator('[data-figure="meet.sides.loaded"]').click();
  await expect(page.getByRole('dialog')).toContainText('from places on the one edge to the nearest of the other');
});
