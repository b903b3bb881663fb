import { edgeFlatness, pickUpRatio } from '@/core/edging';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, restsOn, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { PieceSet } from '@/core/pieces';
import type { PouchStage, FlapStage } from '@/core/stages';

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
 * @param stitches stitches across the strap, and the width she wants
 * @returns null where the mouth has not as many stitches to give
 * Source: common practice, no source; the sides of rounds from one measured walk.
 */
export function grownStrap(
  stitches: Figure,
  gauge: GaugeStage,
  pouch: PouchStage,
  flap: Pick<FlapStage, 'onPiece' | 'bridgeRows' | 'flapRows'>,
  { pieces }: PieceSet,
): GrownStrap | null {
  const strip = pieces.find((piece) => piece.kind === 'rows' && (piece.id === 'gusset' || piece.id === 'band'));
  if (strip?.kind === 'rows') return fromStrip(strip.id as 'gusset' | 'band', strip, stitches);

  const front = Math.floor(stitches.value / 2);
  const back = stitches.value - front;
  // Each end of the front's edge gives its share; what is between them stays the mouth.
  if (2 * back >= pouch.topStitches) return null;
  const half = (side: 'front' | 'back', count: number, rule: string, more: Figure[] = []) =>
    makeFigure(`grown.${side}`, `Of the ${side}, at each side`, count, 'stitch', {
      rule,
      inputs: [stitches, ...more].map(inputFrom),
      source: COMMON_PRACTICE,
    });
  const alongEdge = 'Half of the strap’s stitches, the last ones of the upper edge next to the side.';
  if (!flap.onPiece)
    return {
      on: 'sides',
      backIn: 'stitch',
      figures: {
        front: half('front', front, alongEdge),
        back: half('back', back, alongEdge),
        backRows: null,
        begins: beginsInRounds(front, pouch),
      },
    };
  const ratio = pickUpRatio(pouch.rowMm, pouch.stitchMm);
  const rows = Math.ceil((back * ratio.rows) / ratio.stitches);
  if (rows > flap.bridgeRows + flap.flapRows) return null;
  const backRows = makeFigure('grown.backRows', 'Picked up from rows beyond the back', rows, 'row', {
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
  return {
    on: 'sides',
    backIn: 'row',
    figures: {
      front: half('front', front, alongEdge),
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

function fromStrip(
  piece: 'gusset' | 'band',
  strip: { startStitches: number; rows: readonly unknown[]; stitchMm: number; rowMm: number },
  wished: Figure,
): GrownStrap {
  const lengthwise = strip.rows.length * strip.rowMm < strip.startStitches * strip.stitchMm;
  const unit = lengthwise ? 'row' : 'stitch';
  const count = lengthwise ? strip.rows.length : strip.startStitches;
  const taken = makeFigure('grown.strip', `Of each end of the ${piece}`, count, unit, {
    rule: `The ${piece} goes on as the strap: over all of its end.`,
    inputs: [],
    source: COMMON_PRACTICE,
    ...restsOn(wished),
  });
  return {
    on: 'strip',
    piece,
    unit,
    figures: {
      taken,
      width: makeFigure(
        'grown.width',
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

/** The stitch with which each side's strap begins, once the walk of the rounds was measured: half of the strap before the side. */
function beginsInRounds(front: number, { own, topStitches, stitchCount }: PouchStage): [Figure, Figure] | null {
  const [first, second] = ['side.first', 'side.second'].map((name) => own.find(({ id }) => String(id) === name));
  if (!first || !second) return null;
  const round = 2 * topStitches;
  const begin = (id: string, label: string, side: Figure) => {
    // A last round that narrows has fewer stitches, spread all round: the side lies as far round as before.
    const at = Math.round((side.value * topStitches) / stitchCount);
    return makeFigure(id, label, ((((at - front) % round) + round) % round) + 1, 'stitch', {
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
