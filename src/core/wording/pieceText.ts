import { patternOf, type Design } from '@/core/design';
import { roundRow, type DiscPiece, type OvalPiece, type Piece, type PieceId, type RowsPiece } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import type { ShapedRow } from '@/core/shaping';
import { patternRowCount, rowOf, startingChain, turningChainOf } from '@/core/stitches';
import { bareRowText, firstRowText, inPlainStitch, patternRowText } from './rowText';
import { runText, runsOf } from './shapedRowText';
import { abbreviation, singleStitch } from './stitchText';
import { term } from './terms';

/** What each piece is called where it is worked. */
export const PIECE_NAMES: Record<PieceId, string> = {
  panel: 'Panel',
  front: 'Front',
  back: 'Back',
  gusset: 'Gusset',
  disc: 'Disc',
  band: 'Band',
  base: 'Base',
  sides: 'Sides',
  'half-disc': 'Half disc for the flap',
};

/** What a fold is called where a marker is set for it. */
const FOLD_NAMES: Record<string, string> = {
  'fold.base': 'base fold',
  'fold.top': 'top fold',
  'edge.flap': 'the hem folds back here',
};

const FASTEN_OFF = 'Fasten off, leaving a tail to sew with.';

/** A piece as it is worked, line by line, in the design's terms, units and school. */
export function pieceLines(design: Design, plan: Plan, piece: Piece): string[] {
  const worked = piece.plain ? inPlainStitch(design) : design;
  const copies = piece.copies > 1 ? [`Make ${piece.copies}.`] : [];
  switch (piece.kind) {
    case 'disc':
      return [...copies, ...discLines(worked, piece), FASTEN_OFF];
    case 'half-disc':
      return [...copies, ...halfDiscLines(worked, piece), FASTEN_OFF];
    case 'oval':
      return [...ovalLines(worked, piece), 'Do not fasten off: the sides go on from here.'];
    case 'rows':
      return [
        ...copies,
        ...(piece.roundCount > 0 ? roundsLines(worked, plan, piece) : rowsLines(worked, plan, piece, 1)),
        FASTEN_OFF,
      ];
  }
}

/** The rows of a piece from one of them on, with a marker wherever it folds. */
function rowsLines(design: Design, plan: Plan, piece: RowsPiece, fromRow: number): string[] {
  const pattern = patternOf(design);
  const textured = patternRowCount(pattern) > 1;
  const folds = new Map(
    piece.lines
      .filter(({ kind, mark }) => kind === 'fold' && mark in FOLD_NAMES)
      .map(({ mark, afterRow }) => [afterRow, mark]),
  );
  const scallops = scallopsOf(plan, piece);
  const end = scallops ? piece.rows.length - scallops.rows.length : piece.rows.length;
  const lines: string[] = fromRow === 1 ? startLines(design, piece) : [];
  const marker = (row: number): string[] => {
    const mark = folds.get(row);
    return mark === undefined ? [] : [`Marker at both ends of row ${row}: ${FOLD_NAMES[mark]}.`];
  };
  let from = fromRow;
  if (textured && fromRow === 1) {
    const written = Math.min(end, patternRowCount(pattern));
    const level = leadingLevel(piece.rows);
    lines.push(...texturedRows(design, piece.startStitches, Math.min(written, level), level));
    // The level rows are said by how far they go on.
    for (const row of [...folds.keys()].sort((a, b) => a - b))
      if (row <= level) lines.push(`Work on to row ${row}.`, ...marker(row));
    from = level + 1;
    if (from > end) lines.push(`Work on to row ${end}.`);
  } else if (fromRow === 1) {
    lines.push(firstRowText(design, piece.startStitches), ...marker(1));
    from = 2;
  }
  for (const run of runsOf(piece.rows.slice(from - 1, end), from, new Set(folds.keys())))
    lines.push(runText(design, run), ...marker(run.to));
  return scallops ? [...lines, ...scallopLines(design, scallops, end)] : lines;
}

/** Rows from the first on that have as many stitches as the piece begins with. */
function leadingLevel(rows: readonly ShapedRow[]): number {
  const first = rows.findIndex(({ by }) => by !== 'nothing');
  return first < 0 ? rows.length : first;
}

function startLines(design: Design, piece: RowsPiece): string[] {
  const { foundation, turningChain, terms } = design.settings;
  const pattern = patternOf(design);
  if (foundation === 'chain') return [`Ch ${startingChain(piece.startStitches, pattern, turningChain, foundation)}.`];
  return singleStitch(rowOf(pattern, 1)) === null
    ? [`Foundation row (not counted): work ${piece.startStitches} foundation ${term('sc', terms)}, turn.`]
    : [];
}

/** Each row of a pattern of several rows once, and how it goes on. */
function texturedRows(design: Design, stitches: number, written: number, level: number): string[] {
  const pattern = patternOf(design);
  const setup = pattern.setupRows.length;
  return [
    ...Array.from({ length: written }, (_, index) => patternRowText(pattern, index + 1, stitches, design.settings)),
    ...(level > written
      ? [`Repeat ${pattern.rows.length === 1 ? `row ${setup + 1}` : `rows ${setup + 1} to ${written}`} throughout.`]
      : []),
  ];
}

type FlapScallops = NonNullable<Plan['flap']['scallops']>;

const scallopsOf = ({ flap }: Plan, piece: RowsPiece): FlapScallops | null =>
  flap.scallops && piece.zones.some(({ id }) => id === 'flap') ? flap.scallops : null;

/** The scallops, each worked on its own over its stitches. */
function scallopLines(design: Design, { count, stitchesEach, rows, leftOver }: FlapScallops, before: number): string[] {
  const left =
    leftOver === 0
      ? ''
      : ` Leave ${leftOver === 1 ? 'one stitch' : `${leftOver} stitches`} between them, spread evenly.`;
  return [
    `Scallops: divide the last row into ${count} times ${stitchesEach} stitches.${left} Work each on its own:`,
    ...runsOf(rows, before + 1).map((run) => runText(design, run)),
    `Fasten off; join the yarn at the next ${stitchesEach} stitches, and repeat until there are ${count} scallops.`,
  ];
}

/** Sides worked in rounds about a chain, a ring or a base, then whatever goes on from the back in rows. */
function roundsLines(design: Design, plan: Plan, piece: RowsPiece): string[] {
  const { settings, body } = design;
  const pattern = patternOf(design);
  const short = abbreviation({ work: pattern.base, into: 'stitch', over: 1 }, settings.terms);
  const joined = 'rounds' in body && body.rounds === 'joined';
  const all = 2 * piece.startStitches;
  const narrowed = 2 * plan.pouch.topStitches !== all;
  const straight = narrowed ? piece.roundCount - 1 : piece.roundCount;
  const { chains } = turningChainOf(pattern.base)['does-not-count'];
  const join = joined ? `, join with a sl st in the first ${short}` : '';
  const begin = joined ? `ch ${chains} (does not count as a st), ` : '';
  const textured = patternRowCount(pattern) > 1;
  const rounds = (from: number, to: number) => (from === to ? `Round ${from}` : `Rounds ${from} to ${to}`);
  const round = (named: string, words: string, count: number) =>
    `${named}: ${begin}${words}${join}. (${count} ${textured ? 'sts' : short})`;
  const plainRounds = (from: number) =>
    from > straight ? [] : [round(rounds(from, straight), `${short} in each st around`, all)];
  const texturedRounds = (from: number) => [
    ...Array.from({ length: Math.min(patternRowCount(pattern), Math.max(0, straight - from + 1)) }, (_, index) =>
      round(
        `Round ${from + index}`,
        bareRowText({ before: [], repeat: rowOf(pattern, index + 1).repeat, after: [] }, settings.terms).replace(
          'across',
          'around',
        ),
        all,
      ),
    ),
    ...(straight - from + 1 > patternRowCount(pattern)
      ? [`Go on in the pattern to round ${straight}${joined ? '; turn after every round' : ''}.`]
      : []),
  ];
  const start = roundStart(design, plan, piece, short, join);
  const lines = [...start.lines, ...(textured ? texturedRounds(start.nextRound) : plainRounds(start.nextRound))];
  if (!joined)
    lines.push(
      'The rounds run on in a spiral: move a marker up at the first stitch of each, and end with a sl st to level the last one.',
    );
  if (narrowed && 'narrowing' in body && body.narrowing !== null)
    lines.push(narrowLine(design, plan, piece, short, round));
  if (piece.rows.length === piece.roundCount) return lines;
  const left = plan.flap.leftEachSide;
  return [
    ...lines,
    `From here in rows, over the back only: ${sideWords(plan)}${left > 0 ? `leave ${left} stitches of the back, ` : ''}work the next ${plan.flap.startStitches}, leave the rest unworked.`,
    ...flapRowsLines(design, plan, piece),
  ];
}

/** The rows of the flap, where they go on from rounds: the first one is worked over the stitches that are named already. */
function flapRowsLines(design: Design, plan: Plan, piece: RowsPiece): string[] {
  const level: ShapedRow = { stitches: plan.flap.startStitches, changeEachSide: 0, by: 'nothing' };
  const tail = [...piece.rows];
  const first = tail[piece.roundCount];
  if (first?.by === 'leaving') tail[piece.roundCount] = { ...first, by: level.by, changeEachSide: 0 };
  return rowsLines(design, plan, { ...piece, rows: tail }, piece.roundCount + 1);
}

/** Where the back begins, once the walk of the rounds was measured. */
function sideWords({ pouch }: Plan): string {
  const side = pouch.own.find(({ label }) => label.startsWith('One side'));
  return side
    ? `the side of the bag lies ${side.value} stitches after the start of the round; from there `
    : 'from the side of the bag ';
}

function narrowLine(
  design: Design,
  plan: Plan,
  piece: RowsPiece,
  short: string,
  round: (named: string, words: string, count: number) => string,
): string {
  const every = 'narrowing' in design.body ? (design.body.narrowing as number) : 0;
  const { base } = patternOf(design);
  const together = abbreviation({ work: base, into: 'stitch', over: 2 }, design.settings.terms);
  const face = piece.startStitches;
  const decreases = face - plan.pouch.topStitches;
  const left = face - decreases * 2 * every;
  const plain = 2 * every - 2;
  const rest = left > 0 ? `, ${short} in next ${left} sts` : '';
  const times = decreases === 1 ? '' : ` ${decreases} times`;
  return round(
    `Round ${piece.roundCount}`,
    `over each face: work ${short} in next ${plain} sts, ${together} over next 2 sts${times}${rest}`,
    2 * plan.pouch.topStitches,
  );
}

/** How the rounds begin, and the first round that is like all others. */
function roundStart(
  design: Design,
  plan: Plan,
  piece: RowsPiece,
  short: string,
  join: string,
): { lines: string[]; nextRound: number } {
  const { body } = design;
  const all = 2 * piece.startStitches;
  const pattern = patternOf(design);
  const passed = turningChainOf(pattern.base)['does-not-count'].skippedInFoundation;
  if (body.kind !== 'around-chain')
    return {
      lines: [`Go on from the rim of the base, in its back loops only for the first round: ${all} stitches.`],
      nextRound: 1,
    };
  if (body.start === 'ring')
    return {
      lines: [
        `Ch ${all}; take care that it is not twisted, and join it into a ring with a sl st.`,
        `Round 1: ${short} in each ch around${join}. (${all} ${short})`,
      ],
      nextRound: 2,
    };
  const chain = Math.max(1, piece.startStitches - body.endStitches);
  const end = `${body.endStitches + 1 > 1 ? `${body.endStitches + 1} ` : ''}${short} in the last ch`;
  return {
    lines: [
      `Ch ${chain + passed}.`,
      chain > 1
        ? `Round 1: beginning in the ${ordinalChain(passed + 1)} ch from hook, ${short} in next ${chain - 1} ch, ${end}; along the other side of the chain ${short} in next ${chain - 1} ch, ${end}${join}. (${all} ${short})`
        : `Round 1: ${all} ${short} in the ${ordinalChain(passed + 1)} ch from hook${join}. (${all} ${short})`,
    ],
    nextRound: 2,
  };
}

const ordinalChain = (value: number): string => ['1st', '2nd', '3rd', '4th', '5th'][value - 1] ?? `${value}th`;

function discLines(design: Design, piece: DiscPiece): string[] {
  const { terms } = design.settings;
  const kind = patternOf(design).base;
  const short = abbreviation({ work: kind, into: 'stitch', over: 1 }, terms);
  const passed = turningChainOf(kind)['does-not-count'].skippedInFoundation;
  return [
    `Ch ${1 + passed}.`,
    `Round 1: ${piece.counts[0]} ${short} in the ${ordinalChain(passed + 1)} ch from hook. (${piece.counts[0]} ${short})`,
    ...piece.counts
      .slice(1)
      .map(
        (count, index) =>
          `Round ${index + 2}: ${bareRowText(roundRow(piece, index + 2, kind), terms).replace('across', 'around')}. (${count} ${short})`,
      ),
  ];
}

function halfDiscLines(design: Design, piece: DiscPiece): string[] {
  const { terms } = design.settings;
  const kind = patternOf(design).base;
  const short = abbreviation({ work: kind, into: 'stitch', over: 1 }, terms);
  const { chains, skippedInFoundation: passed } = turningChainOf(kind)['does-not-count'];
  return [
    `Ch ${1 + passed}.`,
    `Row 1: ${piece.counts[0]} ${short} in the ${ordinalChain(passed + 1)} ch from hook, turn. (${piece.counts[0]} ${short})`,
    ...piece.counts
      .slice(1)
      .map(
        (count, index) =>
          `Row ${index + 2}: ch ${chains} (does not count as a st), ${bareRowText(roundRow(piece, index + 2, kind), terms)}, turn. (${count} ${short})`,
      ),
  ];
}

function ovalLines(design: Design, piece: OvalPiece): string[] {
  const { terms } = design.settings;
  const kind = patternOf(design).base;
  const short = abbreviation({ work: kind, into: 'stitch', over: 1 }, terms);
  const passed = turningChainOf(kind)['does-not-count'].skippedInFoundation;
  const { straightStitches: straight, counts } = piece;
  const end = (counts[0] as number) / 2 - straight;
  const along = straight > 0 ? `, ${short} in next ${straight} ch` : '';
  return [
    `Ch ${straight + 2 + passed - 0}.`,
    `Round 1: ${end} ${short} in the ${ordinalChain(passed + 1)} ch from hook${along}, ${end} ${short} in the last ch; along the other side of the chain${along || ', nothing'}. (${counts[0]} ${short})`,
    ...counts
      .slice(1)
      .map(
        (count, index) =>
          `Round ${index + 2}: ${bareRowText(roundRow(piece, index + 2, kind), terms).replace('across', 'around')}. (${count} ${short})`,
      ),
  ];
}
