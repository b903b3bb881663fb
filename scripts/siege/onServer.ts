import type { Design } from '../../src/core/design';
import { Besieged } from './besieged';
import { Client } from './client';
import type { Ledger } from './ledger';
import { overHttp } from './overHttp';
import type { Tally } from './tally';
import type { Workplace } from './work';

/** A server under siege, someone who asks it, and bags to work on through it. */
interface Scene {
  server: Besieged;
  client: Client;
  place: Workplace;
}

interface SceneOptions {
  /** The database. */
  path: string;
  design: Design;
  tally: Tally;
  environment?: Record<string, string>;
  /** Whether the server may say that it can't write, as on a disk that is full. */
  mayRefuse?: boolean;
}

/** Starts a server, does something with it, and tells it to end. One that ended before, or does not end as it should, is noted. */
export async function onServer(
  { path, design, tally, environment = {}, mayRefuse = false }: SceneOptions,
  work: (scene: Scene) => Promise<void>,
): Promise<void> {
  const server = await Besieged.start(path, environment);
  const client = new Client(server.address, tally, mayRefuse);
  try {
    await work({ server, client, place: overHttp(client, design, tally) });
    if (!server.isRunning) tally.broken.push('the server ended by itself');
  } finally {
    client.close();
    const code = await server.stop();
    if (code !== 0) tally.broken.push(`the server ended with ${code} when it was told to`);
  }
}

/** Begins a bag, and has the ledger know of it. @throws where it could not be begun */
export async function beginBag(place: Workplace, ledger: Ledger, mark: string): Promise<string> {
  const made = await place.create(mark);
  if (typeof made === 'string') throw new Error('a bag could not be begun');
  ledger.keep(made.done, { revision: 1, mark, historyMark: null, archived: false });
  return made.done;
}
