import { patternOf, type Design, type StitchChoice } from '@/core/design';
import {
  foundationOf,
  isRaised,
  plainStitchOf,
  rowLike,
  rowOf,
  turningChainOf,
  workPattern,
  type Cell,
  type PatternRow,
  type Step,
  type StitchPattern,
  type Worked,
} from '@/core/stitches';
import { ordinal, type Noun } from './counting';
import { abbreviation, singleStitch, stepWords } from './stitchText';
import { term, type TermSet } from './terms';

type Settings = Pick<Design['settings'], 'terms' | 'turningChain' | 'foundation'>;

/** The design as far as its strap's rows go: in the plain stitch that goes with the panel's. */
export const inPlainStitch = (design: Design): Design => ({
  ...design,
  stitch: plainStitchOf(patternOf(design)).id as StitchChoice,
  plainEdge: 0,
});

/** "40 sc", in the maker's terms; "41 sts" where a row has more than one kind. */
export function stitchCountWord(design: Design, count: number): string {
  const pattern = patternOf(design);
  const kinds = [...pattern.setupRows, ...pattern.rows].map(singleStitch);
  return kinds.every((kind) => kind?.work === pattern.base)
    ? `${count} ${abbreviation({ work: pattern.base, into: 'stitch', over: 1 }, design.settings.terms)}`
    : `${count} sts`;
}

/** Where the last stitch goes over a row that begins with a chain that counts. */
export const IN_TURNING_CHAIN = ', the last in top of turning ch';

/**
 * Every further row of a fabric of one row in words. `rows` names it: "Row 2", "Rows 2 to 30".
 *
 * @param belowCounts whether the row below begins with a chain that counts, into which the last stitch then goes
 */
export const furtherRowText = (design: Design, count: number, rows: string, belowCounts: boolean): string =>
  patternRowText(patternOf(design), 2, count, design.settings, rows, belowCounts);

/** Whether the first row begins with chains that count: those that were passed over. Foundation stitches are stitches, all of them. */
export const firstRowCounts = (settings: Settings, pattern: StitchPattern): boolean =>
  settings.turningChain === 'counts' && foundationOf(pattern, settings.foundation) === 'chain';

/**
 * A row of a pattern in words, with its side, its turning chain in either school and its count.
 *
 * @param row the row's number in the work, from 1
 * @param count stitches in the row
 * @param named how the row is called where it isn't just "Row 3": "Rows 2 to 30"; its side is then left out
 * @param belowCounts whether the row below begins with a chain that counts, into which the last stitch then goes
 *
 * @example
 * patternRowText(STITCHES.linen, 1, 7, { terms: 'uk', turningChain: 'does-not-count', foundation: 'chain' }) // => 'Row 1 (RS): beginning in 2nd ch from hook, dc in next ch, *ch 1, miss next ch, dc in next ch; rep from * across, turn. (7 sts)'
 */
export function patternRowText(
  pattern: StitchPattern,
  row: number,
  count: number,
  settings: Settings,
  named?: string,
  belowCounts = settings.turningChain === 'counts',
): string {
  const { terms } = settings;
  const pieces = rowOf(pattern, row);
  const called =
    named ?? `${pattern.inRounds ? 'Round' : 'Row'} ${row}${pattern.inRounds ? '' : ` (${sideOf(pattern, row)})`}`;
  const end = endWords(pattern);
  const counted = `(${countWords(pattern, row, count, terms)})`;
  const single = singleStitch(pieces);
  if (row === 1 && foundationOf(pattern, settings.foundation) === 'foundation-stitches' && single)
    return `${called}: work ${count} foundation ${abbreviation(single, terms)}${pattern.inRounds ? ', join into a ring' : ''}${end} ${counted}`;
  return `${called}: ${saidWords(pattern, row, settings, belowCounts)}${end} ${counted}`;
}

function saidWords(pattern: StitchPattern, row: number, settings: Settings, belowCounts: boolean): string {
  const pieces = rowOf(pattern, row);
  const isFirst = row === 1 && foundationOf(pattern, settings.foundation) === 'chain';
  if (pattern.inRounds) {
    const single = singleStitch(pieces);
    const noun = isFirst ? 'ch' : 'st';
    const all = single ? eachWords(single, settings.terms, 'around', noun) : rowWords(pieces, settings.terms, noun);
    return isFirst ? `join the chain into a ring with a sl st, ${all}` : all;
  }
  return isFirst ? firstRowWords(pieces, settings) : laterRowWords(pieces, settings, belowCounts);
}

/** How a row ends: a tube goes on round and round, a cord is one row. */
function endWords({ inRounds, use }: StitchPattern): string {
  if (inRounds) return '.';
  return use === 'cord' ? ', fasten off.' : ', turn.';
}

/**
 * A pattern from its first row on in words, a line for each row, with what is repeated, and the row that closes it. A cord is one row; a
 * tube is told in rounds.
 *
 * @param count stitches in each row, one that the pattern's repeat allows
 * @param rowsInAll rows or rounds in all, the closing one among them; null: as many as it takes
 * Source: common practice, no source.
 *
 * @example
 * patternText(STITCHES['chain-cord'], 90, { terms: 'us', turningChain: 'does-not-count', foundation: 'chain' }) // => ['Row 1 (RS): sl st in 2nd ch from hook and in each ch across, fasten off. (90 sl st)']
 */
export function patternText(
  pattern: StitchPattern,
  count: number,
  settings: Settings,
  rowsInAll: number | null = null,
): string[] {
  if (pattern.use === 'cord') return [patternRowText(pattern, 1, count, settings)];
  const { setupRows, rows, inRounds, lastRow } = pattern;
  const word = inRounds ? 'round' : 'row';
  // Row 1 is worked into a chain, and is none that can be repeated.
  const from = Math.max(2, setupRows.length + 1);
  const rowCount = from + rows.length - 1;
  const until = rowsInAll === null ? '' : ` until there are ${rowsInAll - (lastRow ? 1 : 0)} ${word}s`;
  const repeated =
    rows.length === 1
      ? `Repeat ${word} ${from}${until}.`
      : `Repeat ${word}s ${from} to ${from + rows.length - 1}${until}.`;
  return [
    ...Array.from({ length: rowCount }, (_, index) =>
      patternRowText(
        pattern,
        index + 1,
        count,
        settings,
        undefined,
        index === 1 ? firstRowCounts(settings, pattern) : undefined,
      ),
    ),
    repeated,
    ...(lastRow ? [`Last row: ${lastRowWords(pattern, lastRow, count, settings)}`] : []),
  ];
}

const lastRowWords = (pattern: StitchPattern, lastRow: PatternRow, count: number, settings: Settings): string =>
  `${laterRowWords(lastRow, settings, settings.turningChain === 'counts')}, fasten off. (${countWords({ ...pattern, setupRows: [lastRow] }, 1, count, settings.terms)})`;

/**
 * The same rows, each in words of its own and without its number: as many as there are in all.
 *
 * @example
 * patternRowWords(STITCHES.sc, 4, { terms: 'us', turningChain: 'does-not-count', foundation: 'chain' }, 3)[2] // => 'ch 1 (does not count as a st), sc in each st across, turn. (4 sc)'
 */
export const patternRowWords = (
  pattern: StitchPattern,
  count: number,
  settings: Settings,
  rowsInAll: number,
): string[] =>
  Array.from({ length: rowsInAll }, (_, index) =>
    pattern.lastRow && index > 0 && index === rowsInAll - 1
      ? lastRowWords(pattern, pattern.lastRow, count, settings)
      : patternRowText(
          pattern,
          index + 1,
          count,
          settings,
          undefined,
          index === 1 ? firstRowCounts(settings, pattern) : undefined,
        ).replace(/^[^:]*: /, ''),
  );

/** A pattern's row in words on its own: no number, no turning chain, no count. */
export const bareRowText = (row: PatternRow, terms: TermSet): string => {
  const single = singleStitch(row);
  return single ? eachWords(single, terms) : rowWords(row, terms, 'st');
};

/** The side that a row shows to its worker when it is done: the public side, or the other. */
export const sideOf = (pattern: StitchPattern, row: number): 'RS' | 'WS' =>
  (row % 2 === 1) === pattern.firstRowPublic ? 'RS' : 'WS';

function firstRowWords(row: PatternRow, { terms, turningChain }: Settings): string {
  const first = firstStitch(row);
  const passed = turningChainOf(first.work)[turningChain].skippedInFoundation;
  const single = singleStitch(row);
  const short = abbreviation(first, terms);
  if (single) {
    const standsFor =
      turningChain === 'counts'
        ? ` (${term('skipped', terms)} ch ${passed === 1 ? 'counts' : 'count'} as first ${short})`
        : '';
    const [where, andWhere] = first.into === 'back-loop' ? ['in back loop of', 'of'] : ['in', 'in'];
    return `${short} ${where} ${ordinal(passed + 1)} ch from hook${standsFor} and ${andWhere} each ch across`;
  }
  return turningChain === 'counts'
    ? `${term('skip', terms)} ${passed === 1 ? 'first ch (counts' : `first ${passed} chs (count`} as first ${short}), ${rowWords(withoutFirst(row), terms, 'ch')}`
    : `beginning in ${ordinal(passed + 1)} ch from hook, ${rowWords(row, terms, 'ch')}`;
}

function laterRowWords(row: PatternRow, { terms, turningChain }: Settings, belowCounts: boolean): string {
  const first = firstStitch(row);
  const { chains } = turningChainOf(first.work)[turningChain];
  const single = singleStitch(row);
  const all = single ? eachWords(single, terms) : rowWords(row, terms, 'st');
  const short = abbreviation({ ...first, into: 'stitch' }, terms);
  if (turningChain === 'counts') {
    const rest = single ? all : rowWords(withoutFirst(row), terms, 'st');
    return `ch ${chains} (counts as first ${short}), ${term('skip', terms)} first st, ${rest}${belowCounts ? IN_TURNING_CHAIN : ''}`;
  }
  return `ch ${chains} (does not count as a st), ${all}`;
}

/** `sc in each st across`, with the loop it goes into. */
const eachWords = (single: Worked, terms: TermSet, way: 'across' | 'around' = 'across', noun: Noun = 'st'): string =>
  stepWords(single, terms, noun).replace(`next ${noun}`, `each ${noun}`).concat(` ${way}`);

/** Steps before the repeat, the repeat between its stars, steps after it. */
function rowWords({ before, repeat, after }: PatternRow, terms: TermSet, noun: Noun): string {
  const words = (steps: readonly Step[]) => steps.map((step) => stepWords(step, terms, noun));
  const repeated = repeat.length === 0 ? [] : [`*${words(repeat).join(', ')}; rep from * ${untilWords(after, noun)}`];
  return [...words(before), ...repeated, ...words(after)].join(', ');
}

function untilWords(after: readonly Step[], noun: Noun): string {
  const [first] = after;
  if (first === undefined) return 'across';
  if ('work' in first && first.into === 'space') return 'to last ch-sp';
  const left = after.reduce(
    (sum, step) => sum + ('work' in step ? step.times * step.over : 'skip' in step ? step.skip : 0),
    0,
  );
  return left === 1 ? `to last ${noun}` : `to last ${left} ${noun}s`;
}

/** The row without its first stitch, for which a turning chain stands. */
function withoutFirst({ before, repeat, after }: PatternRow): PatternRow {
  if (before.length === 0) return withoutFirst({ before: repeat, repeat, after });
  const [first, ...rest] = before as [Worked, ...Step[]];
  return { before: first.times > 1 ? [{ ...first, times: first.times - 1 }, ...rest] : rest, repeat, after };
}

/** The stitch that a row begins with. @throws Error for a row that begins with none: it could not be turned into */
function firstStitch({ before, repeat }: PatternRow): Worked {
  const [first] = [...before, ...repeat];
  if (first === undefined || !('work' in first)) throw new Error('a row begins with a stitch');
  return first;
}

function countWords(pattern: StitchPattern, row: number, count: number, terms: TermSet): string {
  const single = singleStitch(rowOf(pattern, row));
  if (single) return `${count} ${abbreviation(single, terms)}`;
  const like = rowLike(pattern, row);
  const worked = workPattern(pattern, count, like);
  const cells: readonly Cell[] = worked.ok ? (worked.rows[like - 1] ?? []) : [];
  const special = new Map<string, number>();
  for (const cell of cells)
    if (cell.made === 'stitch' && isRaised(cell.step)) {
      const short = abbreviation(cell.step, terms);
      special.set(short, (special.get(short) ?? 0) + 1);
    }
  const extra = [...special].map(
    ([short, times]) => `${times} ${short}${short === 'bobble' && times !== 1 ? 's' : ''}`,
  );
  return [`${count} sts`, ...extra].join(', ');
}
