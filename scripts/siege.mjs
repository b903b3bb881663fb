/** `npm run siege [minutes [seed]]`: installs and builds what is missing, then lays siege to the production build (`scripts/siege/siege.ts`). */
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ROOT, buildApp, installPackages } from './lib/ready.mjs';

installPackages();
buildApp();
const siege = spawnSync(
  join(ROOT, 'node_modules', '.bin', 'tsx'),
  ['scripts/siege/siege.ts', ...process.argv.slice(2)],
  {
    cwd: ROOT,
    stdio: 'inherit',
  },
);
process.exit(siege.status ?? 1);
