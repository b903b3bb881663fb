import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { RowsPiece, PieceSet } from '@/core/pieces';
import { edgeFlatness, pickUpRatio, type PickUp } from '@/core/borders';

/** What a round of edging would take round the piece that the back is on. Sizes of the bag are without it. */
export interface EdgingStage {
  pickUp: PickUp;
  figures: {
    alongSides: Figure;
    flatness: Figure;
    corner: Figure;
    stitches: Figure;
    length: Figure;
    adds: Figure;
  };
}

/** Stitches in one corner: three in one keep it square. Common practice; sc, ch 1, sc, or a single chain, do as well. */
const CORNER_STITCHES = 3;
const CORNERS = 4;

/**
 * One round of edging in the piece's own stitch, flat: one stitch in each stitch of both ends, a small ratio along the row ends, three in
 * each corner. Null for a bag whose pieces have no row ends, as discs and rounds have none.
 */
export function edgingStage({ pieces, tracks }: PieceSet, gauge: GaugeStage): EdgingStage | null {
  const piece = pieces.find(
    (one): one is RowsPiece => one.kind === 'rows' && one.id === tracks.back.piece && one.roundCount === 0,
  );
  if (!piece) return null;
  const pickUp = pickUpRatio(piece.rowMm, piece.stitchMm);
  const rows = piece.rows.length;
  const perSide = Math.round((rows * pickUp.stitches) / pickUp.rows);
  const first = piece.startStitches;
  const last = piece.rows.at(-1)?.stitches ?? first;
  // Beside a narrower flap, what the back leaves at both sides is an edge as well.
  const beside = piece.rows.reduce(
    (sum, { by, changeEachSide }) => sum + (by === 'leaving' || by === 'adding' ? 2 * Math.abs(changeEachSide) : 0),
    0,
  );
  // Each corner takes the stitch it stands in.
  const all = first + last + beside + 2 * perSide + CORNERS * (CORNER_STITCHES - 1);
  const gaugeInputs = [inputFrom(gauge.rowHeight), inputFrom(gauge.stitchWidth)];
  const ratio = input('Rows that they are picked up from', pickUp.rows, 'row');
  const alongSides = makeFigure(
    'edging.pickUp',
    `Edging: stitches in every ${pickUp.rows === 1 ? 'row end' : `${pickUp.rows} row ends`}`,
    pickUp.stitches,
    'stitch',
    {
      rule: 'Row height divided by the width of a stitch of the edging, as the smallest ratio that lies flat: between 0.95 and 1.05. Usual: single crochet 1 to 1, half double 3 to 2, double 2 to 1.',
      inputs: [...gaugeInputs, ratio],
      source: COMMON_PRACTICE,
    },
  );
  const sides = input('Along each side', perSide, 'stitch');
  const ends = [
    input('Along the first row', first, 'stitch'),
    input('Along the last row', last, 'stitch'),
    ...(beside > 0 ? [input('Beside a narrower part, both sides', beside, 'stitch')] : []),
  ];
  const corner = makeFigure('edging.corner', 'Edging: stitches in each corner', CORNER_STITCHES, 'stitch', {
    rule: 'Three in one keep a corner square. One, chain 1, one does as well, and so does a single chain between the two sides.',
    inputs: [],
    source: COMMON_PRACTICE,
  });
  const stitches = makeFigure('edging.stitches', 'Edging: stitches all round', all, 'stitch', {
    rule: 'One in each stitch of both ends, the ratio along both sides, and two more in each of four corners: three in one.',
    inputs: [...ends, sides, inputFrom(alongSides), inputFrom(corner)],
    source: COMMON_PRACTICE,
  });
  return {
    pickUp,
    figures: {
      alongSides,
      corner,
      flatness: makeFigure(
        'edging.flatness',
        'Edging: flatness',
        edgeFlatness(pickUp, piece.rowMm, piece.stitchMm),
        'ratio',
        {
          rule: 'Length of the stitches along a side, against that of the rows they are picked up from. Under 95 % it draws in, over 105 % it ruffles.',
          inputs: [inputFrom(alongSides), ratio, ...gaugeInputs],
          source: GEOMETRY,
        },
      ),
      stitches,
      length: makeFigure(
        'edging.length',
        'Edging: length all round',
        (first + last + beside + 2 * perSide) * piece.stitchMm,
        'mm',
        {
          rule: 'Its stitches without those that turn the corners, times the width of one.',
          inputs: [inputFrom(stitches), inputFrom(gauge.stitchWidth)],
          source: GEOMETRY,
        },
        (first + last + beside + 2 * perSide) * (gauge.stitchWidth.plusMinus ?? 0),
      ),
      adds: makeFigure(
        'edging.adds',
        'Edging: each round adds, at every edge',
        gauge.rowHeight.value,
        'mm',
        {
          rule: 'About the height of a row. The sizes of the bag are without an edging: wish for a bag smaller by as much at every edge that gets one.',
          inputs: [inputFrom(gauge.rowHeight)],
          source: COMMON_PRACTICE,
        },
        gauge.rowHeight.plusMinus,
      ),
    },
  };
}
