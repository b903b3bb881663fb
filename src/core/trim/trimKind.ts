import { USUAL_TRIMS, type SpotTrim, type Trim, type TrimKind, type TrimOf } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, MEMORY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import {
  nameAt,
  pathOf,
  smallParts,
  stageOf,
  takeOffEdit,
  type FabricMark,
  type FittingInput,
  type FittingKind,
  type FittingStage,
  type MarkMove,
  type StepRule,
} from '@/core/fittings';
import { alongEdge, beside, edgeSeat, faceSeat, type PlacedSpot, type Seat } from '@/core/placing';
import { ownCodes, type Problem } from '@/core/problems';
import { natureOf } from './natures';

/** What is doubtful of a trim; lengths in mm. */
export interface TrimProblems {
  'trim-without-flap': object;
  'trim-off-face': { neededMm: number; hasMm: number };
  'trim-too-many': { neededMm: number; hasMm: number };
  'trim-no-edge': object;
}
export interface TrimRepairs {
  'trim-to-front': object;
  'trim-to-mouth': object;
  'trim-nearer': { fromEdgeMm: number };
  'trim-fewer': { count: number };
  'take-trim-off': object;
}

const ours = ownCodes<TrimProblems, TrimRepairs>();

export interface TrimStage<Choice extends Trim = Trim> extends FittingStage<Choice> {
  /** Where each is set: its row and place by count. Of what runs along an edge, how many stitches are passed over before each. */
  spots: PlacedSpot[];
  /** Stitches before the first of those along an edge, and after the last. */
  before: number;
  figures: { count: Figure; yarn: Figure | null };
}

/** A kind of trim: in single places of a face, or along an edge; the same from both sides. */
export const trimKind = <Kind extends TrimKind>(kind: Kind): FittingKind<TrimOf<Kind>, TrimStage<TrimOf<Kind>>> => ({
  usual: () => USUAL_TRIMS[kind],
  plan(trim, bag) {
    const { at, pouch } = bag;
    const choice: Trim = trim;
    const seat = 'edge' in choice ? edgeSeat(choice.edge, bag) : faceSeat(choice.on, choice.fromEdgeMm, bag);
    if (seat === null) return { ok: false, problems: [noSeat(choice, bag)] };
    const nature = natureOf(choice);
    const { spots, before } =
      'edge' in choice
        ? alongEdge(choice.every, seat, pouch.stitchMm)
        : { spots: beside(choice.count, seat, pouch.stitchMm), before: 0 };
    const figures = figuresOf(choice, spots.length, bag);
    const form = nature.form(choice, pouch.stitchMm);
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice: trim,
          at,
          marks: spots.map((spot, index): FabricMark => ({
            mark: nameAt(at, choice.kind),
            of: at,
            piece: seat.track.piece,
            face: 'outer',
            acrossMm: spot.acrossMm,
            alongMm: spot.alongMm,
            stationMm: seat.stationMm,
            foldedMm: seat.foldedMm,
            count: { row: spot.row, place: spot.place, ofStitches: spot.ofStitches },
            // Outlines hang down, whichever way the piece is worked.
            form:
              form.kind === 'outline'
                ? { ...form, points: form.points.map(([across, along]) => [across, along * seat.way] as const) }
                : form,
            stuff: nature.stuff,
            standsMm: nature.standsMm(choice),
            throughMm: [],
            presence: 'set',
            move: 'edge' in choice ? null : { ...moveOf(choice, seat, bag), isGripped: index === 0 },
          })),
          workedOn: fabricOf(choice, spots.length, bag),
          threads: figures.yarn ? [figures.yarn] : [],
          steps: stepsOf(choice),
          bought: spots.length,
          asked: [figures.count, ...(figures.yarn ? [figures.yarn] : []), ...fabricOf(choice, spots.length, bag)],
          problems: [
            ...(hasSmallParts(choice) ? [smallParts(at, choice.kind)] : []),
            ...('edge' in choice ? [] : roomProblems(choice, seat, bag)),
          ],
        }),
        spots,
        before,
        figures,
      },
    };
  },
});

/** Moved along the fabric, all of them go further from the front's edge, or nearer the flap's. */
const moveOf = (
  { on, fromEdgeMm }: SpotTrim,
  seat: Seat,
  { at, pouch }: FittingInput,
): Omit<MarkMove, 'isGripped'> => ({
  way: 'along',
  path: [...pathOf(at), 'fromEdgeMm'],
  valueMm: fromEdgeMm,
  countedMm: null,
  perMm: on === 'front' ? 1 : -1,
  leastMm: 0,
  mostMm: 400,
  stepMm: pouch.rowMm,
  alongPiece: seat.track.step,
  setMm: fromEdgeMm,
});

function figuresOf(choice: Trim, many: number, { pouch, gauge, at }: FittingInput): TrimStage['figures'] {
  const nature = natureOf(choice);
  const count = makeFigure(nameAt(at, 'trim.count'), 'How many', many, 'count', {
    rule:
      'edge' in choice
        ? 'One in every so many stitches of the edge; what is left over is halved at both ends.'
        : 'As many as you wish, each in the middle of as wide a share of the row.',
    inputs: 'edge' in choice ? [input('Every', choice.every, 'stitch')] : [input('Wished', choice.count, 'count')],
    source: COMMON_PRACTICE,
  });
  const oneMm = nature.yarnMm(choice, pouch.stitchMm);
  if (oneMm === 0) return { count, yarn: null };
  return {
    count,
    yarn: makeFigure(nameAt(at, 'trim.yarn'), 'Yarn of the trim', (many * oneMm) / 1000, 'm', {
      rule: `${nature.yarnRule} As it is held, all strands together.`,
      inputs: [inputFrom(count), input('Yarn of one', oneMm, 'mm'), inputFrom(gauge.stitchWidth)],
      source: MEMORY,
    }),
  };
}

/** Fabric of those that are of stitches, mm². */
function fabricOf(choice: Trim, many: number, { at }: FittingInput): Figure[] {
  const one = natureOf(choice).fabricMm2(choice);
  if (one === 0) return [];
  return [
    makeFigure(nameAt(at, 'trim.fabric'), 'Fabric of the trim', many * one, 'mm2', {
      rule: 'Width times height of each, and the band that draws it together.',
      inputs: [input('One of them', one, 'mm2'), input('How many', many, 'count')],
      source: GEOMETRY,
    }),
  ];
}

/** Whether it is made apart; a patch or a charm is bought, and what runs along an edge is worked into it. */
const isMade = (choice: Trim): boolean =>
  !('edge' in choice) && choice.kind !== 'patch' && choice.kind !== 'charm' && choice.kind !== 'surface-line';

/** Whether something of it can come off and be swallowed. */
const hasSmallParts = (choice: Trim): boolean =>
  choice.kind === 'charm' || choice.kind === 'beads' || (choice.kind === 'flower' && choice.buttonMm !== null);

/** Made at any time; set last, when nothing is turned over it any more. Into an edge while it lies flat. */
const stepsOf = (choice: Trim): StepRule[] => [
  ...(isMade(choice) ? [{ name: `make-${choice.kind}`, after: ['begun'], before: [] }] : []),
  {
    name: `set-${choice.kind}`,
    after: ['blocked', 'joined', 'covered', `make-${choice.kind}`],
    before: [],
    mark: choice.kind,
  },
];

function noSeat(choice: Trim, { design, at, flap, set }: FittingInput): Problem {
  const path = [...pathOf(at), 'edge' in choice ? 'edge' : 'on'];
  const takeOff = ours.repair({
    code: 'take-trim-off',
    values: {},
    edits: [takeOffEdit(design, at)],
  });
  const hasFront = set.pieces.some(({ id, kind }) => id === set.tracks.front.piece && kind === 'rows');
  const told = { severity: 'decide', place: 'closures', path, values: {} } as const;
  if ('on' in choice && choice.on === 'flap' && hasFront)
    return ours.problem({
      code: 'trim-without-flap',
      repairs: [ours.repair({ code: 'trim-to-front', values: {}, edits: [{ path, value: 'front' }] }), takeOff],
      ...told,
    });
  if ('edge' in choice && choice.edge === 'flap' && hasFront)
    return ours.problem({
      code: flap.onPiece ? 'trim-no-edge' : 'trim-without-flap',
      repairs: [ours.repair({ code: 'trim-to-mouth', values: {}, edits: [{ path, value: 'mouth' }] }), takeOff],
      ...told,
    });
  return ours.problem({ code: 'trim-no-edge', repairs: [takeOff], ...told });
}

/** Those that have no room beside each other, or hang over the base. */
function roomProblems(choice: SpotTrim, seat: Seat, { pouch, at }: FittingInput): Problem[] {
  const { downMm, sideMm } = natureOf(choice).reachMm(choice as never, pouch.stitchMm);
  const widthMm = seat.stitches * pouch.stitchMm;
  const path = (field: string) => [...pathOf(at), field];
  const told = { place: 'closures', mark: nameAt(at, choice.kind) } as const;
  const problems: Problem[] = [];
  if (choice.count * 2 * sideMm > widthMm) {
    const fits = Math.max(1, Math.floor(widthMm / (2 * sideMm)));
    problems.push(
      ours.problem({
        code: 'trim-too-many',
        severity: 'decide',
        path: path('count'),
        values: { neededMm: choice.count * 2 * sideMm, hasMm: widthMm },
        repairs:
          fits < choice.count && 2 * sideMm <= widthMm
            ? [
                ours.repair({
                  code: 'trim-fewer',
                  values: { count: fits },
                  edits: [{ path: path('count'), value: fits }],
                }),
              ]
            : [],
        ...told,
      }),
    );
  }
  if (downMm > seat.roomMm) {
    const nearerMm = Math.floor(choice.fromEdgeMm - (downMm - seat.roomMm) - pouch.rowMm);
    problems.push(
      ours.problem({
        code: 'trim-off-face',
        severity: 'mind',
        path: path('fromEdgeMm'),
        values: { neededMm: downMm, hasMm: Math.max(0, seat.roomMm) },
        repairs:
          nearerMm >= 0
            ? [
                ours.repair({
                  code: 'trim-nearer',
                  values: { fromEdgeMm: nearerMm },
                  edits: [{ path: path('fromEdgeMm'), value: nearerMm }],
                }),
              ]
            : [],
        ...told,
      }),
    );
  }
  return problems;
}
