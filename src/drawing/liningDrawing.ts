import { ringBounds, type PatternPiece } from '@/core/cutting';
import { nameAt } from '@/core/fittings';
import { ringOf, type LiningStage } from '@/core/lining';
import { pieceOutline } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { patternShapes } from './patternShapes';
import type { Drawing, Point, Shape } from './shape';

/** Room between pieces, mm. */
const GAP_MM = 18;

/** Pieces on paper; the middle of each, where its name goes, and how wide and high it is, mm, in the same order. */
export interface PiecesDrawing extends Drawing {
  places: (Point & { widthMm: number; heightMm: number })[];
}

/**
 * What goes into the bag as it is cut, or worked, piece beside piece on one line: of the lining, each with the line that it is pressed or sewn along and the
 * crochet it will cover, then of pockets and of the stiffener. Null where there is neither.
 */
export function liningDrawing({
  lining,
  pockets,
  stiffener,
}: Pick<Plan, 'lining' | 'pockets' | 'stiffener'>): PiecesDrawing | null {
  const pieces: [PatternPiece, of: string][] = [
    ...crocheted(lining).map((piece): [PatternPiece, string] => [piece, 'lining']),
    ...(lining?.patterns ?? []).map((piece): [PatternPiece, string] => [piece, 'lining']),
    ...(lining?.interfacing ?? []).map((piece): [PatternPiece, string] => [piece, 'lining']),
    ...pockets.flatMap(({ pieces: own, at }) =>
      own.map((piece): [PatternPiece, string] => [piece, nameAt(at, 'pocket')]),
    ),
    ...(stiffener?.pieces ?? []).map((piece): [PatternPiece, string] => [piece, 'stiffener']),
  ];
  if (pieces.length === 0) return null;
  // Of what is cut inside the crochet, the crochet reaches further.
  const bounds = pieces.map(([{ cut, marks }]) =>
    ringBounds([...cut, ...marks.flatMap((mark) => (mark.kind === 'outline' ? mark.ring : []))]),
  );
  const heightMm = Math.max(...bounds.map((one) => one.heightMm));
  const shapes: Shape[] = [];
  const places: PiecesDrawing['places'] = [];
  let left = 0;
  pieces.forEach(([piece, of], index) => {
    const { leftMm, lowMm, widthMm, heightMm: ownMm } = bounds[index] as (typeof bounds)[number];
    shapes.push(...patternShapes(piece, { x: left - leftMm, y: heightMm + lowMm }, of));
    places.push({ x: left + widthMm / 2, y: heightMm - ownMm / 2, widthMm, heightMm: ownMm });
    left += widthMm + GAP_MM;
  });
  return { box: { x: 0, y: 0, widthMm: left - GAP_MM, heightMm }, shapes, places };
}

/** The outlines of what of a lining is crocheted; of rounds that lie flat, both faces on each other. */
const crocheted = (lining: LiningStage | null): PatternPiece[] =>
  lining && 'own' in lining
    ? lining.pieces.map((piece) => {
        const ring = ringOf(pieceOutline(piece, null));
        return { id: piece.id, copies: piece.copies, seam: ring, cut: ring, marks: [], grain: 'any' };
      })
    : [];
