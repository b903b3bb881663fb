/** Debian's Chromium, as the tests, the bench and the screenshots drive it. */
import { existsSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { CHROMIUM_MISSING, chromiumPath } from './chromium.mjs';

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

/**
 * Without WebGL: Chromium then paints in software directly, not through a simulated graphics card that takes both cores for a
 * tenth of a second a frame.
 */
export const FLAT_FLAGS = [
  ...CHROMIUM_FLAGS.filter((flag) => !flag.startsWith('--use-angle')),
  '--disable-gpu',
  '--disable-3d-apis',
];

/**
 * Starts the browser without a window.
 *
 * @param flat true leaves WebGL out, see `FLAT_FLAGS`
 */
export function launchBrowser({ flat = false } = {}) {
  const executablePath = chromiumPath({ whole: true });
  if (!existsSync(executablePath)) throw new Error(`There is no Chromium at ${executablePath}. ${CHROMIUM_MISSING}`);
  return chromium.launch({ executablePath, args: flat ? FLAT_FLAGS : CHROMIUM_FLAGS });
}
