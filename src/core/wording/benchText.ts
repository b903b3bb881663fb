import { rowToWork, type CountCause, type CountCheck, type CountedWork } from '@/core/bench';
import { roundWayOf } from '@/core/body';
import { patternOf, type Design } from '@/core/design';
import type { FittingGroup } from '@/core/fittings';
import type { ZoneId } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { rowLike } from '@/core/stitches';
import { colourChanges } from './colourText';
import { FITTING_WORDS, wordsOf } from './fittings';
import { foldWords } from './pieceText';
import { placeText } from './placeText';
import { sideOf } from './rowText';
import { stitchAbbreviations, stitchName } from './stitchText';
import type { TermSet } from './terms';

/** Something that is to be done at a row, or that lies on it. */
export interface Due {
  row: number;
  /** Once the row is worked; while it is worked; or it only lies there, and is set later. */
  when: 'after' | 'in' | 'lies';
  says: string;
  /** Its mark on the drawings. */
  mark: string | null;
}

/** What is said where a part of the bag begins. */
const ZONE_BEGINS: Record<ZoneId, string> = {
  front: 'the front begins',
  back: 'the back begins',
  bridge: 'what goes over the top begins',
  flap: 'the flap begins',
  hem: 'the hem begins',
  sides: 'the sides begin',
  gusset: 'the gusset begins',
  band: 'the band begins',
};

/** What is set on a row by its count. */
const SET_BY_COUNT: ReadonlySet<FittingGroup> = new Set(['closures', 'hardware', 'straps', 'trims']);

/** All that is to be minded while a piece is worked, by its rows: folds to be marked, parts that begin, what is worked in, and where what is set later will lie. */
export function duesOf(design: Design, plan: Plan, piece: CountedWork, fittingWords = FITTING_WORDS): Due[] {
  if (piece.kind !== 'rows') return [];
  const folds = piece.lines.flatMap(({ kind, mark, afterRow }): Due[] => {
    const words = kind === 'fold' ? foldWords(mark) : null;
    return words === null ? [] : [{ row: afterRow, when: 'after', says: `marker at both ends: ${words}`, mark }];
  });
  const begins = piece.zones.flatMap(({ id, fromRow }): Due[] =>
    fromRow > 1 ? [{ row: fromRow, when: 'in', says: ZONE_BEGINS[id], mark: null }] : [],
  );
  const workedIn = plan.fittings.flatMap((stage) =>
    (wordsOf(stage, fittingWords).inRows?.(stage) ?? [])
      .filter((one) => one.piece === piece.id)
      .map(({ row, says }): Due => ({ row, when: 'in', says, mark: null })),
  );
  const lies = plan.marks.flatMap(({ piece: on, of, mark, alongMm, count, presence }): Due[] => {
    if (on !== piece.id || presence !== 'set' || count === null || !SET_BY_COUNT.has(of.group)) return [];
    const stage = plan.fittings.find(({ at }) => at.group === of.group && at.index === of.index);
    const name = stage && wordsOf(stage, fittingWords).title;
    const row = Math.floor(alongMm / piece.rowMm + 1e-9) + 1;
    return name
      ? [{ row, when: 'lies', says: `${name.toLowerCase()} ${placeText(count.place)} of ${count.ofStitches}`, mark }]
      : [];
  });
  const colours = colourChanges(design, piece).map(({ row, says }): Due => ({ row, when: 'in', says, mark: null }));
  const said = new Set<string>();
  return [...folds, ...begins, ...colours, ...workedIn, ...lies]
    .filter(({ row, says }) => row <= piece.rows.length && !said.has(`${row} ${says}`) && said.add(`${row} ${says}`))
    .sort((one, other) => one.row - other.row);
}

/** How near a row is: "now", "in the next row", "in 5 rows". */
export function dueIn(due: Pick<Due, 'row'>, rowNow: number, counted: 'row' | 'round' = 'row'): string {
  const rows = due.row - rowNow;
  if (rows === 0) return 'now';
  return rows === 1 ? `in the next ${counted}` : `in ${rows} ${counted}s`;
}

/** Which face looks at her while she works a row; null in rounds that are never turned: there it is always the outer one. */
export function sideFacing(design: Design, piece: CountedWork, row: number): 'RS' | 'WS' | null {
  if (piece.kind === 'beside') return !piece.turned ? null : row % 2 === 1 ? 'RS' : 'WS';
  const pattern = patternOf(design);
  if (piece.kind === 'disc' || piece.kind === 'oval') return null;
  if (piece.kind !== 'rows' || piece.plain) return row % 2 === 1 ? 'RS' : 'WS';
  const goesRound = row <= piece.roundCount;
  if (goesRound && !('rounds' in design.body && roundWayOf(design.body, pattern) === 'turned')) return null;
  return sideOf(pattern, row);
}

/** Which row of the pattern's repeat a row is; null in a fabric whose rows are all alike. */
export function phaseOf(design: Design, piece: CountedWork, row: number): { row: number; of: number } | null {
  const pattern = patternOf(design);
  const of = pattern.rows.length;
  if (piece.kind !== 'rows' || piece.plain || of < 2) return null;
  const like = rowLike(pattern, row) - pattern.setupRows.length;
  return like < 1 ? null : { row: ((like - 1) % of) + 1, of };
}

/**
 * How often the repeat of a row comes, to be counted off; null where a row has none, or where its sides cut one.
 */
export function repeatsIn(design: Design, piece: CountedWork, row: number): number | null {
  const { repeatStitches, edgeStitches } = patternOf(design);
  const work = rowToWork(piece, row);
  if (!work || piece.kind !== 'rows' || piece.plain || repeatStitches < 2 || work.by !== 'nothing') return null;
  const inRepeats = work.counted === 'round' ? work.stitches : work.stitches - edgeStitches;
  return inRepeats > 0 && inRepeats % repeatStitches === 0 ? inRepeats / repeatStitches : null;
}

/** What a row does to the count, in words; null where nothing. */
export function shapingText(piece: CountedWork, row: number): string | null {
  const work = rowToWork(piece, row);
  const change = work ? work.stitches - work.before : 0;
  if (!work || row === 1 || change === 0) return null;
  const { counted } = work;
  const more = `${Math.abs(change)} ${Math.abs(change) === 1 ? 'stitch' : 'stitches'} ${change > 0 ? 'more' : 'fewer'} than the ${counted} before`;
  return work.by === 'leaving' ? `${more}: left unworked at the sides` : more;
}

/** What her count says, and where to look. */
export function countSentences({ off, causes }: CountCheck, counted: 'row' | 'round'): string[] {
  if (off === 0) return [`That is as planned for this ${counted}.`];
  const many = Math.abs(off);
  const first = `${many} ${many === 1 ? 'stitch' : 'stitches'} ${off < 0 ? 'too few' : 'too many'}.`;
  return [first, ...causes.map((cause) => CAUSES[cause.kind](cause as never, off, counted))];
}

const CAUSES: {
  [K in CountCause['kind']]: (cause: Extract<CountCause, { kind: K }>, off: number, counted: 'row' | 'round') => string;
} = {
  'shaping-forgotten': ({ perSide }, _, counted) =>
    `It is what the ${counted} before has: the ${perSide === 1 ? 'stitch' : `${perSide} stitches`} to be changed at either side were probably worked straight.`,
  'one-side': ({ perSide }) =>
    `Only one side was shaped, it seems: look at both ends for ${perSide === 1 ? 'the stitch' : `${perSide} stitches`} that the other one has.`,
  'row-ahead': (_, __, counted) =>
    `It is what the next ${counted} is to have: a ${counted} more may be worked than is counted here.`,
  repeats: ({ repeats, stitches }, off) =>
    `It comes to ${repeats === 1 ? 'one repeat' : `${repeats} repeats`} of ${stitches}: look for ${off < 0 ? 'one that was passed over' : 'one that was worked twice'} in the middle.`,
  'turning-chain': (_, off) =>
    off < 0
      ? 'It is likely at the end: the last stitch goes into the top of the turning chain, which counts as a stitch.'
      : 'It is likely at the beginning: the turning chain counts as the first stitch, so nothing is worked into its foot.',
  ends: (_, off) =>
    off < 0
      ? 'Look at both ends first: the last stitch of the row is easily missed.'
      : 'Look at both ends first: a stitch is easily worked twice there.',
  join: (_, off) =>
    off < 0
      ? 'Look where the round closes: the first stitch is easily passed over.'
      : 'Look where the round closes: the slip stitch that joins is none of the count.',
  somewhere: () =>
    'Nothing tells where. Count in tens from one end, a marker in every tenth stitch, and compare with the row below.',
};

/**
 * The words of a row as they are read aloud: every abbreviation by its name, and no signs.
 *
 * @example
 * spokenRow('sc in each st across, turn. (30 sc)', 'us') // => 'single crochet in each stitch across, turn. 30 single crochet'
 * spokenRow('*dc4tog over next 4 sts, ch 3; rep from * across', 'us') // => 'double crochet 4 together over next 4 stitches, chain 3, repeat across'
 */
export function spokenRow(words: string, terms: TermSet): string {
  const names = new Map<string, string>(COMMON_WORDS);
  for (const [short, kind] of stitchAbbreviations(terms))
    if (kind !== 'bobble') names.set(short, stitchName(kind, terms));
  return words
    .replace(/; rep from \*/g, ', repeat')
    .replace(/sl st/g, 'slip stitch')
    .replace(/\bFP(\w+)/g, 'front post $1')
    .replace(/\b([a-z]+?)(\d+)tog\b/g, '$1 $2 together')
    .replace(/[A-Za-z][\w-]*/g, (word) => names.get(word) ?? word)
    .replace(/[()*[\]]/g, '')
    .replace(/\s+/g, ' ')
    .trim();
}

const COMMON_WORDS: readonly (readonly [string, string])[] = [
  ['st', 'stitch'],
  ['sts', 'stitches'],
  ['ch', 'chain'],
  ['ch-sp', 'chain space'],
  ['ch-sps', 'chain spaces'],
  ['chs', 'chains'],
  ['rep', 'repeat'],
];
