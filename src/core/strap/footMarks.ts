import type { Strap } from '@/core/design';
import { nameAt, pathOf, type FabricMark, type FittingInput, type MarkMove } from '@/core/fittings';
import { isOneOfTwo, type RowsPiece } from '@/core/pieces';
import { mostInStitches } from './placedFeet';
import type { RowSpan, StrapFoot } from './strapFoot';

/** A foot on a piece: where its middle is, and its size, mm. */
interface Patch {
  piece: RowsPiece;
  acrossMm: number;
  alongMm: number;
  widthMm: number;
  lengthMm: number;
  move?: MarkMove | null;
}

/** A ring's wire, mm. From memory. */
const WIRE_MM = 3;

/** The feet of a strap as patches on the pieces that they are sewn to, with a ring at each where it is held by rings. */
export function footMarks(foot: StrapFoot, strap: Strap, strapMm: number, bag: FittingInput): FabricMark[] {
  const { ends } = strap;
  // A tab is as wide as its ring.
  const wideMm = 'innerMm' in ends ? ends.innerMm : strapMm;
  return patches(foot, wideMm, bag).flatMap((patch) => [
    markOf(patch, ends, bag),
    ...('innerMm' in ends ? [ringMark(patch, ends.innerMm, bag)] : []),
  ]);
}

function markOf({ piece, move = null, ...patch }: Patch, ends: Strap['ends'], { at, pouch }: FittingInput): FabricMark {
  const { fabricMm } = pouch.layers;
  const { acrossMm, alongMm, widthMm, lengthMm } = patch;
  return {
    mark: nameAt(at, 'strap.feet'),
    of: at,
    piece: piece.id,
    face: ends.kind === 'sewn' && ends.lie === 'outside' ? 'outer' : 'inner',
    ...{ acrossMm, alongMm },
    // At the sides, beside the way that the section is cut.
    stationMm: null,
    count: null,
    form:
      ends.kind === 'knotted'
        ? { kind: 'disc', radiusMm: Math.min(widthMm, lengthMm) / 2 }
        : { kind: 'patch', widthMm, lengthMm },
    stuff: 'stitches',
    standsMm: fabricMm,
    throughMm: [fabricMm],
    presence: 'set',
    move,
  };
}

/** The ring at a foot, where its tab holds it. */
const ringMark = ({ piece, acrossMm, alongMm }: Patch, innerMm: number, { at }: FittingInput): FabricMark => ({
  mark: nameAt(at, 'strap.ring'),
  of: at,
  piece: piece.id,
  face: 'inner',
  ...{ acrossMm, alongMm },
  stationMm: null,
  count: null,
  form: { kind: 'ring', radiusMm: (innerMm + WIRE_MM) / 2, wireMm: WIRE_MM },
  stuff: 'metal',
  standsMm: WIRE_MM,
  throughMm: [],
  presence: 'set',
  move: null,
});

function patches(foot: StrapFoot, strapMm: number, bag: FittingInput): Patch[] {
  const pieceOf = (id: string) =>
    bag.set.pieces.find((piece): piece is RowsPiece => piece.kind === 'rows' && piece.id === id);
  switch (foot.on) {
    case 'strip-ends': {
      const piece = pieceOf(foot.piece);
      return piece ? onStripEnds(piece, foot, strapMm) : [];
    }
    case 'sides': {
      const { front, back } = foot;
      // Of rounds that lie flat, front and back are the same rows.
      const same = front.piece === back.piece && front.rows.from === back.rows.from;
      const sides = ({ piece: id, rows }: { piece: string; rows: RowSpan }, stitches: number) => {
        const piece = pieceOf(id);
        return piece ? fromEdges(piece, rows, 0, stitches) : [];
      };
      return [...sides(front, foot.frontStitches), ...(same ? [] : sides(back, foot.backStitches))];
    }
    case 'face': {
      const piece = pieceOf(foot.piece);
      if (!piece) return [];
      const move = moveOf(foot, piece, bag);
      return fromEdges(piece, foot.rows, foot.inStitches, foot.stitches).map((patch, index) => ({
        ...patch,
        move: { ...move, isGripped: index === 0, perMm: index === 0 ? -1 : 1 },
      }));
    }
  }
}

function onStripEnds(
  strip: RowsPiece,
  { unit, depthMm }: Extract<StrapFoot, { on: 'strip-ends' }>,
  strapMm: number,
): Patch[] {
  const lengthMm = strip.rows.length * strip.rowMm;
  const widthMm = strip.startStitches * strip.stitchMm;
  const wide = Math.min(strapMm, unit === 'row' ? widthMm : lengthMm);
  const middleMm = depthMm / 2;
  return unit === 'row'
    ? [lengthMm - middleMm, ...(isOneOfTwo(strip) ? [] : [middleMm])].map((alongMm) => ({
        piece: strip,
        acrossMm: 0,
        alongMm,
        widthMm: wide,
        lengthMm: depthMm,
      }))
    : [widthMm / 2 - middleMm, middleMm - widthMm / 2].map((acrossMm) => ({
        piece: strip,
        acrossMm,
        alongMm: lengthMm / 2,
        widthMm: depthMm,
        lengthMm: wide,
      }));
}

/** Two patches, as many stitches in from either edge of the rows that they lie on: mirrored by count. */
function fromEdges(piece: RowsPiece, rows: RowSpan, inStitches: number, stitches: number): Patch[] {
  const { stitchMm, rowMm } = piece;
  const edgeMm = ((piece.rows[rows.to - 1]?.stitches ?? piece.startStitches) * stitchMm) / 2;
  const outerMm = Math.max(0, edgeMm - inStitches * stitchMm);
  const wide = Math.min(stitches * stitchMm, outerMm);
  const high = (rows.to - rows.from + 1) * rowMm;
  return [outerMm - wide / 2, wide / 2 - outerMm].map((acrossMm) => ({
    piece,
    acrossMm,
    alongMm: rows.to * rowMm - high / 2,
    widthMm: wide,
    lengthMm: high,
  }));
}

/** A foot on a face is moved across, stitch by stitch; the other keeps as far from its own side. */
function moveOf(
  { inStitches, stitches, ofStitches }: Extract<StrapFoot, { on: 'face' }>,
  { stitchMm }: RowsPiece,
  { at }: FittingInput,
): MarkMove {
  const valueMm = inStitches * stitchMm;
  return {
    way: 'across',
    path: [...pathOf(at), 'feet', 'inStitches'],
    valueMm,
    countedMm: stitchMm,
    perMm: -1,
    leastMm: 0,
    mostMm: mostInStitches(ofStitches, stitches) * stitchMm,
    stepMm: stitchMm,
    alongPiece: 1,
    setMm: valueMm,
    isGripped: true,
  };
}
