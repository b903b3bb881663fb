import { patternOf, type Design } from '@/core/design';
import { SEWING_TAIL_MM, TAIL_MM } from '@/core/defaults';
import type { Piece, PieceId, RowsPiece } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { shapingFor, type ShapedRow } from '@/core/shaping';
import { beginsPlain, foundationOf, patternRowCount, startingChain } from '@/core/stitches';
import { eachOf, ordinal } from './counting';
import { FITTING_WORDS, wordsOf } from './fittings';
import { lengthWriterFor } from './stepWords';
import { discLines, halfDiscLines, ovalLines, sidesLines } from './roundsText';
import { plainRunsLines, turnedRowsLines } from './rowsText';
import { inPlainStitch, sideOf } from './rowText';

/** What a fold is called where a marker is set for it. */
const FOLD_NAMES: Record<string, string> = {
  'fold.base': 'base fold',
  'fold.top': 'top fold',
  'edge.flap': 'the hem folds back here',
};

/** Pieces whose last tail has nothing to sew. */
const WOVEN_IN: ReadonlySet<PieceId> = new Set(['panel', 'sides']);

/** What a fold is called where a marker is set for it; null of a line that needs none. */
export const foldWords = (mark: string): string | null => FOLD_NAMES[mark] ?? null;

/** A piece as it is worked, line by line, in the design's terms, units and school. */
export function pieceLines(design: Design, plan: Plan, piece: Piece, fittingWords = FITTING_WORDS): string[] {
  const notes = piece.kind === 'rows' ? notesOf(plan, piece, fittingWords) : NO_NOTES;
  const worked = piece.plain ? inPlainStitch(design) : design;
  const copies = piece.copies > 1 ? [`Make ${piece.copies}.`] : [];
  const asWorked = isJoinedAsWorked(plan, piece.id);
  const off = fastenOff(design, !WOVEN_IN.has(piece.id) && !asWorked);
  switch (piece.kind) {
    case 'disc':
      return [...copies, ...discLines(worked, piece), off];
    case 'half-disc':
      return [...copies, ...halfDiscLines(worked, piece), off];
    case 'oval':
      return [...ovalLines(worked, piece), 'Do not fasten off: the sides go on from here.'];
    case 'rows':
      return [
        ...copies,
        ...(asWorked ? [AT_EVERY_ROW_END] : []),
        ...(piece.roundCount > 0
          ? roundsThenRows(worked, plan, piece, notes)
          : rowsFromStart(worked, plan, piece, notes)),
        off,
      ];
  }
}

const AT_EVERY_ROW_END =
  'Worked between both edges: at the end of every row, before turning, join it to the edge beside it as told under “How the edges meet”.';

/** Whether a piece is joined to others while it is worked. */
const isJoinedAsWorked = ({ joins }: Pick<Plan, 'joins'>, id: PieceId): boolean =>
  joins.some(({ made, edges }) => made === 'as-worked' && edges[1].piece === id);

/** The end of a piece, with the length of its tail. */
function fastenOff(design: Design, sews: boolean): string {
  const length = lengthWriterFor(design);
  return sews
    ? `Fasten off, leaving a tail of ${length(SEWING_TAIL_MM)} to sew with.`
    : `Fasten off, leaving a tail of ${length(TAIL_MM)} to weave in.`;
}

/** The rows of a piece that is begun with a chain or a foundation. */
function rowsFromStart(design: Design, plan: Plan, piece: RowsPiece, notes: Notes): string[] {
  const { rows, end, scallops } = beforeScallops(plan, piece);
  return [
    ...startLines(design, piece),
    ...turnedRowsLines(design, {
      from: 1,
      rows,
      startStitches: piece.startStitches,
      after: notes,
      over: 'beginning',
    }),
    ...(scallops ? scallopLines(design, plan, scallops, end) : []),
  ];
}

function startLines(design: Design, piece: RowsPiece): string[] {
  const { foundation, turningChain } = design.settings;
  const pattern = patternOf(design);
  if (foundationOf(pattern, foundation) === 'foundation-stitches' && beginsPlain(pattern)) return [];
  return [`Ch ${startingChain(piece.startStitches, pattern, turningChain, foundation)}.`];
}

/** A marker wherever the piece folds, by the row after which it does. */
const markersOf = (piece: RowsPiece): Map<number, string> =>
  new Map(
    piece.lines
      .filter(({ kind, mark }) => kind === 'fold' && mark in FOLD_NAMES)
      .map(({ mark, afterRow }) => [afterRow, `Marker at both ends of row ${afterRow}: ${FOLD_NAMES[mark]}.`]),
  );

/** Lines between rows, by the row after which they stand. */
type Notes = ReadonlyMap<number, string>;
const NO_NOTES: Notes = new Map();

/** What is said between the rows of a piece, by the row after which it is: markers, and what a row that comes has in it. */
function notesOf(plan: Plan, piece: RowsPiece, words: typeof FITTING_WORDS): Notes {
  const notes = markersOf(piece);
  for (const stage of plan.fittings)
    for (const { piece: on, row, says } of wordsOf(stage, words).inRows?.(stage) ?? []) {
      if (on !== piece.id || row < 2) continue;
      const before = notes.get(row - 1);
      notes.set(row - 1, `${before ? `${before} ` : ''}In row ${row}: ${says}`);
    }
  return notes;
}

type FlapScallops = NonNullable<Plan['flap']['scallops']>;

/** The rows of a piece up to where its scallops begin, each of which is worked on its own. */
export function beforeScallops(
  { flap }: Plan,
  piece: RowsPiece,
): { rows: readonly ShapedRow[]; end: number; scallops: FlapScallops | null } {
  const scallops = flap.scallops && piece.zones.some(({ id }) => id === 'flap') ? flap.scallops : null;
  const end = scallops ? piece.rows.length - scallops.rows.length : piece.rows.length;
  return { rows: piece.rows.slice(0, end), end, scallops };
}

/** The scallops, each worked on its own over its stitches, in the plain stitch. */
function scallopLines(
  design: Design,
  { flap }: Plan,
  { count, stitchesEach, rows }: FlapScallops,
  before: number,
): string[] {
  const plain = inPlainStitch(design);
  const gaps = flap.scallopGaps;
  const lines = [
    ...(patternRowCount(patternOf(design)) > 1 ? ['The scallops are worked in plain stitches.'] : []),
    `Scallop 1 of ${count}: ${gaps[0] ? `sl st in ${eachOf(gaps[0])}, then ` : ''}work over the next ${stitchesEach} sts only:`,
    ...plainRunsLines(plain, { from: before + 1, rows, after: new Map(), belowCounts: false }),
    'Fasten off.',
  ];
  for (let scallop = 2; scallop <= count; scallop += 1) {
    const gap = gaps[scallop - 1] ?? 0;
    const passed = gap === 0 ? '' : `leave ${gap === 1 ? 'one st' : `${gap} sts`}, `;
    lines.push(
      `Scallop ${scallop} of ${count}: along row ${before} ${passed}join the yarn in the next st, same side facing, and work over ${stitchesEach} sts as scallop 1.${scallop < count ? ' Fasten off.' : ''}`,
    );
  }
  return lines;
}

/** Sides worked in rounds about a chain, a ring or a base, then whatever goes on from the back in rows. */
function roundsThenRows(design: Design, plan: Plan, piece: RowsPiece, notes: Notes): string[] {
  const lines = sidesLines(design, plan, piece);
  if (piece.rows.length === piece.roundCount) return lines;
  const { leftEachSide: left, startStitches } = plan.flap;
  const pattern = patternOf(design);
  const facing = patternRowCount(pattern) > 1 && sideOf(pattern, piece.roundCount + 1) === 'WS' ? 'wrong' : 'right';
  const length = lengthWriterFor(design);
  const { rows, end, scallops } = beforeScallops(plan, piece);
  const tail = flapTail(rows.slice(piece.roundCount), startStitches);
  return [
    ...lines,
    `Fasten off, leaving a tail of ${length(TAIL_MM)} to weave in.`,
    `The flap, in rows over the back only: ${sideWords(plan)}${left > 0 ? `leave ${left === 1 ? 'one st' : `${left} sts`} of the back and ` : ''}join the yarn in the next st, ${facing} side facing. Work over ${startStitches} sts, and leave the rest unworked.`,
    ...(scallops && tail.length === 0
      ? []
      : turnedRowsLines(design, {
          from: piece.roundCount + 1,
          rows: tail,
          startStitches,
          after: notes,
          over: 'rounds',
        })),
    ...(scallops ? scallopLines(design, plan, scallops, end) : []),
  ];
}

/** The rows of a flap over the back of rounds. The first is worked over the stitches that are named: whatever is left at its sides is left by where the yarn is joined. */
export function flapTail(rows: readonly ShapedRow[], startStitches: number): ShapedRow[] {
  const [first, ...others] = rows;
  if (first === undefined) return [];
  const changeEachSide = (first.stitches - startStitches) / 2;
  return [{ ...first, by: shapingFor(changeEachSide), changeEachSide }, ...others];
}

/** Where the back begins, once the walk of the rounds was measured. */
function sideWords({ pouch }: Plan): string {
  const { firstSide: side } = pouch.figures;
  if (!side) return 'find the side of the bag by laying it flat; from there ';
  return side.value === 0
    ? 'the side of the bag lies where the rounds begin; from there '
    : `the side of the bag lies at the ${ordinal(side.value)} st after the start of the last round; from there `;
}
