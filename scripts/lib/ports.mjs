/** Where a server listens: on this computer only unless asked otherwise, on the port that was asked for or a free one. */
import { createServer } from 'node:net';
import { Trouble } from './trouble.mjs';

const FIRST_PORT = 3000;
const LOOPBACK = '127.0.0.1';

/** Where to listen: this computer, or the address of it that the maker has named. */
export const hostAsked = () => process.env.RUELLE_HOST?.trim() || LOOPBACK;

/** A host as it stands in an address. One that means every address of this computer is reached at its own. */
export function reachedAt(host) {
  if (host === '0.0.0.0' || host === '::') return LOOPBACK;
  return host.includes(':') ? `[${host}]` : host;
}

/**
 * The port that was asked for (`PORT`), or the first free one.
 *
 * @throws Trouble when the one asked for is none, or taken
 */
export async function portAsked() {
  const asked = process.env.PORT?.trim();
  if (!asked) return freePort();
  const port = Number(asked);
  if (!/^\d+$/.test(asked) || port < 1 || port > 65_535)
    throw new Trouble(`PORT is “${asked}”. Give it a number from 1 to 65535, or leave it out.`);
  const refusal = await whyNotFree(port);
  if (refusal === 'EADDRINUSE')
    throw new Trouble(`Port ${port} is taken by another program. Give PORT another number, or leave it out.`);
  if (refusal === 'EACCES') throw new Trouble(`Port ${port} is not yours to use. Give PORT a number above 1023.`);
  if (refusal) throw notAnAddress();
  return port;
}

const notAnAddress = () =>
  new Trouble(`RUELLE_HOST is “${hostAsked()}”, which is no address of this computer. Name one, or leave it out.`);

/** The first free port from the wished one on. @throws Trouble when there is none, or the host is no address of this computer */
export async function freePort(from = FIRST_PORT) {
  for (let port = from; port < from + 200; port += 1) {
    const refusal = await whyNotFree(port);
    if (refusal === null) return port;
    if (refusal !== 'EADDRINUSE' && refusal !== 'EACCES') throw notAnAddress();
  }
  throw new Trouble(`No port between ${from} and ${from + 200} is free. Stop another program first.`);
}

/** Null where a port can be listened on, else the system's word for why not. */
function whyNotFree(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', ({ code }) => resolve(code ?? 'unknown'));
    probe.listen(port, hostAsked(), () => probe.close(() => resolve(null)));
  });
}
