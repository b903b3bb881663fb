import { networkInterfaces } from 'node:os';

/** Addresses of this computer on its networks; those that only it can reach itself are none of them. */
export const lanAddresses = (): string[] =>
  Object.values(networkInterfaces())
    .flatMap((one) => one ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);

/**
 * Whether Ruelle may listen on an address: one of this computer's own, never all of them at once.
 *
 * @example
 * mayListenOn('127.0.0.2', []) // => true
 * mayListenOn('0.0.0.0', []) // => false
 * mayListenOn('192.168.1.7', ['192.168.1.7']) // => true
 */
export const mayListenOn = (address: string, own: readonly string[]): boolean =>
  /^127(\.\d{1,3}){3}$/.test(address) || own.includes(address);
