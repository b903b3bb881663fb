import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, expect, test, type Browser, type Page } from '@playwright/test';
import { FLAT_FLAGS } from '../scripts/lib/browser.mjs';
import { chromiumPath } from '../scripts/lib/chromium.mjs';
import { beginAtShelf, field, fill, goTo, saved } from './bag';
import { Start } from './start';

/** Ruelle under a name that a maker has given to her own computer: to the browser it is not a secure place. */
const NAME = 'workroom.example';

let folder: string;
let start: Start;
let address: string;
let browser: Browser;
let page: Page;

test.beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'ruelle-elsewhere-'));
  start = new Start(join(folder, 'bags.sqlite'), { RUELLE_HOSTS: ` other.example, ${NAME.toUpperCase()} ` });
  address = await start.ready();
  browser = await chromium.launch({
    executablePath: chromiumPath(),
    args: [...FLAT_FLAGS, `--host-resolver-rules=MAP ${NAME} 127.0.0.1`],
  });
});
test.afterAll(async () => {
  await browser.close();
  start.child.kill();
  await start.ended;
  rmSync(folder, { recursive: true, force: true });
});

const open = async (isBlocked: boolean): Promise<Page> => {
  const context = await browser.newContext({
    baseURL: address.replace('127.0.0.1', NAME),
    viewport: { width: 1280, height: 800 },
  });
  const opened = await context.newPage();
  if (isBlocked)
    await opened.addInitScript(() => {
      for (const name of ['localStorage', 'sessionStorage'])
        Object.defineProperty(window, name, {
          get: () => {
            throw new DOMException('storage is blocked', 'SecurityError');
          },
        });
    });
  return opened;
};
test.afterEach(() => page.context().close());

/** Begins a bag without a swatch, and goes on to its body. */
async function beginBag(): Promise<string> {
  await beginAtShelf(page);
  await goTo(page, 'Body');
  return page.url().replace(/\/\w+$/, '');
}

for (const [name, isBlocked] of [
  ['under a name that is not secure', false],
  ['under such a name, and with storage blocked', true],
] as const)
  test(`${name} a bag is begun, saved, found again and undone`, async () => {
    page = await open(isBlocked);
    const bag = await beginBag();
    expect(await page.evaluate(() => [isSecureContext, typeof crypto.randomUUID])).toEqual([false, 'undefined']);
    await fill(page, 'Width, wanted', '17.3');
    await saved(page);
    await page.goto(`${bag}/body`);
    await expect(field(page, 'Width, wanted')).toHaveValue('17.3');
    await page.keyboard.press('Control+z');
    await expect(field(page, 'Width, wanted')).not.toHaveValue('17.3');
    await saved(page);
  });

test('with storage blocked and Ruelle gone the badge says so within five seconds, and offers the bag as a file', async () => {
  page = await open(true);
  await beginBag();
  await page.context().setOffline(true);
  await fill(page, 'Width, wanted', '16.6');
  await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'failed', { timeout: 5000 });
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Keep it as a file' }).click(),
  ]);
  expect(file.suggestedFilename()).toMatch(/\.json$/);
  await page.context().setOffline(false);
  await saved(page);
});
