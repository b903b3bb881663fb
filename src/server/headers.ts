/** Headers that keep a page to itself: none of another site's scripts in it, and no other site's page around it or holding on to it. */
const ALWAYS: Record<string, string> = {
  'X-Frame-Options': 'DENY',
  'X-Content-Type-Options': 'nosniff',
  'Referrer-Policy': 'no-referrer',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Cross-Origin-Opener-Policy': 'same-origin',
};

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

/** Puts the headers on an answer that every answer has; what the program is told is never kept by the browser. */
export function withHeaders<R extends Response>(response: R, path: string, policy: string): R {
  for (const [name, value] of Object.entries(ALWAYS)) response.headers.set(name, value);
  response.headers.set('Content-Security-Policy', policy);
  if (path.startsWith('/api/')) response.headers.set('Cache-Control', 'no-store');
  return response;
}
