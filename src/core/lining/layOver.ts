import { offsetRing, ringBounds, ringLength, type Ring } from '@/core/cutting';
import { liningMmOf, type Design, type FlapLining, type FlatLining } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import {
  liningGoesIn,
  pathOf,
  stageOf,
  takeOffEdit,
  type CutCloth,
  type FabricMark,
  type FittingInput,
  type FittingKind,
  type FittingPlace,
  type FittingStage,
  type StepRule,
} from '@/core/fittings';
import { flatSize, isStraight, type OutlinePoint, type PieceSet } from '@/core/pieces';
import { ownCodes } from '@/core/problems';
import { coveredFlap, coveredPieces, type Covered } from './covered';
import { holesAllRound } from './holesAlong';
import { joinMap, type JoinMap } from './joinMap';
import {
  interfacingFor,
  interfacingProblems,
  interfacingSteps,
  type InterfacingPiece,
  type InterfacingProblems,
  type InterfacingRepairs,
} from './interfacing';
import { coveredAsMeasured, type MeasuredCovered } from './measured';
import { LINING_NAMES, type LiningPattern } from './liningPattern';

/** What keeps a lining of the flap alone from being planned. */
export interface LayOverProblems extends InterfacingProblems {
  'lining-without-flap': object;
}
export interface LayOverRepairs extends InterfacingRepairs {
  'lining-off': object;
  'lining-flat': object;
}

const ours = ownCodes<LayOverProblems, LayOverRepairs>();

export interface LayOverStage<
  Choice extends FlatLining | FlapLining = FlatLining | FlapLining,
> extends FittingStage<Choice> {
  /** The largest piece first. */
  cloth: [CutCloth, ...CutCloth[]];
  patterns: [LiningPattern, ...LiningPattern[]];
  /** What is stuck to the wrong side of each; none without. */
  interfacing: InterfacingPiece[];
  turnUnder: Figure;
  join: JoinMap | null;
}

/**
 * A lining that is laid over the crochet: cut larger than it, its edges pressed under so that it ends a little inside the crochet, and joined all round
 * before the pieces are. What does not fray is cut at its finished edge. Sides that are worked in rounds are lined by a piece as long as a round.
 *
 * @param what all pieces, or the flap alone
 */
export const layOver = <Choice extends FlatLining | FlapLining>(
  usual: (design: Design) => Choice,
  what: 'all' | 'flap',
): FittingKind<Choice, LayOverStage<Choice>> => ({
  usual,
  plan(lining, bag) {
    const { set, gauge, at, pouch, flap, design } = bag;
    const every = (
      what === 'all' ? coveredPieces(set, gauge, pouch.borders.linedMm) : coveredFlap(set, flap, gauge)
    ).map((one) => coveredAsMeasured(one, design));
    if (every.length === 0)
      return {
        ok: false,
        problems: [
          ours.problem({
            code: 'lining-without-flap',
            severity: 'decide',
            place: 'lining',
            path: pathOf(at),
            values: {},
            repairs: [
              ours.repair({ code: 'lining-off', values: {}, edits: [takeOffEdit(design, at)] }),
              ours.repair({
                code: 'lining-flat',
                values: {},
                edits: [{ path: ['lining'], value: { ...lining, kind: 'flat' } }],
              }),
            ],
          }),
        ],
      };
    // A piece that its pressed edges would cover from side to side takes no cloth.
    const wide = every.filter(({ width, length }) => Math.min(width.value, length.value) > 2 * lining.insetMm);
    const covered = wide.length > 0 ? wide : every;
    const cloth = covered.map((one, index) =>
      cutFor(lining, one, index, covered.length === 1),
    ) as LayOverStage['cloth'];
    const patterns = cloth.map((one) => asPattern(lining, one)) as LayOverStage['patterns'];
    const turnUnder = makeFigure(
      'lining.turnUnder',
      'Press under on every side',
      allowanceOf(lining) + lining.insetMm,
      'mm',
      {
        rule: frays(lining)
          ? 'Allowance plus inset: the pressed edge then lies inside the crochet by the inset.'
          : 'What does not fray is cut at its finished edge: nothing is pressed under.',
        inputs: [allowanceInput(lining), insetInput(lining)],
        source: GEOMETRY,
      },
    );
    const join = joinMap(lining, edgeSpans(bag, covered[0]), ringLength(patterns[0].seam), gauge);
    const [first, ...others] = patterns;
    const perforated: LayOverStage['patterns'] = join
      ? [{ ...first, marks: [...first.marks, ...holesAllRound(first, join, lining.holesInMm)] }, ...others]
      : patterns;
    const isLast = liningGoesIn(set, design) === 'last';
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice: lining,
          at,
          marks: cloth.flatMap((one) => pressedEdge(one, set, lining, at)),
          steps: liningSteps(lining, isLast),
          asked: [
            turnUnder,
            ...covered.flatMap(({ width, length }) => [width, length]),
            ...cloth.flatMap((one) => [one.cutWidth, one.cutLength, one.finishedWidth, one.finishedLength]),
            ...(join ? [join.figures.bag, join.figures.lining] : []),
          ],
          problems: interfacingProblems(lining, bag),
        }),
        cloth,
        ...{ patterns: perforated, interfacing: interfacingFor(lining, patterns), turnUnder, join },
      },
    };
  },
});

/** Cloth frays: its edges are pressed under. */
export const frays = ({ stuff }: { stuff: FlatLining['stuff'] }): boolean => stuff === 'cloth';

/** What is cut beyond the crochet; less than nought of what is cut at its finished edge. */
const allowanceOf = (lining: FlatLining | FlapLining): number => (frays(lining) ? lining.allowanceMm : -lining.insetMm);

/** In a bag that is worked in rounds the lining goes in last. */
const liningSteps = (lining: FlatLining | FlapLining, isLast: boolean): StepRule[] => [
  {
    name: 'cut-lining',
    after: ['blocked'],
    before: [],
    is: frays(lining) ? ['cloth-cut'] : ['cloth-cut', 'cloth-ready'],
  },
  ...interfacingSteps(lining),
  ...(frays(lining)
    ? [{ name: 'press-lining', after: ['cut-lining', 'fuse-interfacing'], before: [], is: 'cloth-ready' as const }]
    : []),
  ...(lining.joined === 'through-holes'
    ? [{ name: 'edge-lining', after: ['cut-lining', 'fuse-interfacing', 'press-lining'], before: [] }]
    : []),
  {
    name: 'sew-lining',
    after: [
      'cut-lining',
      'fuse-interfacing',
      'press-lining',
      'edge-lining',
      'hem-turned',
      ...(isLast ? ['joined'] : []),
    ],
    before: isLast ? [] : ['joined'],
    is: 'covered',
    mark: 'lining',
  },
];

const allowanceInput = (lining: FlatLining | FlapLining) =>
  input('Cloth beyond the crochet, each side', frays(lining) ? lining.allowanceMm : 0, 'mm');
const insetInput = ({ insetMm }: FlatLining | FlapLining) => input('Lining’s edge inside the crochet’s', insetMm, 'mm');

/** The cloth for one piece, cut and pressed. */
function cutFor(lining: FlatLining | FlapLining, covered: MeasuredCovered, index: number, isAlone: boolean): CutCloth {
  const { width, length, outline, ...rest } = covered;
  const name = index === 0 ? '' : `.${rest.for}`;
  const label = isAlone ? '' : ` (${LINING_NAMES[rest.for]})`;
  const cut = (id: string, what: string, over: Figure) =>
    makeFigure(
      `lining.${id}${name}`,
      `Cut the lining${label}: ${what}`,
      Math.max(0, over.value + 2 * allowanceOf(lining)),
      'mm',
      {
        rule: frays(lining)
          ? 'The crochet plus the allowance on both sides. Usual allowance: 12 to 25 mm. Measure your own piece first; the ± is that of the crochet.'
          : 'The crochet less the inset on both sides: what does not fray is cut at its finished edge. Measure your own piece first; the ± is that of the crochet.',
        inputs: [inputFrom(over), frays(lining) ? allowanceInput(lining) : insetInput(lining)],
        source: COMMON_PRACTICE,
      },
      over.plusMinus,
    );
  const finished = (id: string, what: string, over: Figure) =>
    makeFigure(
      `lining.${id}${name}`,
      `Lining pressed${label}: ${what}`,
      Math.max(0, over.value - 2 * lining.insetMm),
      'mm',
      {
        rule: 'The crochet less the inset on both sides.',
        inputs: [inputFrom(over), insetInput(lining)],
        source: GEOMETRY,
      },
      over.plusMinus,
    );
  return {
    toOutline: outline !== null,
    outline,
    coversWidthMm: width.value,
    coversLengthMm: length.value,
    cutWidth: cut('cutWidth', 'width', width),
    cutLength: cut('cutLength', 'length', length),
    finishedWidth: finished('finishedWidth', 'width', width),
    finishedLength: finished('finishedLength', 'length', length),
    ...rest,
  };
}

/** The pattern of a piece: the outline of its crochet, moved in to where it ends, and out to where it is cut. */
function asPattern(lining: FlatLining | FlapLining, cloth: CutCloth): LiningPattern {
  const covers = ringOf(
    cloth.outline ?? [
      { alongMm: 0, halfMm: cloth.coversWidthMm / 2 },
      { alongMm: cloth.coversLengthMm, halfMm: cloth.coversWidthMm / 2 },
    ],
  );
  const seam = offsetRing(covers, -lining.insetMm, 'mitred') ?? covers;
  return {
    id: cloth.for,
    copies: cloth.copies,
    layers: lining.layers,
    lies: { originMm: cloth.originMm, lowMm: ringBounds(covers).lowMm, ...cloth.cameOut },
    seam,
    cut: offsetRing(covers, allowanceOf(lining), 'mitred') ?? seam,
    marks: [{ kind: 'outline', ring: covers, of: 'crochet' }],
    grain: frays(lining) ? 'up' : 'any',
    cutWidth: cloth.cutWidth,
    cutHeight: cloth.cutLength,
    finishedWidth: cloth.finishedWidth,
    finishedHeight: cloth.finishedLength,
  };
}

/** Up one side of an outline and down the other, counter-clockwise; points that fall on each other once. */
export function ringOf(outline: readonly OutlinePoint[]): Ring {
  const right = outline.map(({ alongMm, halfMm }) => [halfMm, alongMm] as const);
  const left = [...outline].reverse().map(({ alongMm, halfMm }) => [-halfMm, alongMm] as const);
  return [...right, ...left].filter(([x, y], index, all) => {
    const [beforeX, beforeY] = all[(index + all.length - 1) % all.length] as readonly [number, number];
    return Math.hypot(x - beforeX, y - beforeY) > 1e-6;
  });
}

/** The edge of the largest piece that a lining is joined to: the stitches of its ends, and its row ends. */
function edgeSpans({ set }: FittingInput, covered: Covered | undefined) {
  const piece =
    set.pieces.find(({ id }) => id === covered?.for) ?? set.pieces.find(({ id }) => id === set.tracks.flap?.piece);
  if (piece?.kind !== 'rows' || !covered) return [];
  const rows = Math.max(1, Math.round(covered.length.value / piece.rowMm));
  const first = piece.rows[0]?.stitches ?? piece.startStitches;
  const last = piece.rows.at(-1)?.stitches ?? first;
  return [
    { name: 'start' as const, bag: covered.for === 'flap' ? Math.max(first, last) : first },
    { name: 'side' as const, bag: rows },
    { name: 'end' as const, bag: last },
    { name: 'side' as const, bag: rows },
  ];
}

/** The pressed edge of the lining, inside the crochet's, on a piece that is a rectangle or has one that folds. */
function pressedEdge(
  cloth: CutCloth,
  { pieces }: PieceSet,
  lining: FlatLining | FlapLining,
  of: FittingPlace,
): FabricMark[] {
  const piece = pieces.find(({ id }) => id === cloth.for);
  if (piece?.kind !== 'rows' || piece.roundCount > 0 || !(piece.id === 'panel' || isStraight(piece))) return [];
  return [
    {
      mark: 'lining',
      of,
      piece: piece.id,
      face: 'inner',
      acrossMm: 0,
      alongMm: flatSize(piece).lengthMm / 2,
      stationMm: null,
      count: null,
      form: { kind: 'patch', widthMm: cloth.finishedWidth.value, lengthMm: cloth.finishedLength.value },
      stuff: 'cloth',
      standsMm: liningMmOf({ lining }),
      throughMm: [],
      presence: 'set',
      move: null,
    },
  ];
}
