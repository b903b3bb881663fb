import { offsetOf, placeAt, rowMiddleMm, type StitchPlace } from '@/core/body';
import type { LoadState } from '@/core/contents';
import type { OnFlap } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';
import { trackRow } from '@/core/pieces';
import type { OnFlapPlaces } from './places';

/** What its parts are called. */
type Names = { prefix: string; half: { label: string; noun: string }; mate: { label: string; noun: string } };

/** What is told of where something that closes a flap is set. */
export interface OnFlapFigures {
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

/** Tells where both its parts are set, each number with its reason. */
export function onFlapFigures(closure: OnFlap, names: Names, places: OnFlapPlaces, bag: FittingInput): OnFlapFigures {
  const { gauge, flap, at } = bag;
  const halfRow = halfRowFigure(closure, names, places, bag);
  const rowPlusMinus = gauge.rowHeight.plusMinus ?? 0;
  const meetsLoaded = meetsFigure('loaded', halfRow, names, places, bag);
  const meetsEmpty = meetsFigure('empty', halfRow, names, places, bag);
  const [first, second] = places.mateKs;
  return {
    halfRow,
    halfInset: makeFigure(
      nameAt(at, `${names.prefix}.halfInset`),
      `${names.half.label} from the flap’s edge`,
      places.insetMm,
      'mm',
      {
        rule: `From the flap’s edge to the middle of the ${names.half.noun}’s row.`,
        inputs: [
          inputFrom(flap.figures.totalRows),
          inputFrom(halfRow),
          inputFrom(gauge.rowHeight),
          ...borderInput('Border at the flap’s edge', bag.pouch.borders.flapMm),
        ],
        source: GEOMETRY,
      },
      places.round === null ? (places.tailRows - places.tailRow + 0.5) * rowPlusMinus : null,
    ),
    across: acrossFigure(closure, names, places, bag),
    meetsEmpty,
    meetsLoaded,
    ...mateFigures(closure, names, first, second, [meetsLoaded, meetsEmpty], bag),
  };
}

function halfRowFigure(
  closure: OnFlap,
  { prefix, half }: Names,
  { halves, hemRow, tailRow, round }: OnFlapPlaces,
  bag: FittingInput,
): Figure {
  const { gauge, flap, at, set } = bag;
  if (round !== null)
    return makeFigure(nameAt(at, `${prefix}.halfRow`), `${half.label}: round of the edging`, round, 'row number', {
      rule: 'The middle one of its plain rounds, so that a round is worked over it.',
      inputs: [],
      source: COMMON_PRACTICE,
    });
  const row = halves[0]?.row ?? (set.tracks.flap ? trackRow(set.tracks.flap, tailRow) : tailRow);
  return makeFigure(nameAt(at, `${prefix}.halfRow`), `${half.label} on the flap`, row, 'row number', {
    rule:
      hemRow === null
        ? 'The row whose middle is nearest to the wanted distance in from the flap’s edge. Usual: about three rows, or 20 to 25 mm.'
        : 'A row of the hem: turned back, it lies at the wanted distance in from the flap’s edge, and its prongs are hidden beneath. Usual: 20 to 25 mm.',
    inputs: [
      input('Wanted from the flap’s edge', closure.insetMm, 'mm'),
      inputFrom(flap.figures.totalRows),
      inputFrom(gauge.rowHeight),
    ],
    source: COMMON_PRACTICE,
  });
}

function meetsFigure(
  state: LoadState,
  halfRow: Figure,
  { prefix, half }: Names,
  { meetsMm, tailRow }: OnFlapPlaces,
  bag: FittingInput,
): Figure {
  const { gauge, flap, at } = bag;
  return makeFigure(
    nameAt(at, `${prefix}.meets.${state}`),
    state === 'loaded' ? 'Meets the front at, loaded' : 'Meets the front at, empty',
    meetsMm[state],
    'mm',
    {
      rule: `From the front’s top edge down: the ${half.noun}’s distance beyond the top fold, less the bridge over the top, less what the back stands above the front.`,
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
  closure: OnFlap,
  { prefix, half, mate }: Names,
  first: number | undefined,
  second: number | undefined,
  meets: Figure[],
  { gauge, pouch, at, set }: FittingInput,
): Pick<OnFlapFigures, 'mateRow' | 'mateDistance' | 'secondMateRow'> {
  const row = (id: string, label: string, k: number) =>
    makeFigure(nameAt(at, id), label, trackRow(set.tracks.front, k), 'row number', {
      rule: `The front row whose middle is nearest to where the ${half.noun} meets it${closure.mate === 'between' ? ', halfway between empty and loaded' : ''}.`,
      inputs: [...meets.map(inputFrom), inputFrom(gauge.rowHeight)],
      source: GEOMETRY,
    });
  return {
    mateRow: first === undefined ? null : row(`${prefix}.mateRow`, `${mate.label} on the front`, first),
    mateDistance:
      first === undefined
        ? null
        : makeFigure(
            nameAt(at, `${prefix}.mateDistance`),
            `${mate.label} from the front’s top edge`,
            pouch.borders.frontMm + rowMiddleMm(first, pouch.rowMm),
            'mm',
            {
              rule: `From the front’s top edge to the middle of the ${mate.noun}’s row.`,
              inputs: [
                inputFrom(gauge.rowHeight),
                ...borderInput('Border above the front’s rows', pouch.borders.frontMm),
              ],
              source: GEOMETRY,
            },
            Math.abs(first - 0.5) * (gauge.rowHeight.plusMinus ?? 0),
          ),
    secondMateRow:
      second === undefined ? null : row(`${prefix}.secondMateRow`, `Second ${lower(mate.label)} on the front`, second),
  };
}

const borderInput = (label: string, mm: number) => (mm > 0 ? [input(label, mm, 'mm')] : []);

/** The rules of where along the row it is set. */
const ACROSS_RULES: Readonly<Record<OnFlap['layout'] | 'in', string>> = {
  centre: 'The middle of the row: on a stitch when the count is odd, between two when it is even.',
  pair: 'A quarter of the flap’s row in from each of its sides, to the nearest stitch or gap, the same from both; measured on the front.',
  in: 'As far in from each end of the flap’s row as you wish, to the nearest stitch or gap, the same from both; measured on the front.',
  even: 'Each in the middle of as wide a share of the flap’s row, to the nearest stitch or gap, mirrored; measured on the front.',
};

function acrossFigure(
  closure: OnFlap,
  { prefix, half }: Names,
  { acrossMm, halfStitches }: OnFlapPlaces,
  { pouch, gauge, at }: FittingInput,
): Figure {
  const places = acrossMm.map((mm) => placeAt(mm, pouch.stitchMm));
  const offsetMm = offsetOf(places[0] as StitchPlace, pouch.stitchMm);
  return makeFigure(
    nameAt(at, `${prefix}.across`),
    `${half.label} from the side edge`,
    offsetMm,
    'mm',
    {
      rule: ACROSS_RULES[closure.layout === 'pair' && closure.inMm !== null ? 'in' : closure.layout],
      inputs: [
        ...(closure.layout === 'pair' && closure.inMm !== null
          ? [input('Wished in from each end', closure.inMm, 'mm')]
          : []),
        ...(closure.layout === 'even' ? [input('Beside each other', closure.count, 'count')] : []),
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

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
