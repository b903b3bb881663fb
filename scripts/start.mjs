/**
 * `npm run demo`: the demo's bags in a fresh database. `npm start`: the maker's own database, which is kept.
 * Both install and build what is missing, serve on this computer only, and print the address.
 */
import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { ROOT, buildApp, checkNode, installPackages, run } from './lib/ready.mjs';
import { portAsked } from './lib/ports.mjs';
import { startServer } from './lib/serve.mjs';
import { withoutTraces } from './lib/trouble.mjs';

const isDemo = process.argv[2] === 'demo';
/** So many databases of earlier demos are kept. */
const KEPT_DEMOS = 5;

await withoutTraces(async () => {
  checkNode();
  const port = await portAsked();
  installPackages();
  buildApp();
  const database = isDemo ? freshDemo() : resolve(ROOT, process.env.RUELLE_DATABASE ?? 'data/ruelle.sqlite');
  const { child, address } = await startServer({ database, port });
  console.log(`\nRuelle is ready: ${address}\n${whereWorkIs(database)}\nStop it with Ctrl + C.`);
  let told = false;
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
    process.on(signal, () => {
      told = true;
      child.kill(signal);
    });
  child.on('exit', (code) => {
    if (!told)
      console.error(`\nRuelle has stopped by itself. What was saved is in ${database}. Start it again to go on.`);
    process.exit(told ? (code ?? 0) : 1);
  });
});

function whereWorkIs(database) {
  if (isDemo) return `Demo bags, which begin afresh at every start; these are in ${database}`;
  return `Your bags are in ${database}\nTo copy them, press “Save a copy of everything” on the shelf, or stop Ruelle and copy that one file.`;
}

/** A database of its own for this run of the demo. Those of the last runs are kept, whole. */
function freshDemo() {
  const folder = join(ROOT, 'data', 'demo');
  mkdirSync(folder, { recursive: true });
  const runs = readdirSync(folder)
    .filter((name) => name.endsWith('.sqlite'))
    .sort();
  for (const name of runs.slice(0, -KEPT_DEMOS)) {
    for (const rest of ['', '-wal', '-shm', '.lock', '.open']) rmSync(join(folder, name + rest), { force: true });
    // What lies beside a database, in folders of its name.
    for (const what of ['photos', 'copies'])
      rmSync(join(folder, `${name.replace(/\.sqlite$/, '')}-${what}`), { recursive: true, force: true });
  }
  const path = join(folder, `${new Date().toISOString().replace(/[:.]/g, '-')}-${process.pid}.sqlite`);
  run(join(ROOT, 'node_modules', '.bin', 'tsx'), ['scripts/load-demo.ts', path]);
  return path;
}
