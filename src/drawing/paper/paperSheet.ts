import { ringBounds, type PatternPiece } from '@/core/cutting';
import { patternShapes } from '../patternShapes';
import type { Drawing, Shape } from '../shape';

/** A line of text on paper: where it begins, or its middle, and how high its letters are, mm. */
export interface Label {
  x: number;
  y: number;
  text: string;
  sizeMm: number;
  align: 'left' | 'middle';
}

/** A drawing with words on it, at true size: what leaves the program. */
export interface PaperSheet extends Drawing {
  labels: Label[];
}

/** A piece with what is written on it. */
export interface NamedPiece extends PatternPiece {
  name: string;
  notes: readonly string[];
}

/** Room between pieces, mm. */
const GAP_MM = 12;
const NAME_MM = 5;
const NOTE_MM = 3.4;

/**
 * Pieces at true size, placed beside each other from left to right in rows no wider than said; each named, with its notes.
 *
 * @param widthMm a piece that is wider stands alone in its row
 */
export function paperSheet(pieces: readonly NamedPiece[], widthMm: number): PaperSheet {
  const shapes: Shape[] = [];
  const labels: Label[] = [];
  let [left, top, rowMm, mostMm] = [0, 0, 0, 0];
  for (const piece of pieces) {
    const bounds = ringBounds(piece.cut);
    if (left > 0 && left + bounds.widthMm > widthMm) {
      top += rowMm + GAP_MM;
      [left, rowMm] = [0, 0];
    }
    const at = { x: left - bounds.leftMm, y: top + bounds.highMm };
    shapes.push(...patternShapes(piece, at));
    labels.push(...pieceLabels(piece, left + bounds.widthMm / 2, top + bounds.heightMm / 2, bounds.widthMm));
    left += bounds.widthMm + GAP_MM;
    rowMm = Math.max(rowMm, bounds.heightMm);
    mostMm = Math.max(mostMm, left - GAP_MM);
  }
  return { box: { x: 0, y: 0, widthMm: mostMm, heightMm: top + rowMm }, shapes, labels };
}

/** The name of a piece and its notes, in its middle; smaller on a small piece. */
function pieceLabels({ name, notes }: NamedPiece, x: number, y: number, widthMm: number): Label[] {
  const share = Math.min(1, widthMm / 60);
  const lines = [{ text: name, sizeMm: NAME_MM * share }, ...notes.map((text) => ({ text, sizeMm: NOTE_MM * share }))];
  let down = y - lines.reduce((sum, { sizeMm }) => sum + 1.4 * sizeMm, 0) / 2;
  return lines.map(({ text, sizeMm }) => {
    down += 1.4 * sizeMm;
    return { x, y: down, text, sizeMm, align: 'middle' };
  });
}
