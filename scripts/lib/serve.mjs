/** Serves the built app on this computer only. */
import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { ROOT } from './ready.mjs';

const FIRST_PORT = 3000;
const LOOPBACK = '127.0.0.1';

/** The first free port from the wished one on. */
export async function freePort(from = Number(process.env.PORT ?? FIRST_PORT)) {
  for (let port = from; port < from + 200; port += 1) if (await isFree(port)) return port;
  throw new Error(`no free port between ${from} and ${from + 200}`);
}

function isFree(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, LOOPBACK, () => probe.close(() => resolve(true)));
  });
}

/**
 * Starts the server and waits until it answers.
 *
 * @param database the database file
 * @param port where to listen
 * @returns the child process and the address
 */
export async function startServer({ database, port }) {
  const host = process.env.RUELLE_HOST ?? LOOPBACK;
  const child = spawn(
    process.execPath,
    [join(ROOT, 'node_modules', 'next', 'dist', 'bin', 'next'), 'start', '-H', host, '-p', String(port)],
    {
      cwd: ROOT,
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, RUELLE_DATABASE: database, NEXT_TELEMETRY_DISABLED: '1' },
    },
  );
  const address = `http://${LOOPBACK}:${port}`;
  for (let tries = 0; tries < 900; tries += 1) {
    if (child.exitCode !== null) throw new Error('the server stopped before it answered');
    const answered = await fetch(`${address}/api/health`).then(
      (response) => response.ok,
      () => false,
    );
    if (answered) return { child, address };
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  child.kill();
  throw new Error('the server did not answer within a minute and a half');
}
