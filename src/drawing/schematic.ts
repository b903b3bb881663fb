import type { Design } from '@/core/design';
import type { FabricMark } from '@/core/fittings';
import type { Piece, PieceId, RowsPiece } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { pieceDrawing } from './pieceDrawing';
import { stitchesAfter } from './rowsPiece';
import type { PictureLabel } from './picture/picture';
import { lineSegments, type Drawing, type Point, type Role, type Shape } from './shape';

/** A drawing with words on it, and the lines that say what its letters are. */
export interface LabelledDrawing extends Drawing {
  labels: PictureLabel[];
  notes: string[];
}

/** What a schematic says of what it measures. */
export interface SchematicWords {
  /** Stitches across, and how wide they are. */
  across(stitches: number, mm: number): string;
  /** Rows, and how long they are. */
  rows(piece: PieceId, from: number, to: number, mm: number): string;
  length(mm: number): string;
  /** What is set in one row: its letter, what it is, where. */
  marks(letter: string, marks: readonly FabricMark[]): string;
  /** The letter of it alone. */
  letter(index: number): string;
}

/** What of a piece's drawing is no outline: rows and texture. */
const LEFT_OUT: ReadonlySet<Role> = new Set<Role>(['row', 'rowPublic', 'rib', 'bump', 'symbol', 'symbolSolid']);

/** Letters, as a share of the longest side of the piece; and what lies between piece and dimension lines, in letters. */
const LETTER_SHARE = 0.035;
const LEAST_LETTERS_MM = 4.5;
const OFF = 1.6;

/**
 * A flat piece with its measures: what it begins and ends with, every stretch between folds in rows and in length, its whole length, and where everything is set by count.
 * Copies and rounds are measured across alone.
 */
export function schematic(design: Design, plan: Plan, piece: Piece, words: SchematicWords): LabelledDrawing {
  const whole = pieceDrawing(design, plan, piece, 1e6);
  const { box } = whole;
  const sizeMm = Math.max(LEAST_LETTERS_MM, LETTER_SHARE * Math.max(box.widthMm, box.heightMm));
  const shapes = whole.shapes.filter(({ role }) => !LEFT_OUT.has(role));
  const labels: PictureLabel[] = [];
  const off = OFF * sizeMm;
  const [left, right, top, bottom] = [box.x, box.x + box.widthMm, box.y, box.y + box.heightMm];
  const put = (x: number, y: number, text: string, align?: PictureLabel['align']) =>
    labels.push({ x, y, text, sizeMm, ...(align ? { align } : {}) });
  const level = (y: number, fromX: number, toX: number, text: string, isBelow: boolean) => {
    shapes.push(...dimension({ x: fromX, y }, { x: toX, y }, sizeMm));
    put((fromX + toX) / 2, isBelow ? y + 1.3 * sizeMm : y - 0.5 * sizeMm, text);
  };
  const upright = (x: number, fromY: number, toY: number, text: string, isLeft: boolean) => {
    shapes.push(...dimension({ x, y: fromY }, { x, y: toY }, sizeMm));
    const beside = 0.7 * sizeMm;
    put(isLeft ? x - beside : x + beside, (fromY + toY) / 2 + 0.35 * sizeMm, text, isLeft ? 'end' : 'start');
  };
  if (piece.kind === 'rows') {
    const middle = (left + right) / 2;
    const first = stitchesAfter(piece, 0);
    const last = stitchesAfter(piece, piece.rows.length);
    const half = (stitches: number) => (stitches * piece.stitchMm) / 2;
    level(bottom + off, middle - half(first), middle + half(first), words.across(first, 2 * half(first)), true);
    if (last !== first && last > 0)
      level(top - off, middle - half(last), middle + half(last), words.across(last, 2 * half(last)), false);
    for (const { from, to } of stretches(piece))
      upright(
        left - off,
        -from * piece.rowMm,
        -to * piece.rowMm,
        words.rows(piece.id, from + 1, to, (to - from) * piece.rowMm),
        true,
      );
    upright(right + off, top, bottom, words.length(box.heightMm), false);
  } else {
    level(bottom + off, left, right, words.length(box.widthMm), true);
    if (piece.kind !== 'disc') upright(right + off, top, bottom, words.length(box.heightMm), false);
  }
  const across = design.settings.hand === 'right' ? -1 : 1;
  const notes = setTogether(plan, piece).map((marks, index) => {
    const letter = words.letter(index);
    const [first] = marks;
    const x = (left + right) / 2 + across * (first?.acrossMm ?? 0);
    const y = (piece.kind === 'rows' ? 0 : bottom) - (first?.alongMm ?? 0);
    const tag = { x: x + 1.5 * sizeMm, y: y - 0.9 * sizeMm };
    shapes.push({ kind: 'circle', role: 'tag', layer: 'hardware', ...tag, radiusMm: 0.75 * sizeMm });
    put(tag.x, tag.y + 0.35 * sizeMm, letter);
    return words.marks(letter, marks);
  });
  return { box, shapes, labels, notes };
}

/** What is set on a piece by count, what is set in one row of one kind together. */
function setTogether({ marks }: Plan, { id }: Piece): FabricMark[][] {
  const together = new Map<string, FabricMark[]>();
  for (const mark of marks) {
    if (mark.piece !== id || mark.count === null || mark.presence !== 'set') continue;
    const key = [mark.of.group, mark.of.index, mark.count.row, mark.face].join();
    together.set(key, [...(together.get(key) ?? []), mark]);
  }
  return [...together.values()];
}

/** The stretches of a piece between its ends and the lines across it. */
function stretches(piece: RowsPiece): { from: number; to: number }[] {
  const ends = [0, ...piece.lines.map(({ afterRow }) => afterRow), piece.rows.length];
  const rows = [...new Set(ends)].sort((one, other) => one - other);
  return rows.slice(1).map((to, index) => ({ from: rows[index] as number, to }));
}

/** A dimension line with an upright stroke at either end. */
function dimension(from: Point, to: Point, sizeMm: number): Shape[] {
  const tick = 0.4 * sizeMm;
  const isLevel = from.y === to.y;
  const stroke = (at: Point) =>
    isLevel
      ? lineSegments({ x: at.x, y: at.y - tick }, { x: at.x, y: at.y + tick })
      : lineSegments({ x: at.x - tick, y: at.y }, { x: at.x + tick, y: at.y });
  return [
    {
      kind: 'path',
      role: 'dimension',
      layer: 'cloth',
      closed: false,
      segments: [...lineSegments(from, to), ...stroke(from), ...stroke(to)],
    },
  ];
}
