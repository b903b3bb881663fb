import { LANGUAGES, type LanguageId } from '@/core/language';
import type { StitchKind } from '@/core/stitches';
import { stitchAbbreviations, stitchFullName } from '../stitchText';
import type { TermSet } from '../terms';

/** What short words of a pattern are in full. */
interface FullWords {
  /** By the short word in lower case: in full, and several of them. */
  stitches: ReadonlyMap<string, readonly [one: string, several: string]>;
  /** Before a stitch, and behind one; the number of stitches joined as `{n}`. */
  before: ReadonlyMap<string, string>;
  behind: ReadonlyMap<string, string>;
  together: readonly [short: string, full: string];
  others: readonly (readonly [found: RegExp, full: string])[];
}

const ENGLISH_OTHERS: FullWords['others'] = [
  [/\bch-sps\b/g, 'chain spaces'],
  [/\bch-sp\b/g, 'chain space'],
  [/\bchs\b/g, 'chains'],
  [/\bch\b/g, 'chain'],
  [/\bCh\b/g, 'Chain'],
  [/\bsts\b/g, 'stitches'],
  [/\bst\b/g, 'stitch'],
  [/\brep\b/g, 'repeat'],
  [/\bRS\b/g, 'right side'],
  [/\bWS\b/g, 'wrong side'],
];

const severalOf = (name: string): string =>
  name.endsWith('stitch') ? `${name}es` : name.endsWith('s') ? name : `${name}s`;

function englishWords(terms: TermSet): FullWords {
  const stitches = new Map<string, readonly [string, string]>();
  for (const [short, kind] of stitchAbbreviations(terms)) {
    const full = stitchFullName(kind as StitchKind, terms);
    stitches.set(short, [full, severalOf(full)]);
  }
  return {
    stitches,
    before: new Map([
      ['fp', 'front post '],
      ['spike ', 'spike '],
    ]),
    behind: new Map(),
    together: ['{n}tog', ' {n} together'],
    others: ENGLISH_OTHERS,
  };
}

function wordsOfLanguage(id: LanguageId): FullWords {
  const { stitches, together, frontPost, spike, shortWords } = LANGUAGES[id];
  return {
    stitches: new Map(stitches.map(([, short, full, several]) => [short.toLowerCase(), [full, several] as const])),
    before: new Map(),
    behind: new Map([frontPost, spike].map(([short, full]) => [short.toLowerCase(), full])),
    together,
    others: shortWords,
  };
}

const quoted = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const anyOf = (words: Iterable<string>): string =>
  [...words]
    .sort((one, other) => other.length - one.length)
    .map(quoted)
    .join('|');

/** Spells out every short word of a text. */
function spellOut(text: string, words: FullWords): string {
  const [shortTogether, fullTogether] = words.together;
  const together = quoted(shortTogether).replace('\\{n\\}', String.raw`(?<over>\d+)`);
  const before = words.before.size > 0 ? `(?<lead>${anyOf(words.before.keys())})?` : '';
  const behind = words.behind.size > 0 ? `(?<tail>${anyOf(words.behind.keys())})?` : '';
  const stitch = new RegExp(
    String.raw`(?<![\p{L}\p{N}-])(?<number>\d+ )?${before}(?<short>${anyOf(words.stitches.keys())})${behind}(?:${together}|(?<several>s))?(?![\p{L}\p{N}-])`,
    'giu',
  );
  const stitched = text.replace(stitch, (...found) => {
    const {
      number = '',
      lead = '',
      short = '',
      tail = '',
      over,
      several,
    } = found.at(-1) as Record<string, string | undefined>;
    const [one, more] = words.stitches.get(short.toLowerCase()) ?? [short, short];
    const isMore = several !== undefined || (number !== '' && Number(number) !== 1 && over === undefined);
    const whole = `${words.before.get(lead.toLowerCase()) ?? ''}${isMore ? more : one}${words.behind.get(tail.toLowerCase()) ?? ''}`;
    const isCapital = lead === '' && short.charAt(0) !== short.charAt(0).toLowerCase();
    const written = isCapital ? whole.charAt(0).toUpperCase() + whole.slice(1) : whole;
    return `${number}${written}${over === undefined ? '' : fullTogether.replace('{n}', over)}`;
  });
  return words.others.reduce((out, [found, full]) => out.replace(found, full), stitched);
}

const known = new Map<string, FullWords>();

/**
 * A text of a pattern with its short words in full, in a set of English terms or another language.
 *
 * @example
 * spelledOut('sc2tog over next 2 sts, 3 hdc in next ch-sp', 'us') // => 'single crochet 2 together over next 2 stitches, 3 half double crochets in next chain space'
 * spelledOut('2 cat, mma nella m seguente', 'it') // => '2 catenelle, mezza maglia alta nella maglia seguente'
 */
export function spelledOut(text: string, words: TermSet | LanguageId): string {
  const full = known.get(words) ?? (words === 'us' || words === 'uk' ? englishWords(words) : wordsOfLanguage(words));
  known.set(words, full);
  return spellOut(text, full);
}
