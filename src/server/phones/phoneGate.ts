import type { IncomingMessage } from 'node:http';
import type { LetInTo } from './pairing';

/** The name of the cookie that a paired phone comes in with. */
export const PHONE_COOKIE = 'ruelle-phone';

/** Where a phone is paired. */
export const PAIR_PATH = '/pair';

/** What only this computer itself is shown: who may come in, and all that she has as one file. */
const ONLY_HERE = [/^\/workroom/, /^\/api\/(phones|backup|restore|copy)(\/|$)/, /^\/api\/bags\/[^/]+\/tester(\/|$)/];

/** What any page needs to be shown: programs, letters, its own icon. Nothing of hers is among them. */
const OF_EVERY_PAGE = /^\/(?:_next\/static\/(?!.*\.\.)[\w./~-]+|icon\.svg)$/;

/** What is to be done with what a phone asks for. */
export type PhoneWish = 'pair' | 'own' | 'not-paired' | 'only-here' | 'not-tested';

/** Where a tester reads a bag’s pattern, and where what she found is told. */
export const testPath = (bag: string): string => `/tests/${bag}`;

/**
 * What is to be done with a phone's request: show it where it is paired, let it in, or not.
 *
 * @param letInTo what whoever has a word may see; null where it is nobody’s
 */
export function phoneWish(
  { url = '', headers }: Pick<IncomingMessage, 'url' | 'headers'>,
  letInTo: (word: string | null) => LetInTo | null,
): PhoneWish {
  const path = pathAsRead(url);
  if (path === PAIR_PATH) return 'pair';
  const to = letInTo(cookieOf(headers.cookie, PHONE_COOKIE));
  if (to === null) return 'not-paired';
  if (to.bag !== null) {
    // By its spelling alone: what is written otherwise is something else.
    const [asked = ''] = url.split('?');
    const isTheirs = [testPath(to.bag), `/api${testPath(to.bag)}`].includes(asked) || OF_EVERY_PAGE.test(asked);
    return isTheirs ? 'own' : 'not-tested';
  }
  return ONLY_HERE.some((only) => only.test(path)) ? 'only-here' : 'own';
}

/**
 * The path of an address, as whoever answers it may read it: `%70hones` is no other than `phones`.
 *
 * @example
 * pathAsRead('/api//%70hones/../Phones?x=1') // => '/api/phones'
 */
export function pathAsRead(url: string): string {
  try {
    return decodeURIComponent(new URL(url.replace(/[\\/]+/g, '/'), 'http://here').pathname)
      .replace(/[\\/]+/g, '/')
      .toLowerCase();
  } catch {
    return '';
  }
}

/**
 * A cookie of a request; null where it has none of that name.
 *
 * @example
 * cookieOf('one=1; ruelle-phone=abc', 'ruelle-phone') // => 'abc'
 */
export function cookieOf(header: string | undefined, name: string): string | null {
  for (const part of (header ?? '').split(';')) {
    const [key, ...value] = part.trim().split('=');
    if (key === name) return value.join('=');
  }
  return null;
}
