import { factsOf } from '@/core/design';
import type { LoadState } from '@/core/contents';
import { GEOMETRY, input, makeFigure, type Figure } from '@/core/figures';
import type { JoinId } from '@/core/pieces';
import { foldSheets } from './foldBag';
import { stations, type FoldedPlan } from './foldInput';
import { stops, type FoldedSheet } from './sheet';
import { between, distanceOf, dot, plus, type Vec } from './space';

/** Two edges that are joined, as they run in the folded bag. */
interface MeetingEdges {
  join: JoinId;
  /** Places on the one, and the way of the other from corner to corner. */
  places: Vec[];
  way: Vec[];
  /** How far the middles of the fabric lie apart where they meet, mm: a thickness where they lie on each other, nought where they are one line. */
  layMm: number;
}

/** How far apart the edges of a join lie in the folded bag. */
interface EdgesMeet {
  join: JoinId;
  empty: Figure;
  loaded: Figure;
}

/** Shares of half a row at which a straight edge is looked at. */
const ACROSS = stops(-1, 1, 1 / 16);
/** Shares of half a rim, so near to each other that it can't be told from the straight stretches between them. */
const RIM = stops(-1, 1, 1 / 128);

/**
 * How far the edges of every join lie apart in the bag as it is folded, where it is most. What is more than nothing has to be eased in, or
 * pulls.
 *
 * @param labels what the joins are called
 * @returns nothing of a bag that has no joins
 * Source: geometry.
 */
export function edgesMeet(plan: FoldedPlan, labels: Record<JoinId, string>): EdgesMeet[] {
  const loaded = new Map(meetingEdges(plan, 'loaded').map((edges) => [edges.join, edges]));
  const figure = (state: LoadState, edges: MeetingEdges): Figure =>
    makeFigure(
      `meet.${edges.join}.${state}`,
      `${labels[edges.join]}: edges apart by at most, ${state}`,
      apartMm(edges),
      'mm',
      {
        rule: 'In the folded bag, from places on the one edge to the nearest of the other, less what they lie apart where they meet; the most of all places. So much is eased in by sewing, or pulls.',
        inputs: [input('Apart where they meet, between the middles of the fabric', edges.layMm, 'mm')],
        source: GEOMETRY,
      },
    );
  return meetingEdges(plan, 'empty').flatMap((edges) => {
    const full = loaded.get(edges.join);
    return full ? [{ join: edges.join, empty: figure('empty', edges), loaded: figure('loaded', full) }] : [];
  });
}

/**
 * The most that one edge lies away from the other beyond what it does where they meet, mm.
 *
 * @example
 * apartMm({ join: 'sides', layMm: 2, places: [{ x: 0, y: 1, z: 0 }], way: [{ x: 3, y: 0, z: 0 }, { x: 3, y: 9, z: 0 }] }) // => 1
 */
export const apartMm = ({ places, way, layMm }: MeetingEdges): number =>
  Math.max(0, ...places.map((place) => distanceToWay(place, way) - layMm));

/**
 * How far a point lies from a way of straight stretches, mm.
 *
 * @example
 * distanceToWay({ x: 0, y: 5, z: 3 }, [{ x: 0, y: 0, z: 0 }, { x: 0, y: 9, z: 0 }]) // => 3
 */
export function distanceToWay(point: Vec, way: readonly Vec[]): number {
  let nearest = Infinity;
  for (let k = 1; k < way.length; k += 1) {
    const [from, to] = [way[k - 1] as Vec, way[k] as Vec];
    const along = between(from, to);
    const length2 = dot(along, along);
    const share = length2 > 0 ? Math.max(0, Math.min(1, dot(between(from, point), along) / length2)) : 0;
    nearest = Math.min(nearest, distanceOf(point, plus(from, along, share)));
  }
  return nearest;
}

/** The edges that meet in the folded bag; on its right side where there are two alike. */
export function meetingEdges(plan: FoldedPlan, state: LoadState): MeetingEdges[] {
  const { sheets } = foldSheets(plan, { state, flap: 1 });
  const parts = {
    first: (mark: string) => sheets.find((sheet) => sheet.mark === mark),
    last: (mark: string) => sheets.findLast((sheet) => sheet.mark === mark),
  };
  return plan.joins.flatMap(({ id }): MeetingEdges[] => {
    const found = EDGES[id](parts, plan);
    return found ? [{ join: id, ...found }] : [];
  });
}

interface Parts {
  first: (mark: string) => FoldedSheet | undefined;
  last: (mark: string) => FoldedSheet | undefined;
}

type FindEdges = (parts: Parts, plan: FoldedPlan) => Omit<MeetingEdges, 'join'> | null;

const EDGES: Record<JoinId, FindEdges> = {
  sides: ({ first, last }, { pouch }) => {
    const [front, back] = [first('part.front'), last('part.back')];
    if (!front || !back) return null;
    // Up to the nearer upper edge.
    const highMm = Math.min(front.toMm - front.fromMm, back.toMm - back.fromMm);
    return {
      places: front.along.filter((mm) => mm >= front.toMm - highMm).map((mm) => front.at(1, mm)),
      way: back.along.map((mm) => back.at(1, mm)),
      layMm: factsOf(pouch.kind).sidesLieFlat ? pouch.layers.fabricMm : 0,
    };
  },
  corners: ({ first, last }, { pouch }) => {
    const [wall, floor] = [first('part.front'), last('part.front')];
    if (!wall || !floor || wall === floor) return null;
    const halfMm = wall.halfMm(wall.toMm);
    const turnsAt = (halfMm - pouch.depthMm / 2) / halfMm;
    return {
      places: stops(turnsAt, 1, (1 - turnsAt) / 8).map((share) => wall.at(share, wall.toMm)),
      way: floor.along.map((mm) => floor.at(1, mm)),
      layMm: 0,
    };
  },
  'gusset-front': (parts) => panelAlongGusset(parts, 'part.front', -1),
  'gusset-back': (parts) => panelAlongGusset(parts, 'part.back', 1),
  'side-bands': ({ first, last }) => {
    const [front, back, band] = [first('part.front'), last('part.back'), first('part.band')];
    if (!front || !back || !band) return null;
    const edgeOf = (wall: FoldedSheet) =>
      wall.along.map((mm) => wall.at(1, mm)).filter((place) => standsBeside(place, band));
    return {
      places: [...edgeOf(front), ...edgeOf(back)],
      way: [
        ...band.along.map((mm) => band.at(-1, mm)),
        ...ACROSS.map((share) => band.at(share, band.toMm)),
        ...[...band.along].reverse().map((mm) => band.at(1, mm)),
      ],
      layMm: 0,
    };
  },
  'band-front': (parts) => wallAlongBand(parts, 'part.front', -1),
  'band-back': (parts) => wallAlongBand(parts, 'part.back', 1),
  'band-ends': ({ first, last }) => {
    const [before, behind, band] = [last('part.front'), first('part.back'), first('part.band')];
    if (!before || !behind || !band) return null;
    return {
      places: ACROSS.map((share) => band.at(share, band.toMm)),
      way: [before, behind].flatMap((floor) => floor.along.map((mm) => floor.at(1, mm))),
      layMm: 0,
    };
  },
  'band-rim': ({ first }) =>
    alongRim(first('part.front'), first('part.band'), (band) =>
      ACROSS.map((share) => band.at(-1, ((share + 1) / 2) * band.toMm)),
    ),
  'base-rim': ({ first }) =>
    alongRim(first('part.base'), first('part.front'), (front) => ACROSS.map((share) => front.at(share, front.toMm))),
  bottom: ({ first, last }, { pouch }) => acrossAt(first('part.front'), last('part.back'), stations(pouch).baseMm),
  flap: ({ first, last }, { pouch }) =>
    acrossAt(first('part.bridge') ?? first('part.flap'), last('part.back'), stations(pouch).backEndMm),
};

/** The upright edge of a face along the long edge of a band, as high as that reaches. */
function wallAlongBand({ first, last }: Parts, mark: 'part.front' | 'part.back', side: 1 | -1) {
  const [wall, band] = [mark === 'part.front' ? first(mark) : last(mark), first('part.band')];
  if (!wall || !band) return null;
  return {
    places: wall.along.map((mm) => wall.at(1, mm)).filter((place) => standsBeside(place, band)),
    way: band.along.map((mm) => band.at(side, mm)),
    layMm: 0,
  };
}

/** Whether a place is no higher than a band reaches, which one face may. */
const standsBeside = ({ y }: Vec, band: FoldedSheet): boolean => y <= band.at(0, band.fromMm).y + 1e-6;

/** A panel's side and lower edge as they were worked, before they are eased, along the gusset's edge. */
function panelAlongGusset({ first, last }: Parts, mark: 'part.front' | 'part.back', side: 1 | -1) {
  const [panel, gusset] = [mark === 'part.front' ? first(mark) : last(mark), first('part.gusset')];
  if (!panel || !gusset) return null;
  const lowMm = mark === 'part.front' ? panel.toMm : panel.fromMm;
  return {
    places: [
      ...stops(panel.fromMm, panel.toMm, (panel.rowMm ?? Infinity) / 2).map((mm) => ({
        ...panel.at(1, mm),
        z: panel.halfMm(mm),
      })),
      ...ACROSS.map((share) => ({ ...panel.at(share, lowMm), z: share * panel.halfMm(lowMm) })),
    ],
    way: gusset.along.map((mm) => gusset.at(side, mm)),
    layMm: 0,
  };
}

/** An edge along the rim of a piece of rounds. */
function alongRim(round: FoldedSheet | undefined, other: FoldedSheet | undefined, edge: (sheet: FoldedSheet) => Vec[]) {
  if (!round || !other) return null;
  return { places: edge(other), way: RIM.map((share) => round.at(share, round.toMm)), layMm: 0 };
}

/** Two rows that lie on each other. */
function acrossAt(one: FoldedSheet | undefined, other: FoldedSheet | undefined, alongMm: number) {
  if (!one || !other) return null;
  return {
    places: ACROSS.map((share) => one.at(share, alongMm)),
    way: other.across.map((share) => other.at(share, alongMm)),
    layMm: 0,
  };
}
