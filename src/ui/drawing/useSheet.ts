import { useEffect, useMemo, useState, type PointerEvent } from 'react';
import { panelLines, type PanelLine } from '@/core/body';
import type { Design } from '@/core/design';
import type { Piece, PieceId } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import {
  heldLayout,
  sheetDrawing,
  sheetLayout,
  type Drawing,
  type JoinMark,
  type PlacedPiece,
  type SheetLayout,
  type SheetRoom,
} from '@/drawing';
import { useBag, useBagBehind } from '@/ui/bag/BagProvider';
import { useShared, useSharedDrawings } from './useShared';

/** A piece as the sheet shows it. */
interface ShownPiece {
  piece: Piece;
  placed: PlacedPiece;
  lines: PanelLine[];
}

interface ShownSheet {
  box: SheetLayout['box'];
  pieces: ShownPiece[];
  /** The piece that the rules lie along, as they show it: while a hand is down they follow it a little later. */
  ruled: ShownPiece | undefined;
  marks: JoinMark[];
  /** To be called when a hand takes hold of something on the sheet: its element, or one around it, says in `data-on` which piece it is on. */
  onTakeHold: (event: PointerEvent) => void;
}

/** A hand on the sheet: the layout when it came down, and the piece it is on. */
interface Hand {
  layout: SheetLayout;
  piece: PieceId | null;
}

/**
 * The pieces where they lie on the sheet. While a hand is down on it nothing is laid out anew, so that what is dragged stays under the
 * hand, and the piece under the hand is drawn at once while the others follow; when it is lifted all are laid out as large as
 * they can be again.
 *
 * @param room the place on the screen; the same object as long as it is the same
 * @param ruledId the piece that the rules lie along
 * @param finestOf the least distance of two lines of rows for a layout, mm
 */
export function useSheet(room: SheetRoom, ruledId: PieceId, finestOf: (layout: SheetLayout) => number): ShownSheet {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const [taken, setHand] = useHand();
  // Another construction, which has other pieces, is laid out anew, hand or no hand.
  const hand = taken?.layout.places.length === plan.pieces.length ? taken : null;
  const apart = plan.pieces.length > 1 ? (hand?.piece ?? null) : null;
  // Followed only while a hand is down.
  const behind = useBagBehind('section', (state) => (hand === null ? null : state));
  const free = useMemo(() => (hand ? null : sheetLayout(plan.pieces, room)), [hand, plan.pieces, room]);
  const layout = (free ?? hand?.layout) as SheetLayout;
  const finestMm = finestOf(layout);
  const following = behind?.plan.pieces.length === plan.pieces.length ? behind : null;
  const first = following && apart;
  const under = useMemo(
    () => shown(design, plan, layout, finestMm, first === null ? () => true : (id) => id === first),
    [design, plan, layout, finestMm, first],
  );
  const others = useMemo(
    () =>
      following && first !== null
        ? shown(following.design, following.plan, layout, finestMm, (id) => id !== first)
        : null,
    [following, layout, finestMm, first],
  );
  const ruled = useMemo(
    () => following && shown(following.design, following.plan, layout, finestMm, (id) => id === ruledId).pieces[0],
    [following, layout, finestMm, ruledId],
  );
  const drawn = [...under.pieces, ...(others?.pieces ?? [])];
  // In the order of the plan, whichever was drawn first.
  const pieces = plan.pieces.flatMap(({ id }) => drawn.filter(({ piece }) => piece.id === id));
  const lines = useShared(pieces.map((one) => one.lines));
  const drawings = useSharedDrawings(pieces.map(({ placed }) => placed.drawing));
  return {
    box: layout.box,
    pieces: pieces.map(({ piece, placed }, index) => ({
      piece,
      placed: { ...placed, drawing: drawings[index] as Drawing },
      lines: lines[index] as PanelLine[],
    })),
    ruled: ruled ?? pieces.find(({ piece }) => piece.id === ruledId),
    // Each drawing has the letters on its own pieces.
    marks: useShared([...under.marks, ...(others?.marks ?? [])]),
    onTakeHold: (event) => setHand({ layout, piece: pieceUnder(event) }),
  };
}

/** The hand on the sheet, until it is lifted, wherever that is. */
function useHand() {
  const [hand, setHand] = useState<Hand | null>(null);
  const isDown = hand !== null;
  useEffect(() => {
    if (!isDown) return;
    const lift = () => setHand(null);
    addEventListener('pointerup', lift);
    addEventListener('pointercancel', lift);
    return () => {
      removeEventListener('pointerup', lift);
      removeEventListener('pointercancel', lift);
    };
  }, [isDown]);
  return [hand, setHand] as const;
}

const pieceUnder = ({ target }: PointerEvent): PieceId | null =>
  ((target as Element).closest('[data-on]')?.getAttribute('data-on') as PieceId | undefined) ?? null;

/** The pieces of a plan on a sheet laid out for it, or for it as it was when a hand came down. */
function shown(
  design: Design,
  plan: Plan,
  layout: SheetLayout,
  finestMm: number,
  isWanted: (id: PieceId) => boolean = () => true,
): Pick<ShownSheet, 'pieces' | 'marks'> {
  const sheet = sheetDrawing(design, plan, heldLayout(layout, plan.pieces), finestMm, isWanted);
  const lines = panelLines(plan);
  return {
    marks: sheet.marks,
    pieces: sheet.pieces.flatMap((placed) => {
      const piece = plan.pieces.find(({ id }) => id === placed.id);
      return piece ? [{ piece, placed, lines: lines.filter((line) => line.piece === piece.id) }] : [];
    }),
  };
}
