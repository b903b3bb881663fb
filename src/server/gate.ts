import type { IncomingMessage } from 'node:http';
import { isOwnAddress } from './ownAddress';

/** Why a request is not let in: the status and a sentence of the answer. */
interface TurnedAway {
  status: number;
  sentence: string;
}

const READING = ['GET', 'HEAD', 'OPTIONS'];
const WRITING = ['POST', 'PUT', 'DELETE'];
const MOST_ADDRESS = 4000;

/**
 * Why a request is turned away before anything reads it, or null where it is let in: what no browser sends, what was addressed to another name, what
 * comes from another site.
 *
 * @param names host names that the maker has allowed beside this computer's own
 */
export function whyTurnedAway(
  { method = '', url = '', headers }: Pick<IncomingMessage, 'method' | 'url' | 'headers'>,
  names: readonly string[],
): TurnedAway | null {
  if (!isOwnAddress(headers.host ?? null, headers.origin ?? null, names))
    return { status: 403, sentence: 'Ruelle only answers to its own address on this computer.' };
  if (headers['sec-fetch-site'] === 'cross-site')
    return { status: 403, sentence: 'Ruelle does not answer to pages of other sites. Type its address yourself.' };
  // Nothing is written but through the routes.
  const known = url.startsWith('/api/') ? [...READING, ...WRITING] : READING;
  if (!known.includes(method)) return { status: 405, sentence: 'Ruelle does not know this kind of request.' };
  if (url.length > MOST_ADDRESS) return { status: 414, sentence: 'This address is far longer than any of Ruelle’s.' };
  if (!isReadable(url)) return { status: 400, sentence: 'This address can’t be read.' };
  return null;
}

function isReadable(url: string): boolean {
  try {
    return !decodeURIComponent(url).includes('\0');
  } catch {
    return false;
  }
}

/**
 * The headers that every answer has. They keep a page to itself: none of another site's scripts in it, and no other site's page around it or holding
 * on to it. What the program is told is never kept by the browser.
 *
 * @param url what was asked for
 * @param policy what its page may load and run
 */
export const headersFor = (url: string, policy: string): Record<string, string> => ({
  'X-Frame-Options': 'DENY',
  'X-Content-Type-Options': 'nosniff',
  'Referrer-Policy': 'no-referrer',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Content-Security-Policy': policy,
  ...(url.startsWith('/api/') ? { 'Cache-Control': 'no-store' } : {}),
});

/**
 * What a page may load and run: its own, and inline only the scripts that bear its nonce. Styles may be inline, since those of the interface are
 * made as they are needed.
 *
 * @param nonce a word that nobody can guess, another for every page
 * @param isDeveloped while Ruelle is worked on, changed code is run as text
 */
export const contentPolicy = (nonce: string, isDeveloped = false): string =>
  [
    `default-src 'self'`,
    `script-src 'self' 'nonce-${nonce}'${isDeveloped ? ` 'unsafe-eval'` : ''}`,
    `style-src 'self' 'unsafe-inline'`,
    `img-src 'self' data: blob:`,
    `worker-src 'self' blob:`,
    `object-src 'none'`,
    `base-uri 'none'`,
    `form-action 'self'`,
    `frame-ancestors 'none'`,
  ].join('; ');
