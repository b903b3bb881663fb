import { offsetOf, placeAt, rowAt, rowMiddleMm, type StitchPlace } from '@/core/body';
import type { LoadState } from '@/core/contents';
import type { Across } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { nameAt, pathOf, type FittingInput, type MarkMove } from '@/core/fittings';
import { ownCodes, type Problem } from '@/core/problems';
import { trackRow, type PieceId, type Track } from '@/core/pieces';
import { backEndOf, placesAcross } from '@/core/placing';

/** The choices that are so of whatever hangs from an edge, and is fastened on the front. */
export interface Hangs extends Across {
  belowMm: number;
}

/** Something that hangs from an edge: where it is fastened on the front, and where it begins on the edge. */
export interface HungSpot {
  /** The piece of the front. */
  piece: PieceId;
  row: number;
  place: StitchPlace;
  ofStitches: number;
  /** Of the edge's last row, whose place it hangs from. */
  edgePlace: StitchPlace;
  edgeStitches: number;
  /** Across from the middle, as far as the edge's place is, mm. */
  acrossMm: number;
  /** From the front's top edge, mm. */
  downMm: number;
}

/** How things hang from an edge. */
export interface Hung {
  /** They hang from the flap's edge; else from the back's. */
  fromFlap: boolean;
  /** The front's row that they are fastened on, counted from its mouth, and where its middle is from the front's top edge, mm. */
  k: number;
  downMm: number;
  /** Where that is wished, mm. */
  wishedMm: number;
  spots: HungSpot[];
  /** The piece that they hang from, and how far along its way its edge is, mm; null of a piece that has no such row. */
  edge: { track: Track; downMm: number; outwards: 1 | -1; foldedMm: number } | null;
}

/** Where things hang from the flap's edge, or from the back's over the mouth, and where they are fastened on the front. */
export function hangsFrom(choice: Hangs, { pouch, flap, set }: FittingInput): Hung {
  const { rowMm, stitchMm, stitchCount, borders } = pouch;
  const { tracks } = set;
  const fromFlap = flap.hasFlap;
  const wishedMm = (fromFlap ? flap.dropMm.loaded : 0) + choice.belowMm;
  const k = Math.max(1, Math.min(pouch.frontRows, rowAt(wishedMm - borders.frontMm, rowMm)));
  const downMm = borders.frontMm + rowMiddleMm(k, rowMm);
  const piece = set.pieces.find(({ id }) => id === tracks.front.piece);
  const row = trackRow(tracks.front, k);
  const ofStitches = piece?.kind === 'rows' ? (piece.rows[row - 1]?.stitches ?? stitchCount) : stitchCount;
  const edgeStitches = Math.round(fromFlap ? (flap.rows.at(-1)?.stitches ?? flap.startStitches) : pouch.topStitches);
  const track = flap.onPiece ? tracks.flap : fromFlap ? null : tracks.back;
  return {
    ...{ fromFlap, k, downMm, wishedMm },
    spots: placesAcross(choice, edgeStitches, stitchMm).map((edgePlace) => {
      const acrossMm = offsetOf(edgePlace, stitchMm) - (edgeStitches * stitchMm) / 2;
      const place = placeAt((ofStitches * stitchMm) / 2 + acrossMm, stitchMm);
      return { piece: tracks.front.piece, ...{ row, place, ofStitches, edgePlace, edgeStitches, acrossMm, downMm } };
    }),
    // Away from the fabric: on along a flap, back above an upper edge.
    edge: track && {
      track,
      downMm: flap.onPiece ? (flap.bridgeRows + flap.flapRows) * rowMm : 0,
      foldedMm: backEndOf(pouch) + (flap.onPiece ? (flap.bridgeRows + flap.flapRows) * rowMm : 0),
      outwards: flap.onPiece ? track.step : (-track.step as 1 | -1),
    },
  };
}

/** What is told of where something that hangs from an edge is fastened, and how far it has to reach. */
export interface HungFigures {
  row: Figure;
  down: Figure;
  reachLoaded: Figure;
  reachEmpty: Figure;
}

/** What it is called, and how far it reaches beyond the middle of what it is fastened to. */
export interface HungNames {
  prefix: string;
  /** What hangs; and what it is fastened to: at the head of a label, and within a sentence. */
  hangs: string;
  label: string;
  noun: string;
  /** From there on to the end of what it has to reach, mm, and what that is called; null where it only has to reach the middle. */
  beyond: { label: string; mm: number } | null;
}

/** Tells where something that hangs from an edge is fastened, and how far it has to reach, each number with its reason. */
export function hungFigures(
  choice: Hangs,
  { prefix, hangs, label, noun, beyond }: HungNames,
  { k, fromFlap, downMm }: Hung,
  { gauge, flap, set, at }: FittingInput,
): HungFigures {
  const name = (id: string) => nameAt(at, `${prefix}.${id}`);
  const row = makeFigure(name('row'), `${label} on the front`, trackRow(set.tracks.front, k), 'row number', {
    rule: fromFlap
      ? 'The front row whose middle is nearest to where the flap’s edge comes down to, loaded, and as far below that as you wish.'
      : 'The front row whose middle is nearest to as far below its upper edge as you wish.',
    inputs: [
      ...(fromFlap ? [inputFrom(flap.figures.dropLoaded)] : []),
      input('Below the edge', choice.belowMm, 'mm'),
      inputFrom(gauge.rowHeight),
    ],
    source: GEOMETRY,
  });
  const down = makeFigure(
    name('down'),
    `${label} from the front’s top edge`,
    downMm,
    'mm',
    {
      rule: `From the front’s top edge to the middle of the ${noun}’s row.`,
      inputs: [inputFrom(row), inputFrom(gauge.rowHeight)],
      source: GEOMETRY,
    },
    k * (gauge.rowHeight.plusMinus ?? 0),
  );
  const { dropLoaded, dropEmpty, bridgeLoaded, bridgeEmpty } = flap.figures;
  const over = { loaded: fromFlap ? dropLoaded : bridgeLoaded, empty: fromFlap ? dropEmpty : bridgeEmpty };
  const reach = (state: LoadState) =>
    makeFigure(
      name(`reach.${state}`),
      `${hangs} has to reach, ${state}`,
      (fromFlap ? Math.max(0, downMm - flap.dropMm[state]) : flap.bridgeMm[state] + downMm) + (beyond?.mm ?? 0),
      'mm',
      {
        rule: `From the edge that it hangs from to the middle of the ${noun}${fromFlap ? '' : ', over the mouth with what stands in it'}${beyond ? ', and on to its far side' : ''}.`,
        inputs: [inputFrom(down), inputFrom(over[state]), ...(beyond ? [input(beyond.label, beyond.mm, 'mm')] : [])],
        source: GEOMETRY,
      },
    );
  return { row, down, reachLoaded: reach('loaded'), reachEmpty: reach('empty') };
}

/** Moved along the front, it goes further below the edge that it hangs from. */
export const hungMove = (
  { belowMm }: Hangs,
  { downMm }: HungSpot,
  { at, flap, pouch, set }: FittingInput,
): Omit<MarkMove, 'isGripped'> => ({
  way: 'along',
  path: [...pathOf(at), 'belowMm'],
  valueMm: belowMm,
  countedMm: null,
  perMm: 1,
  leastMm: 0,
  mostMm: 300,
  stepMm: pouch.rowMm,
  alongPiece: set.tracks.front.step,
  setMm: Math.max(0, downMm - (flap.hasFlap ? flap.dropMm.loaded : 0)),
});

/** What is doubtful of whatever hangs from an edge; lengths in mm. */
export interface HungProblems {
  /** The edge comes down over what it is fastened to, on the empty bag or the loaded one. */
  'under-the-edge': { underMm: number; isEmpty: boolean };
}
export interface HungRepairs {
  'fasten-below': { belowMm: number };
}

const ours = ownCodes<HungProblems, HungRepairs>();

/** What would be fastened under the flap itself: the edge that it hangs from lies below it. */
export function underEdgeProblems(
  choice: Hangs,
  { downMm, fromFlap }: Hung,
  mark: string,
  { at, flap, pouch }: FittingInput,
): Problem[] {
  if (!fromFlap) return [];
  const underMm = Math.max(flap.dropMm.empty, flap.dropMm.loaded) - downMm;
  if (underMm <= 0) return [];
  const isEmpty = flap.dropMm.empty >= flap.dropMm.loaded;
  const belowMm = Math.ceil(choice.belowMm + underMm + pouch.rowMm / 2);
  const path = [...pathOf(at), 'belowMm'];
  return [
    ours.problem({
      code: 'under-the-edge',
      severity: 'decide',
      place: 'closures',
      path,
      mark: nameAt(at, mark),
      values: { underMm, isEmpty },
      repairs:
        belowMm <= 300
          ? [ours.repair({ code: 'fasten-below', values: { belowMm }, edits: [{ path, value: belowMm }] })]
          : [],
    }),
  ];
}
