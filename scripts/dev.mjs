/** `npm run dev`: the app with reloading on change, on this computer only, on a database of its own. */
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ROOT, SERVER, bundlePrograms, installPackages } from './lib/ready.mjs';
import { portAsked } from './lib/ports.mjs';
import { PORT_TAKEN } from './lib/trouble.mjs';

installPackages();
bundlePrograms();
const port = String(await portAsked());
const child = spawn(process.execPath, [...SERVER, '127.0.0.1', port, String(PORT_TAKEN)], {
  cwd: ROOT,
  stdio: 'inherit',
  env: {
    RUELLE_DATABASE: join(ROOT, 'data', 'dev.sqlite'),
    NEXT_TELEMETRY_DISABLED: '1',
    ...process.env,
    NODE_ENV: 'development',
  },
});
child.on('exit', (code) => process.exit(code ?? 0));
