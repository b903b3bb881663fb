import { offsetOf, placeAt, rowMiddleMm, type StitchPlace } from '@/core/body';
import type { LoadState } from '@/core/contents';
import type { MagneticSnap } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';
import { trackRow } from '@/core/pieces';
import type { SnapPlaces } from './placeSnap';

/** What is told of where a snap is set. */
export interface SnapFigures {
  halfRow: Figure;
  halfInset: Figure;
  across: Figure;
  meetsEmpty: Figure;
  meetsLoaded: Figure;
  /** Null where the half does not come to lie on the front. */
  mateRow: Figure | null;
  mateDistance: Figure | null;
  secondMateRow: Figure | null;
}

/** Tells where a snap is set, each number with its reason. */
export function snapFigures(snap: MagneticSnap, places: SnapPlaces, bag: FittingInput): SnapFigures {
  const { gauge, flap, at } = bag;
  const halfRow = halfRowFigure(snap, places, bag);
  const rowPlusMinus = gauge.rowHeight.plusMinus ?? 0;
  const meetsLoaded = meetsFigure('loaded', halfRow, places, bag);
  const meetsEmpty = meetsFigure('empty', halfRow, places, bag);
  const [first, second] = places.mateKs;
  return {
    halfRow,
    halfInset: makeFigure(
      nameAt(at, 'snap.halfInset'),
      'Snap from the flap’s edge',
      places.insetMm,
      'mm',
      {
        rule: 'From the flap’s edge to the middle of the snap’s row.',
        inputs: [
          inputFrom(flap.figures.totalRows),
          inputFrom(halfRow),
          inputFrom(gauge.rowHeight),
          ...borderInput('Border at the flap’s edge', bag.pouch.borders.flapMm),
        ],
        source: GEOMETRY,
      },
      (places.tailRows - places.tailRow + 0.5) * rowPlusMinus,
    ),
    across: acrossFigure(places, bag),
    meetsEmpty,
    meetsLoaded,
    ...mateFigures(snap, first, second, [meetsLoaded, meetsEmpty], bag),
  };
}

function halfRowFigure(snap: MagneticSnap, { halves, hemRow, tailRow }: SnapPlaces, bag: FittingInput): Figure {
  const { gauge, flap, at, set } = bag;
  const row = halves[0]?.row ?? (set.tracks.flap ? trackRow(set.tracks.flap, tailRow) : tailRow);
  return makeFigure(nameAt(at, 'snap.halfRow'), 'Snap on the flap', row, 'row number', {
    rule:
      hemRow === null
        ? 'The row whose middle is nearest to the wanted distance in from the flap’s edge. Usual: about three rows, or 20 to 25 mm.'
        : 'A row of the hem: turned back, it lies at the wanted distance in from the flap’s edge, and its prongs are hidden beneath. Usual: 20 to 25 mm.',
    inputs: [
      input('Wanted from the flap’s edge', snap.insetMm, 'mm'),
      inputFrom(flap.figures.totalRows),
      inputFrom(gauge.rowHeight),
    ],
    source: COMMON_PRACTICE,
  });
}

function meetsFigure(state: LoadState, halfRow: Figure, { meetsMm, tailRow }: SnapPlaces, bag: FittingInput): Figure {
  const { gauge, flap, at } = bag;
  return makeFigure(
    nameAt(at, `snap.meets.${state}`),
    state === 'loaded' ? 'Meets the front at, loaded' : 'Meets the front at, empty',
    meetsMm[state],
    'mm',
    {
      rule: 'From the front’s top edge down: the snap’s distance beyond the top fold, less the bridge over the top, less what the back stands above the front.',
      inputs: [
        inputFrom(halfRow),
        inputFrom(flap.figures.topFold),
        inputFrom(state === 'loaded' ? flap.figures.bridgeLoaded : flap.figures.bridgeEmpty),
        inputFrom(gauge.rowHeight),
      ],
      source: GEOMETRY,
    },
    Math.abs(tailRow - 0.5) * (gauge.rowHeight.plusMinus ?? 0),
  );
}

function mateFigures(
  snap: MagneticSnap,
  first: number | undefined,
  second: number | undefined,
  meets: Figure[],
  { gauge, pouch, at, set }: FittingInput,
): Pick<SnapFigures, 'mateRow' | 'mateDistance' | 'secondMateRow'> {
  const row = (id: string, label: string, k: number) =>
    makeFigure(nameAt(at, id), label, trackRow(set.tracks.front, k), 'row number', {
      rule: `The front row whose middle is nearest to where the flap’s half meets it${snap.mate === 'between' ? ', halfway between empty and loaded' : ''}.`,
      inputs: [...meets.map(inputFrom), inputFrom(gauge.rowHeight)],
      source: GEOMETRY,
    });
  return {
    mateRow: first === undefined ? null : row('snap.mateRow', 'Mate on the front', first),
    mateDistance:
      first === undefined
        ? null
        : makeFigure(
            nameAt(at, 'snap.mateDistance'),
            'Mate from the front’s top edge',
            pouch.borders.frontMm + rowMiddleMm(first, pouch.rowMm),
            'mm',
            {
              rule: 'From the front’s top edge to the middle of the mate’s row.',
              inputs: [
                inputFrom(gauge.rowHeight),
                ...borderInput('Border above the front’s rows', pouch.borders.frontMm),
              ],
              source: GEOMETRY,
            },
            Math.abs(first - 0.5) * (gauge.rowHeight.plusMinus ?? 0),
          ),
    secondMateRow: second === undefined ? null : row('snap.secondMateRow', 'Second mate on the front', second),
  };
}

const borderInput = (label: string, mm: number) => (mm > 0 ? [input(label, mm, 'mm')] : []);

function acrossFigure({ acrossMm, halfStitches }: SnapPlaces, { pouch, gauge, at }: FittingInput): Figure {
  const places = acrossMm.map((mm) => placeAt(mm, pouch.stitchMm));
  const offsetMm = offsetOf(places[0] as StitchPlace, pouch.stitchMm);
  return makeFigure(
    nameAt(at, 'snap.across'),
    'Snap from the side edge',
    offsetMm,
    'mm',
    {
      rule:
        places.length === 1
          ? 'The middle of the row: on a stitch when the count is odd, between two when it is even.'
          : 'A quarter of the flap’s row in from each of its sides, to the nearest stitch or gap, the same from both; measured on the front.',
      inputs: [
        inputFrom(pouch.figures.stitches),
        ...(halfStitches === pouch.stitchCount
          ? []
          : [input('Stitches of the flap’s row there', halfStitches, 'stitch')]),
        inputFrom(gauge.stitchWidth),
      ],
      source: GEOMETRY,
    },
    (offsetMm / pouch.stitchMm) * (gauge.stitchWidth.plusMinus ?? 0),
  );
}
