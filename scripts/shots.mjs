/** Takes one picture of each main view from the demo's bags: `npm run shots`. They lie in docs/screenshots. */
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { launchBrowser } from './lib/browser.mjs';
import { ROOT, buildApp, installPackages, run } from './lib/ready.mjs';
import { freePort } from './lib/ports.mjs';
import { startServer } from './lib/serve.mjs';

/** Opens a bag from the shelf, on its Body. */
async function openBag(page, name) {
  await page.goto(address);
  await page.getByRole('link', { name }).first().click();
  await page.locator('[data-save=saved]').waitFor();
  await page.waitForTimeout(700);
}

/** A pattern with two slips in it, as somebody of the band might have written it down. */
const PASTED = `Sleeve for the second cornet’s mute, US terms
Ch 30.
Row 1 (RS): sc in 2nd ch from hook and in each ch across, turn. (29)
Row 2: ch 1, sc in first st, *dc in next st, sc in next st; rep from * across, turn. (29)
Row 3: ch 1, *sc in next 3 sts, bobble in next st; rep from * across, turn. (29)
Rows 4-9: ch 1, sc in each st across, turn. (29)
Row 10: ch 1, sc2tog, sc in each st to last 2 sts, sc2tog, turn. (28)
Rows 11-14: ch 1, sc in each st across, turn. (27)`;

const VIEWS = ['carry', 'swatch', 'stitch', 'body', 'strap', 'lining', 'stores', 'write-up'];

installPackages();
buildApp();
const folder = resolve(ROOT, process.argv[2] ?? 'docs/screenshots');
mkdirSync(folder, { recursive: true });
const scratch = mkdtempSync(join(tmpdir(), 'ruelle-shots-'));
const database = join(scratch, 'demo.sqlite');
run(join(ROOT, 'node_modules', '.bin', 'tsx'), ['scripts/load-demo.ts', database]);
const { child, address } = await startServer({ database, port: await freePort(3300) });
const browser = await launchBrowser();
const errors = [];
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
  page.on('pageerror', (error) => errors.push(String(error)));

  await page.goto(address);
  await page.screenshot({ path: join(folder, 'shelf.png') });
  await page.goto(`${address}/swatches`);
  await page.screenshot({ path: join(folder, 'swatches.png') });
  await page.goto(`${address}/stores`);
  await page.getByRole('row', { name: /Harbour cotton/ }).waitFor();
  await page.screenshot({ path: join(folder, 'stock.png') });
  await page.goto(`${address}/logbook`);
  await page.getByRole('heading', { name: 'What your bags taught' }).waitFor();
  await page.waitForTimeout(900);
  await page.screenshot({ path: join(folder, 'logbook.png') });
  await page.goto(address);
  await page
    .getByRole('link', { name: /Clutch for glasses/ })
    .first()
    .click();
  await page.waitForURL(/body$/);
  const bag = page.url().replace(/body$/, '');
  for (const view of VIEWS) {
    await page.goto(bag + view);
    await page.locator('[data-save=saved]').waitFor();
    await page.waitForTimeout(700);
    if (view === 'body') {
      await page.locator('[data-figure="size.width"]').first().click();
      await page.waitForTimeout(200);
      await page.screenshot({ path: join(folder, 'why.png') });
      await page.keyboard.press('Escape');
      await page.evaluate(() => document.activeElement.blur());
      // What was asked lies further down.
      await page.evaluate(() => window.scrollTo(0, 0));
      await page.waitForTimeout(600);
    }
    await page.screenshot({ path: join(folder, `${view}.png`) });
  }
  await page.goto(`${bag}body`);
  await page.locator('[data-save=saved]').waitFor();
  await page.getByRole('button', { name: 'How far may sizes vary?' }).click();
  await page.getByRole('button', { name: 'Make them on paper' }).click();
  await page.getByTestId('makings').waitFor();
  await page.waitForTimeout(900);
  await page.evaluate(() => document.activeElement.blur());
  await page.evaluate(() => document.querySelector('[data-testid=makings]').closest('section').scrollIntoView());
  await page.waitForTimeout(600);
  await page.screenshot({ path: join(folder, 'makings.png') });
  await page.goto(`${bag}body`);
  await page.locator('[data-drawn=space]').waitFor();
  await page.getByRole('button', { name: 'A picture of it' }).click();
  await page.getByLabel('Its flap is').selectOption('half open');
  await page.locator('[data-testid=picture-preview][data-there]').waitFor();
  await page.waitForTimeout(3000);
  await page.evaluate(() => document.activeElement.blur());
  await page.screenshot({ path: join(folder, 'folded.png') });
  await openBag(page, /solo parts/);
  await page.getByRole('button', { name: 'Find a better plan' }).click();
  await page.getByRole('button', { name: 'Look for better plans' }).click();
  await page.getByTestId('solutions').waitFor();
  await page.evaluate(() => document.activeElement.blur());
  await page.evaluate(() => document.querySelector('[data-testid=solutions]').closest('section').scrollIntoView());
  await page.waitForTimeout(600);
  await page.screenshot({ path: join(folder, 'solutions.png') });
  await page.goto(address);
  await page
    .getByRole('link', { name: /Treasurer/ })
    .first()
    .click();
  await page.waitForURL(/body$/);
  await page.goto(page.url().replace(/body$/, 'closures'));
  await page.locator('[data-save=saved]').waitFor();
  await page.waitForTimeout(1200);
  await page.screenshot({ path: join(folder, 'closures.png') });
  await openBag(page, /march cards/);
  await page.goto(page.url().replace(/body$/, 'bench'));
  await page.locator('[data-keeping=kept]').waitFor();
  await page.getByTestId('due-ahead').waitFor();
  await page.waitForTimeout(900);
  await page.screenshot({ path: join(folder, 'bench.png') });
  const reader = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await reader.goto(`${address}/reader`);
  await reader.getByRole('textbox', { name: 'The pattern' }).click();
  await reader.keyboard.insertText(PASTED);
  await reader.locator('.cm-beside').nth(3).waitFor();
  await reader.locator('.cm-line').nth(4).click();
  await reader.getByTestId('row-read').waitFor();
  await reader.waitForTimeout(700);
  await reader.screenshot({ path: join(folder, 'reader.png') });
} finally {
  await browser.close();
  child.kill();
  rmSync(scratch, { recursive: true });
}
if (errors.length > 0) console.log(`The browser reported:\n${errors.join('\n')}`);
