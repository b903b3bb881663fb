import { paperPaths } from '../paper/paperPaths';
import type { Drawing, Point, Shape } from '../shape';

/** How something is drawn on a picture: colours as the web writes them, lines in mm; null where there is no fill or no line. */
export interface PictureLook {
  fill: string | null;
  fillOpacity: number;
  stroke: string | null;
  strokeMm: number;
  dashMm: readonly number[];
}

/** A line or an area of a picture, mm. */
export interface PicturePath {
  points: Point[];
  closed: boolean;
  look: PictureLook;
}

/** Words on a picture: the place of their middle, or of where they begin or end, and how high their letters are, mm. */
export interface PictureLabel extends Point {
  text: string;
  sizeMm: number;
  align?: 'start' | 'end';
}

/** How much of a text lies to the left of its place. */
export const leftShare = ({ align }: Pick<PictureLabel, 'align'>): number =>
  align === 'start' ? 0 : align === 'end' ? 1 : 0.5;

/** A drawing as it leaves the program, at true size: everything on it as lines and colours. */
export interface Picture {
  widthMm: number;
  heightMm: number;
  paths: PicturePath[];
  labels: PictureLabel[];
}

/** A drawing with its name, and words that stand on it. */
export interface NamedDrawing {
  name: string;
  drawing: Drawing;
  labels?: readonly PictureLabel[];
}

/** Room between drawings on one picture, and round all of them, mm. */
const GAP_MM = 18;
const MARGIN_MM = 6;
/** Letters of a drawing's name, and the line that they stand on below it, mm. */
const LETTERS_MM = 4.5;
const NAME_MM = 9;
/** Letters, as a share of the longest side of what is printed small. */
const SMALL_SHARE = 0.03;
/** How wide a letter is on an average, of its height. */
const LETTER_WIDE = 0.55;

/** Letters of a picture that is printed small: those that stand on its drawings already, else its usual ones. */
export const lettersFor = (drawings: readonly NamedDrawing[]): number =>
  Math.max(
    ...drawings.map(({ drawing: { box }, labels = [] }) =>
      Math.max(LETTERS_MM, labels[0]?.sizeMm ?? SMALL_SHARE * Math.max(box.widthMm, box.heightMm)),
    ),
  );

/**
 * Drawings beside each other on one picture at true size, each with its name below it, all standing on one line.
 *
 * @param lookOf how what is drawn as something looks
 */
export function pictureOf(
  drawings: readonly NamedDrawing[],
  lookOf: (role: Shape['role']) => PictureLook,
  { lettersMm = LETTERS_MM }: { lettersMm?: number } = {},
): Picture {
  const drawn = drawings.map(({ name, drawing, labels: own = [] }) => {
    const lines = drawing.shapes.flatMap((shape) =>
      paperPaths(shape).map(({ role, points, closed }): PicturePath => {
        const look = lookOf(role);
        const isThick = shape.kind === 'path' && shape.strokeMm !== undefined;
        return { points, closed, look: isThick ? { ...look, strokeMm: shape.strokeMm ?? look.strokeMm } : look };
      }),
    );
    return { name, lines, own, ...extentOf(drawing, lines, own) };
  });
  const nameMm = (NAME_MM / LETTERS_MM) * lettersMm;
  const highMm = Math.max(0, ...drawn.map((one) => one.heightMm));
  const paths: PicturePath[] = [];
  const labels: PictureLabel[] = [];
  let left = MARGIN_MM;
  for (const { name, lines, own, x, y, widthMm, heightMm } of drawn) {
    // A name that is longer than its drawing has room for itself.
    const roomMm = Math.max(widthMm, LETTER_WIDE * lettersMm * name.length);
    const [offX, offY] = [left + (roomMm - widthMm) / 2 - x, MARGIN_MM + highMm - heightMm - y];
    for (const line of lines)
      paths.push({ ...line, points: line.points.map((point) => ({ x: point.x + offX, y: point.y + offY })) });
    labels.push(...own.map((label) => ({ ...label, x: label.x + offX, y: label.y + offY })));
    labels.push({ x: left + roomMm / 2, y: MARGIN_MM + highMm + nameMm, text: name, sizeMm: lettersMm });
    left += roomMm + GAP_MM;
  }
  return {
    widthMm: Math.max(1, left - GAP_MM + MARGIN_MM),
    heightMm: 2 * MARGIN_MM + highMm + nameMm,
    paths,
    labels,
  };
}

/** The rectangle of a drawing with all that is drawn and written outside its box. */
function extentOf({ box }: Drawing, lines: readonly PicturePath[], labels: readonly PictureLabel[]): Drawing['box'] {
  let [left, top, right, bottom] = [box.x, box.y, box.x + box.widthMm, box.y + box.heightMm];
  for (const { points } of lines)
    for (const { x, y } of points) {
      left = Math.min(left, x);
      right = Math.max(right, x);
      top = Math.min(top, y);
      bottom = Math.max(bottom, y);
    }
  for (const label of labels) {
    const { x, y, text, sizeMm } = label;
    const wide = LETTER_WIDE * sizeMm * text.length;
    left = Math.min(left, x - leftShare(label) * wide);
    right = Math.max(right, x + (1 - leftShare(label)) * wide);
    top = Math.min(top, y - sizeMm);
    bottom = Math.max(bottom, y + 0.3 * sizeMm);
  }
  return { x: left, y: top, widthMm: right - left, heightMm: bottom - top };
}
