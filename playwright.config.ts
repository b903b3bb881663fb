import { defineConfig } from '@playwright/test';
import { FLAT_FLAGS } from './scripts/lib/browser.mjs';
import { chromiumPath } from './scripts/lib/chromium.mjs';

/** The browser tests drive the production build in Debian's Chromium. The server is started by scripts/test.mjs. */
export default defineConfig({
  testDir: 'e2e',
  fullyParallel: true,
  workers: 2,
  // Long, since a busy machine is no fault of what is tried; a test that passes waits for none of it.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    actionTimeout: 60_000,
    navigationTimeout: 60_000,
    baseURL: process.env.RUELLE_ADDRESS,
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: chromiumPath(), args: FLAT_FLAGS },
    permissions: ['clipboard-read', 'clipboard-write'],
    trace: 'off',
  },
});
