import { WORN_LENGTHS } from '@/core/contents';
import { USUAL_BOUGHT, usualEnds, usualHung, type BoughtStrap, type BoughtStrapKind, type Design } from '@/core/design';
import { LEAST_WORN_MM, MOST_WORN_MM, STRAP_OVERLAP_MM } from '@/core/defaults';
import { GEOMETRY, input, inputFrom, makeFigure, restsOn, type Figure } from '@/core/figures';
import { nameAt, pathOf, type FittingInput, type FittingKind, type FittingStage } from '@/core/fittings';
import type { Problem } from '@/core/problems';
import { attachStep, sewnMm, shorterThanHardware, wornOf } from './attaching';
import { footMarks } from './footMarks';
import { growingProblems } from './growing';
import { allHangingFigures, dropFigure, pullFigure } from './hangingFigures';
import { hungBands } from './hungBands';
import { hungFigures, hungStrap, type HungStrap } from './hungStrap';
import { hungProblems } from './hungProblems';
import { ours } from './ownProblems';
import { rangeFigures } from './rangeFigures';
import { footDepthMm } from './strapFoot';
import { restUnstretched } from './strapSizes';

/** What is told of a strap that is bought. */
export interface BoughtStrapFigures {
  /** To be cut, with what its ends take; of one that is ready-made, its own length. */
  toCut: Figure;
  worn: Figure;
  mass?: Figure;
  shortest?: Figure;
  longest?: Figure;
  stands?: Figure;
}

export interface BoughtStrapStage<Choice extends BoughtStrap = BoughtStrap> extends FittingStage<Choice> {
  hung: HungStrap;
  figures: BoughtStrapFigures;
  footDepthMm: number;
  /** From mouth to mouth as it hangs, empty and full, mm. */
  hangs: { emptyMm: number; fullMm: number };
  /** What the pull in each arm weighs, where that is known; and how far below what it lies over the mouth hangs. */
  pull: Figure | null;
  drop: Figure | null;
}

type Of<Kind extends BoughtStrapKind> = Extract<BoughtStrap, { kind: Kind }>;

/** As a strap of a kind is first put on a bag: as long as is usual for the way it is carried. */
function usualBought<Kind extends BoughtStrapKind>(kind: Kind, { contents }: Design): Of<Kind> {
  const wornLengthMm = WORN_LENGTHS[contents.carried]?.usualMm ?? 1040;
  const common = {
    kind,
    wornLengthMm,
    overlapMm: kind === 'rope' ? ROPE_END_MM : STRAP_OVERLAP_MM,
    ...usualHung(),
    ...USUAL_BOUGHT[kind],
    ends: ENDS[kind](USUAL_BOUGHT[kind].widthMm),
  };
  return (kind === 'ready-made' ? { ...common, lengthMm: wornLengthMm } : common) as Of<Kind>;
}

/** Of a rope, each sewn-in end takes so much, mm. Common practice. */
const ROPE_END_MM = 25;

const sewn = (): BoughtStrap['ends'] => usualEnds('sewn', 0);

/** How each kind is usually held. Common practice, no source. */
const ENDS: Readonly<Record<BoughtStrapKind, (widthMm: number) => BoughtStrap['ends']>> = {
  rope: sewn,
  leather: sewn,
  webbing: sewn,
  'metal-chain': () => usualEnds('clasp', 12),
  'ready-made': (widthMm) => usualEnds('clasp', widthMm + 2),
};

/** A kind of strap that is bought: by length, or ready-made. It is taken not to stretch. */
export const boughtStrapKind = <Kind extends BoughtStrapKind>(
  kind: Kind,
): FittingKind<Of<Kind>, BoughtStrapStage<Of<Kind>>> => ({
  usual: (design) => usualBought(kind, design),
  plan(strap, bag) {
    const hung = hungStrap(strap, strap.widthMm, bag);
    const { path, feet, load } = hung;
    const { at } = bag;
    // A ready-made one has its clasps on, and is as long as it is.
    const tabsMm = path.segments.reduce((sum, { kind: part, wayMm }) => sum + (part === 'clasp' ? 0 : wayMm), 0);
    const readyMm = readyLengthMm(strap);
    const wornMm = readyMm === null ? hung.wornMm : readyMm - path.doubledMm + tabsMm;
    if (path.hardwareMm >= wornMm) return { ok: false, problems: [shorterThanHardware(strap, { path, wornMm }, bag)] };
    const rest = restUnstretched(wornMm, load);
    const figures = boughtFigures(strap, { hung, wornMm, tabsMm }, bag);
    const deepMm = footDepthMm(feet.foot, bag.pouch);
    const pull = load.mass && pullFigure({ rest, load }, load.mass, at);
    const hangs = { emptyMm: wornMm, fullMm: wornMm };
    const drop = dropFigure({ rest, hung }, figures.worn, at);
    return {
      ok: true,
      stage: {
        choice: strap,
        at,
        marks: footMarks(feet.foot, strap, strap.widthMm, bag),
        bands: hungBands(strap, hung, { ...hangs, widthMm: strap.widthMm, thicknessMm: strap.thicknessMm }, at),
        worked: [],
        beside: [],
        workedOn: [],
        threads: [],
        cloth: [],
        bought: 0,
        sewn: [{ label: 'Round the strap’s feet', mm: sewnMm(strap.ends, strap.widthMm, deepMm) }],
        tails: strap.ends.kind === 'knotted' ? 0 : 4,
        steps: [{ name: 'cut-strap', after: ['begun'], before: [] }, attachStep('cut-strap', bag)],
        differs: [],
        sizes: [figures.worn],
        worn: wornOf(strap, wornMm, at),
        closes: null,
        holds: [],
        fromEdgeMm: null,
        compared: [figures.toCut],
        asked: [
          ...(Object.values(figures) as (Figure | undefined)[]).filter((figure) => figure !== undefined),
          ...hungFigures(hung),
          ...allHangingFigures(load, null),
          ...[pull, drop].filter((figure) => figure !== null),
        ],
        problems: [
          ...hung.problems,
          ...hungProblems(strap, { hung, wornMm, widthMm: strap.widthMm, loadedWidthMm: strap.widthMm }, bag),
          ...readyMadeProblems(strap, hung.wornMm, wornMm, bag),
          ...growingProblems(strap, null, null, bag),
        ],
        footDepthMm: deepMm,
        hangs,
        ...{ hung, figures, pull, drop },
      },
    };
  },
});

/** How long a strap is that is ready-made, mm; null of one that is cut. */
const readyLengthMm = (strap: BoughtStrap): number | null => (strap.kind === 'ready-made' ? strap.lengthMm : null);

/** Told, each number with its reason. */
function boughtFigures(
  strap: BoughtStrap,
  { hung, wornMm, tabsMm }: { hung: HungStrap; wornMm: number; tabsMm: number },
  bag: FittingInput,
): BoughtStrapFigures {
  const named = (id: string) => nameAt(bag.at, id);
  const fixed = [hung.hardware, hung.doubled].filter((figure) => figure !== null).map(inputFrom);
  const { path, wish, loss, wornFrom } = hung;
  const isReady = strap.kind === 'ready-made';
  const toCut = isReady
    ? makeFigure(named('strap.toCut'), 'Ready-made strap', strap.lengthMm, 'mm', {
        rule: 'As long as you measured it, with its clasps.',
        inputs: [],
        source: { kind: 'measured' },
      })
    : makeFigure(named('strap.toCut'), 'To cut', hung.wornMm - path.hardwareMm + path.doubledMm + path.lossMm, 'mm', {
        rule: 'Worn length, less what is not strap, with what lies double or is tied, and with what its ends take.',
        inputs: [wornFrom, ...fixed, ...(loss ? [inputFrom(loss)] : [])],
        source: GEOMETRY,
        ...(wish ? restsOn(wish) : {}),
      });
  const worn = isReady
    ? makeFigure(named('strap.worn'), 'Worn length', wornMm, 'mm', {
        rule: 'Its own length with its clasps, the tabs and rings on the bag, less what lies double.',
        inputs: [
          inputFrom(toCut),
          input('Tabs and rings on the bag', tabsMm, 'mm'),
          ...(hung.doubled ? [inputFrom(hung.doubled)] : []),
        ],
        source: GEOMETRY,
      })
    : makeFigure(named('strap.worn'), 'Worn length', wornMm, 'mm', {
        rule: 'As you wish it: it is taken not to stretch.',
        inputs: [wornFrom],
        source: { kind: 'chosen' },
        ...(wish ? restsOn(wish) : {}),
      });
  return {
    toCut,
    worn,
    ...(strap.massPerMetreG === null ? {} : { mass: massFigure(strap.massPerMetreG, toCut, named) }),
    ...rangeFigures({ strap, hung, sizes: { wornMm } }, worn, named),
  };
}

const massFigure = (massPerMetreG: number, toCut: Figure, named: (id: string) => string): Figure =>
  makeFigure(named('strap.mass'), 'The strap weighs', (massPerMetreG * toCut.value) / 1000, 'g', {
    rule: 'Its length, times what a metre of it weighs.',
    inputs: [inputFrom(toCut), input('A metre weighs', massPerMetreG, 'g')],
    source: GEOMETRY,
  });

/** A ready-made strap is told to be unlike what she wishes from this share on. From memory. */
const UNLIKE_SHARE = 0.03;

/** Whether a length can be wished. */
const isWearable = (mm: number): boolean => mm >= LEAST_WORN_MM && mm <= MOST_WORN_MM;

function readyMadeProblems(strap: BoughtStrap, wishedMm: number, wornMm: number, { at }: FittingInput): Problem[] {
  if (strap.kind !== 'ready-made' || Math.abs(wornMm - wishedMm) <= UNLIKE_SHARE * wishedMm) return [];
  const value = Math.round(wornMm);
  return [
    ours.problem({
      code: 'strap-ready-made-unlike',
      severity: 'mind',
      place: 'strap',
      path: [...pathOf(at), 'lengthMm'],
      values: { lengthMm: wornMm, wornMm: wishedMm },
      repairs: isWearable(value)
        ? [
            ours.repair({
              code: 'strap-as-ready-made',
              values: { wornMm: value },
              edits: [
                { path: [...pathOf(at), 'given'], value: { by: 'tape' } },
                { path: [...pathOf(at), 'wornLengthMm'], value },
              ],
            }),
          ]
        : [],
    }),
  ];
}
