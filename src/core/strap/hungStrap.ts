import { SUPPORT_MM } from '@/core/contents';
import type { Carrying, Strap } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure, type ReasonInput } from '@/core/figures';
import { nameAt, pathOf, type FittingInput, type FittingPlace, type HungBand } from '@/core/fittings';
import type { Problem } from '@/core/problems';
import { BODY_SOURCE, bodyPlaces, lengthOnFigureMm, supportHeightMm } from './bodyFigure';
import { dropMm, lengthForDropMm, type Span } from './hanging';
import { feetInRounds } from './feetInRounds';
import { ours } from './ownProblems';
import { placedFeet, type PlacedFeet } from './placedFeet';
import { strapLoad, type StrapLoad } from './strapLoad';
import { strapPath, type StrapPath } from './strapPath';

/** What is so of a strap whatever it is made of: where it hangs, what hangs on it, the way along it, and how long it is wished. */
export interface HungStrap {
  /** What it lies over. */
  over: Carrying;
  feet: PlacedFeet;
  load: StrapLoad;
  path: StrapPath;
  /** From mouth to mouth as she wishes it worn, mm; and where that comes from. */
  wornMm: number;
  wornFrom: ReasonInput;
  /** Told where the wish is not the length itself. */
  wish: Figure | null;
  /** What is not strap along it; what lies double or is tied; what its ends take. Only where there is some. */
  hardware: Figure | null;
  doubled: Figure | null;
  loss: Figure | null;
  /** Of rounds whose walk was measured: the stitches with which the feet on a face begin. */
  begins: [Figure, Figure] | null;
  problems: Problem[];
}

/**
 * Where a strap hangs, by what of it and under what.
 *
 * @param widthMm of the strap
 */
export function hungStrap(strap: Strap, widthMm: number, bag: FittingInput): HungStrap {
  const over = strap.over ?? bag.design.contents.carried;
  const feet = placedFeet(strap, widthMm, bag);
  const supportMm = SUPPORT_MM[over];
  const span = supportMm === null ? null : { feetMm: feet.apartMm, supportMm };
  const path = strapPath(strap);
  const { mm, from, figure, problems } = wished(strap, over, span, bag);
  const load = strapLoad(bag, mm, span);
  const named = (id: string) => nameAt(bag.at, id);
  return {
    ...{ over, feet, load, path },
    wornMm: mm,
    wornFrom: from,
    wish: figure,
    hardware:
      path.hardwareMm === 0
        ? null
        : makeFigure(named('strap.hardware'), 'Tabs, rings and clasps', path.hardwareMm, 'mm', {
            rule: 'What each of them takes of the way from mouth to mouth. A ring takes what it is across inside: tab and strap pull at opposite sides of it.',
            inputs: path.segments
              .filter(({ wayMm }) => wayMm > 0)
              .map(({ kind, wayMm }) => input(PART_NAMES[kind], wayMm, 'mm')),
            source: GEOMETRY,
          }),
    doubled: path.doubledMm === 0 ? null : doubledFigure(strap, path.doubledMm, named),
    loss:
      path.lossMm === 0
        ? null
        : makeFigure(named('strap.loss'), LOSS_NAMES[strap.ends.kind], path.lossMm, 'mm', {
            rule: 'What each end takes, twice. It does not stretch.',
            inputs: [input(OVERLAP_NAMES[strap.ends.kind], strap.overlapMm, 'mm')],
            source: COMMON_PRACTICE,
          }),
    begins: feetInRounds(feet.foot, bag),
    problems: [...problems, ...feet.problems],
  };
}

/** What each part of the way along a strap is called. */
export const PART_NAMES: Readonly<Record<StrapPath['segments'][number]['kind'], string>> = {
  foot: 'Foot',
  root: 'Where it grows from the bag',
  tab: 'Tab',
  ring: 'Ring',
  clasp: 'Clasp',
  eyelet: 'Eyelet',
  strap: 'Strap',
  slider: 'Slider',
  'two-rings': 'Two rings',
  buttonholes: 'Buttonholes',
  knot: 'Knot',
  bow: 'Bow',
};

const LOSS_NAMES: Readonly<Record<Strap['ends']['kind'], string>> = {
  sewn: 'Sewn down at both ends',
  ring: 'Sewn back at both ends',
  clasp: 'Sewn back at both ends',
  knotted: 'Knotted inside at both ends',
  grown: 'At both ends',
};

/** What one end takes, by how it is held. */
export const OVERLAP_NAMES: Readonly<Record<Strap['ends']['kind'], string>> = {
  sewn: 'Sewn down at each end',
  ring: 'Sewn back at each ring',
  clasp: 'Sewn back at each clasp',
  knotted: 'Left for each knot',
  grown: 'At each end',
};

const DOUBLED_RULES = {
  slider: 'What the slider keeps folded even when it is let out, and what it can be let out by.',
  'two-rings': 'What stays put through the rings even when it is let out, and what it can be let out by.',
  buttonholes: 'What lies beyond the button, and what it can be let out by.',
  knot: 'Both ends of the knot, and what it can be let out by.',
  bow: 'What is left of both ends to tie, and what it can be let out by.',
} as const;

function doubledFigure({ adjust }: Strap, doubledMm: number, named: (id: string) => string): Figure | null {
  if (adjust.kind === 'none') return null;
  const { longerMm } = adjust;
  return makeFigure(named('strap.doubled'), 'Folded back or tied', doubledMm, 'mm', {
    rule: DOUBLED_RULES[adjust.kind],
    inputs: [input('Kept by it', doubledMm - longerMm, 'mm'), input('To be let out by', longerMm, 'mm')],
    source: COMMON_PRACTICE,
  });
}

interface Wished {
  mm: number;
  from: ReasonInput;
  figure: Figure | null;
  problems: Problem[];
}

/** How long it is to be worn: by a tape or a strap she likes, or as long as lets the mouth hang where she wants it. */
function wished(strap: Strap, over: Carrying, span: Span | null, bag: FittingInput): Wished {
  const { given, wornLengthMm } = strap;
  const byTape: Wished = {
    mm: wornLengthMm,
    from: input(given.by === 'copy' ? 'The strap you like' : 'Worn length', wornLengthMm, 'mm'),
    figure: null,
    problems: [],
  };
  if (given.by === 'tape' || given.by === 'copy') return byTape;
  const mm =
    given.by === 'drop'
      ? span && lengthForDropMm(given.dropMm, span)
      : lengthOnFigureMm(over, given, given.mouthMm, span);
  if (mm === null) return { ...byTape, problems: [noWay(given.by, over, bag)] };
  const apart = span
    ? [input('Its feet are apart', span.feetMm, 'mm'), input('What it lies over is wide', span.supportMm, 'mm')]
    : [];
  const figure =
    given.by === 'drop'
      ? makeFigure(nameAt(bag.at, 'strap.wish'), 'Worn length, for that drop', mm, 'mm', {
          rule: 'Two arms from the edges of what it lies over to its feet, that deep, and what lies between them.',
          inputs: [input('The mouth is to hang below', given.dropMm, 'mm'), ...apart],
          source: GEOMETRY,
        })
      : figureWish(over, given, mm, apart, bag);
  return { mm, from: inputFrom(figure), figure, problems: [] };
}

function figureWish(
  over: Carrying,
  given: Extract<Strap['given'], { by: 'figure' }>,
  mm: number,
  apart: ReasonInput[],
  { at }: FittingInput,
): Figure {
  const supportMm = supportHeightMm(over, bodyPlaces(given));
  const mouth = input('The mouth is to hang above the floor', given.mouthMm, 'mm');
  return makeFigure(nameAt(at, 'strap.wish'), 'Worn length, on that figure', mm, 'mm', {
    rule:
      supportMm !== null
        ? 'Two arms from what it lies over down to the mouth, and what lies between them.'
        : over === 'round-the-waist'
          ? 'Once round the hip.'
          : 'From the mouth at one hip up to the other shoulder, over it and down the back; a little more for the chest.',
    inputs:
      over === 'round-the-waist'
        ? [input('Round the hip', given.hipMm, 'mm')]
        : [
            input('Height', given.heightMm, 'mm'),
            ...(supportMm === null
              ? [input('Round the hip', given.hipMm, 'mm')]
              : [input('What it lies over, above the floor', supportMm, 'mm')]),
            mouth,
            ...apart,
          ],
    source: BODY_SOURCE,
    basis: 'foretold',
  });
}

/** It can't hang so: round a body there is no drop, and a mouth can't be above what its strap lies over. */
const noWay = (by: 'drop' | 'figure', over: Carrying, { at }: FittingInput): Problem =>
  ours.problem({
    code: by === 'drop' ? 'strap-has-no-drop' : 'strap-mouth-too-high',
    severity: 'decide',
    place: 'strap',
    path: [...pathOf(at), 'given', by === 'drop' ? 'dropMm' : 'mouthMm'],
    values: {},
    names: { over },
    repairs: [
      ours.repair({
        code: 'strap-given-by-tape',
        values: {},
        edits: [{ path: [...pathOf(at), 'given'], value: { by: 'tape' } }],
      }),
    ],
  });

/** All its figures, for asking. */
export const hungFigures = ({ wish, hardware, doubled, loss, begins }: HungStrap): Figure[] =>
  [wish, hardware, doubled, loss, ...(begins ?? [])].filter((figure) => figure !== null);

/** A loop's two ends lie so far apart on the bag, mm: behind each other. Ours. */
const LOOP_FEET_MM = 8;

/** A strap as it rises above the bag; of a long loop that is passed through a short one, both. */
export function hungBands(
  { kind, ends }: Strap,
  { load: { span }, feet }: HungStrap,
  { emptyMm, fullMm, widthMm, thicknessMm }: { emptyMm: number; fullMm: number; widthMm: number; thicknessMm: number },
  at: FittingPlace,
): HungBand[] {
  const [empty, loaded] = [emptyMm, fullMm].map((mm) => span && dropMm(mm, span)) as [number | null, number | null];
  const long: HungBand = {
    mark: nameAt(at, 'strap.hung'),
    of: at,
    at: feet.foot.on === 'face' ? { on: 'face', face: feet.foot.face, apartMm: feet.apartMm } : { on: 'sides' },
    lengthMm: { empty: emptyMm, loaded: fullMm },
    dropMm: empty === null || loaded === null ? null : { empty, loaded },
    supportMm: span?.supportMm ?? feet.apartMm,
    widthMm,
    thicknessMm,
    stuff: kind === 'metal-chain' ? 'metal' : 'cloth',
  };
  if (ends.kind !== 'grown' || ends.shortLoopMm === null) return [long];
  const { shortLoopMm } = ends;
  return [
    { ...long, at: { on: 'one-side', side: -1, apartMm: LOOP_FEET_MM } },
    {
      ...long,
      mark: nameAt(at, 'strap.shortLoop'),
      at: { on: 'one-side', side: 1, apartMm: LOOP_FEET_MM },
      lengthMm: { empty: shortLoopMm, loaded: shortLoopMm },
      dropMm: { empty: shortLoopMm / 2, loaded: shortLoopMm / 2 },
      supportMm: LOOP_FEET_MM,
    },
  ];
}
