import { randomUUID } from 'node:crypto';
import { createServer, type IncomingMessage, type RequestListener, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { contentPolicy, headersFor, whyTurnedAway } from '../gate';
import { textOf } from '../http';
import { answerUnreadable } from '../unreadable';
import type { Pairing } from './pairing';
import { pairPage } from './pairPage';
import { PAIR_PATH, PHONE_COOKIE, phoneWish, testPath } from './phoneGate';

/** A phone is asked again after a week at the latest, s. */
const LASTS_S = 7 * 24 * 3600;
const WRONG = 'This code is wrong, was used before, or is too old. Ask for a new one on the computer.';

/** Ruelle on an address of the network, for as long as she wishes. */
export interface LanListener {
  address: string;
  port: number;
  /** Cuts every connection: whoever is paired comes again. */
  cut: () => void;
  close: () => Promise<void>;
}

/**
 * Listens on one address of the network. Whoever comes there and isn't paired sees the page where one is paired, and nothing else.
 *
 * @param answerOwn answers those that are let in, as it answers this computer itself
 * @param port the one to listen on; where it is taken, any
 */
export async function listenOn(
  address: string,
  port: number,
  pairing: Pairing,
  answerOwn: RequestListener,
): Promise<LanListener> {
  const server = createServer((request, response) => {
    answerPhone({ request, response }, address, pairing, answerOwn).catch(() => response.destroy());
  });
  server.on('clientError', answerUnreadable);
  await listening(server, address, port).catch(() => listening(server, address, 0));
  return {
    address,
    port: (server.address() as AddressInfo).port,
    cut: () => server.closeAllConnections(),
    close: () =>
      new Promise((resolve) => {
        server.close(() => resolve());
        server.closeAllConnections();
      }),
  };
}

const listening = (server: Server, address: string, port: number): Promise<void> =>
  new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, address, () => {
      server.off('error', reject);
      resolve();
    });
  });

/** A request and what answers it. */
interface Asked {
  request: IncomingMessage;
  response: ServerResponse;
}

async function answerPhone(asked: Asked, address: string, pairing: Pairing, answerOwn: RequestListener): Promise<void> {
  const { request, response } = asked;
  const { host = '' } = request.headers;
  // Only by its own address: a name that was made to mean it is none of it.
  if (host.replace(/:\d+$/, '') !== address) return refuse(asked, 403, 'Ruelle only answers to its own address.');
  const turnedAway = whyTurnedAway({ method: 'GET', url: '/', headers: request.headers }, [address]);
  if (turnedAway) return refuse(asked, turnedAway.status, turnedAway.sentence);
  switch (phoneWish(request, (word) => pairing.letInTo(word))) {
    case 'pair':
      return pairHere(asked, pairing);
    case 'only-here':
      return refuse(asked, 403, 'This is shown on the computer itself only.');
    case 'not-tested':
      return refuse(asked, 403, 'You were let in to the pattern of one bag. Ask for its address again.');
    case 'own': {
      const refusal = whyTurnedAway(request, [address]);
      return refusal ? refuse(asked, refusal.status, refusal.sentence) : answerOwn(request, response);
    }
    case 'not-paired': {
      const wantsPage = request.method === 'GET' && (request.headers.accept ?? '').includes('text/html');
      if (!wantsPage) return refuse(asked, 401, 'This phone isn’t paired, or was forgotten. Pair it again.');
      response.writeHead(303, { location: PAIR_PATH, 'cache-control': 'no-store' });
      response.end();
    }
  }
}

function refuse({ request, response }: Asked, status: number, sentence: string): void {
  const headers = headersFor(request.url ?? '', contentPolicy(randomUUID()));
  response.writeHead(status, { ...headers, 'content-type': 'application/json' });
  response.end(JSON.stringify({ sentence }));
  request.resume();
}

/** The page where a phone is paired, and the code that comes from it. */
async function pairHere({ request, response }: Asked, pairing: Pairing): Promise<void> {
  const page = (status: number, fault: string | null) => {
    const nonce = randomUUID();
    response.writeHead(status, {
      ...headersFor(PAIR_PATH, contentPolicy(nonce)),
      'content-type': 'text/html; charset=utf-8',
      'cache-control': 'no-store',
      // Without it a browser doesn't say where its form comes from.
      'Referrer-Policy': 'same-origin',
    });
    response.end(pairPage(nonce, fault));
  };
  if (request.method !== 'POST') return page(200, null);
  const parts = request.iterator({ destroyOnReturn: false }) as AsyncIterable<Uint8Array>;
  const text = await textOf(parts, Number(request.headers['content-length'] ?? 0)).catch(() => '');
  const code = new URLSearchParams(text.slice(0, 500)).get('code') ?? '';
  const word = pairing.pair(code, deviceName(request.headers['user-agent']));
  if (word === null) return page(403, WRONG);
  const { bag } = pairing.letInTo(word) ?? { bag: null };
  response.writeHead(303, {
    location: bag === null ? '/' : testPath(bag),
    'set-cookie': `${PHONE_COOKIE}=${word}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${LASTS_S}`,
    'cache-control': 'no-store',
  });
  response.end();
}

/**
 * What a browser is called on the list of phones.
 *
 * @example
 * deviceName('Mozilla/5.0 (Linux; Android 15) AppleWebKit/537.36') // => 'Linux; Android 15'
 * deviceName(undefined) // => 'A device'
 */
export const deviceName = (agent: string | undefined): string =>
  /\(([^)]{1,60})/.exec(agent ?? '')?.[1]?.trim() || 'A device';
