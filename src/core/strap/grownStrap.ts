import { edgeFlatness, pickUpRatio } from '@/core/borders';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, restsOn, type Figure } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';
import { isLengthwise, isOneOfTwo, stripOf, type RowsPiece } from '@/core/pieces';

/**
 * What a strap that is grown from the body, instead of being sewn on, takes up at each side of the bag.
 *
 * - `strip`: a gusset or a band goes on as the strap, over its whole end: in its stitches, or in the ends of its rows.
 * - `sides`: stitches at the end of the front's upper edge, and as many of the back's; where a flap goes on from the back, they are
 *   picked up in the ends of its first rows instead.
 */
export type GrownStrap =
  | { on: 'strip'; piece: 'gusset' | 'band'; unit: 'stitch' | 'row'; figures: { taken: Figure; width: Figure } }
  | {
      on: 'sides';
      /** Where the back's half is found: on its upper edge, or in the ends of rows beyond it. */
      backIn: 'stitch' | 'row';
      figures: {
        front: Figure;
        back: Figure;
        /** Rows that the back's half is picked up from. */
        backRows: Figure | null;
        /** Of a mouth worked in rounds: the stitch, from the start of the last round, with which each side's strap begins. */
        begins: [first: Figure, second: Figure] | null;
      };
    };

/**
 * Where a strap grown from the body begins: its stitches at each side, half of them on the front and half on the back, or the whole
 * end of a gusset or a band.
 *
 * @param stitches stitches across the strap, for the width she wants
 * @returns null where the mouth has not as many stitches to give
 * Source: common practice, no source; the sides of rounds from one measured walk.
 */
export function grownStrap(stitches: Figure, bag: FittingInput): GrownStrap | null {
  const { flap, pouch, set } = bag;
  const strip = stripOf(set);
  if (strip) return fromStrip(strip, stitches, bag);

  const front = Math.floor(stitches.value / 2);
  const back = stitches.value - front;
  // Each end of the front's edge gives its share; what is between them stays the mouth.
  if (2 * back >= pouch.topStitches) return null;
  const half = halfOf(stitches, bag);
  const frontFigure = half('front', front, ALONG_EDGE);
  if (!flap.onPiece)
    return {
      on: 'sides',
      backIn: 'stitch',
      figures: {
        front: frontFigure,
        back: half('back', back, ALONG_EDGE),
        backRows: null,
        begins: beginsInRounds(front, bag),
      },
    };
  const backRows = backRowsFigure(back, bag);
  if (backRows.value > flap.bridgeRows + flap.flapRows) return null;
  return {
    on: 'sides',
    backIn: 'row',
    figures: {
      front: frontFigure,
      back: half(
        'back',
        back,
        'The other half of the strap’s stitches. The flap goes on from the back’s edge: they are picked up in the ends of its first rows.',
        [backRows],
      ),
      backRows,
      begins: null,
    },
  };
}

const ALONG_EDGE = 'Half of the strap’s stitches, the last ones of the upper edge next to the side.';

const halfOf =
  (stitches: Figure, { at }: FittingInput) =>
  (side: 'front' | 'back', count: number, rule: string, more: Figure[] = []): Figure =>
    makeFigure(nameAt(at, `grown.${side}`), `Of the ${side}, at each side`, count, 'stitch', {
      rule,
      inputs: [stitches, ...more].map(inputFrom),
      source: COMMON_PRACTICE,
    });

/** The rows beyond the back in whose ends its half is picked up. */
function backRowsFigure(back: number, { gauge, pouch, at }: FittingInput): Figure {
  const ratio = pickUpRatio(pouch.rowMm, pouch.stitchMm);
  const rows = Math.ceil((back * ratio.rows) / ratio.stitches);
  return makeFigure(nameAt(at, 'grown.backRows'), 'Picked up from rows beyond the back', rows, 'row', {
    rule: 'The back’s half, at the ratio that lies flat along row ends, to the next whole row.',
    inputs: [
      input('Stitches of the back’s half', back, 'stitch'),
      input('Stitches to pick up', ratio.stitches, 'stitch'),
      input('from rows', ratio.rows, 'row'),
      input('Flatness of it', edgeFlatness(ratio, pouch.rowMm, pouch.stitchMm), 'ratio'),
      inputFrom(gauge.rowHeight),
      inputFrom(gauge.stitchWidth),
    ],
    source: GEOMETRY,
  });
}

function fromStrip(strip: RowsPiece, wished: Figure, { at }: FittingInput): GrownStrap {
  const piece = strip.id as 'gusset' | 'band';
  const lengthwise = isLengthwise(strip);
  const unit = lengthwise ? 'row' : 'stitch';
  const count = lengthwise ? strip.rows.length : strip.startStitches;
  const taken = makeFigure(
    nameAt(at, 'grown.strip'),
    isOneOfTwo(strip) ? 'Of the upper end of each band' : `Of each end of the ${piece}`,
    count,
    unit,
    {
      rule: `The ${piece} goes on as the strap: over all of its end.`,
      inputs: [],
      source: COMMON_PRACTICE,
      ...restsOn(wished),
    },
  );
  return {
    on: 'strip',
    piece,
    unit,
    figures: {
      taken,
      width: makeFigure(
        nameAt(at, 'grown.width'),
        'Its strap begins as wide as the strip',
        count * (lengthwise ? strip.rowMm : strip.stitchMm),
        'mm',
        {
          rule: 'Stitches, or rows, of the end, times what one takes. To the stitches that you want across it is narrowed or widened in its first rows.',
          inputs: [inputFrom(taken), inputFrom(wished)],
          source: GEOMETRY,
        },
      ),
    },
  };
}

/**
 * The stitch of a round so far from a side, counted from the start of the last round, its first stitch being 1.
 *
 * @param side stitches from the start of the round to the side
 * @param by further round
 *
 * @example
 * stitchInRound({ side: 10, by: 4, round: 80 }) // => 15
 * stitchInRound({ side: 2, by: -4, round: 80 }) // => 79
 */
export const stitchInRound = ({ side, by, round }: { side: number; by: number; round: number }): number =>
  ((((side + by) % round) + round) % round) + 1;

/** The stitch with which each side's strap begins, once the walk of the rounds was measured: half of the strap before the side. */
function beginsInRounds(front: number, { pouch, at: of }: FittingInput): [Figure, Figure] | null {
  const { figures, topStitches, stitchCount } = pouch;
  const { firstSide: first, secondSide: second } = figures;
  if (!first || !second) return null;
  const round = 2 * topStitches;
  const begin = (id: string, label: string, side: Figure) => {
    // A last round that narrows has fewer stitches, spread all round: the side lies as far round as before.
    const at = Math.round((side.value * topStitches) / stitchCount);
    return makeFigure(nameAt(of, id), label, stitchInRound({ side: at, by: -front, round }), 'stitch', {
      rule: 'Half of the strap before the side of the bag, counted from the start of the last round; the first stitch of the round is 1.',
      inputs: [
        inputFrom(side),
        input('Half of the strap', front, 'stitch'),
        input('Stitches of the last round', round, 'stitch'),
      ],
      source: GEOMETRY,
    });
  };
  return [
    begin('grown.begins.first', 'One strap begins with stitch', first),
    begin('grown.begins.second', 'The other begins with stitch', second),
  ];
}

/** All figures of a strap grown from the body, for asking. */
export const grownFigures = (grown: GrownStrap | null): Figure[] =>
  grown === null
    ? []
    : grown.on === 'strip'
      ? Object.values(grown.figures)
      : [grown.figures.front, grown.figures.back, grown.figures.backRows, ...(grown.figures.begins ?? [])].filter(
          (figure) => figure !== null,
        );
