import type { Closure, EdgingKind, Lining, Strap } from '@/core/design';
import type { FittingGroup, FittingStage } from '@/core/fittings';
import type { Sentence } from '../sentence';
import { BOUGHT_STRAP_WORDS } from './boughtStrapWords';
import { edgingWords } from './edgingWords';
import { buttonholeWords } from './buttonholeWords';
import { hookTapeWords, pressStudWords, tuckLockWords, turnLockWords } from './flapClosureWords';
import { HARDWARE_WORDS } from './hardwareWords';
import { crochetedLiningWords, dropInLiningWords, flapLiningWords, flatLiningWords } from './liningWords';
import {
  buttonLoopWords,
  drawstringWords,
  frameWords,
  partSewnWords,
  toggleLoopWords,
  zipperWords,
} from './mouthClosureWords';
import { POCKET_WORDS } from './pocketWords';
import { snapWords } from './snapWords';
import { STIFFENER_WORDS } from './stiffenerWords';
import { tabWords } from './tabWords';
import { TRIM_WORDS } from './trimWords';
import { WORKED_STRAP_WORDS } from './strapWords';
import type { FittingWords } from './words';

/** The words of every kind, beside its catalogue. A new kind is a file and a line here. */
const CLOSURE_WORDS = {
  'magnetic-snap': snapWords,
  'press-stud': pressStudWords,
  'hook-tape': hookTapeWords,
  'turn-lock': turnLockWords,
  'tuck-lock': tuckLockWords,
  buttonhole: buttonholeWords,
  'button-loop': buttonLoopWords,
  'toggle-loop': toggleLoopWords,
  tab: tabWords,
  zipper: zipperWords,
  drawstring: drawstringWords,
  frame: frameWords,
  'part-sewn': partSewnWords,
} satisfies Record<Closure['kind'], object>;
const STRAP_WORDS = { ...WORKED_STRAP_WORDS, ...BOUGHT_STRAP_WORDS } satisfies Record<Strap['kind'], object>;
const LINING_WORDS = {
  flat: flatLiningWords,
  'drop-in': dropInLiningWords,
  crocheted: crochetedLiningWords,
  'flap-only': flapLiningWords,
} satisfies Record<Lining['kind'], object>;

const EDGING_WORDS = {
  'slip-stitch': edgingWords('slip-stitch'),
  single: edgingWords('single'),
  crab: edgingWords('crab'),
  picot: edgingWords('picot'),
  shell: edgingWords('shell'),
  spikes: edgingWords('spikes'),
  own: edgingWords('own'),
} satisfies Record<EdgingKind, object>;

/** Words by group and kind. Inside, a writer knows its own stage. */
export type FittingWordsByKind = Readonly<Record<FittingGroup, Readonly<Record<string, FittingWords<never>>>>>;

export const FITTING_WORDS: FittingWordsByKind = {
  closures: CLOSURE_WORDS,
  hardware: HARDWARE_WORDS,
  straps: STRAP_WORDS,
  pockets: POCKET_WORDS,
  lining: LINING_WORDS,
  stiffener: STIFFENER_WORDS,
  edgings: EDGING_WORDS,
  trims: TRIM_WORDS,
};

/**
 * The words of a planned fitting.
 *
 * @throws RangeError for a kind that has none
 */
export function wordsOf(
  { at, choice }: Pick<FittingStage, 'at' | 'choice'>,
  all = FITTING_WORDS,
): FittingWords<FittingStage> {
  const words = all[at.group][choice.kind];
  if (!words) throw new RangeError(`no words for ${choice.kind} among the ${at.group}`);
  return words as unknown as FittingWords<FittingStage>;
}

/** The sentence of a fitting's own problem, or the label of its own repair; nothing where no kind has one by this code. */
export function ownSentence(what: 'problems' | 'repairs', code: string, all = FITTING_WORDS): Sentence | undefined {
  for (const group of Object.values(all))
    for (const words of Object.values(group))
      if (Object.hasOwn(words[what], code)) return (words[what] as Readonly<Record<string, Sentence>>)[code];
  return undefined;
}

export type { FittingWords, Quoted, Ticket } from './words';
