import {
  FLAT_EDGE,
  edgesOf,
  edgingFaults,
  edgingSizes,
  nextFreeEdge,
  type EdgingFault,
  type EdgingSizes,
} from '@/core/borders';
import { patternNamed, patternOf, usualEdging, type Design, type Edging, type EdgingKind } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import {
  nameAt,
  pathOf,
  rowsBeside,
  stageOf,
  takeOffEdit,
  type FittingInput,
  type FittingKind,
  type FittingStage,
  type RowsBeside,
  type StepRule,
} from '@/core/fittings';
import { isInRounds, stripOf } from '@/core/pieces';
import type { Problem } from '@/core/problems';
import { patternRowCount } from '@/core/stitches';
import { countEdging, type EdgingCounts } from './countEdging';
import { edgingFigures, type EdgingFigures } from './edgingFigures';
import type { EdgeOutline } from './edgeOutline';
import { edgingMarks } from './edgingMarks';
import { freeEdge, type FreeEdge } from './freeEdge';
import { ours } from './ownProblems';

export interface EdgingStage<Choice extends Edging = Edging> extends FittingStage<Choice> {
  edge: FreeEdge;
  counts: EdgingCounts;
  figures: EdgingFigures;
  outline: EdgeOutline;
  /** Of a border that the side seams join: its stitches that each of them joins; null of any other. */
  seamStitches: Figure | null;
}

type Of<Kind extends EdgingKind> = Extract<Edging, { kind: Kind }>;

/** A kind of edging: all are planned alike, and differ by their natures and their words. */
export const edgingKind = <Kind extends EdgingKind>(
  usual: (design: Design) => Of<Kind>,
): FittingKind<Of<Kind>, EdgingStage<Of<Kind>>> => ({
  usual,
  plan(edging, bag) {
    const fault = edgingFaults(bag.design)[bag.at.index] ?? null;
    if (fault !== null) return { ok: false, problems: [leftOut(fault, bag)] };
    const { gauge, design } = bag;
    const sizes = edgingSizes(edging, design, {
      stitchMm: gauge.stitchWidth.value,
      rowMm: gauge.rowHeight.value,
      pattern: patternOf(design),
    });
    const edge = freeEdge(edging, bag);
    const counts = countEdging(edging, edge, sizes, rowEndMm(edging, bag), design);
    const outline = outlineOf(edging, edge, counts, sizes);
    const seamStitches = seamStitchesOf(edging, counts, bag);
    const figures = edgingFigures(edging, { sizes, edge, counts }, bag);
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice: edging,
          at: bag.at,
          marks: edgingMarks(edging, outline, bag),
          workedOn: [figures.fabric],
          beside: [rowsOfEdging(edging, edge, counts, bag)],
          // Each edge is begun and fastened off.
          tails: 2 * edge.times,
          steps: [stepOf(edging, bag)],
          asked: [...Object.values(figures), seamStitches].filter((figure) => figure !== null),
          problems: [...flatProblems(edging, figures, bag), ...seamProblems(edging, bag)],
        }),
        ...{ edge, counts, figures, outline, seamStitches },
      },
    };
  },
});

/** An edging of a kind as it is first put on: on the first free edge that has none yet. */
export const usualOf =
  <Kind extends Exclude<EdgingKind, 'own'>>(kind: Kind) =>
  (design: Design) => {
    return usualEdging(kind, nextFreeEdge(design) ?? edgesOf(design)[0] ?? 'mouth');
  };

/** The height of a row where its ends are picked up, mm: of a band, in the band. */
function rowEndMm({ edge }: Edging, { set, pouch }: FittingInput): number {
  const strip = edge === 'band' ? stripOf(set) : null;
  return strip?.rowMm ?? pouch.rowMm;
}

/** The step that it is worked in. */
const WORK = 'work-edging';

/** Its plain rounds, and what is worked over them: that has as many stitches, and chains that stand for one. */
function rowsOfEdging(edging: Edging, edge: FreeEdge, counts: EdgingCounts, { at, design }: FittingInput): RowsBeside {
  const last = counts.rounds.at(-1) ?? 0;
  const over =
    edging.kind === 'own' ? patternRowCount(patternNamed(edging.stitch, design.ownStitches)) : counts.repeats ? 1 : 0;
  return rowsBeside(at, {
    name: 'edging',
    step: WORK,
    copies: edge.times,
    counted: edge.isRound ? 'round' : 'row',
    turned: !edge.isRound,
    startStitches: counts.rounds[0] ?? 0,
    counts: [...counts.rounds, ...Array<number>(over).fill(last)],
  });
}

function stepOf({ edge, blocking, seaming }: Edging, { set, flap }: FittingInput): StepRule {
  const onHem = flap.hemRows > 0 && (edge === 'strip' || edge === 'flap');
  // A tube has no side seams that it could come after.
  const alwaysFlat = edge === 'strip' || edge === 'band' || set.pieces.some(isInRounds);
  const acrossPieces = edge === 'mouth' && !flap.hasFlap && !set.pieces.some(({ id }) => id === 'panel');
  const joinedFirst = !alwaysFlat && (acrossPieces || seaming === 'after');
  return {
    name: WORK,
    after: [
      'worked',
      ...(onHem ? (['hem-turned'] as const) : []),
      ...(blocking === 'after' ? (['blocked'] as const) : []),
      ...(joinedFirst ? (['joined'] as const) : []),
    ],
    before: [
      ...(blocking === 'before' && !onHem && !joinedFirst ? (['blocked'] as const) : []),
      // A lining is whipped to the finished edge.
      ...(joinedFirst ? [] : (['joined', 'covered'] as const)),
    ],
    is: [
      ...(edge === 'flap' || (edge === 'strip' && flap.hasFlap) ? (['flap-edged'] as const) : []),
      ...(edge === 'strip' ? (['edged'] as const) : []),
    ],
    mark: 'edging',
  };
}

/** How it looks from the side. */
function outlineOf(
  { kind }: Edging,
  { stretches }: FreeEdge,
  { repeats }: EdgingCounts,
  sizes: EdgingSizes,
): EdgeOutline {
  const lengthMm = stretches.reduce((sum, stretch) => sum + stretch.lengthMm, 0);
  return {
    plainMm: sizes.plainMm,
    depthMm: sizes.depthMm,
    form: kind === 'shell' ? 'lobes' : kind === 'picot' ? 'points' : 'level',
    perMm: (repeats ?? 0) / lengthMm,
  };
}

/** Stitches of a border that each side seam joins: those that are picked up from the rows that it joins. */
function seamStitchesOf({ edge }: Edging, { pickUp }: EdgingCounts, { pouch, at }: FittingInput): Figure | null {
  const { seamRows } = pouch.figures;
  if (edge !== 'strip' || seamRows === null) return null;
  return makeFigure(
    nameAt(at, 'edging.seamStitches'),
    'Border’s stitches that each side seam joins',
    Math.round((seamRows.value * pickUp.stitches) / pickUp.rows),
    'stitch',
    {
      rule: 'Rows that the seam joins, times the stitches that are picked up from them. The stitch that turns the corner is joined as well.',
      inputs: [
        inputFrom(seamRows),
        input('Stitches picked up', pickUp.stitches, 'stitch'),
        input('From so many row ends', pickUp.rows, 'row'),
      ],
      source: GEOMETRY,
    },
  );
}

function leftOut(fault: EdgingFault, { design, at }: FittingInput): Problem {
  return ours.problem({
    code: fault === 'no-such-edge' ? 'edging-without-edge' : 'edging-on-edging',
    severity: 'decide',
    place: 'body',
    path: [...pathOf(at), 'edge'],
    values: {},
    repairs: [
      ours.repair({
        code: 'edging-off',
        values: {},
        edits: [takeOffEdit(design, at)],
      }),
    ],
  });
}

function flatProblems(edging: Edging, { flatness, pickUp }: EdgingFigures, { at }: FittingInput): Problem[] {
  if (flatness === null || (flatness.value >= FLAT_EDGE.least && flatness.value <= FLAT_EDGE.most)) return [];
  return [
    ours.problem({
      code: 'edging-not-flat',
      severity: 'mind',
      place: 'body',
      path: [...pathOf(at), 'pickUp'],
      asks: [flatness.id, ...(pickUp ? [pickUp.id] : [])],
      mark: nameAt(at, 'edging'),
      values: { flatness: flatness.value },
      repairs:
        edging.pickUp === null
          ? []
          : [
              ours.repair({
                code: 'edging-picked-up-flat',
                values: {},
                edits: [{ path: [...pathOf(at), 'pickUp'], value: null }],
              }),
            ],
    }),
  ];
}

/** A border that the seam passes by: joined through its outer loops the seam takes nothing of the width. */
function seamProblems({ edge }: Edging, { design, set, at }: FittingInput): Problem[] {
  const { kind, takeUpStitches } = design.body.seam;
  const isSeamed = edge === 'strip' || edge === 'band';
  if (!isSeamed || kind === 'outer-loops' || !set.joins.some(({ made }) => made === 'sewn')) return [];
  return [
    ours.problem({
      code: 'seam-beside-border',
      severity: 'mind',
      place: 'body',
      path: pathOf(at),
      asks: [nameAt(at, 'edging.depth')],
      values: { takeUpStitches },
      repairs: [
        ours.repair({
          code: 'seam-through-border',
          values: {},
          edits: [
            { path: ['body', 'seam', 'kind'], value: 'outer-loops' },
            { path: ['body', 'seam', 'takeUpStitches'], value: 0 },
          ],
        }),
      ],
    }),
  ];
}
