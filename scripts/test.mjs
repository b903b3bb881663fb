/**
 * `npm test`: installs what is missing, checks types, imports (none in a circle) and style, runs the unit tests, tries the store and a start with the
 * other versions of Node, lays siege to the production build for a minute, then runs the browser tests against it. Ends with one line, `N passed, M failed`, that adds both.
 */
import { execFile } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { CHROMIUM_MISSING, installChromium, installPoppler } from './lib/chromium.mjs';
import { ROOT, buildApp, installPackages, run } from './lib/ready.mjs';
import { otherNodes } from './lib/otherNodes.mjs';
import { freePort } from './lib/ports.mjs';
import { startServer } from './lib/serve.mjs';

const bin = (name) => join(ROOT, 'node_modules', '.bin', name);
const results = join(ROOT, 'test-results');
const total = { passed: 0, failed: 0 };

installPackages();
if (!installChromium()) {
  console.log(`There is no Chromium for the browser tests. ${CHROMIUM_MISSING}`);
  process.exit(1);
}
if (!installPoppler()) {
  console.log('There is nothing to look at printed pages with. Install the package “poppler-utils”.');
  process.exit(1);
}
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });

await checkTogether({
  types: [bin('tsc'), ['--noEmit']],
  lint: [bin('eslint'), ['.']],
  imports: [
    bin('madge'),
    [
      ...['--circular', '--no-spinner', '--warning', '--extensions', 'ts,tsx'],
      ...['--ts-config', 'tsconfig.json', 'src'],
    ],
  ],
  style: [bin('prettier'), ['--check', '--log-level', 'warn', '.']],
});
unitTests();
buildApp();
await onOtherNodes();
siege();
await browserTests();
console.log(`\n${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed === 0 ? 0 : 1);

/** A check that passes or fails as a whole. It counts only when it fails. */
function check(name, command, args) {
  console.log(`\n— ${name}`);
  if (attempt(command, args)) return;
  total.failed += 1;
  console.log(`${name}: failed`);
}

/** Checks that pass or fail as a whole, all at once: they read and change nothing. What each says is shown when it is done. */
async function checkTogether(checks) {
  const run = promisify(execFile);
  await Promise.all(
    Object.entries(checks).map(async ([name, [command, args]]) => {
      const done = await run(command, args, { cwd: ROOT, maxBuffer: 64e6 }).then(
        (said) => ({ ...said, ok: true }),
        ({ stdout, stderr, message }) => ({ stdout, stderr: stderr || message, ok: false }),
      );
      console.log(`\n— ${name}\n${done.stdout ?? ''}${done.stderr}`.trimEnd());
      if (done.ok) return;
      total.failed += 1;
      console.log(`${name}: failed`);
    }),
  );
}

function unitTests() {
  console.log('\n— unit tests');
  const file = join(results, 'unit.json');
  const ok = attempt(bin('vitest'), ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${file}`]);
  count(ok, file, (report) => ({ passed: report.numPassedTests, failed: report.numFailedTests }));
}

/** A minute of `npm run siege`. */
function siege() {
  console.log('\n— a siege of a minute');
  if (attempt(process.execPath, [join('scripts', 'siege.mjs'), '1'])) total.passed += 1;
  else total.failed += 1;
}

/** The store's tests and a start, with each other version of Node that Ruelle is promised to run with. */
async function onOtherNodes() {
  let nodes = [];
  try {
    nodes = otherNodes();
  } catch {
    console.log('\nOther versions of Node could not be fetched: Ruelle was not tried with them.');
  }
  for (const { version, program } of nodes) {
    check(`the store, Node ${version}`, program, [
      join(ROOT, 'node_modules', 'vitest', 'vitest.mjs'),
      'run',
      'src/store',
    ]);
    console.log(`\n— a start, Node ${version}`);
    const scratch = mkdtempSync(join(tmpdir(), 'ruelle-node-'));
    try {
      const database = join(scratch, 'node.sqlite');
      const { child } = await startServer({ database, port: await freePort(3100), program });
      const ended = new Promise((resolve) => child.once('exit', resolve));
      child.kill();
      if ((await ended) !== 0) throw new Error('it did not end as it should');
      total.passed += 1;
    } catch (error) {
      console.log(String(error));
      total.failed += 1;
    } finally {
      rmSync(scratch, { recursive: true, force: true });
    }
  }
}

async function browserTests() {
  console.log('\n— browser tests');
  const scratch = mkdtempSync(join(tmpdir(), 'ruelle-test-'));
  let server;
  try {
    server = await startServer({ database: join(scratch, 'test.sqlite'), port: await freePort(3100) });
    const ok = attempt(bin('playwright'), ['test'], { RUELLE_ADDRESS: server.address });
    count(ok, join(results, 'e2e.json'), ({ stats }) => ({
      passed: stats.expected,
      failed: stats.unexpected + stats.flaky,
    }));
  } catch (error) {
    console.log(String(error));
    total.failed += 1;
  } finally {
    server?.child.kill();
    rmSync(scratch, { recursive: true, force: true });
  }
}

/** Adds a report's counts. A runner that failed without a failed test counts as one failure. */
function count(ok, file, read) {
  const { passed, failed } = existsSync(file) ? read(JSON.parse(readFileSync(file, 'utf8'))) : { passed: 0, failed: 0 };
  total.passed += passed;
  total.failed += ok ? failed : Math.max(1, failed);
}

function attempt(command, args, env = {}) {
  try {
    run(command, args, { env });
    return true;
  } catch {
    return false;
  }
}
