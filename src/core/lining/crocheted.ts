import { usualCrochetedLining, type CrochetedLining, type Design } from '@/core/design';
import { GEOMETRY, input, makeFigure, type Figure } from '@/core/figures';
import {
  pathOf,
  rowsBeside,
  stageOf,
  takeOffEdit,
  type BareBag,
  type FittingInput,
  type FittingKind,
  type FittingPlace,
  type FittingStage,
  type RowsBeside,
  type StepRule,
} from '@/core/fittings';
import { rowOfPiece, rowCountOf, type Piece, type PieceSet } from '@/core/pieces';
import { ownCodes } from '@/core/problems';
import { dropInSizes, type DropInSizes } from './dropInSizes';
import type { InterfacingPiece } from './interfacing';
import { SPAN_LABELS, shareOut, type JoinMap } from './joinMap';
import { mouthSpans } from './mouthSpans';
import type { LiningPattern } from './liningPattern';
import { cameOutAs } from './measured';

/** What keeps a crocheted lining from being planned. */
export interface CrochetedProblems {
  'lining-crochet-unplanned': object;
}
export interface CrochetedRepairs {
  'lining-off': object;
}
const ours = ownCodes<CrochetedProblems, CrochetedRepairs>();

export interface CrochetedStage extends FittingStage<CrochetedLining> {
  /** Nothing of it is cut. */
  patterns: LiningPattern[];
  interfacing: InterfacingPiece[];
  /** What it is to measure finished. */
  inside: DropInSizes;
  /** The bag that it is, as its own design: its pieces are worked as those of any other. */
  own: Design;
  pieces: PieceSet['pieces'];
  join: JoinMap | null;
  /** How it is worked: across, up, and how much fabric of it there is. */
  counts: { stitches: Figure; rows: Figure; fabric: Figure };
}

/**
 * A lining that is crocheted: a bag of the same construction in thinner yarn, its outside as large as the inside of the other, less the ease; then joined at
 * the mouth, its stitches spread over those of the bag between anchors that meet.
 *
 * Source: geometry; single crochet throughout is ours.
 */
export const crochetedLining: FittingKind<CrochetedLining, CrochetedStage> = {
  usual: usualCrochetedLining,
  plan(lining, bag) {
    const { at, design, pouch } = bag;
    const inside = dropInSizes(lining, pouch, pouch.kind === 'round-purse', cameOutAs('bag', design));
    const own = liningAsBag(lining, inside, design);
    const bare = bag.bare(own);
    if (!bare)
      return {
        ok: false,
        problems: [
          ours.problem({
            code: 'lining-crochet-unplanned',
            severity: 'decide',
            place: 'lining',
            path: pathOf(at),
            values: {},
            repairs: [ours.repair({ code: 'lining-off', values: {}, edits: [takeOffEdit(design, at)] })],
          }),
        ],
      };
    const counts = countsOf(bare, lining);
    const join = edgesMeet(lining, bag, bare);
    const ownYarn = makeFigure('lining.bagYarn', 'Of the bag’s own yarn', 0, 'mm2', {
      rule: 'The lining is worked in a yarn of its own.',
      inputs: [],
      source: GEOMETRY,
    });
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice: lining,
          at,
          marks: [],
          beside: bare.set.pieces.map((piece) => rowsOfLining(piece, at)),
          worked: [{ name: 'lining.worked', width: inside.width, length: inside.height, fabric: ownYarn }],
          steps: crochetedSteps(bare),
          asked: [
            inside.width,
            inside.height,
            ...(inside.depth ? [inside.depth] : []),
            ...Object.values(counts),
            ownYarn,
            ...(join ? [join.figures.bag, join.figures.lining] : []),
          ],
          problems: [],
        }),
        ...{ patterns: [], interfacing: [], inside, own, pieces: bare.set.pieces, join, counts },
      },
    };
  },
};

/** A reading of a swatch: so many in 100 mm. */
const reading = (count: number) => [{ count, lengthMm: 100 }];

/** The lining as a bag for itself: the same body in its own gauge, as large outside as it is to be, and nothing put on it. */
function liningAsBag(lining: CrochetedLining, { width, height, depth }: DropInSizes, design: Design): Design {
  const { body, swatch } = design;
  const own = {
    ...body,
    ...{ sizesFrom: 'outside', widthMm: width.value, heightMm: height.value, chosenStitches: null },
    chosenRows: { front: null, back: null, bridge: null, flap: null },
    ...('depthMm' in body && depth ? { depthMm: depth.value } : {}),
    ...('narrowing' in body ? { narrowing: null } : {}),
    ...('stripTrial' in body ? { stripTrial: null } : {}),
    ...('roundWalk' in body ? { roundWalk: null } : {}),
  } as Design['body'];
  return {
    ...design,
    body: own,
    stitch: 'sc',
    plainEdge: 0,
    swatch: {
      ...swatch,
      ...{ hookMm: lining.hookMm, hookLetter: null, strands: 1, heldWith: [], stitch: 'sc', standsFor: 'panel' },
      ...{ state: 'blocked', weighed: null, thicknessMm: lining.thicknessMm },
      stitchReadings: reading(lining.stitchesIn100Mm),
      rowReadings: reading(lining.rowsIn100Mm),
    },
    flap: { kind: 'none', dropMm: design.flap.dropMm, widthMm: null, hemMm: null },
    contents: { ...design.contents, items: [], thicknessMm: 0, massG: 0, chosenPacking: null },
    ...{ lining: null, stiffener: null, pockets: [], closures: [], hardware: [], straps: [], edgings: [], trims: [] },
    ...{ furtherYarns: [], colourRows: [], cameOut: [], notes: '' },
  };
}

function countsOf(
  { pouch, whole }: BareBag,
  { stitchesIn100Mm, rowsIn100Mm }: CrochetedLining,
): CrochetedStage['counts'] {
  const gauge = [input('Stitches in 10 cm', stitchesIn100Mm, 'stitch'), input('Rows in 10 cm', rowsIn100Mm, 'row')];
  return {
    stitches: makeFigure('lining.ownStitches', 'Lining: stitches across, at the mouth', pouch.topStitches, 'stitch', {
      rule: 'As for the bag itself, in the lining’s own gauge.',
      inputs: [input('Lining, worked: across', pouch.figures.width.value, 'mm'), ...gauge],
      source: GEOMETRY,
    }),
    rows: makeFigure('lining.ownRows', 'Lining: rows of the front', pouch.frontRows, 'row', {
      rule: 'As for the bag itself, in the lining’s own gauge.',
      inputs: [input('Lining, worked: up', pouch.figures.height.value, 'mm'), ...gauge],
      source: GEOMETRY,
    }),
    fabric: makeFigure('lining.ownFabric', 'Fabric of the lining', whole.area.value, 'mm2', {
      rule: 'All of its pieces. Weigh a swatch of its yarn: it takes as many times the swatch’s mass as its fabric is larger.',
      inputs: [input('Pieces of the lining', whole.pieceCount, 'count'), ...gauge],
      source: GEOMETRY,
    }),
  };
}

/** The step that its pieces are worked in. */
const WORK = 'work-lining';

/** A piece of it as it is counted: it may begin in rounds and go on in rows. */
function rowsOfLining(piece: Piece, at: FittingPlace): RowsBeside {
  const rows = Array.from({ length: rowCountOf(piece) }, (_, index) => rowOfPiece(piece, index + 1));
  return rowsBeside(at, {
    name: piece.id,
    step: WORK,
    copies: piece.copies,
    counted: rows[0]?.counted ?? 'row',
    turned: rows[0]?.counted !== 'round',
    startStitches: rows[0]?.before ?? 0,
    counts: rows.map((row) => row?.stitches ?? 0),
  });
}

/** Its pieces can be worked at any time; it goes in last. */
const crochetedSteps = ({ set }: BareBag): StepRule[] => [
  { name: WORK, after: [], before: [], is: 'cloth-cut' },
  ...(set.joins.some(({ made }) => made === 'sewn')
    ? [{ name: 'join-lining-pieces', after: [WORK], before: [], is: ['cloth-joined', 'cloth-ready'] as const }]
    : []),
  {
    name: 'put-lining-in',
    after: [WORK, 'join-lining-pieces', 'hem-turned', 'joined'],
    before: [],
    is: 'covered',
  },
];

/** How both edges meet; nothing of a round purse, whose mouth is between two discs. */
function edgesMeet({ counted }: CrochetedLining, bag: FittingInput, bare: BareBag): JoinMap | null {
  const spans = mouthSpans(bag);
  if (spans.length === 0) return null;
  const planned = mouthSpans(bare).map((span) => span.bag);
  const ownCount = planned.reduce((sum, one) => sum + one, 0);
  const lining =
    counted === null
      ? planned
      : shareOut(
          Math.max(spans.length, counted),
          spans.map((span) => span.bag),
        );
  const sum = lining.reduce((all, one) => all + one, 0);
  const bagCount = spans.reduce((all, span) => all + span.bag, 0);
  return {
    of: 'stitch',
    spans: spans.map((span, index) => ({ ...span, lining: lining[index] ?? 1 })),
    figures: {
      bag: makeFigure('lining.bagEdge', 'Stitches of the bag’s edge, all round', bagCount, 'stitch', {
        rule: 'Stitches along the mouth, and row ends, one for each row.',
        inputs: spans.map((span) => input(SPAN_LABELS[span.name], span.bag, 'stitch')),
        source: GEOMETRY,
      }),
      lining: makeFigure('lining.holes', 'Stitches of the lining’s edge, all round', sum, 'stitch', {
        rule:
          counted === null
            ? 'As its pieces are planned. Count your own, and write it down.'
            : 'As you counted them on your own.',
        inputs: [input('As planned', ownCount, 'stitch')],
        source: GEOMETRY,
      }),
    },
  };
}
