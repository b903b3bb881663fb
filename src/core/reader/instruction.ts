import type { Worked } from '@/core/stitches';

/** Where something stands in a text: from its first character up to, not including, its last. */
export interface TextSpan {
  from: number;
  to: number;
}

/** A stitch by the word that was written for it; what it is called by a text that defines its own. */
export interface StitchWord {
  /** The word in lower case, singular and without room: “sc”, “dc”, “bobble”. */
  word: string;
  /** So many are joined at the top: 2 of “sc2tog”. */
  over: number;
  /** Round a post, or drawn out of the row below: not through the loops on top. */
  isDeep?: boolean;
}

/** What of a place a stitch goes into, where it isn’t both of its upper loops. */
export type LoopsOf =
  | Exclude<Worked['into'], 'stitch' | 'space'>
  | 'front-loop'
  | 'back-post'
  /** Under both loops and something besides that no stitch has. */
  | 'other';

/** Which places of the row below a stitch goes into. */
export interface Place {
  which:
    /** The next so many. */
    | 'next'
    /** The last so many. */
    | 'last'
    /** The first. */
    | 'first'
    /** Each that is left, or each but the last so many. */
    | 'each'
    /** The one that was worked into last. */
    | 'same'
    /** A chain counted from the hook. */
    | 'from-hook'
    /** A ring: it takes as many as are worked. */
    | 'ring'
    /** The top of the turning chain. */
    | 'turning';
  count: number;
  /** Of what: a stitch, a chain, the space under chains. */
  noun: 'st' | 'ch' | 'sp';
}

/** What is to be done, with where it is written. */
export type Instruction = TextSpan &
  (
    | { do: 'chain'; count: number }
    /** Whether what was said before stands for a stitch, and chains that it stands for besides. */
    | { do: 'stands'; counts: boolean; with: number }
    | { do: 'work'; stitch: StitchWord; each: number; place: Place; isLoop: boolean; into?: LoopsOf }
    | { do: 'increase' | 'decrease'; place: Place }
    | { do: 'skip'; place: Place }
    | { do: 'repeat'; items: Instruction[]; until: Until }
    /** All of it into one place. */
    | { do: 'into'; items: Instruction[]; place: Place }
    | { do: 'foundation'; stitch: StitchWord; count: number }
    | { do: 'turn' | 'join' | 'off' | 'other-side' | 'ring' | 'loop' }
    | { do: 'leave'; count: number | null }
    /** So many chains are passed over at the hook. */
    | { do: 'begin-in'; count: number }
    /** What is said besides, and changes no count. */
    | { do: 'note' }
    | { do: 'unread'; words: string }
  );

/** How often something is done. */
export type Until =
  | { is: 'times'; times: number; said: 'in-all' | 'more' }
  | { is: 'end' }
  | { is: 'left'; count: number; noun: Place['noun'] };

export type InstructionOf<Do extends Instruction['do']> = Extract<Instruction, { do: Do }>;
