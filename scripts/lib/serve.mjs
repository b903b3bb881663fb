/** Serves the built app, on this computer only unless asked otherwise. */
import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { freePort, hostAsked, reachedAt } from './ports.mjs';
import { ROOT, SERVER } from './ready.mjs';
import { PORT_TAKEN, Trouble } from './trouble.mjs';

const MOST_START_MS = 90_000;

/** So often another port is tried when someone else was quicker. */
const MOST_TRIES = 5;

/**
 * Starts the server and waits until it answers. It ends when this process does, however that comes about.
 *
 * @param database the database file
 * @param port where to listen; where it was not asked for, the next free one is taken when someone else was quicker
 * @param program the Node to run it with; this one, where it is left out
 * @param environment what it finds in its environment beside what is in this one's
 * @returns the child process and the address
 * @throws Trouble when it ends before it answers: it has said why itself
 */
export async function startServer({ database, port, program = process.execPath, environment = {} }) {
  for (let tries = 1; ; tries += 1) {
    const started = await tryToStart({ database, port, program, environment });
    if (started !== null) return started;
    if (process.env.PORT?.trim() || tries >= MOST_TRIES)
      throw new Trouble(`Port ${port} was taken by another program just now. Start Ruelle once more.`);
    port = await freePort(port);
  }
}

/** A server that answers; null when the port was taken while it started. @throws Trouble when it ends for another reason */
async function tryToStart({ database, port, program, environment }) {
  const host = hostAsked();
  const address = `http://${reachedAt(host)}:${port}`;
  /** By what it is told from another one that answers there. */
  const run = randomUUID();
  const child = spawn(program, [...SERVER, host, String(port), String(PORT_TAKEN)], {
    cwd: ROOT,
    stdio: ['ignore', 'ignore', 'pipe', 'ipc'],
    env: {
      ...process.env,
      ...environment,
      RUELLE_DATABASE: database,
      RUELLE_ADDRESS: address,
      RUELLE_RUN: run,
      NODE_ENV: 'production',
      NEXT_TELEMETRY_DISABLED: '1',
    },
  });
  let said = '';
  const listen = (part) => (said += part);
  child.stderr.setEncoding('utf8').on('data', listen);
  const speak = () => {
    child.stderr.off('data', listen);
    process.stderr.write(said);
    child.stderr.pipe(process.stderr);
  };
  const ended = new Promise((resolve) => child.once('exit', () => resolve(true)));
  const endsMs = Date.now() + MOST_START_MS;
  while (Date.now() < endsMs) {
    const isRun = await fetch(`${address}/api/health`, { signal: AbortSignal.timeout(5000) })
      .then((response) => response.json())
      .then(
        (health) => health.run === run,
        () => false,
      );
    if (isRun) {
      speak();
      return { child, address };
    }
    const isOver = await Promise.race([ended, new Promise((resolve) => setTimeout(() => resolve(false), 100))]);
    if (!isOver) continue;
    if (child.exitCode === PORT_TAKEN) return null;
    speak();
    throw new Trouble('Ruelle was not started.');
  }
  speak();
  child.kill('SIGKILL');
  throw new Trouble('Ruelle did not answer within a minute and a half, so it was stopped.');
}
