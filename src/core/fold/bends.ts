import { LOAD_STATES, type LoadState } from '@/core/contents';
import { GEOMETRY, input, makeFigure, type Figure } from '@/core/figures';
import { joinLengthMm } from '@/core/pieces';
import type { Layers, SectionPiece } from '@/core/section';
import { stations, type FoldedPlan } from './foldInput';

/** Where a bag's fabric is bent: round the base, over the top, and where a strip runs round corners or a rim. */
export type BendId = 'base' | 'top' | 'corner' | 'rim';

/** The sheets of a bend, from its outside in. */
export type BendFace = 'outer' | 'middle' | 'inner' | 'lining';

/** A turn about one point, as an angle and the radius of the fabric's middle. */
export interface Turn {
  turnRad: number;
  radiusMm: number;
}

/** How long one sheet of a bend is, empty and loaded. */
interface BendLength {
  bend: BendId;
  face: BendFace;
  /** What is lit on the drawings when it is asked about. */
  mark: string;
  /** Which sheet of which bend it is, for a maker. */
  label: string;
  empty: Figure;
  loaded: Figure;
}

/**
 * How long each sheet of a bend is, mm: a thick sheet keeps the length of its middle, its outer face stretches by half its thickness times the
 * turn, its inner face is pressed together by as much, and the lining that lies within it needs less still.
 *
 * @param turns what the bend is made of
 * @returns the lengths of the fabric's outer face, its middle, its inner face, and of the middle of the lining
 * Source: geometry.
 *
 * @example
 * bendLengthsMm([{ turnRad: 2, radiusMm: 5 }], { fabricMm: 2, liningMm: 1 }) // => { outer: 12, middle: 10, inner: 8, lining: 7 }
 */
export function bendLengthsMm(turns: readonly Turn[], { fabricMm, liningMm }: Layers): Record<BendFace, number> {
  const at = (outMm: number) =>
    turns.reduce((sum, { turnRad, radiusMm }) => sum + turnRad * Math.max(0, radiusMm + outMm), 0);
  return {
    outer: at(fabricMm / 2),
    middle: at(0),
    inner: at(-fabricMm / 2),
    lining: at(-(fabricMm + liningMm) / 2),
  };
}

/**
 * Every bend of the folded bag, sheet by sheet, empty and loaded. Where a deep bag turns square there is none: its edges are seams.
 *
 * @returns nothing where nothing is bent; the lining only where there is one
 */
export function bendLengths(plan: FoldedPlan): BendLength[] {
  const { layers } = plan.pouch;
  const faces: BendFace[] = ['outer', 'middle', 'inner', ...(layers.liningMm > 0 ? (['lining'] as const) : [])];
  const [empty, loaded] = LOAD_STATES.map((state) => turnsOf(plan, state)) as [Turns, Turns];
  return (Object.keys(LABELS) as BendId[]).flatMap((bend) => {
    const [one, other] = [empty[bend], loaded[bend]];
    if (one.length === 0 && other.length === 0) return [];
    return faces.map((face) => ({
      bend,
      face,
      mark: MARKS[bend],
      label: labelOf(bend, face),
      empty: lengthFigure(bend, face, 'empty', one, layers),
      loaded: lengthFigure(bend, face, 'loaded', other, layers),
    }));
  });
}

/** A quarter of a turn, in radians. */
const QUARTER = Math.PI / 2;

type Turns = Record<BendId, Turn[]>;

function turnsOf({ section, pouch, joins }: FoldedPlan, state: LoadState): Turns {
  const { backEndMm } = stations(pouch);
  const arcs = (isWanted: (piece: SectionPiece) => boolean): Turn[] =>
    section[state].flatMap((piece) =>
      piece.kind === 'arc' && isWanted(piece)
        ? [{ turnRad: Math.abs(piece.toRad - piece.fromRad), radiusMm: piece.radiusMm }]
        : [],
    );
  const corners =
    joins.find(({ id }) => id === 'gusset-front')?.stretches.filter(({ name }) => name === 'corner') ?? [];
  const cornerMm = corners[0]?.lengthMm ?? 0;
  const band = joins.find(({ id }) => id === 'band-rim');
  const radiusMm = pouch.sectionMm.front / 2;
  return {
    base: arcs(({ toMm }) => toMm <= backEndMm + 1e-9),
    top: arcs(({ fromMm }) => fromMm >= backEndMm - 1e-9),
    // Both corners are alike: one turn of both together.
    corner: cornerMm > 0 ? [{ turnRad: corners.length * QUARTER, radiusMm: cornerMm / QUARTER }] : [],
    rim: band ? [{ turnRad: joinLengthMm(band) / radiusMm, radiusMm }] : [],
  };
}

const LABELS: Record<BendId, string> = {
  base: 'Round the base',
  top: 'Over the top',
  corner: 'Gusset, round both corners',
  rim: 'Band, round the rim',
};

const MARKS: Record<BendId, string> = {
  base: 'fold.base',
  top: 'part.bridge',
  corner: 'part.gusset',
  rim: 'part.band',
};

const FACES: Record<BendFace, { label: string; rule: string }> = {
  outer: {
    label: 'outer face',
    rule: 'The radius of the fabric’s middle and half its thickness, times the turn: so long the outer face is drawn.',
  },
  middle: {
    label: 'middle of the fabric',
    rule: 'The radius times the turn: the middle of the fabric keeps its length.',
  },
  inner: {
    label: 'inner face',
    rule: 'The radius less half the fabric’s thickness, times the turn: so short the inner face is pressed.',
  },
  lining: {
    label: 'lining',
    rule: 'The radius less half the fabric and half the lining, times the turn: so much lining the bend takes. What it has beyond that lies in ripples.',
  },
};

const labelOf = (bend: BendId, face: BendFace): string => `${LABELS[bend]}: ${FACES[face].label}`;

function lengthFigure(bend: BendId, face: BendFace, state: LoadState, turns: readonly Turn[], layers: Layers): Figure {
  return makeFigure(
    `bend.${bend}.${face}.${state}`,
    `${labelOf(bend, face)}, ${state}`,
    bendLengthsMm(turns, layers)[face],
    'mm',
    {
      rule: FACES[face].rule,
      inputs: [
        ...turns.flatMap(({ turnRad, radiusMm }) => [
          input('Turn, as a share of a whole one', turnRad / (2 * Math.PI), 'ratio'),
          input('Radius of the fabric’s middle there', radiusMm, 'mm'),
        ]),
        input('Thickness of the fabric', layers.fabricMm, 'mm'),
        ...(face === 'lining' ? [input('Thickness of the lining', layers.liningMm, 'mm')] : []),
      ],
      source: GEOMETRY,
    },
  );
}
