import type { Mend } from './fault';
import type { ReadPattern } from './read';
import { readPattern } from './readPattern';

/**
 * A text with pieces of it replaced. Of two that lie over each other the first is done.
 *
 * @example
 * withMends('Ch 26. (26)', [{ from: 8, to: 10, text: '25' }]) // => 'Ch 26. (25)'
 */
export function withMends(text: string, mends: readonly Mend[]): string {
  let out = '';
  let at = 0;
  for (const { from, to, text: by } of [...mends].sort((one, other) => one.from - other.from)) {
    if (from < at) continue;
    out += text.slice(at, from) + by;
    at = to;
  }
  return out + text.slice(at);
}

/** So often a text is read anew: what is mended in one row can show what the next one comes to. */
const MOST_ROUNDS = 60;

/**
 * Mends all of a text that can be mended, until nothing can any more.
 *
 * @param read reads a text as this one is read
 *
 * @example
 * mendedAll('Ch 26.\nRow 1: sc in 2nd ch from hook and in each ch across. (26)').text // => 'Ch 26.\nRow 1: sc in 2nd ch from hook and in each ch across. (25)'
 */
export function mendedAll(
  text: string,
  read: (text: string) => ReadPattern = readPattern,
): { text: string; mended: number } {
  let [now, mended] = [text, 0];
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const mends = read(now).faults.flatMap((fault) => fault.mends);
    if (mends.length === 0) break;
    const next = withMends(now, mends);
    if (next === now) break;
    mended += mends.length;
    now = next;
  }
  return { text: now, mended };
}
