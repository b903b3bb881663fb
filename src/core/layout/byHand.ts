import { commonArea, offsetRing, ringArea, ringBounds, ringLength, type Ring } from '@/core/cutting';
import type { LaidByHand } from '@/core/design';
import { foldedPieces } from './foldedCloth';
import type { ClothToCut } from './layOnCloth';
import { layoutBoundMm } from './bound';
import type { LaidPiece, Layout, LayoutPiece } from './layoutTypes';
import { turnedRing, type Turn } from './turned';

/** What two pieces have in common that is no more than their lines touching, mm². */
const DUST_MM2 = 1;
/** What stands out of a remnant by less lies within it, mm. */
const HAIR_MM = 0.05;

/** A layout that she has had a hand in: what of it lies badly is told, and nothing is moved for her. */
export interface LaidOut extends Layout {
  /** Pairs, by their place in `laid`, that lie on each other or nearer than what is to be left between. */
  clashes: (readonly [number, number])[];
  /** Those that lie beyond the edge of what they are cut from. */
  beyond: number[];
}

/**
 * Pieces as she has laid them. One that she has not laid, since it is new, lies after all others; one that is gone is gone from the layout too.
 *
 * @param places where each lies, by its name for the program
 */
export function byHand(pieces: readonly LayoutPiece[], places: readonly LaidByHand[], cloth: ClothToCut): LaidOut {
  const { sheet, remnants, isFolded } = cloth;
  const placeOf = new Map(places.map((place) => [place.of, place]));
  const remnantOf = ({ id }: LayoutPiece) => {
    const remnant = placeOf.get(id)?.remnant ?? null;
    return remnant !== null && remnant < remnants.length ? remnant : null;
  };
  const single = pieces.filter((piece) => remnantOf(piece) !== null);
  const rest = pieces.filter((piece) => remnantOf(piece) === null);
  const all = [...single, ...(isFolded ? foldedPieces(rest) : rest)];
  const laid: LaidPiece[] = [];
  const unplaced: number[] = [];
  all.forEach((piece, index) => {
    const place = placeOf.get(piece.id);
    if (!place || (place.remnant !== null && remnantOf(piece) === null)) return void unplaced.push(index);
    const turn = piece.turns.find((one) => one === place.turn) ?? piece.turns[0];
    laid.push({ piece: index, turn, xMm: piece.atFold ? 0 : place.xMm, yMm: place.yMm, remnant: remnantOf(piece) });
  });
  let endMm = Math.max(0, ...laid.filter(({ remnant }) => remnant === null).map((one) => topOf(all, one)));
  for (const piece of unplaced) {
    const one: LaidPiece = {
      ...{ piece, turn: all[piece]?.turns[0] ?? 0, xMm: 0, remnant: null },
      yMm: endMm > 0 ? endMm + sheet.betweenMm : 0,
    };
    laid.push(one);
    endMm = topOf(all, one);
  }
  const rings = laid.map((one) => ringAt(all, one));
  const onBolt = all.slice(single.length);
  return {
    ...{ pieces: all, laid, tooWide: [], lengthMm: endMm, isProven: false },
    boundMm: layoutBoundMm(onBolt, sheet),
    clashes: clashesOf(laid, rings, sheet.betweenMm),
    beyond: laid.flatMap((one, index) => (isBeyond(one, rings[index] ?? [], cloth) ? [index] : [])),
  };
}

/** The outline of a piece where it lies. */
export const ringAt = (pieces: readonly LayoutPiece[], { piece, turn, xMm, yMm }: LaidPiece): Ring =>
  turnedRing(pieces[piece]?.ring ?? [], turn).map(([x, y]) => [x + xMm, y + yMm] as const);

const topOf = (pieces: readonly LayoutPiece[], one: LaidPiece): number => ringBounds(ringAt(pieces, one)).highMm;

function clashesOf(laid: readonly LaidPiece[], rings: readonly Ring[], betweenMm: number): LaidOut['clashes'] {
  // Each grown by half of what is left between, a hair less, so that two which are just so far apart do not clash.
  const grown = rings.map((ring) => (betweenMm > 0 ? (offsetRing(ring, betweenMm / 2 - 0.05, 'round') ?? ring) : ring));
  const clashes: (readonly [number, number])[] = [];
  grown.forEach((ring, index) => {
    for (let other = index + 1; other < grown.length; other++)
      if (laid[index]?.remnant === laid[other]?.remnant && commonArea(ring, grown[other] as Ring) > DUST_MM2)
        clashes.push([index, other]);
  });
  return clashes;
}

function isBeyond({ remnant }: LaidPiece, ring: Ring, { sheet, remnants }: ClothToCut): boolean {
  if (remnant === null) {
    const { leftMm, rightMm, lowMm } = ringBounds(ring);
    return leftMm < -0.05 || lowMm < -0.05 || rightMm > sheet.widthMm + 0.05;
  }
  // No more than a hair may stand out, all round.
  return commonArea(ring, remnants[remnant] ?? []) < Math.abs(ringArea(ring)) - DUST_MM2 - HAIR_MM * ringLength(ring);
}

/**
 * Where every piece of a layout lies, as it is kept.
 *
 * @example
 * placesOf({ pieces: [{ id: 'a/1' }], laid: [{ piece: 0, turn: 90, xMm: 1, yMm: 2, remnant: null }] }) // => [{ of: 'a/1', turn: 90, xMm: 1, yMm: 2, remnant: null }]
 */
export const placesOf = ({
  pieces,
  laid,
}: {
  pieces: readonly { id: string }[];
  laid: readonly LaidPiece[];
}): LaidByHand[] =>
  laid.flatMap(({ piece, ...place }) => {
    const of = pieces[piece]?.id;
    return of === undefined ? [] : [{ of, ...place }];
  });

/** A piece moved, no further than the cloth or its remnant reaches, or turned to the next way that it may lie. */
export function moved(
  layout: Layout,
  index: number,
  by: { xMm: number; yMm: number } | 'turn',
  { sheet, remnants }: ClothToCut,
): Layout {
  const one = layout.laid[index];
  const piece = one && layout.pieces[one.piece];
  if (!one || !piece) return layout;
  const turns: readonly Turn[] = piece.turns;
  const turn = by === 'turn' ? (turns[(turns.indexOf(one.turn) + 1) % turns.length] ?? one.turn) : one.turn;
  const { widthMm, heightMm } = ringBounds(turnedRing(piece.ring, turn));
  const room =
    one.remnant === null
      ? { leftMm: 0, rightMm: sheet.widthMm, lowMm: 0, highMm: Infinity }
      : ringBounds(remnants[one.remnant] ?? []);
  const within = (mm: number, low: number, high: number) => Math.max(low, Math.min(Math.max(low, high), mm));
  const step = by === 'turn' ? { xMm: 0, yMm: 0 } : by;
  const place: LaidPiece = {
    ...one,
    turn,
    xMm: piece.atFold ? 0 : within(one.xMm + step.xMm, room.leftMm, room.rightMm - widthMm),
    yMm: within(one.yMm + step.yMm, room.lowMm, room.highMm - heightMm),
  };
  return { ...layout, laid: layout.laid.map((each, at) => (at === index ? place : each)) };
}
