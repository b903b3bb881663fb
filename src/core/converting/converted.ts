import { LANGUAGE_IDS, translatorOf, type LanguageId } from '@/core/language';
import { readPattern, type ReadPattern, type ReadRow, type ReadWords } from '@/core/reader';
import { stitchAbbreviations, stitchFullName, translateTerms } from '@/core/wording';

const isLanguage = (words: ReadWords): words is LanguageId => (LANGUAGE_IDS as readonly string[]).includes(words);

/** A line that tells a row, in any language. */
const ROW = /^\W*(?:\d+(?:st|nd|rd|th|ª)\s+\p{L}+|\p{L}+\.?\s*(?:\p{L}+\s)?\d+)[^:]{0,60}:/u;

/** A text in other words. Or nothing of it is changed: a row has words that are not known there, or its rows would come out otherwise. */
export type Converted = { ok: true; text: string } | { ok: false; line: string; words: string[] };

/**
 * A text from one set of terms, or one language, in another. Between languages every row is said whole or nothing is; prose stays as it is where it isn’t known.
 *
 * @example
 * converted('Row 1: dc in each st across.', 'us', 'uk') // => { ok: true, text: 'Row 1: tr in each st across.' }
 * converted('Row 1: sc in each st across.', 'us', 'it') // => { ok: true, text: 'Riga 1: mb in ogni m fino alla fine.' }
 * converted('Riga 1: mb in ogni m fino alla fine.', 'it', 'uk') // => { ok: true, text: 'Row 1: dc in each st across.' }
 * converted('Row 1: sc in each petal.', 'us', 'it') // => { ok: false, line: 'Row 1: sc in each petal.', words: ['in', 'each', 'petal'] }
 */
export function converted(text: string, from: ReadWords, to: ReadWords): Converted {
  if (from === to) return { ok: true, text };
  const inUs: Converted = isLanguage(from)
    ? lineByLine(text, translatorOf(from).back)
    : { ok: true, text: from === 'us' ? text : translateTerms(text, from, 'us') };
  if (!inUs.ok) return inUs;
  if (!isLanguage(to)) return { ok: true, text: to === 'us' ? inUs.text : translateTerms(inUs.text, 'us', to) };
  const { into } = translatorOf(to);
  const done = lineByLine(inUs.text, (line) => {
    const said = into(line);
    return said.left.length === 0 ? said : into(inShortWords(line));
  });
  if (!done.ok) return done;
  const row = differentRow(readPattern(text, from), readPattern(done.text, to));
  return row === null ? done : { ok: false, line: text.slice(row.from, row.to), words: [] };
}

/** The first row that comes out otherwise in another text; null where all come out alike. */
function differentRow(one: ReadPattern, other: ReadPattern): ReadRow | null {
  const [rows, others] = [one, other].map(({ parts }) => parts.flatMap((part) => part.rows)) as [ReadRow[], ReadRow[]];
  const at = rows.findIndex(
    ({ out, isRight }, index) => others[index]?.out !== out || others[index]?.isRight !== isRight,
  );
  return at < 0 ? null : (rows[at] ?? null);
}

function lineByLine(text: string, translate: (line: string) => { text: string; left: string[] }): Converted {
  const lines: string[] = [];
  for (const line of text.split('\n')) {
    const { text: done, left } = translate(line);
    if (left.length > 0 && ROW.test(line)) return { ok: false, line, words: left };
    lines.push(left.length === 0 ? done : line);
  }
  return { ok: true, text: lines.join('\n') };
}

/** Words that patterns have for the usual short ones, US. */
const SHORT: readonly (readonly [words: RegExp, short: string])[] = [
  ...[...stitchAbbreviations('us')]
    .map(([short, kind]) => [stitchFullName(kind, 'us'), short] as const)
    .filter(([full, short]) => full !== short)
    .sort((one, other) => other[0].length - one[0].length)
    .map(([full, short]) => [new RegExp(`\\b${full}s?\\b`, 'gi'), short] as const),
  [/\bstitches\b/gi, 'sts'],
  [/\bstitch\b/gi, 'st'],
  [/\bchain[- ]spaces?\b|\bch-\d+ sps?\b|\bch sps?\b/gi, 'ch-sp'],
  [/(?<!\b(?:next|last|first) )\b(\d+) ?ch(?:ains?|s)?\b/gi, 'ch $1'],
  [/\bchains\b/gi, 'chs'],
  [/\bchain\b/gi, 'ch'],
  [/\b(?:into|through)\b/gi, 'in'],
  [/\bthe (?=next|last|first|same|each|\d)/gi, ''],
  [/\b(?:following|foll?)\b/gi, 'next'],
  [/\bevery\b/gi, 'each'],
  [/\brnds\b/gi, 'rounds'],
  [/\brnd\b/gi, 'round'],
  [/\brepeat from\b/gi, 'rep from'],
  [/\b(?:to|until) (?:the )?end of (?:the )?round\b/gi, 'around'],
  [/\b(?:to|until) (?:the )?end(?: of (?:the )?row)?\b/gi, 'across'],
  [/\b(?:sk|skip) (\d+) (sts?|chs?)\b/gi, 'skip next $1 $2'],
  [/\bskip next 1 (st|ch)s?\b/gi, 'skip next $1'],
  [/\bsk\b/gi, 'skip'],
  [/\bin next (\d+) (sts|chs)\b/gi, 'in each of next $1 $2'],
  [/\b(sc|hdc|dc|tr|sl st) in each of next 1 sts?\b/gi, '$1 in next st'],
  [/\bsecond (?=ch)/gi, '2nd '],
  [/\bthird (?=ch)/gi, '3rd '],
  [/\bfourth (?=ch)/gi, '4th '],
  [/\b(?:a |an )?(?:magic|adjustable) (?:ring|circle)\b|\bMR\b|\bmc\b/gi, 'magic ring'],
  [/\b(rows?|rounds?) (\d+) ?[-–—] ?(\d+)/gi, '$1 $2 to $3'],
  [
    /\b(?:working )?(?:along|on|in|into) (?:the )?(?:other|opposite) side of (?:the )?(?:foundation |starting )?ch\b/gi,
    'along the other side of the chain',
  ],
  [/\buntil (\d+) sts remain\b/gi, 'to last $1 sts'],
  [/\bskip (\d+) chs?\b/gi, 'skip next $1 chs'],
  [/\bin each of next (\d+) ch(?!s)/gi, 'in each of next $1 chs'],
  [/\bin next (\d+) ch(?!s)/gi, 'in each of next $1 chs'],
  [/\bin (last|first) (\d+) ch(?!s)/gi, 'in $1 $2 chs'],
  [/ x (\d+)\b/gi, ' $1 times'],
  [/\bright side\b/gi, 'RS'],
  [/\bwrong side\b/gi, 'WS'],
];

/** A line of strangers’ words in the usual short ones. */
const inShortWords = (line: string): string => SHORT.reduce((now, [words, short]) => now.replace(words, short), line);
