import type { Into, PatternRow, Step, StitchKind, Worked } from '@/core/stitches';
import { chain, skip, work } from '@/core/stitches';
import { stitchAbbreviations } from './stitchText';
import { term, type TermSet } from './terms';

/** What of a row's words can't be read. */
type RowWordsFault =
  | { code: 'nothing-written' }
  | { code: 'not-understood'; words: string }
  | { code: 'not-in-these-terms'; words: string }
  | { code: 'repeat-without-end' }
  /** The repeat is said to end so many stitches before the end, and what follows takes up another number. */
  | { code: 'end-differs'; said: number; takes: number };

export type ReadRow = { ok: true; row: PatternRow } | { ok: false; fault: RowWordsFault };

/**
 * Reads a row from its words, as the app writes them: steps with commas between, the repeat between a star and “; rep from *”.
 * A row's number, its turning chain, “turn” and its count in brackets may stand there; they are read past, since they follow.
 *
 * @param words the row in one line
 * @param terms whose words they are: the same word means another stitch in the other set
 *
 * @example
 * readRow('sc in next 2 sts, *ch 1, skip next st; rep from * across', 'us').ok // => true
 * readRow('trellis in next st', 'us') // => { ok: false, fault: { code: 'not-understood', words: 'trellis in next st' } }
 */
export function readRow(words: string, terms: TermSet): ReadRow {
  const bare = words
    .trim()
    .replace(/^(rows?|rounds?)\s+[^:]*:\s*/i, '')
    .replace(/\s*\([^)]*\)\s*$/, '')
    .replace(/[.;,]?\s*turn\.?\s*$/i, '')
    .replace(/^ch \d+ \([^)]*\),?\s*/i, '')
    .replace(/\.$/, '')
    .trim();
  if (bare === '') return { ok: false, fault: { code: 'nothing-written' } };
  const toLast = /^(?:(.*), )?([^,]+ in) each (?:st|ch) to last (?:(\d+) )?(?:sts?|chs?), (.+)$/i.exec(bare);
  if (toLast && !bare.includes('*')) {
    const read = rowOf(
      readSteps(toLast[1] ?? '', terms),
      readSteps(`${toLast[2]} next st`, terms),
      readSteps(toLast[4] as string, terms),
    );
    const takes = read.ok ? endTakes(read.row.after) : null;
    return takes === null || takes === Number(toLast[3] ?? 1)
      ? read
      : { ok: false, fault: { code: 'end-differs', said: Number(toLast[3] ?? 1), takes } };
  }
  const each = readEach(bare, terms);
  if (each) return { ok: true, row: { before: [], repeat: [each], after: [] } };

  const star = bare.indexOf('*');
  if (star < 0) return rowOf(readSteps(bare, terms), [], []);
  const rest = bare.slice(star + 1);
  const end =
    /;\s*(?:rep(?:eat)? from \*)\s*(?:across|around|to end|to last (?:(\d+) )?(ch-sps?|sts?|chs?|stitch(?:es)?|chains?))?/i.exec(
      rest,
    );
  if (!end) return { ok: false, fault: { code: 'repeat-without-end' } };
  const read = rowOf(
    readSteps(bare.slice(0, star), terms),
    readSteps(rest.slice(0, end.index), terms),
    readSteps(rest.slice(end.index + end[0].length), terms),
  );
  const [, said, noun] = end;
  if (!read.ok || noun === undefined || noun.toLowerCase().startsWith('ch-sp')) return read;
  const takes = endTakes(read.row.after);
  return takes === null || takes === Number(said ?? 1)
    ? read
    : { ok: false, fault: { code: 'end-differs', said: Number(said ?? 1), takes } };
}

/** Stitches that the end of a row takes up; null where that hangs on the chains of a space. */
function endTakes(after: readonly Step[]): number | null {
  let takes = 0;
  for (const step of after) {
    if ('skip' in step) takes += step.skip;
    if (!('work' in step)) continue;
    if (step.into === 'space') return null;
    takes += step.times * step.over;
  }
  return takes;
}

type Steps = Step[] | RowWordsFault;

function rowOf(before: Steps, repeat: Steps, after: Steps): ReadRow {
  for (const part of [before, repeat, after]) if (!Array.isArray(part)) return { ok: false, fault: part };
  return { ok: true, row: { before: before as Step[], repeat: repeat as Step[], after: after as Step[] } };
}

function readSteps(words: string, terms: TermSet): Steps {
  const steps: Step[] = [];
  for (const phrase of words.split(',').map((part) => part.trim())) {
    if (phrase === '') continue;
    const step = readStep(phrase, terms);
    if ('code' in step) return step;
    steps.push(step);
  }
  return steps;
}

const PLACE = String.raw`(?:each\s+of\s+)?(?:next|last|first)\s+(?:(\d+)\s+)?(?:st|ch|stitch|stitches|chain|chains)s?`;

/** Where the hook goes, by the words for it; the number of places is caught. */
const TARGETS: readonly [RegExp, Into][] = [
  [new RegExp(`^in back loops? of ${PLACE}$`), 'back-loop'],
  [new RegExp(`^in third loops? of ${PLACE}$`), 'third-loop'],
  [new RegExp(`^through back loops? of ${PLACE} and the free loop below it$`), 'two-layers'],
  [new RegExp(`^through both loops of ${PLACE} and the free loop below it$`), 'three-loops'],
  [new RegExp(`^round ${PLACE} two rows below$`), 'front-post-two-below'],
  [new RegExp(`^round ${PLACE}$`), 'front-post'],
  [new RegExp(`^in ${PLACE}$`), 'stitch'],
];

function readStep(phrase: string, terms: TermSet): Step | RowWordsFault {
  const words = phrase.toLowerCase().replace(/\s+/g, ' ');
  const chains = /^ch (\d+)$/.exec(words);
  if (chains) return chain(Number(chains[1]));
  const skipped = new RegExp(`^(?:skip|miss) ${PLACE}$`).exec(words);
  if (skipped) return skip(Number(skipped[1] ?? 1));

  const made = /^(?:(\d+) )?(.+?) ((?:in|round|over|through) .+)$/.exec(words);
  if (!made) return { code: 'not-understood', words: phrase };
  const each = Number(made[1] ?? 1);
  const stitch = readStitch(made[2] as string, terms);
  if (stitch === null)
    return readStitch(made[2] as string, terms === 'us' ? 'uk' : 'us') === null
      ? { code: 'not-understood', words: phrase }
      : { code: 'not-in-these-terms', words: phrase };
  const where = made[3] as string;
  if (/^in next ch-sp$/.test(where)) return { ...work(stitch.kind, 1, 'space'), each };
  const joined = new RegExp(`^over ${PLACE}$`).exec(where);
  if (joined && stitch.over > 1)
    return Number(joined[1] ?? 1) % stitch.over === 0
      ? { ...work(stitch.kind, Number(joined[1] ?? 1) / stitch.over), over: stitch.over, each }
      : { code: 'not-understood', words: phrase };
  for (const [pattern, into] of TARGETS) {
    const found = pattern.exec(where);
    if (!found) continue;
    const isPost = into === 'front-post' || into === 'front-post-two-below';
    if (isPost !== stitch.post || (stitch.spike && into !== 'stitch')) break;
    return { ...work(stitch.kind, Number(found[1] ?? 1), stitch.spike ? 'spike' : into), each };
  }
  return { code: 'not-understood', words: phrase };
}

/** `sc in each st across`, `FPdc round each st two rows below across`: one stitch all along. */
function readEach(words: string, terms: TermSet): Worked | null {
  const found =
    /^(.+ )each (?:st|ch|stitch|chain)((?: two rows below| and the free loop below it)?) (?:across|around)$/i.exec(
      words,
    );
  if (!found) return null;
  const step = readStep(`${found[1]}next st${found[2]}`, terms);
  return 'work' in step ? step : null;
}

interface ReadStitch {
  kind: StitchKind;
  over: number;
  post: boolean;
  spike: boolean;
}

function readStitch(words: string, terms: TermSet): ReadStitch | null {
  const post = words.startsWith('fp');
  const spike = words.startsWith('spike ');
  const plain = words.replace(/^(fp|spike )/, '').replace(/s$/, (end) => (words.startsWith('bobble') ? '' : end));
  const together = /^(.+?)(\d+)tog$/.exec(plain);
  const name = together ? (together[1] as string) : plain;
  const kind = stitchAbbreviations(terms).get(name);
  return kind === undefined ? null : { kind, over: Number(together?.[2] ?? 1), post, spike };
}

/** Says what of a row's words can't be read, and what would be. */
export function rowFaultSentence(fault: RowWordsFault, terms: TermSet): string {
  const short = term('sc', terms);
  switch (fault.code) {
    case 'nothing-written':
      return `Write what is worked in this row, such as “${short} in each st across”.`;
    case 'repeat-without-end':
      return 'After the star, say where the repeat ends: “; rep from * across” or “; rep from * to last 2 sts”.';
    case 'end-differs':
      return `The repeat is to end ${fault.said} ${fault.said === 1 ? 'st' : 'sts'} before the end, and what follows takes up ${fault.takes}. Which is it?`;
    case 'not-in-these-terms':
      return `“${fault.words}” is said in ${terms === 'us' ? 'UK' : 'US'} words, and you work in ${terms === 'us' ? 'US' : 'UK'} ones. Which stitch is it?`;
    case 'not-understood':
      return `“${fault.words}” is not understood. Steps read like “${short} in next 2 sts”, “ch 1” or “${term('skip', terms)} next st”, with commas between.`;
  }
}
