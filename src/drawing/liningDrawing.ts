import { ringBounds, type PatternPiece } from '@/core/cutting';
import type { Plan } from '@/core/plan';
import { patternShapes } from './patternShapes';
import type { Drawing, Shape } from './shape';

/** Room between pieces of lining, mm. */
const GAP_MM = 18;

/**
 * The lining as it is cut, piece beside piece on one line, each with the line that it is pressed or sewn along and the crochet it will cover. Null without
 * a lining.
 */
export const liningDrawing = ({ lining }: Pick<Plan, 'lining'>): Drawing | null =>
  lining && piecesDrawing(lining.patterns);

/** Pieces as they are cut, beside each other on one line. */
export function piecesDrawing(pieces: readonly PatternPiece[]): Drawing {
  const bounds = pieces.map(({ cut }) => ringBounds(cut));
  const heightMm = Math.max(...bounds.map((one) => one.heightMm));
  const shapes: Shape[] = [];
  let left = 0;
  pieces.forEach((piece, index) => {
    const { leftMm, lowMm, widthMm } = bounds[index] as (typeof bounds)[number];
    shapes.push(...patternShapes(piece, { x: left - leftMm, y: heightMm + lowMm }));
    left += widthMm + GAP_MM;
  });
  return { box: { x: 0, y: 0, widthMm: left - GAP_MM, heightMm }, shapes };
}
