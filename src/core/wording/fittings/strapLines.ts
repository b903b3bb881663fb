import { SEWING_TAIL_MM } from '@/core/defaults';
import type { Design } from '@/core/design';
import { shapedRows } from '@/core/shaping';
import { strapPieces, type StrapNature, type WorkedStrapStage } from '@/core/strap';
import { grownStrapText } from '../grownStrapText';
import { turnedRowsLines } from '../rowsText';
import { inPlainStitch, patternText } from '../rowText';
import { term } from '../terms';
import type { FittingWords } from './words';

type Bag = Parameters<FittingWords<WorkedStrapStage>['materials']>[1];

/** The design as far as a strap's rows go: in its own stitch, or the plain one that goes with the bag's. */
export const workedIn = ({ stitch }: Pick<StrapNature, 'stitch'>, design: Design): Design =>
  stitch === null ? inPlainStitch(design) : { ...design, stitch, plainEdge: 0 };

/** The last row of a band for a tube joins its long edges. */
export const joiningRowLine = (row: number, count: number): string =>
  `Row ${row}: fold the band lengthwise, wrong sides together; sl st through each st of row ${row - 1} and the loop of the beginning below it, to the end. (${count} sl st)`;

/** A worked strap, row by row. */
export function strapLines(stage: WorkedStrapStage, bag: Bag): string[] {
  const { design, length } = bag;
  const { choice, grown, figures, nature, stitch, stitchCount, rowCount } = stage;
  const chain = figures.startingChain?.value ?? 0;
  const tail = `leaving a tail of ${length(SEWING_TAIL_MM)} to sew with`;
  const begin = chain > 0 ? [`Ch ${chain}.`] : [];
  if (nature.written === 'cord') return cordLines(stitchCount, rowCount, tail);
  if (nature.written === 'i-cord') return iCordLines(chain, stitchCount, rowCount, tail);
  if (nature.written === 'by-repeat')
    return [
      ...begin,
      ...patternText(stitch, stitchCount, design.settings, rowCount),
      nature.lie === 'round'
        ? `Sl st in next st, fasten off, ${tail}: draw it through the stitches of the last round and pull them together. Close the beginning the same way.`
        : `Fasten off, ${tail}.`,
    ];
  if (choice.ends.kind === 'grown' && grown) return grownLines(stage, bag);
  // The last row of a band for a tube joins its long edges.
  const open = nature.layers === 2 ? rowCount - 1 : rowCount;
  return [
    ...begin,
    ...turnedRowsLines(workedIn(nature, design), {
      from: 1,
      rows: shapedRows(stitchCount, Array<number>(open).fill(stitchCount)),
      startStitches: stitchCount,
      after: new Map(),
      over: 'beginning',
    }),
    ...(nature.layers === 2 ? [joiningRowLine(rowCount, stitchCount)] : []),
    ...(figures.border ? longEdgeLines(figures.border.value, term('sc', design.settings.terms)) : []),
    `Fasten off, ${tail}.`,
  ];
}

/** A strap that grows from the body: its rows over the stitches of the mouth, at one side, or at both. */
function grownLines(stage: WorkedStrapStage, { design, plan, length }: Bag): string[] {
  const { figures, nature, stitchCount, rowCount, choice } = stage;
  const rowsLines = (count: number) =>
    turnedRowsLines(workedIn(nature, design), {
      from: 1,
      rows: shapedRows(stitchCount, Array<number>(count).fill(stitchCount)),
      startStitches: stitchCount,
      after: new Map(),
      over: 'rounds',
    });
  const takes = grownStrapText(stage, plan);
  const off = `Fasten off, leaving a tail of ${length(SEWING_TAIL_MM)} to sew with.`;
  const side = 'Join the yarn at the first of them, right side of the bag facing.';
  if (figures.shortRows)
    return [
      takes,
      'The long loop, at one side:',
      side,
      ...rowsLines(rowCount),
      off,
      'The short loop, at the other side:',
      side,
      ...rowsLines(figures.shortRows.value),
      off,
    ];
  const isTied = strapPieces(choice.adjust) === 2;
  if (isTied) return [takes, 'At both sides alike:', side, ...rowsLines(rowCount / 2), off];
  return [takes, side, 'Mark the right side, so that the strap does not twist.', ...rowsLines(rowCount), off];
}

/** Single crochet along both long edges of a band, without fastening off before. */
export const longEdgeLines = (count: number, sc: string): string[] => [
  `Turn the work by a quarter. Along the long edge: ch 1, ${count} ${sc} evenly in the row ends, sl st in the corner. (${count} ${sc})`,
  `Sl st across the short end. Along the other long edge: ch 1, ${count} ${sc} evenly in the row ends, sl st in the corner. (${count} ${sc})`,
];

/** The first row of an i-cord, and all that follow. */
export const iCordRowLines = (loops: number, rows: number): string[] => [
  `Row 1: pull up a loop in 2nd ch from hook and in each ch to the end. (${loops} loops on the hook)`,
  `Rows 2 to ${rows}: take all loops but the last off the hook and hold them. Ch 1 through the loop on the hook; put the next loop on the hook, yarn over and through it, one by one to the end. (${loops} loops on the hook)`,
];

/** An i-cord: all loops are kept on the hook, then let off it and worked one by one. Common practice, no source. */
const iCordLines = (chain: number, loops: number, rows: number, tail: string): string[] => [
  `Ch ${chain}.`,
  ...iCordRowLines(loops, rows),
  `Yarn over and through all ${loops} loops. Fasten off, ${tail}.`,
];

/** A cord of chains, closed by slip stitches back along each. Common practice, no source. */
function cordLines(strands: number, chains: number, tail: string): string[] {
  const strand = [
    `Ch ${chains}.`,
    `Sl st in 2nd ch from hook and in each ch to the end. (${chains - 1} sl st)`,
    `Fasten off, ${tail}.`,
  ];
  if (strands === 1) return strand;
  const many = strands === 2 ? 'two' : 'three';
  return [
    `Work ${many} strands alike.`,
    ...strand,
    strands === 2
      ? 'Knot both together at one end and pin it down. Twist each to the right until it begins to kink, lay them side by side, and twist both together to the left. Knot the other end. Tried so, it does not untwist.'
      : 'Knot all three together at one end and pin it down. Plait them as firmly all along: the outer ones in turn over the middle. Knot the other end.',
  ];
}
