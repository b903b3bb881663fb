import type { Design } from '@/core/design';
import type { FabricMark } from '@/core/fittings';
import type { Piece, RowsPiece } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { pieceDrawing } from './pieceDrawing';
import { stitchesAfter } from './rowsPiece';
import { lineSegments, type Drawing, type Point, type Role, type Shape } from './shape';

/** Words on a drawing: their middle, and how high their letters are, mm. */
export interface DrawnLabel extends Point {
  text: string;
  sizeMm: number;
}

/** A drawing with words on it, and lines of words that belong below it. */
export interface LabelledDrawing extends Drawing {
  labels: DrawnLabel[];
  notes: string[];
}

/** What a schematic says of what it measures. */
export interface SchematicWords {
  /** Stitches across, and how wide they are. */
  across(stitches: number, mm: number): string;
  /** Rows, and how long they are. */
  rows(from: number, to: number, mm: number): string;
  length(mm: number): string;
  /** What is set somewhere: its letter, what it is, where. */
  mark(letter: string, mark: FabricMark): string;
  /** The letter of it alone. */
  letter(index: number): string;
}

/** What of a piece's drawing is no outline: rows and texture. */
const LEFT_OUT: ReadonlySet<Role> = new Set<Role>(['row', 'rowPublic', 'rib', 'bump', 'symbol', 'symbolSolid']);

/** Letters, as a share of the longest side of the piece; and what lies between piece and dimension lines, in letters. */
const LETTER_SHARE = 0.035;
const LEAST_LETTERS_MM = 4.5;
const OFF = 1.6;
/** How wide a letter is on an average, of its height. */
const WIDE = 0.52;

/**
 * A flat piece with its measures: what it begins and ends with, every stretch between folds in rows and in length, its whole length, and where everything is set by count.
 * Copies and rounds are measured across alone.
 */
export function schematic(design: Design, plan: Plan, piece: Piece, words: SchematicWords): LabelledDrawing {
  const whole = pieceDrawing(design, plan, piece, 1e6);
  const { box } = whole;
  const sizeMm = Math.max(LEAST_LETTERS_MM, LETTER_SHARE * Math.max(box.widthMm, box.heightMm));
  const shapes = whole.shapes.filter(({ role }) => !LEFT_OUT.has(role));
  const labels: DrawnLabel[] = [];
  const off = OFF * sizeMm;
  const [left, right, top, bottom] = [box.x, box.x + box.widthMm, box.y, box.y + box.heightMm];
  const put = (x: number, y: number, text: string) => labels.push({ x, y, text, sizeMm });
  const level = (y: number, fromX: number, toX: number, text: string, isBelow: boolean) => {
    shapes.push(...dimension({ x: fromX, y }, { x: toX, y }, sizeMm));
    put((fromX + toX) / 2, isBelow ? y + 1.3 * sizeMm : y - 0.5 * sizeMm, text);
  };
  const upright = (x: number, fromY: number, toY: number, text: string, isLeft: boolean) => {
    shapes.push(...dimension({ x, y: fromY }, { x, y: toY }, sizeMm));
    const wide = (text.length * WIDE + 0.8) * sizeMm;
    put(isLeft ? x - wide / 2 : x + wide / 2, (fromY + toY) / 2 + 0.35 * sizeMm, text);
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
        words.rows(from + 1, to, (to - from) * piece.rowMm),
        true,
      );
    upright(right + off, top, bottom, words.length(box.heightMm), false);
  } else {
    level(bottom + off, left, right, words.length(box.widthMm), true);
    if (piece.kind !== 'disc') upright(right + off, top, bottom, words.length(box.heightMm), false);
  }
  const across = design.settings.hand === 'right' ? -1 : 1;
  const set = plan.marks.filter((mark) => mark.piece === piece.id && mark.count !== null && mark.presence === 'set');
  const notes = set.map((mark, index) => {
    const letter = words.letter(index);
    const x = (left + right) / 2 + across * mark.acrossMm;
    put(x + 1.4 * sizeMm, (piece.kind === 'rows' ? 0 : bottom) - mark.alongMm - 0.6 * sizeMm, letter);
    return words.mark(letter, mark);
  });
  return { box, shapes, labels, notes };
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
