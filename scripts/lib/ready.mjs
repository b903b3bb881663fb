/** What has to be in place before anything of Ruelle runs: packages, and the built app. Node's own modules only. */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Trouble } from './trouble.mjs';

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..', '..');

const BUILT = join(ROOT, '.next');

const SERVER_FILE = join(BUILT, 'serve.mjs');

/**
 * What Node is told to run the server, once it is built; after it come the host, the port, and the code to end with when the port is taken. Without a limit
 * Node lets rest lie what it no longer needs, since there is room: a server that saved all day would take twice the memory. MB.
 */
export const SERVER = ['--max-old-space-size=1024', SERVER_FILE];

/** The versions of Node that Ruelle is tried with. */
const NODE_VERSIONS = [20, 22, 24];

/** @throws Trouble when this is a Node that Ruelle was never tried with */
export function checkNode(version = process.versions.node) {
  if (NODE_VERSIONS.includes(Number(version.split('.')[0]))) return;
  throw new Trouble(`This is Node ${version}. Ruelle runs with Node ${NODE_VERSIONS.join(', ')}: install one of them.`);
}

/** Runs a command in the project and shows what it prints. @throws Error when it fails */
export function run(command, args, options = {}) {
  const result = spawnSync(command, args, {
    cwd: ROOT,
    stdio: 'inherit',
    ...options,
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...options.env },
  });
  if (result.status !== 0) throw new Error(`${command} ${args.join(' ')} failed`);
  return result;
}

/** Installs the packages when they are missing or the lock file has changed since. */
export function installPackages() {
  const wanted = sha(readFileSync(join(ROOT, 'package-lock.json')));
  const stamp = join(ROOT, 'node_modules', '.ruelle-installed');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  console.log('Installing packages (the database is compiled once, about three minutes)…');
  // What Ruelle is built with is needed, whatever the computer's other programs are told.
  run('npm', ['ci', '--include=dev', '--no-audit', '--no-fund']);
  writeFileSync(stamp, wanted);
}

/** Builds the app when it is missing or a source has changed since. */
export function buildApp() {
  const wanted = sourcesHash();
  const stamp = join(BUILT, 'ruelle-built');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  console.log('Building (about a minute)…');
  run(join(ROOT, 'node_modules', '.bin', 'next'), ['build']);
  bundlePrograms();
  mkdirSync(dirname(stamp), { recursive: true });
  writeFileSync(stamp, wanted);
}

/** Lays the programs that run beside Next, each in one file of the build: the server before it, and that of its threads. */
export function bundlePrograms() {
  bundle('src/server/serve.ts', SERVER_FILE, ['--format=esm', '--packages=external']);
  bundle('src/workers/shelf.worker.ts', join(BUILT, 'shelf.worker.cjs'));
  bundle('src/workers/offline.ts', join(BUILT, 'offline.js'), ['--platform=browser', '--format=iife']);
}

/** Lays a program and what it imports of Ruelle in one file. */
export function bundle(program, outfile, options = []) {
  run(join(ROOT, 'node_modules', '.bin', 'esbuild'), [
    ...[program, `--outfile=${outfile}`, '--alias:@=./src', '--log-level=warning'],
    ...['--bundle', '--platform=node', '--target=node20', '--minify-syntax', ...options],
  ]);
}

function sourcesHash() {
  const hash = createHash('sha256');
  const files = ['package-lock.json', 'next.config.ts', 'tsconfig.json', ...walk(join(ROOT, 'src'))];
  for (const file of files.sort()) {
    if (/\.test\.tsx?$/.test(file)) continue;
    hash.update(file).update(readFileSync(join(ROOT, file)));
  }
  return hash.digest('hex');
}

function walk(folder) {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    return statSync(path).isDirectory() ? walk(path) : [relative(ROOT, path)];
  });
}

const sha = (bytes) => createHash('sha256').update(bytes).digest('hex');
