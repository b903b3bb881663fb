/** Where Debian's Chromium is, and how it comes there. Needs no package, so that it can be asked before any is installed. */
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

/** Debian's packages that bring it, the better one first: the shell draws no windows, which takes a quarter of their time off the browser tests. */
const PACKAGES = ['chromium-headless-shell', 'chromium'];

const pathOf = (name) => `/usr/bin/${name}`;

/**
 * Where it is; where the first package would put it, as long as none is installed.
 *
 * @param whole true prefers the browser with its windows, as people use it
 */
export const chromiumPath = ({ whole = false } = {}) => {
  const found = (whole ? PACKAGES.toReversed() : PACKAGES).map(pathOf).find((path) => existsSync(path));
  return process.env.CHROMIUM_PATH ?? found ?? pathOf(PACKAGES[0]);
};

/** What to do where there is none. */
export const CHROMIUM_MISSING = `Install the package ${PACKAGES.map((name) => `“${name}”`).join(' or ')} (as root: apt-get install ${PACKAGES[0]}), or set CHROMIUM_PATH.`;

/**
 * Installs it from Debian's packages where it is absent and that is allowed.
 *
 * @returns whether it is there
 */
export function installChromium() {
  for (const name of PACKAGES) if (!existsSync(chromiumPath())) installPackage(name);
  return existsSync(chromiumPath());
}

/** The programs that look at printed pages in the tests: they draw a PDF, and read its words. */
const POPPLER = { name: 'poppler-utils', path: '/usr/bin/pdftoppm' };

/** Installs them likewise. @returns whether they are there */
export function installPoppler() {
  if (!existsSync(POPPLER.path)) installPackage(POPPLER.name);
  return existsSync(POPPLER.path);
}

function installPackage(name) {
  console.log(`Installing ${name}…`);
  const install = `apt-get update -qq && apt-get install -y -qq --no-install-recommends ${name}`;
  spawnSync('sh', ['-c', install], { stdio: 'inherit', env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } });
}
