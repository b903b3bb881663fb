import type {
  FaultSaid,
  Instruction,
  Place,
  ReadRow,
  ReadBag,
  ReadStitch,
  Resized,
  RowChange,
  TermsGuess,
  Until,
} from '@/core/reader';
import { formatLength, type LengthUnit } from '@/core/units';

const SETS = { us: 'US', uk: 'UK' } as const;
const many = (count: number, one: string, more = `${one}s`): string => `${count} ${count === 1 ? one : more}`;

/** What is wrong in a pattern, in a sentence: what was expected, and why. */
export function readerFaultSentence(fault: FaultSaid, unit: LengthUnit): string {
  switch (fault.code) {
    case 'count-differs':
      return `The words come to ${fault.worked}${fault.of && fault.of !== 'sts' ? ` (${fault.of})` : ''}, and ${fault.written} is written.`;
    case 'too-few':
      return `The row below has ${many(fault.has, 'stitch', 'stitches')}; up to here ${fault.needs} are needed.`;
    case 'left-over':
      return `After this ${many(fault.left, 'stitch is', 'stitches are')} left of the row below, and nothing is said of ${fault.left === 1 ? 'it' : 'them'}.`;
    case 'not-last':
      return `“Last ${fault.said}” is said, and ${fault.left} are left.`;
    case 'repeat-off':
      return `The repeat takes ${many(fault.takes, 'stitch', 'stitches')} and does not come out: its last turn has only ${fault.over}.`;
    case 'repeat-endless':
      return 'The repeat takes no stitch of the row below, so it would never end.';
    case 'no-space':
      return 'Here is no chain to work into or under.';
    case 'no-chain':
      return 'Nothing was chained to begin with.';
    case 'too-much':
      return 'More is repeated here than any bag has. It is not worked any further.';
    case 'unread':
      return `“${fault.words}” is not understood here.`;
    case 'undefined-word':
      return `“${fault.words}” is no stitch that is known, and the pattern doesn’t say what it is.`;
    case 'other-terms':
      return `“${fault.words}” is said in ${SETS[fault.of]} words, and the pattern is in ${SETS[fault.of === 'us' ? 'uk' : 'us']} ones${fault.should ? `, where it is “${fault.should}”` : ''}.`;
    case 'row-number':
      return `${fault.expected} comes next, and ${fault.written} is written.`;
    case 'row-unknown':
      return `There is no row ${fault.asked} before it to be repeated.`;
    case 'joined-spiral':
      return 'It was said to go round in a spiral; here the round is joined.';
    case 'size-off':
      return `${many(fault.stitches, 'stitch', 'stitches')} in the gauge that is given come to ${formatLength(fault.worksMm, unit)}, and ${formatLength(fault.writtenMm, unit)} is written.`;
    case 'hook-letter':
      return `A hook ${fault.letter} is ${fault.letterMm} mm, and ${fault.mm} mm is written. Makers of hooks differ: which is it?`;
  }
}

/** Why a pattern is taken to be in one set of terms. */
export function termsSentence({ set, isSaid, reasons }: TermsGuess): string {
  if (set === null) return 'Nothing tells whether its words are US or UK ones. Counts are the same in both.';
  const why = [...new Set(reasons.filter(({ speaksFor }) => speaksFor === set).map(({ words }) => `“${words}”`))];
  const told = why.slice(0, 3).join(', ');
  return isSaid ? `In ${SETS[set]} words, as is said.` : `In ${SETS[set]} words, it seems: ${told}.`;
}

const NOUNS: Readonly<Record<Place['noun'], [string, string]>> = {
  st: ['stitch', 'stitches'],
  ch: ['chain', 'chains'],
  sp: ['chain space', 'chain spaces'],
};

function placeWords({ which, count, noun }: Place): string {
  const [one, more] = NOUNS[noun];
  switch (which) {
    case 'next':
      return count === 1 ? `in the next ${one}` : `in each of the next ${count} ${more}`;
    case 'last':
      return count === 1 ? `in the last ${one}` : `in each of the last ${count} ${more}`;
    case 'first':
      return `in the first ${one}`;
    case 'each':
      return count === 0 ? `in each ${one} that is left` : `in each ${one} but the last ${count === 1 ? 'one' : count}`;
    case 'same':
      return 'in the same place';
    case 'from-hook':
      return `in the ${ordinal(count)} chain from the hook`;
    case 'ring':
      return 'in the ring';
    case 'turning':
      return 'in the top of the chain that the row began with';
  }
}

const ordinal = (count: number): string => `${count}${count === 2 ? 'nd' : count === 3 ? 'rd' : 'th'}`;

function untilWords(until: Until): string {
  if (until.is === 'end') return 'to the end';
  if (until.is === 'left') return `until ${until.count} ${until.count === 1 ? 'is' : 'are'} left`;
  return `${until.times} times${until.said === 'more' ? ' more' : ''}`;
}

/** One instruction as it was understood. */
export function instructionWords(item: Instruction): string {
  switch (item.do) {
    case 'chain':
      return many(item.count, 'chain');
    case 'stands':
      return item.counts
        ? `it counts as a stitch${item.with > 0 ? ` and ${many(item.with, 'chain')}` : ''}`
        : 'it does not count';
    case 'work':
      return item.stitch.word === ''
        ? placeWords(item.place).replace(/^in/, 'and in')
        : `${item.each > 1 ? `${item.each} ` : ''}${item.stitch.word}${item.stitch.over > 1 ? `, ${item.stitch.over} joined` : ''} ${placeWords(item.place)}`;
    case 'increase':
      return `2 ${placeWords(item.place)}`;
    case 'decrease':
      return `2 joined, ${placeWords(item.place.count === 1 ? { ...item.place, count: 2 } : item.place)}`;
    case 'skip':
      return `pass over ${many(item.place.count, NOUNS[item.place.noun][0], NOUNS[item.place.noun][1])}`;
    case 'repeat':
      return `(${item.items.map(instructionWords).join(', ')}) ${untilWords(item.until)}`;
    case 'into':
      return `(${item.items.map(instructionWords).join(', ')}), all ${placeWords(item.place)}`;
    case 'foundation':
      return `${item.count} foundation ${item.stitch.word}`;
    case 'leave':
      return item.count === null ? 'leave the rest' : `leave ${item.count}`;
    case 'begin-in':
      return `begin in the ${ordinal(item.count)} chain from the hook`;
    case 'turn':
      return 'turn';
    case 'join':
      return 'join';
    case 'off':
      return 'fasten off';
    case 'other-side':
      return 'along the other side of the chain';
    case 'ring':
      return 'a ring';
    case 'loop':
    case 'note':
      return '';
    case 'unread':
      return `“${item.words}”?`;
  }
}

/** What was understood of a row, in words. */
export const understoodWords = ({ items }: Pick<ReadRow, 'items'>): string =>
  items
    .map(instructionWords)
    .filter((words) => words !== '')
    .join('; ');

/** What is different in a row between two versions of a pattern. */
export function rowChangeText(change: RowChange): string {
  const row = 'row' in change ? change.row : change.now;
  const name = `${change.part === '' ? '' : `${change.part}, `}${row.noun} ${row.number}`;
  switch (change.is) {
    case 'added':
      return `${name} is new: ${row.out ?? '–'} stitches.`;
    case 'removed':
      return `${name} is gone; it had ${row.out ?? '–'} stitches.`;
    case 'counts':
      return `${name}: ${change.before.in ?? '–'} → ${change.before.out ?? '–'} before, ${change.now.in ?? '–'} → ${change.now.out ?? '–'} now.`;
    case 'work':
      return `${name}: the same count, worked otherwise (${understoodWords(change.before)} before).`;
  }
}

/** What keeps a read piece from being a stitch of its own. */
export function noStitchText({ why, row }: Extract<ReadStitch, { ok: false }>): string {
  switch (why) {
    case 'rounds':
      return 'Rounds are no stitch for a panel: it has to be worked in rows.';
    case 'few-rows':
      return 'A stitch has at least two rows: one into the chain, and one that repeats.';
    case 'not-right':
      return `Row ${row} doesn’t come out yet. Mend it first.`;
    case 'shaped':
      return `Row ${row} makes it wider or narrower: a stitch is straight.`;
    case 'no-repeat':
      return `Row ${row} says no repeat, so it is of one width only.`;
    case 'unknown-stitch':
      return `Row ${row} has something that Ruelle can’t keep in a stitch yet, such as loops, posts or several things in one place. Write it at Stitch, in words.`;
    case 'not-straight':
      return `Up to row ${row} no number of stitches comes out, row after row.`;
  }
}

/** What keeps a read piece from being a bag. */
export function noBagText(bag: Extract<ReadBag, { ok: false }>): string {
  switch (bag.why) {
    case 'too-small':
      return 'That is too small for a bag.';
    case 'not-planned':
      return 'No bag can be planned from it as it is.';
    default:
      return noStitchText(bag as Extract<ReadStitch, { ok: false }>);
  }
}

/** What keeps a pattern from being another width. */
export function notResizedText({ why, row }: Extract<Resized, { ok: false }>): string {
  switch (why) {
    case 'not-right':
      return `Row ${row} doesn’t come out yet. Mend it first.`;
    case 'sizes':
      return 'It is in several sizes already. Keep one of them first.';
    case 'no-start':
      return 'Nothing says how many chains or stitches it begins with.';
    case 'no-repeat':
      return 'No change of width up to 60 stitches comes out in every row.';
    case 'too-narrow':
      return 'So narrow it doesn’t come out any more.';
  }
}
