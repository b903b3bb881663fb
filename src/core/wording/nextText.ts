import type { NextCode, NextThing } from '@/core/whatNext';
import type { LengthUnit } from '@/core/units';
import { problemSentence } from './problemText';

const ASKED: Record<Exclude<NextCode, 'decide'>, string> = {
  'say-contents': 'Say what goes in: the bag is made around it.',
  'measure-swatch': 'Measure your swatch: every size follows from it.',
  'measure-thickness': 'Measure how thick your swatch is: folds and bends follow from it.',
  'weigh-swatch': 'Lay your swatch on a scale: it says how much yarn to have.',
  'say-ball': 'Copy the weight and the length of a ball from its label: they say how many to buy.',
  'choose-closure': 'Choose what closes it.',
  'say-zipper-length': 'Say how long your zipper is: the lining waits for it.',
  'choose-lining': 'Choose a lining.',
};

/** By which words she says that the bag goes without; null where it can't. */
const GONE_WITHOUT: Partial<Record<NextCode, string>> = {
  'say-contents': 'I have a size in mind',
  'choose-closure': 'It stays open',
  'choose-lining': 'It has no lining',
};

/** What comes next, as one line. */
export interface NextText {
  says: string;
  /** What she presses to say that the bag goes without it; null where it can't. */
  without: string | null;
}

/**
 * The one line that says what comes next. Of what is to be decided, the first sentence: all of it stands at its place.
 *
 * @example
 * nextText({ code: 'choose-closure', problem: null, without: [] }, 'cm') // => { says: 'Choose what closes it.', without: 'It stays open' }
 */
export function nextText(
  { code, problem, without }: Pick<NextThing, 'code' | 'problem' | 'without'>,
  unit: LengthUnit,
): NextText {
  if (code === 'decide')
    return { says: problem === null ? '' : firstSentence(problemSentence(problem, unit)), without: null };
  return { says: ASKED[code], without: without === null ? null : (GONE_WITHOUT[code] ?? null) };
}

/** Up to the first full stop after which a new sentence begins. */
const firstSentence = (text: string): string => /^.*?[.?!](?=\s+\p{Lu}|$)/u.exec(text)?.[0] ?? text;
