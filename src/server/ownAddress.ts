const OWN_NAMES = ['127.0.0.1', 'localhost', '[::1]'];

/** Hosts that mean every address of this computer, and name none. */
const EVERYWHERE = ['0.0.0.0', '::'];

/**
 * The host names that the maker has allowed herself: those she lists, and the one that she listens on.
 *
 * @param listed names with commas between them
 * @param listening the host to listen on
 *
 * @example
 * namesAllowed(' Workroom.local, ', '192.168.1.5') // => ['workroom.local', '192.168.1.5']
 */
export function namesAllowed(listed: string | undefined, listening: string | undefined): string[] {
  const names = [...(listed?.split(',') ?? []), ...(EVERYWHERE.includes(listening ?? '') ? [] : [listening ?? ''])];
  return names.map((name) => name.trim().toLowerCase()).filter((name) => name !== '');
}

/**
 * Whether a request names this machine as its host and, where it says where it comes from, comes from that very host. It
 * stops pages of other sites from reading or changing the maker's bags through her browser.
 *
 * @param host the Host header
 * @param origin the Origin header, or null when there is none
 * @param extraNames host names that the maker has allowed herself
 *
 * @example
 * isOwnAddress('127.0.0.1:3000', null, []) // => true
 * isOwnAddress('127.0.0.1:3000', 'http://elsewhere.example', []) // => false
 * isOwnAddress('elsewhere.example', null, []) // => false
 */
export function isOwnAddress(host: string | null, origin: string | null, extraNames: readonly string[]): boolean {
  if (host === null) return false;
  const name = host.replace(/:\d+$/, '').toLowerCase();
  if (name === '' || ![...OWN_NAMES, ...extraNames].includes(name)) return false;
  return origin === null || origin === `http://${host}` || origin === `https://${host}`;
}
