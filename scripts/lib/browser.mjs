/** Debian's Chromium, as the tests, the bench and the screenshots drive it. */
import { existsSync } from 'node:fs';
import { chromium } from '@playwright/test';

export const CHROMIUM_PATH = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';

export const CHROMIUM_FLAGS = [
  '--headless',
  '--no-sandbox',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--use-angle=swiftshader',
];

export function launchBrowser() {
  if (!existsSync(CHROMIUM_PATH))
    throw new Error(`There is no Chromium at ${CHROMIUM_PATH}. Install the package chromium.`);
  return chromium.launch({ executablePath: CHROMIUM_PATH, args: CHROMIUM_FLAGS });
}
