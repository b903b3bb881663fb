import type { IncomingMessage } from 'node:http';

/** The name of the cookie that a paired phone comes in with. */
export const PHONE_COOKIE = 'ruelle-phone';

/** Where a phone is paired. */
export const PAIR_PATH = '/pair';

/** What only this computer itself is shown: who may come in, and all that she has as one file. */
const ONLY_HERE = [/^\/workroom/, /^\/api\/(phones|backup|restore|copy)(\/|$)/];

/** What is to be done with what a phone asks for. */
export type PhoneWish = 'pair' | 'own' | 'not-paired' | 'only-here';

/**
 * What is to be done with a phone's request: show it where it is paired, let it in, or not.
 *
 * @param isPaired whether a word is that of a phone that is paired
 */
export function phoneWish(
  { url = '', headers }: Pick<IncomingMessage, 'url' | 'headers'>,
  isPaired: (word: string | null) => boolean,
): PhoneWish {
  const path = pathAsRead(url);
  if (path === PAIR_PATH) return 'pair';
  if (!isPaired(cookieOf(headers.cookie, PHONE_COOKIE))) return 'not-paired';
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
