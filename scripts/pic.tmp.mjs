import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { launchBrowser } from './lib/browser.mjs';
import { ROOT, buildApp, run } from './lib/ready.mjs';
import { freePort, startServer } from './lib/serve.mjs';
buildApp();
const scratch = mkdtempSync(join(tmpdir(), 'ruelle-pic-'));
const database = join(scratch, 'demo.sqlite');
run(join(ROOT, 'node_modules', '.bin', 'tsx'), ['scripts/load-demo.ts', database]);
const { child, address } = await startServer({ database, port: await freePort(3300) });
const browser = await launchBrowser();
const { default: script } = await import(process.argv[2]);
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  page.on('console', (m) => ['error','warning'].includes(m.type()) && console.log('CONSOLE', m.text().slice(0, 400)));
  page.on('pageerror', (e) => console.log('PAGEERROR', String(e).slice(0, 600)));
  const openBag = async (name, place = 'body') => {
    await page.goto(address);
    await page.getByRole('link', { name: new RegExp(name) }).first().click();
    await page.waitForURL(/body$/);
    if (place !== 'body') await page.goto(page.url().replace(/body$/, place));
    await page.locator('[data-save=saved]').waitFor();
    await page.waitForTimeout(700);
  };
  await script({ page, address, openBag, browser });
} finally {
  await browser.close();
  child.kill('SIGTERM');
}
process.exit(0);
