import { areJoined, roundWayOf, type RoundWay } from '@/core/body';
import { patternOf, type Design } from '@/core/design';
import { roundRow, roundsAsWorked, type DiscPiece, type OvalPiece, type RowsPiece } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import {
  plainStitchOf,
  turningChainOf,
  work,
  type PatternRow,
  type Step,
  type StitchKind,
  type StitchPattern,
} from '@/core/stitches';
import { eachOf, numbered, ordinal, repeatedWords } from './counting';
import { bareRowText } from './rowText';
import { raisedWords } from './rowsText';
import { innerWords, partsWords, stepsWords } from './rowWords';
import { abbreviation } from './stitchText';

const SPIRAL = [
  'In a spiral: do not join the rounds; move a marker up at the first stitch of each.',
  'End with a sl st in next st, to level the last round.',
] as const;
const JOINED = 'In joined rounds: close each one with a sl st in its first stitch.';
const TURNED = 'In joined rounds, turned: close each one with a sl st in its first stitch, then turn.';

const SAID: Record<RoundWay, string> = { spiral: SPIRAL[0], joined: JOINED, turned: TURNED };

/** How rounds of one stitch follow one another: they are never turned. */
const inOneDirection = (body: Design['body'], pattern: StitchPattern): RoundWay =>
  !('rounds' in body) || areJoined(body, pattern) ? 'joined' : 'spiral';

/** One round, named. */
const roundLine = (name: string, ...round: Parameters<typeof roundWords>): string => `${name}: ${roundWords(...round)}`;

/** One round: its chain and its closing where rounds are joined, its words, and what it comes to. */
function roundWords(
  words: string,
  count: string,
  first: string,
  kind: StitchKind,
  way: RoundWay,
  isFirst = false,
): string {
  const { chains } = turningChainOf(kind)['does-not-count'];
  const begin = way !== 'spiral' && !isFirst ? `ch ${chains} (does not count as a st), ` : '';
  const join = way !== 'spiral' ? `, join with a sl st in first ${first}` : '';
  return `${begin}${words}${join}${way === 'turned' ? ', turn' : ''}. (${count})`;
}

/** The sides of a bag in rounds, from the chain, the ring or the base up to the mouth. */
export function sidesLines(design: Design, plan: Plan, piece: RowsPiece): string[] {
  const { settings, body } = design;
  const { terms } = settings;
  const pattern = patternOf(design);
  const way = 'rounds' in body ? roundWayOf(body, pattern) : 'spiral';
  const kind = pattern.base;
  const short = abbreviation({ work: kind, into: 'stitch', over: 1 }, terms);
  const all = 2 * piece.startStitches;
  const narrowed = 2 * plan.pouch.topStitches !== all;
  const straight = narrowed ? piece.roundCount - 1 : piece.roundCount;
  const counted = way === 'turned' ? `${all} sts` : `${all} ${short}`;
  const begin = beginning(design, piece, short);
  const lines = [...begin.before, SAID[way]];
  if (straight >= 1) lines.push(roundLine('Round 1', begin.first, counted, short, kind, way, begin.onFoundation));
  if (way === 'turned')
    lines.push(...patternRounds(design, roundsAsWorked(pattern, all, straight), pattern.rows.length, all, kind, way));
  else if (straight >= 2)
    lines.push(roundLine(numbered('round', 2, straight), `${short} in each st around`, counted, short, kind, way));
  if (narrowed && 'narrowing' in body && body.narrowing !== null) {
    const words = narrowWords(design, piece.startStitches, plan.pouch.topStitches, body.narrowing, kind);
    const isFirst = straight === 0;
    lines.push(
      roundLine(
        `Round ${piece.roundCount}`,
        words,
        `${2 * plan.pouch.topStitches} ${short}`,
        short,
        kind,
        way,
        isFirst && begin.onFoundation,
      ),
    );
  }
  if (way === 'spiral') lines.push(SPIRAL[1]);
  return lines;
}

/** The sides round by round, each in words of its own. */
export function sidesRoundWords(design: Design, plan: Plan, piece: RowsPiece): string[] {
  const { settings, body } = design;
  const pattern = patternOf(design);
  const way = 'rounds' in body ? roundWayOf(body, pattern) : 'spiral';
  const kind = pattern.base;
  const short = abbreviation({ work: kind, into: 'stitch', over: 1 }, settings.terms);
  const all = 2 * piece.startStitches;
  const top = 2 * plan.pouch.topStitches;
  const straight = top !== all ? piece.roundCount - 1 : piece.roundCount;
  const counted = way === 'turned' ? `${all} sts` : `${all} ${short}`;
  const begin = beginning(design, piece, short);
  const turned = way === 'turned' ? roundsAsWorked(pattern, all, straight) : null;
  const words = Array.from({ length: straight }, (_, index) => {
    if (index === 0) return roundWords(begin.first, counted, short, kind, way, begin.onFoundation);
    const round = turned?.[index];
    return round
      ? patternRoundWords(design, round, all, kind, way)
      : roundWords(`${short} in each st around`, counted, short, kind, way);
  });
  if (top !== all && 'narrowing' in body && body.narrowing !== null) {
    const narrow = narrowWords(design, piece.startStitches, plan.pouch.topStitches, body.narrowing, kind);
    words.push(roundWords(narrow, `${top} ${short}`, short, kind, way, straight === 0 && begin.onFoundation));
  }
  return words;
}

/** A round of a pattern. */
function patternRoundWords(
  { settings: { terms } }: Design,
  round: PatternRow,
  all: number,
  kind: StitchKind,
  way: RoundWay,
): string {
  const [first] = round.repeat;
  const begins = first && 'work' in first ? abbreviation(first, terms) : '';
  const chains = first && 'work' in first ? first.work : kind;
  const count = [`${all} sts`, ...raisedWords(wholeRound(round, all), terms)].join(', ');
  return roundWords(bareRowText(round, terms).replace(/across$/, 'around'), count, begins, chains, way);
}

/** Rounds of a pattern, from the second on. */
function patternRounds(
  design: Design,
  rounds: readonly PatternRow[],
  repeatRows: number,
  all: number,
  kind: StitchKind,
  way: RoundWay,
): string[] {
  const texts = rounds.map((round) => JSON.stringify(round));
  const lines: string[] = [];
  let at = 1;
  // A pattern of an odd number of rows comes round again only after both directions.
  const goesOnAfter = (from: number): number | undefined =>
    [repeatRows, 2 * repeatRows].find(
      (period) =>
        from - period >= 1 &&
        texts.slice(from).every((text, index) => text === texts[from - period + (index % period)]),
    );
  // Until whole repeats go on, each round is written.
  while (at < rounds.length && goesOnAfter(at) === undefined) {
    lines.push(`Round ${at + 1}: ${patternRoundWords(design, rounds[at] as PatternRow, all, kind, way)}`);
    at += 1;
  }
  const period = goesOnAfter(at);
  if (at < rounds.length && period !== undefined) {
    lines.push(repeatedWords('round', at + 1, rounds.length, { from: at - period + 1, to: at }, all));
  }
  return lines;
}

/** A round's steps as often as they are repeated in it. */
function wholeRound({ repeat }: PatternRow, all: number): Step[] {
  const given = repeat.reduce(
    (sum, step) => sum + ('chain' in step ? step.chain : 'skip' in step ? 0 : step.times * step.each),
    0,
  );
  return Array.from({ length: Math.round(all / Math.max(1, given)) }, () => repeat).flat();
}

/** The last round, in which every so many pairs of a face one is worked together. */
function narrowWords(
  { settings: { terms } }: Design,
  face: number,
  top: number,
  every: number,
  kind: StitchKind,
): string {
  const decreases = face - top;
  const left = face - decreases * 2 * every;
  const plain: Step[] = 2 * every > 2 ? [work(kind, 2 * every - 2)] : [];
  const pair = { parts: [...plain, { ...work(kind), over: 2 }], times: decreases };
  const inFace = [...(decreases === 1 ? pair.parts : [pair]), ...(left > 0 ? [work(kind, left)] : [])];
  return partsWords([{ times: 2, parts: inFace }], terms);
}

/** How the rounds begin: what is made first, and round 1. */
function beginning(
  design: Design,
  piece: RowsPiece,
  short: string,
): { before: string[]; first: string; onFoundation: boolean } {
  const { body } = design;
  const all = 2 * piece.startStitches;
  const { skippedInFoundation: passed } = turningChainOf(patternOf(design).base)['does-not-count'];
  if (body.kind !== 'around-chain')
    return {
      before: [`Go on from the rim of the base: ${all} sts.`],
      first: `${short} in back loop of each st around`,
      onFoundation: false,
    };
  if (body.start === 'ring')
    return {
      before: [`Ch ${all}, not twisted, and join into a ring with a sl st.`],
      first: `${short} in each ch around`,
      onFoundation: false,
    };
  const chain = Math.max(1, piece.startStitches - body.endStitches);
  const hook = `${ordinal(passed + 1)} ch from hook`;
  if (chain === 1) return { before: [`Ch ${1 + passed}.`], first: `${all} ${short} in ${hook}`, onFoundation: true };
  // Every chain has a stitch on both sides; the ends have so many more, half of them at either end.
  const end = (all - 2 * chain) / 2;
  const times = (count: number) => (count === 1 ? short : `${count} ${short}`);
  const along = chain > 2 ? `${short} in ${eachOf(chain - 2, 'ch')}, ` : '';
  return {
    before: [`Ch ${chain + passed}.`],
    first: `${short} in ${hook}, ${along}${times(2 + end)} in last ch, along the other side of the chain ${along}${times(1 + end)} in last ch`,
    onFoundation: true,
  };
}

/** A disc, from its middle out. */
export function discLines(design: Design, piece: DiscPiece): string[] {
  const pattern = patternOf(design);
  const way = inOneDirection(design.body, plainStitchOf(pattern));
  const { skippedInFoundation: passed } = turningChainOf(pattern.base)['does-not-count'];
  return [
    `Ch ${1 + passed}.`,
    SAID[way],
    ...namedRounds(discRoundWords(design, piece)),
    ...(way === 'spiral' ? [SPIRAL[1]] : []),
  ];
}

const namedRounds = (rounds: readonly string[]): string[] =>
  rounds.map((words, index) => `Round ${index + 1}: ${words}`);

/** A disc round by round, each in words of its own. */
export function discRoundWords(design: Design, piece: DiscPiece): string[] {
  const { terms } = design.settings;
  const pattern = patternOf(design);
  const kind = pattern.base;
  const way = inOneDirection(design.body, plainStitchOf(pattern));
  const short = abbreviation({ work: kind, into: 'stitch', over: 1 }, terms);
  const { skippedInFoundation: passed } = turningChainOf(kind)['does-not-count'];
  const [first = 0] = piece.counts;
  const middle = `${first} ${short} in ${ordinal(passed + 1)} ch from hook`;
  return [roundWords(middle, `${first} ${short}`, short, kind, way, true), ...growingRounds(design, piece, kind, way)];
}

/** Half a disc, from the middle of its straight side out, in turned rows. */
export function halfDiscLines(design: Design, piece: DiscPiece): string[] {
  const { skippedInFoundation: passed } = turningChainOf(patternOf(design).base)['does-not-count'];
  return [`Ch ${1 + passed}.`, ...halfDiscRowWords(design, piece).map((words, index) => `Row ${index + 1}: ${words}`)];
}

/** Half a disc row by row, each in words of its own. */
export function halfDiscRowWords(design: Design, piece: DiscPiece): string[] {
  const { terms } = design.settings;
  const kind = patternOf(design).base;
  const short = abbreviation({ work: kind, into: 'stitch', over: 1 }, terms);
  const { chains, skippedInFoundation: passed } = turningChainOf(kind)['does-not-count'];
  return [
    `${piece.counts[0]} ${short} in ${ordinal(passed + 1)} ch from hook, turn. (${piece.counts[0]} ${short})`,
    ...piece.counts
      .slice(1)
      .map(
        (count, index) =>
          `ch ${chains} (does not count as a st), ${growingWords(design, piece, index + 2, kind, 'across')}, turn. (${count} ${short})`,
      ),
  ];
}

/** An oval about a chain. */
export function ovalLines(design: Design, piece: OvalPiece): string[] {
  const pattern = patternOf(design);
  const { skippedInFoundation: passed } = turningChainOf(pattern.base)['does-not-count'];
  return [
    `Ch ${piece.straightStitches + 2 + passed}.`,
    SAID[inOneDirection(design.body, pattern)],
    ...namedRounds(ovalRoundWords(design, piece)),
  ];
}

/** An oval round by round, each in words of its own. */
export function ovalRoundWords(design: Design, piece: OvalPiece): string[] {
  const { terms } = design.settings;
  const pattern = patternOf(design);
  const kind = pattern.base;
  const way = inOneDirection(design.body, pattern);
  const short = abbreviation({ work: kind, into: 'stitch', over: 1 }, terms);
  const { skippedInFoundation: passed } = turningChainOf(kind)['does-not-count'];
  const { straightStitches: straight, counts } = piece;
  const [first = 0] = counts;
  const end = first / 2 - straight;
  const along = straight > 0 ? `${short} in ${eachOf(straight, 'ch')}, ` : '';
  // Half of what an end has is worked before the first side, half of it after the second, so that the round closes in its middle.
  const words = `${end} ${short} in ${ordinal(passed + 1)} ch from hook, ${along}${end} ${short} in last ch${straight > 0 ? `, along the other side of the chain ${short} in ${eachOf(straight, 'ch')}` : ''}`;
  return [roundWords(words, `${first} ${short}`, short, kind, way, true), ...growingRounds(design, piece, kind, way)];
}

function growingRounds(design: Design, piece: DiscPiece | OvalPiece, kind: StitchKind, way: RoundWay): string[] {
  const short = abbreviation({ work: kind, into: 'stitch', over: 1 }, design.settings.terms);
  return piece.counts
    .slice(1)
    .map((count, index) =>
      roundWords(growingWords(design, piece, index + 2, kind, 'around'), `${count} ${short}`, short, kind, way),
    );
}

function growingWords(
  { settings: { terms } }: Design,
  piece: DiscPiece | OvalPiece,
  round: number,
  kind: StitchKind,
  way: 'around' | 'across',
): string {
  const row = roundRow(piece, round, kind);
  if (row.repeat.length > 1) return `*${innerWords(row.repeat, terms)}; rep from * ${way}`;
  return row.repeat.length > 0 ? bareRowText(row, terms).replace(/across$/, way) : stepsWords(row.before, terms);
}
