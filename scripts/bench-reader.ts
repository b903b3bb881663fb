/** Times the reader of patterns in Node, and counts what it finds: prints milliseconds and shares as JSON. */
import { seededRandom } from '../src/core/random';
import { readPattern } from '../src/core/reader';
import { generatedPattern, handwrittenPatterns, SEEDED, type WrittenPattern } from '../src/core/testing/corpus';
import { timesOf } from './lib/timesOf';

const ROWS = 500;
const EACH_KIND = 400;

/** A pattern of so many rows, half of them in repeats. */
const long = [
  'Ch 41.',
  'Row 1: sc in 2nd ch from hook and in each ch across. (40)',
  ...Array.from({ length: ROWS - 1 }, (_, index) =>
    index % 2
      ? `Row ${index + 2}: ch 1, *sc in next 3 sts, dc in next st; rep from * across, turn. (40)`
      : `Row ${index + 2}: ch 1, sc in next 5 sts, [ch 1, skip next st, sc in next 2 sts] 10 times, sc in each st to end, turn. (40)`,
  ),
].join('\n');

/** Shares of faults that were not found at their row, and not at their word, of one kind each, %. */
const missed = { rows: [] as number[], words: [] as number[] };
for (const kind of SEEDED) {
  const all = Array.from({ length: EACH_KIND }, (_, seed) => generatedPattern(seededRandom(50_000 + seed), kind));
  const found = all.map((pattern) => ({ pattern, faults: readPattern(pattern.text).faults }));
  const share = (isFound: (one: (typeof found)[number]) => boolean) =>
    (100 * found.filter((one) => !isFound(one)).length) / found.length;
  const isAtWord = ({ pattern: { seeded }, faults }: (typeof found)[number]) =>
    faults.some(({ from, to }) => seeded !== null && from < seeded.to && to > seeded.from);
  missed.words.push(share(isAtWord));
  missed.rows.push(
    share((one) => isAtWord(one) || one.faults.some(({ row }) => row !== null && row === one.pattern.seeded?.row)),
  );
}
const alarms = (patterns: readonly WrittenPattern[]): number[] =>
  patterns.map(({ text }) => (readPattern(text).faults.length > 0 ? 100 : 0));
const sound = Array.from({ length: 400 }, (_, seed) => generatedPattern(seededRandom(90_000 + seed), null));
const byHand = handwrittenPatterns().filter(({ seeded }) => seeded === null);

process.stdout.write(
  JSON.stringify({
    reads: timesOf(
      Array.from({ length: 60 }, (_, index) => long.slice(0, long.length - index)),
      (text) => readPattern(text),
    ),
    missedRows: missed.rows,
    missedWords: missed.words,
    alarms: alarms([...sound, ...byHand]),
  }),
);
