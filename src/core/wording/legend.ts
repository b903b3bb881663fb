import type { Into, StitchKind } from '@/core/stitches';
import { abbreviation, meaningOf, stitchAbbreviations } from './stitchText';
import { term, type TermSet } from './terms';

/** Words that are short for others, whatever is worked; each with what it is found by in a text. */
const COMMON: readonly [short: string, found: RegExp, meaning: string][] = [
  ['ch', /\bchs?\b(?!-)/, 'chain'],
  ['ch-sp', /\bch-sps?\b/, 'the space under a chain'],
  ['st, sts', /\bsts?\b/, 'stitch, stitches'],
  ['rep', /\brep\b/, 'repeat'],
  ['RS, WS', /\((?:RS|WS)\)/, 'right side, wrong side: the side that faces you while you work the row'],
];

/** The most legs that are looked for under one top. */
const MOST_TOGETHER = 9;

/**
 * Every abbreviation that a text uses with what it stands for, and none that it does not use.
 *
 * @param text the rows and steps of a pattern, in one set of terms
 *
 * @example
 * legendOf('sc in next st, turn.', 'us') // => ['sc = single crochet', 'st, sts = stitch, stitches']
 */
export function legendOf(text: string, terms: TermSet): string[] {
  // What an explanation is short for is explained as well.
  const first = explained(text, terms);
  return explained([text, ...first.map((line) => line.slice(line.indexOf(' = ') + 3))].join('\n'), terms);
}

function explained(text: string, terms: TermSet): string[] {
  const lines = new Map<string, string>();
  const add = (short: string, meaning: string) => {
    if (short !== meaning) lines.set(short, meaning);
  };
  for (const kind of new Set(stitchAbbreviations(terms).values())) {
    const plain = abbreviation({ work: kind, into: 'stitch', over: 1 }, terms);
    const forms = formsOf(kind, terms, text).filter(({ short }) => uses(text, short));
    if (uses(text, plain) || forms.length > 0) add(plain, meaningOf({ work: kind, into: 'stitch', over: 1 }, terms));
    for (const { short, meaning } of forms) add(short, meaning);
    if (text.includes(`foundation ${plain}`))
      add(
        `foundation ${plain}`,
        `${plain} that makes its own chain below it: the chain of each is worked with the stitch`,
      );
  }
  if (/free loop below/.test(text))
    add('free loop', 'the loop that the row below left free; find as many as there are stitches in every row');
  for (const [short, found, meaning] of COMMON) if (found.test(text)) add(short, meaning);
  return [...lines].map(([short, meaning]) => `${short} = ${meaning}`);
}

/** A stitch worked round a post, drawn out, or joined with others. */
function formsOf(work: StitchKind, terms: TermSet, text: string): { short: string; meaning: string }[] {
  const deep = new RegExp(`FP${term('frontPostTr', terms).slice(2)}[^.]*two rows below`).test(text);
  const into = (where: Into, over = 1) => ({
    short: abbreviation({ work, into: where, over }, terms),
    meaning: meaningOf({ work, into: where, over }, terms),
  });
  return [
    into(deep && work === 'tr' ? 'front-post-two-below' : 'front-post'),
    into('spike'),
    ...Array.from({ length: MOST_TOGETHER - 1 }, (_, legs) => into('stitch', legs + 2)),
  ];
}

/** A whole word of a text; one that others are made of is no use of it there. */
const uses = (text: string, short: string): boolean =>
  new RegExp(`(?<![\\w-])(?<!FP|spike |foundation )${short.replace(/[()]/g, '\\$&')}s?(?![\\w-])`).test(text);
