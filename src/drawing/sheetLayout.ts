import { flatSize, type Piece } from '@/core/pieces';

/** A place for a sheet, and the room to leave between its pieces. */
export interface SheetRoom {
  widthPx: number;
  heightPx: number;
  gapPx: number;
}

/** A piece so many times longer than wide may be laid on its side. */
const LONG = 2.2;

/** Where a piece lies on the sheet, mm; turned, its row 1 is at the left. */
interface Place {
  x: number;
  y: number;
  turned: boolean;
}

/** Where all pieces of a bag lie on a sheet, mm, and how large they are there. */
export interface SheetLayout {
  box: { widthMm: number; heightMm: number };
  places: Place[];
  sizes: FlatSize[];
}

/**
 * Lays pieces out on a sheet, in the order they are worked, so that they are as large as a place of given proportions allows: goes through
 * every way to break their row into lines, long pieces upright or on their side.
 *
 * @param room the place on the screen or on paper, and the room between pieces, in one unit
 */
export function sheetLayout(pieces: readonly Piece[], room: SheetRoom): SheetLayout {
  const sizes = pieces.map(flatSize);
  const baseBelow = pieces[0]?.kind === 'oval';
  let best: (Omit<SheetLayout, 'sizes'> & { scale: number }) | null = null;
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
  const { box, places } = best as NonNullable<typeof best>;
  return { box, places, sizes };
}

/**
 * The same layout after a change of the pieces: to one scale still, each on the foot that it stood on. So what is dragged stays under
 * the hand, and what does not change stays where it is; a piece may grow over its sheet.
 *
 * @param pieces as many as were laid out
 */
export function heldLayout(layout: SheetLayout, pieces: readonly Piece[]): SheetLayout {
  const sizes = pieces.map(flatSize);
  const places = layout.places.map(({ x, y, turned }, index): Place => {
    const was = layout.sizes[index] as FlatSize;
    const is = sizes[index] as FlatSize;
    const wider = is.widthMm - was.widthMm;
    return turned ? { x, y: y - wider / 2, turned } : { x: x - wider / 2, y: y - (is.lengthMm - was.lengthMm), turned };
  });
  return { box: layout.box, places, sizes };
}

type FlatSize = ReturnType<typeof flatSize>;

const scaleOf = ({ box }: { box: SheetLayout['box'] }, { widthPx, heightPx }: SheetRoom): number =>
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
