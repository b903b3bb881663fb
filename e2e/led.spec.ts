import { expect, test } from '@playwright/test';
import { widthRemedy } from '@/core/body';
import type { Design } from '@/core/design';
import { planBag } from '@/core/plan';
import { TRADE_WORDS, WORD_IDS } from '@/core/wording';
import { axeFinds, field, goTo, newBag, restingNumber, saved, unfold } from './bag';
import { next } from './hands';
import { inItsOwnWorkroom } from './start';

for (const [door, place] of [
  ['What must it hold?', /\/carry$/],
  ['I have a size in mind', /\/body$/],
] as const)
  test(`an empty shelf has a door for each way to begin: ${door}`, async ({ browser }) => {
    await inItsOwnWorkroom(browser, async (page) => {
      await page.goto('/');
      await page.getByRole('button', { name: door }).click();
      const begin = page.getByRole('region', { name: 'Begin from' });
      await begin.getByRole('button', { name: 'None yet' }).click();
      await begin.getByRole('button', { name: 'Letter pouch' }).click();
      await page.waitForURL(place);
      await saved(page);
      // What she did not say yet comes next.
      await expect(next(page)).toBeVisible();
      await page.goto('/');
      await expect(page.getByText('The shelf is empty.')).toHaveCount(0);
    });
  });

test('an empty shelf has a door for a pattern that she has', async ({ browser }) => {
  await inItsOwnWorkroom(browser, async (page) => {
    await page.goto('/');
    await page.getByRole('link', { name: 'I have a pattern' }).click();
    await page.waitForURL(/\/reader$/);
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  });
});

test('every word of the trade is explained with its drawing, each at a place of its own', async ({ page }) => {
  await page.goto('/words');
  for (const id of WORD_IDS) {
    const card = page.locator(`section#${id}`);
    await expect(card.getByRole('heading')).toHaveText(TRADE_WORDS[id].word);
    await expect(card).toContainText(TRADE_WORDS[id].means.slice(0, 40));
    const drawn = await card.locator('svg').evaluate((svg) => svg.querySelectorAll('[data-role]').length);
    expect(drawn, id).toBeGreaterThan(1);
  }
  expect((await axeFinds(page)).map(({ id }) => id)).toEqual([]);
});

test('a size that is off by more than she would notice has its remedy beside it, and taken it comes nearer', async ({
  page,
}) => {
  // Wide stitches: whole repeats of bobbles seldom come to the width that is wished for.
  await newBag(page, 'Clutch in thirds', (design) => {
    const wide = (widthMm: number): Design => ({
      ...design,
      stitch: 'bobble-field',
      swatch: { ...design.swatch, stitch: 'bobble-field' },
      body: { ...design.body, sizesFrom: 'outside', widthMm },
    });
    for (let widthMm = 200; widthMm < 260; widthMm += 1) {
      const result = planBag(wide(widthMm));
      if (!result.ok) continue;
      const { contents, gauge, pouch } = result.plan;
      const remedy = widthRemedy(contents.settled, gauge, pouch, pouch.figures.widthOff.value);
      if (remedy && remedy.kind !== 'no-nearer') return wide(widthMm);
    }
    throw new Error('every width comes out');
  });
  await goTo(page, 'Body');
  const remedies = page.locator('.off-remedy');
  const off = async () => Math.abs(await restingNumber(page, 'size.widthOff'));
  await expect(remedies.getByRole('button').first()).toBeVisible();
  const before = await off();
  expect(before).toBeGreaterThan(3);
  const take = remedies.getByRole('button').first();
  const says = (await take.textContent()) ?? '';
  // It says how far off it will be then.
  const then = Number(/([\d.]+) mm off/.exec(says)?.[1]);
  await take.click();
  await expect.poll(off).toBeLessThan(before);
  if (Number.isFinite(then)) expect(Math.abs((await off()) - then)).toBeLessThan(0.2);
  await page.keyboard.press('Control+z');
  await expect.poll(off).toBeCloseTo(before, 1);
});

test('a place without anything of its own to draw shows the bag: the strap that is not there, the stores, the pattern', async ({
  page,
}) => {
  await newBag(page);
  await goTo(page, 'Strap');
  await expect(page.getByTestId('folded')).toBeVisible();
  await goTo(page, 'Write-up');
  await expect(page.getByTestId('pattern').locator('img').first()).toBeVisible();
  await expect(page.getByRole('region', { name: 'A picture of the finished bag' })).toBeVisible();
  await goTo(page, 'Stores');
  const balls = await restingNumber(page, 'yarn.balls');
  const drawn = page.getByRole('img', { name: /balls?, of which/ });
  await expect(drawn.locator('svg')).toHaveCount(balls);
  const [, used] = /of which ([\d.]+)/.exec((await drawn.getAttribute('aria-label')) ?? '') ?? [];
  expect(Number(used)).toBeLessThanOrEqual(balls);
  expect(Number(used)).toBeGreaterThan(balls - 1.3);
});

test('a field that does not apply is not there, and comes with what it belongs to', async ({ page }) => {
  await newBag(page, 'Open pouch');
  await goTo(page, 'Body');
  await saved(page);
  for (const label of ['Width of the flap', 'Hem turned back', 'Depth of the point'])
    await expect(field(page, label)).toHaveCount(0);
  await page.getByRole('radio', { name: 'Pointed', exact: true }).check();
  await expect(field(page, 'Width of the flap')).toBeVisible();
  await expect(field(page, 'Depth of the point')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(field(page, 'Depth of the point')).toHaveCount(0);

  await unfold(page, 'Seams');
  await expect(page.getByLabel('The sides are joined')).toBeVisible();
  // Worked in one round a chain, it has no sides to join.
  await page.getByRole('radio', { name: 'Round a chain', exact: true }).check();
  await expect(page.getByLabel('The sides are joined')).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Seams', exact: true })).toHaveCount(0);
});
