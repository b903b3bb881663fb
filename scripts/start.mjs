/**
 * `npm run demo`: the demo's bags in a fresh database. `npm start`: the maker's own database, which is kept.
 * Both install and build what is missing, serve on this computer only, and print the address.
 */
import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { ROOT, buildApp, installPackages, run } from './lib/ready.mjs';
import { freePort, startServer } from './lib/serve.mjs';

const isDemo = process.argv[2] === 'demo';
installPackages();
buildApp();

const database = isDemo ? freshDemo() : resolve(ROOT, process.env.RUELLE_DATABASE ?? 'data/ruelle.sqlite');
const { child, address } = await startServer({ database, port: await freePort() });
console.log(
  `\nRuelle is ready: ${address}\n${isDemo ? 'Demo bags; they begin afresh at every start.' : `Your bags are in ${database}`}\nStop it with Ctrl + C.`,
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
child.on('exit', (code) => process.exit(code ?? 0));

/** A new demo database. The one before is kept beside it until the next start. */
function freshDemo() {
  const path = join(ROOT, 'data', 'demo.sqlite');
  mkdirSync(dirname(path), { recursive: true });
  if (existsSync(path)) renameSync(path, join(ROOT, 'data', 'demo-before.sqlite'));
  for (const rest of ['-wal', '-shm']) rmSync(path + rest, { force: true });
  run(join(ROOT, 'node_modules', '.bin', 'tsx'), ['scripts/load-demo.ts', path]);
  return path;
}
