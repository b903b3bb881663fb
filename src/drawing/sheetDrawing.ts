import type { Design } from '@/core/design';
import type { Join, JoinId, PieceId } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { edgeLines, halfway } from './edges';
import { pieceDrawing } from './pieceDrawing';
import type { Drawing, Point } from './shape';
import type { SheetLayout } from './sheetLayout';

/** A piece where it lies on the sheet; turned, its row 1 is at the left. */
export interface PlacedPiece {
  id: PieceId;
  copies: number;
  x: number;
  y: number;
  turned: boolean;
  drawing: Drawing;
}

/** A letter beside an edge: edges with the same letter are joined. */
export interface JoinMark {
  join: JoinId;
  letter: string;
  at: Point;
}

/** All pieces of a bag on one sheet, to one scale, with the letters of what is joined to what. */
interface SheetDrawing {
  box: { widthMm: number; heightMm: number };
  pieces: PlacedPiece[];
  marks: JoinMark[];
}

/**
 * All pieces of a plan on a sheet.
 *
 * @param layout where they lie, as `sheetLayout` gives it for the plan's pieces
 * @param finestMm lines of rows are no nearer to each other than this
 * @param isWanted which pieces are drawn
 */
export function sheetDrawing(
  design: Design,
  plan: Plan,
  layout: SheetLayout,
  finestMm = 0,
  isWanted: (id: PieceId) => boolean = () => true,
): SheetDrawing {
  const pieces = plan.pieces.flatMap((piece, index): PlacedPiece[] => {
    if (!isWanted(piece.id)) return [];
    const place = layout.places[index] as SheetLayout['places'][number];
    return [{ id: piece.id, copies: piece.copies, ...place, drawing: pieceDrawing(design, plan, piece, finestMm) }];
  });
  return { box: layout.box, pieces, marks: plan.pieces.length === 1 ? [] : joinMarks(plan, pieces) };
}

/** A point of a piece, on the sheet. */
export const onSheet = ({ x, y, turned, drawing: { box } }: PlacedPiece, point: Point): Point => {
  const [right, down] = [point.x - box.x, point.y - box.y];
  return turned ? { x: x + box.heightMm - down, y: y + right } : { x: x + right, y: y + down };
};

const LETTERS = 'ABCDEFGH';

function joinMarks(plan: Plan, placed: readonly PlacedPiece[]): JoinMark[] {
  return plan.joins.flatMap((join, index) =>
    markEdges(join).flatMap((edge): JoinMark[] => {
      const piece = plan.pieces.find(({ id }) => id === edge.piece);
      const place = placed.find(({ id }) => id === edge.piece);
      if (!piece || !place) return [];
      return edgeLines(piece, edge, plan.pouch.depthMm / 2).map((line) => ({
        join: join.id,
        letter: LETTERS[index % LETTERS.length] as string,
        at: onSheet(place, halfway(line)),
      }));
    }),
  );
}

const markEdges = ({ edges: [one, other] }: Join) => (one === other ? [one] : [one, other]);
