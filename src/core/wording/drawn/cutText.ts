import { ringBounds, type PatternPiece, type PieceMark } from '@/core/cutting';
import type { Design } from '@/core/design';
import { LINING_NAMES } from '@/core/lining';
import type { Plan } from '@/core/plan';
import type { LengthUnit } from '@/core/units';
import { piecesToCut } from '../paperWords';
import { formatQuantity } from '../quantity';
import type { DrawnText } from './drawnText';
import { countsText } from './sheetText';

/** As near to the middle as this is in it, mm. */
const MIDDLE_MM = 0.5;

/**
 * What goes into the bag in words, for whoever doesn't see it drawn: every piece of lining, of pockets and of the stiffener, in the order it is drawn, with how often
 * and how large it is cut, and what is marked on it.
 */
export function cutText(
  design: Pick<Design, 'name' | 'settings'>,
  plan: Pick<Plan, 'lining' | 'pockets' | 'stiffener'>,
): DrawnText[] {
  const { lengthUnit } = design.settings;
  const crocheted = plan.lining && 'own' in plan.lining ? plan.lining.pieces : [];
  return [
    ...crocheted.map((piece) => ({
      name: `Lining: ${piece.id === 'back' ? 'back' : LINING_NAMES[piece.id]}, crocheted`,
      lines: [`${piece.copies > 1 ? `${piece.copies} alike, ` : ''}${countsText(piece)}`],
    })),
    ...piecesToCut(design, plan).map(({ name, notes, ...piece }) => ({
      name,
      lines: [
        ...notes.filter((note) => note !== design.name),
        ...cutSize(piece, lengthUnit),
        ...marksOf(piece, lengthUnit),
      ],
    })),
  ];
}

/** How large it is cut, where that is more than it is finished. */
function cutSize({ cut, seam }: PatternPiece, unit: LengthUnit): string[] {
  if (cut === seam) return [];
  const { widthMm, heightMm } = ringBounds(cut);
  return [`Cut line: ${formatQuantity(widthMm, 'mm', unit)} by ${formatQuantity(heightMm, 'mm', unit)}`];
}

/** What is marked on a piece: where something lies, one by one; ticks, holes and lines, how many. */
function marksOf({ marks }: PatternPiece, unit: LengthUnit): string[] {
  const length = (mm: number) => formatQuantity(mm, 'mm', unit);
  const across = (x: number) =>
    Math.abs(x) < MIDDLE_MM ? 'in its middle' : `${length(Math.abs(x))} ${x < 0 ? 'left' : 'right'} of its middle`;
  const places = marks.flatMap((mark): string[] => {
    switch (mark.kind) {
      case 'spot':
        return [`What closes the bag lies behind: ${across(mark.at[0])}, ${length(mark.at[1])} up`];
      case 'outline': {
        const { leftMm, rightMm, lowMm, widthMm, heightMm } = ringBounds(mark.ring);
        const size = `${length(widthMm)} by ${length(heightMm)}`;
        return mark.of === 'pocket'
          ? [`A pocket lies here: ${size}, ${across((leftMm + rightMm) / 2)}, its lower edge ${length(lowMm)} up`]
          : [`The crochet that it goes with: ${size}`];
      }
      case 'opening':
        return [`Left open to turn it: ${length(Math.hypot(mark.to[0] - mark.from[0], mark.to[1] - mark.from[1]))}`];
      default:
        return [];
    }
  });
  const holes = marks.flatMap((mark) => (mark.kind === 'holes' ? mark.at : [])).length;
  return [
    ...places,
    ...counted(marks, 'notch', ['tick across the seam', 'ticks across the seam']),
    ...counted(marks, 'fold', ['line to fold along', 'lines to fold along']),
    ...counted(marks, 'sew', ['line to sew along', 'lines to sew along']),
    ...(holes > 0 ? [`${holes} holes`] : []),
  ];
}

function counted(marks: readonly PieceMark[], kind: PieceMark['kind'], [one, many]: [string, string]): string[] {
  const count = marks.filter((mark) => mark.kind === kind).length;
  return count === 0 ? [] : [`${count} ${count === 1 ? one : many}`];
}
