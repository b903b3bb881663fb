import { spawnSync } from 'node:child_process';
import { buildApp } from './lib/ready.mjs';
import { freePort, startServer } from './lib/serve.mjs';
buildApp();
const s = await startServer({ database: '/tmp/prof/e2e-' + Date.now() + '.sqlite', port: await freePort(3100) });
spawnSync('npx', ['playwright', 'test', ...process.argv.slice(2)], { stdio: 'inherit', env: { ...process.env, RUELLE_ADDRESS: s.address } });
s.child.kill(); process.exit(0);
