import type { Design } from '@/core/design';
import { flatSize, type Join, type JoinId, type Piece, type PieceId } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { edgeLines, halfway } from './edges';
import { pieceDrawing } from './pieceDrawing';
import type { Drawing, Point } from './shape';

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
export interface SheetDrawing {
  box: { widthMm: number; heightMm: number };
  pieces: PlacedPiece[];
  marks: JoinMark[];
}

/** A place for a sheet, and the room to leave between its pieces. */
export interface SheetRoom {
  widthPx: number;
  heightPx: number;
  gapPx: number;
}

/** A piece so many times longer than wide may be laid on its side. */
const LONG = 2.2;

/**
 * Lays all pieces of a plan out on a sheet, in the order they are worked, so that they are as large as a place of given proportions
 * allows.
 *
 * @param room the place on the screen or on paper, and the room between pieces, in one unit
 */
export function sheetDrawing(design: Design, plan: Plan, room: SheetRoom): SheetDrawing {
  const layout = layOut(plan.pieces, room);
  const pieces = plan.pieces.map((piece, index): PlacedPiece => {
    const place = layout.places[index] as Place;
    return { id: piece.id, copies: piece.copies, ...place, drawing: pieceDrawing(design, plan, piece) };
  });
  return { box: layout.box, pieces, marks: plan.pieces.length === 1 ? [] : joinMarks(plan, pieces) };
}

interface Place {
  x: number;
  y: number;
  turned: boolean;
}

/** Goes through every way to break the row of pieces into lines, long pieces upright or on their side, and takes the largest. */
function layOut(pieces: readonly Piece[], room: SheetRoom): { box: SheetDrawing['box']; places: Place[] } {
  const sizes = pieces.map(flatSize);
  const baseBelow = pieces[0]?.kind === 'oval';
  let best: { scale: number; box: SheetDrawing['box']; places: Place[] } | null = null;
  for (const turnLong of [false, true])
    for (let breaks = 0; breaks < 2 ** (pieces.length - 1); breaks += 1) {
      // The gap is given on the screen, and the scale is not known before the pieces are laid: it is found in a few steps.
      let scale = scaleOf(layLines(sizes, breaks, turnLong, 0, baseBelow), room);
      let laid = layLines(sizes, breaks, turnLong, room.gapPx / scale, baseBelow);
      for (let round = 0; round < 4; round += 1) {
        scale = scaleOf(laid, room);
        laid = layLines(sizes, breaks, turnLong, room.gapPx / scale, baseBelow);
      }
      if (best === null || scale > best.scale * 1.02) best = { scale, ...laid };
    }
  return best as NonNullable<typeof best>;
}

type FlatSize = ReturnType<typeof flatSize>;

const scaleOf = ({ box }: { box: SheetDrawing['box'] }, { widthPx, heightPx }: SheetRoom): number =>
  Math.max(0.01, Math.min(widthPx / box.widthMm, heightPx / box.heightMm));

function layLines(sizes: readonly FlatSize[], breaks: number, turnLong: boolean, gapMm: number, baseBelow: boolean) {
  const places: Place[] = [];
  let [x, y, lineHigh, widest] = [0, 0, 0, 0];
  const lines: { from: number; to: number; wide: number; high: number }[] = [];
  sizes.forEach(({ widthMm, lengthMm }, index) => {
    const turned = turnLong && lengthMm > LONG * widthMm && sizes.length > 1;
    const [wide, high] = turned ? [lengthMm, widthMm] : [widthMm, lengthMm];
    const isNewLine = index > 0 && (breaks >> (index - 1)) % 2 === 1;
    if (isNewLine) {
      y += lineHigh + gapMm;
      [x, lineHigh] = [0, 0];
    }
    if (index === 0 || isNewLine) lines.push({ from: index, to: index, wide: 0, high: 0 });
    const line = lines.at(-1) as (typeof lines)[number];
    places.push({ x, y, turned });
    lineHigh = Math.max(lineHigh, high);
    Object.assign(line, { to: index, wide: x + wide, high: lineHigh });
    widest = Math.max(widest, x + wide);
    x += wide + gapMm;
  });
  // Pieces of a line stand on one level, and every line in the middle.
  for (const { from, to, wide, high } of lines)
    for (let index = from; index <= to; index += 1) {
      const place = places[index] as Place;
      const { widthMm, lengthMm } = sizes[index] as FlatSize;
      place.y += high - (place.turned ? widthMm : lengthMm);
      place.x += (widest - wide) / 2;
    }
  const heightMm = y + lineHigh;
  // A base lies below the sides that go on from it, as rows are read upwards.
  if (baseBelow)
    places.forEach((place, index) => {
      const { widthMm, lengthMm } = sizes[index] as FlatSize;
      place.y = heightMm - place.y - (place.turned ? widthMm : lengthMm);
    });
  return { box: { widthMm: widest, heightMm }, places };
}

/** A point of a piece, on the sheet. */
export const onSheet = ({ x, y, turned, drawing }: PlacedPiece, point: Point): Point =>
  turned ? { x: x + drawing.box.heightMm - point.y, y: y + point.x } : { x: x + point.x, y: y + point.y };

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
