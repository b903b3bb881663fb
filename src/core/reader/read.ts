import type { LanguageId } from '@/core/language';
import type { Cell } from '@/core/stitches';
import type { ReaderFault } from './fault';
import type { TermsGuess } from './guessTerms';
import type { Instruction, TextSpan } from './instruction';

/** A row as it was read and worked. */
export interface ReadRow extends TextSpan {
  noun: 'row' | 'round';
  number: number;
  side: 'RS' | 'WS' | null;
  /** Stitches of the row below, and of this one; null where they are not known. */
  in: number | null;
  out: number | null;
  items: readonly Instruction[];
  /** The places that it made, in the order in which they were made; and the word for each. */
  cells: readonly Cell[];
  names: readonly string[];
  /** Whether it could be worked, and its count is the one written. */
  isRight: boolean;
}

/** Rows that are worked one over the other. */
export interface ReadPart {
  title: string;
  rows: ReadRow[];
}

/** A pattern as it was read. */
export interface ReadPattern {
  terms: TermsGuess;
  /** The language it is in, where that is not English. */
  language: LanguageId | null;
  /** The sizes that it is written in; none where it is in one. */
  sizes: readonly string[];
  parts: ReadPart[];
  faults: ReaderFault[];
  /** No row was found in it. */
  isProse: boolean;
}
