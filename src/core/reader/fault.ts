import type { TextSpan } from './instruction';
import type { TermSet } from './termSet';
import type { WorkSaid } from './workedRow';

/** What is wrong in a pattern, or can't be read, where it stands, and what it says. */
export type ReaderFault = TextSpan & {
  /** The row that it is in; null where it is in none. */
  row: number | null;
  /** What would mend it: pieces of the text, each with what comes in its place. */
  mends: Mend[];
} & FaultSaid;

export type FaultSaid =
  | { code: 'count-differs'; written: number; worked: number; of: string }
  | WorkSaid
  | { code: 'undefined-word'; words: string }
  | { code: 'other-terms'; words: string; of: TermSet; should: string | null }
  | { code: 'row-number'; expected: number; written: number }
  | { code: 'row-unknown'; asked: number }
  | { code: 'joined-spiral' }
  | { code: 'size-off'; writtenMm: number; worksMm: number; stitches: number; along: 'across' | 'up' }
  | { code: 'hook-letter'; letter: string; mm: number; letterMm: number };

export interface Mend extends TextSpan {
  text: string;
}
