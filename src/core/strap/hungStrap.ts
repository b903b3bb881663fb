import { SUPPORT_MM } from '@/core/contents';
import type { Carrying, Strap } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, makeFigure, type Figure, type ReasonInput } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';
import type { Problem } from '@/core/problems';
import { feetInRounds } from './feetInRounds';
import { placedFeet, type PlacedFeet } from './placedFeet';
import { strapLoad, type StrapLoad } from './strapLoad';
import { strapPath, type StrapPath } from './strapPath';
import { wornWish } from './wornWish';

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
  const { mm, from, figure, problems } = wornWish(strap, over, span, bag);
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

/** All its figures, for asking. */
export const hungFigures = ({ wish, hardware, doubled, loss, begins }: HungStrap): Figure[] =>
  [wish, hardware, doubled, loss, ...(begins ?? [])].filter((figure) => figure !== null);
