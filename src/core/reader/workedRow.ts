import type { Cell } from '@/core/stitches';
import type { StitchWord, TextSpan } from './instruction';

/** What of a row can't be worked as it is written. */
export type WorkSaid =
  | { code: 'too-few'; needs: number; has: number }
  /** Stitches are left at the end of the row, and nothing is said of them. */
  | { code: 'left-over'; left: number }
  /** The last so many are not the last. */
  | { code: 'not-last'; said: number; left: number }
  | { code: 'repeat-off'; over: number; takes: number }
  | { code: 'repeat-endless' }
  | { code: 'no-space' }
  | { code: 'no-chain' }
  | { code: 'too-much' }
  | { code: 'unread'; words: string };

/** The same, where it stands. */
export type WorkTrouble = TextSpan & WorkSaid;

/** What a row is worked over. */
export interface Below {
  /** Its places in the order in which they were made; null where that is not known. */
  cells: readonly Cell[] | null;
  /** It is a chain that was made to begin with, or a ring. */
  is: 'row' | 'chain' | 'ring';
  turned: boolean;
  /** A chain that was made at the end of the row before, to begin this one with. */
  lead: { count: number; stands: boolean | null; with: number } | null;
}

/** What the words leave open, each by what is taken for it. */
export interface Readings {
  /** A chain at the beginning stands for the first stitch. */
  leadStands: boolean;
  /** Chains that are passed over at the hook stand for one. */
  hookStands: boolean;
  /** “rep from * 3 times” is three times more. */
  timesMore: boolean;
}

/** A row as it was worked from its words. */
export interface WorkedRow {
  cells: Cell[];
  /** The word for each of them; “ch” for a chain. */
  names: string[];
  trouble: WorkTrouble | null;
  turned: boolean;
  joined: TextSpan | null;
  isOff: boolean;
  /** What is begun with in the next row. */
  lead: Below['lead'];
  /** Which of the readings made a difference. */
  open: Set<keyof Readings>;
  /** A foundation was made in this row. */
  isFoundation: boolean;
}

/** How many stitches one of a text's own words makes, and how many it takes; one and one where nothing is said. */
export type OwnWords = ReadonlyMap<string, { makes: number; takes: number }>;

/**
 * What a stitch is counted as where a row says how many of it there are: one round a post, or several joined, are not the plain one.
 *
 * @example
 * countedAs({ word: 'dc', over: 4 }) // => 'dc4tog'
 * countedAs({ word: 'tr', over: 1, isDeep: true }) // => 'post tr'
 */
export const countedAs = ({ word, over, isDeep }: StitchWord): string =>
  `${isDeep ? 'post ' : ''}${word}${over > 1 ? `${over}tog` : ''}`;
