import type { Instruction, LoopsOf } from './instruction';

/** What words say of the loops that a stitch goes into, what says most first. */
const LOOPS: readonly (readonly [words: RegExp, into: LoopsOf])[] = [
  [/both loops\b.*\bfree loop/i, 'three-loops'],
  [/\bfree loop/i, 'two-layers'],
  [/\b(?:front[- ]post|fp)[^,]*\btwo rows below/i, 'front-post-two-below'],
  [/\b(?:front[- ]post|fp(?=[a-z]))/i, 'front-post'],
  [/\b(?:back[- ]post|bp(?=[a-z]))|\braised\b/i, 'back-post'],
  [/\bspike\b/i, 'spike'],
  [/\bthird[- ]?(?:loops?|lps?)\b/i, 'third-loop'],
  [/\bfront[- ]?(?:loops?|lps?)\b|\bflo\b|\btfl\b|\bin fl\b/i, 'front-loop'],
  [/\bback[- ]?(?:loops?|lps?)\b|\bblo\b|\btbl\b|\bin bl\b/i, 'back-loop'],
];

/** Notes at each stitch which loops it goes into, as far as the words up to the next comma say. */
export function withLoops(items: readonly Instruction[], text: string): Instruction[] {
  return items.map((item): Instruction => {
    if (item.do === 'repeat' || item.do === 'into') return { ...item, items: withLoops(item.items, text) };
    if (item.do !== 'work') return item;
    const words = text.slice(item.from, item.to) + (/^[^,;:.*()[\]]*/.exec(text.slice(item.to))?.[0] ?? '');
    const into = LOOPS.find(([found]) => found.test(words))?.[1];
    if (into !== undefined) return { ...item, into };
    return item.isLoop || item.stitch.isDeep ? { ...item, into: 'other' } : item;
  });
}
