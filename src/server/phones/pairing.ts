import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';

/** Letters and digits that nobody takes for one another: 32 of them, so that each is as likely. */
const SIGNS = 'ABCDEFGHJKMNPQRSTVWXYZ0123456789';
const CODE_LENGTH = 10;
/** A code can be used for so long, once, ms. */
export const CODE_LASTS_MS = 10 * 60_000;
/** After so many wrong ones the code is none any more. */
export const MOST_WRONG = 5;
/** A phone that isn't used is forgotten after so long, and every one after so long, ms. */
export const RESTS_MS = 12 * 3_600_000;
export const LASTS_MS = 7 * 24 * 3_600_000;
/** So many phones and tablets can be paired at once. */
export const MOST_DEVICES = 8;

/** A phone or a tablet that is paired. */
export interface PairedDevice {
  id: string;
  /** What its browser calls itself, shortened. */
  name: string;
  pairedMs: number;
  usedMs: number;
  /** The one bag that it is let in to, to try its pattern; null: to all of them. */
  bag: string | null;
}

/** What a phone that is paired may see: one bag’s pattern, or all bags. */
export type LetInTo = Pick<PairedDevice, 'bag'>;

/** A code as it was told, however it was typed: letters that no code has stand for the digits they look like. */
const asWritten = (typed: string): string =>
  typed
    .toUpperCase()
    .replace(/O/g, '0')
    .replace(/[IL]/g, '1')
    .replace(/[^A-Z0-9]/g, '');

const hashed = (text: string): Buffer => createHash('sha256').update(text).digest();

/**
 * Which phones may come in: each was told a code from the screen of this computer. A code is good once and not for long. What a phone comes in with later is a word that only
 * it knows; its hash is kept in the memory, until Ruelle ends.
 */
export class Pairing {
  private code: { hash: Buffer; untilMs: number; wrong: number; bag: string | null } | null = null;
  private readonly devices = new Map<string, PairedDevice & { hash: Buffer }>();

  constructor(private readonly nowMs: () => number) {}

  /**
   * A new code; the one before is none any more.
   *
   * @param bag the only bag that it lets in to
   */
  newCode(bag: string | null = null): string {
    const code = [...randomBytes(CODE_LENGTH)].map((byte) => SIGNS[byte % SIGNS.length]).join('');
    this.code = { hash: hashed(code), untilMs: this.nowMs() + CODE_LASTS_MS, wrong: 0, bag };
    return code;
  }

  /**
   * Pairs a phone that knows the code.
   *
   * @param typed the code, with whatever stands between its signs
   * @returns the word that it comes in with from now on; null where the code is wrong, used or too old
   */
  pair(typed: string, name: string): string | null {
    const { code } = this;
    const nowMs = this.nowMs();
    if (code === null || nowMs > code.untilMs) return null;
    if (!timingSafeEqual(hashed(asWritten(typed)), code.hash)) {
      code.wrong += 1;
      if (code.wrong >= MOST_WRONG) this.code = null;
      return null;
    }
    this.code = null;
    this.forgetOld();
    if (this.devices.size >= MOST_DEVICES) return null;
    const word = randomBytes(32).toString('base64url');
    const id = randomBytes(9).toString('base64url');
    const { bag } = code;
    this.devices.set(id, { id, name: name.slice(0, 60), pairedMs: nowMs, usedMs: nowMs, bag, hash: hashed(word) });
    return word;
  }

  /** Whether a word is that of a phone that is paired; it is then used. */
  isPaired = (word: string | null): boolean => this.letInTo(word) !== null;

  /** What whoever comes in with a word may see; null where nobody has that word. It is then used. */
  letInTo(word: string | null): LetInTo | null {
    if (word === null) return null;
    this.forgetOld();
    const told = hashed(word);
    const device = [...this.devices.values()].find(({ hash }) => timingSafeEqual(hash, told));
    if (device) device.usedMs = this.nowMs();
    return device ? { bag: device.bag } : null;
  }

  /** Phones that are paired, the last used first. */
  list(): PairedDevice[] {
    this.forgetOld();
    return [...this.devices.values()]
      .map(({ id, name, pairedMs, usedMs, bag }) => ({ id, name, pairedMs, usedMs, bag }))
      .sort((one, other) => other.usedMs - one.usedMs);
  }

  /** Forgets a phone: it doesn't come in any more. */
  forget(id: string): boolean {
    return this.devices.delete(id);
  }

  /** Forgets all of them, and the code. */
  forgetAll(): void {
    this.devices.clear();
    this.code = null;
  }

  private forgetOld(): void {
    const nowMs = this.nowMs();
    for (const { id, usedMs, pairedMs } of this.devices.values())
      if (nowMs - usedMs > RESTS_MS || nowMs - pairedMs > LASTS_MS) this.devices.delete(id);
  }
}
