import type { RequestListener } from 'node:http';
import { Refused } from '../http';
import { once } from '../once';
import { lanAddresses, mayListenOn } from './lanAddresses';
import { listenOn, type LanListener } from './lanListener';
import { Pairing, type PairedDevice } from './pairing';

interface Phones {
  pairing: Pairing;
  listener: LanListener | null;
  /** How this computer itself is answered, and the port on which; null before the server stands. */
  own: { answer: RequestListener; port: number } | null;
  /** One switch at a time. */
  switching: Promise<unknown>;
}

const phones = once<Phones>('phones', () => ({
  pairing: new Pairing(() => Date.now()),
  listener: null,
  own: null,
  switching: Promise.resolve(),
}));

/** Says how a phone that is let in is answered. Nothing is listened on by this. */
export const letPhonesBe = (answer: RequestListener, port: number): void => void (phones.own = { answer, port });

/** Who may come in from the network, and where. */
export interface PhonesStand {
  /** Where Ruelle can be reached by phones; null: nowhere. */
  at: { address: string; port: number } | null;
  /** Addresses of this computer on its networks. */
  addresses: string[];
  devices: PairedDevice[];
}

export const phonesStand = (): PhonesStand => ({
  at: phones.listener && { address: phones.listener.address, port: phones.listener.port },
  addresses: lanAddresses(),
  devices: phones.pairing.list(),
});

/**
 * Begins to listen on an address of the network.
 *
 * @throws Refused 422 where it isn't this computer's, 503 where it can't be listened on
 */
export const letPhonesIn = (address: string): Promise<PhonesStand> =>
  inTurn(async () => {
    if (!mayListenOn(address, lanAddresses()))
      throw new Refused(422, {
        sentence: 'This isn’t an address of this computer. Choose one of those that are shown.',
      });
    if (phones.own === null)
      throw new Refused(503, {
        sentence: 'Phones can’t be let in while Ruelle is being worked on. Start it as usual.',
      });
    if (phones.listener?.address === address) return;
    await phones.listener?.close();
    phones.listener = null;
    const { answer, port } = phones.own;
    phones.listener = await listenOn(address, port, phones.pairing, answer).catch(() => {
      throw new Refused(503, {
        sentence: 'Nothing can be listened to there just now. Is the network on? Then try again.',
      });
    });
  });

/** Listens on the network no more, and forgets every phone. */
export const keepPhonesOut = (): Promise<PhonesStand> =>
  inTurn(async () => {
    phones.pairing.forgetAll();
    await phones.listener?.close();
    phones.listener = null;
  });

/**
 * A code to pair a phone with, and the address that has it in it.
 *
 * @param bag the only bag whose pattern it lets in to
 * @throws Refused 409 where phones aren't let in
 */
export function newCode(bag: string | null = null): { code: string; address: string } {
  const { listener, pairing } = phones;
  if (listener === null) throw new Refused(409, { sentence: 'Let phones in first.' });
  const code = pairing.newCode(bag);
  return { code, address: `http://${listener.address}:${listener.port}/pair#${code}` };
}

/** Forgets a phone, and hangs up on it. */
export function forgetPhone(id: string): boolean {
  const isKnown = phones.pairing.forget(id);
  if (isKnown) phones.listener?.cut();
  return isKnown;
}

function inTurn(work: () => Promise<void>): Promise<PhonesStand> {
  const done = phones.switching.then(work).then(phonesStand);
  phones.switching = done.catch(() => undefined);
  return done;
}
