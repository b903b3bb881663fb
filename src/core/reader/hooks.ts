import { HOOK_LETTERS } from '@/core/yarn';
import type { ReaderFault } from './fault';

/** A hook by its letter and its millimetres: “H-8 (5 mm)”, “5.0 mm/US H”, “size H/8 5 mm”. */
const LETTER_FIRST =
  /\b(?:US\s*)?([A-Z])(?:\s*[-/]\s*\d{1,2}(?:\.5|½|1\/2)?)?\s*(?:hook\s*)?[(/,]?\s*(\d{1,2}(?:[.,]\d{1,2})?)\s*-?mm\b/g;
const MM_FIRST =
  /\b(\d{1,2}(?:[.,]\d{1,2})?)\s*-?mm\b\s*[(/,]?\s*(?:US\s*)?(?:size\s*)?([A-Z])\b(?=\s*[-/)\d]|\s*(?:crochet )?hook|\s*[.,]|\s*$)/g;

/** Letters of one hook, each alone: “K” of “K-10.5”. */
const sizeOf = (letter: string): [string, number] | null => {
  const found = Object.entries(HOOK_LETTERS).find(([name]) => name.split(/[-/ ]/)[0] === letter);
  return found ? [found[0], found[1]] : null;
};

/**
 * Where a hook's letter and its millimetres name two hooks.
 *
 * Source: the hook sizes of the Craft Yarn Council, from memory.
 *
 * @example
 * hookFaults('Hook: 5 mm (H-8)') // => []
 * hookFaults('Hook: 4 mm (H-8)').map(({ code }) => code) // => ['hook-letter']
 */
export function hookFaults(text: string): ReaderFault[] {
  const faults: ReaderFault[] = [];
  const seen = new Set<number>();
  const look = (index: number, whole: string, letter: string, millimetres: string) => {
    const mm = Number(millimetres.replace(',', '.'));
    const size = sizeOf(letter);
    const from = index + whole.indexOf(millimetres);
    if (!size || seen.has(from) || mm < 1 || mm > 25 || Math.abs(size[1] - mm) < 0.01) return;
    seen.add(from);
    const span = { from, to: from + millimetres.length };
    faults.push({
      ...span,
      row: null,
      code: 'hook-letter',
      letter: size[0],
      mm,
      letterMm: size[1],
      mends: [{ ...span, text: String(size[1]) }],
    });
  };
  for (const found of text.matchAll(MM_FIRST)) look(found.index, found[0], found[2] as string, found[1] as string);
  for (const found of text.matchAll(LETTER_FIRST)) look(found.index, found[0], found[1] as string, found[2] as string);
  return faults;
}
