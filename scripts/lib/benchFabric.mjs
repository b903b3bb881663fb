/** What the fabric costs, and what it makes jump: for `npm run bench`. */

const VIEWS = 12;
const PICTURES = 6;
const PLACES = ['carry', 'swatch', 'stitch', 'body', 'strap', 'closures', 'lining', 'stores', 'bench', 'write-up'];
/** Whatever is drawn late has come by then, ms. */
const DRAWN_MS = 2500;

/** Opens a bag's body again and again, until its pieces are painted as fabric: how long that held the page up. */
export async function fabricTimes(browser, address, bag) {
  const times = [];
  for (let view = 0; view < VIEWS + 1; view += 1) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    await page.goto(`${address}/bags/${bag}/body`);
    await page.locator('[data-fabric=true]').waitFor();
    const [first] = await page.evaluate(() => performance.getEntriesByName('fabric').map(({ duration }) => duration));
    if (view > 0) times.push(first);
    await context.close();
  }
  return times;
}

/** Makes a picture of the finished bag, 1200 by 900, from the press to the file. */
export async function pictureTimes(browser, address, bag) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${address}/bags/${bag}/body`);
  await page.getByRole('button', { name: 'A picture of it' }).click();
  await page.locator('[data-testid=picture-preview][data-there]').waitFor();
  const times = [];
  for (let turn = 0; turn < PICTURES; turn += 1) {
    await page.waitForTimeout(500);
    const file = page.waitForEvent('download');
    const from = performance.now();
    await page.getByRole('button', { name: 'Save it as PNG' }).click();
    await file;
    times.push(performance.now() - from);
  }
  await page.close();
  return times;
}

/** How much of every place jumps while it is drawn, on a phone and at a desk, as the browser counts it. */
export async function layoutShifts(browser, address, bag) {
  const shifts = [];
  for (const [width, height] of [
    [390, 844],
    [1280, 800],
  ])
    for (const place of PLACES) {
      const page = await browser.newPage({ viewport: { width, height } });
      await page.addInitScript(() => {
        window.shifted = 0;
        new window.PerformanceObserver((list) => {
          for (const { hadRecentInput, value } of list.getEntries()) if (!hadRecentInput) window.shifted += value;
        }).observe({ type: 'layout-shift', buffered: true });
      });
      await page.goto(`${address}/bags/${bag}/${place}`);
      await page.waitForTimeout(DRAWN_MS);
      shifts.push(await page.evaluate(() => window.shifted));
      await page.close();
    }
  return shifts;
}
