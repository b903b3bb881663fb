/** `npm run dev`: the app with reloading on change, on this computer only, on a database of its own. */
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ROOT, bundleThread, installPackages } from './lib/ready.mjs';
import { portAsked } from './lib/ports.mjs';

installPackages();
bundleThread();
const port = String(await portAsked());
const child = spawn(join(ROOT, 'node_modules', '.bin', 'next'), ['dev', '-H', '127.0.0.1', '-p', port], {
  cwd: ROOT,
  stdio: 'inherit',
  env: { RUELLE_DATABASE: join(ROOT, 'data', 'dev.sqlite'), NEXT_TELEMETRY_DISABLED: '1', ...process.env },
});
child.on('exit', (code) => process.exit(code ?? 0));
