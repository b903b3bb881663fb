import { ZIPPER_CLEAR_MM } from '@/core/defaults';
import { usualZipper, type Zipper, linesWalls } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, MEMORY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import {
  liningGoesIn,
  nameAt,
  pathOf,
  stageOf,
  type FittingInput,
  type FittingKind,
  type FittingStage,
  type StepRule,
} from '@/core/fittings';
import { cameOutAs, dropInSizes } from '@/core/lining';
import { ownCodes, type Problem } from '@/core/problems';
import { mouthOf, type Mouth } from './mouth';
import { mouthMarks } from './mouthMarks';
import { longestStandardMm } from './zipperLengths';

/** What is doubtful of a zipper; lengths in mm. */
export interface ZipperProblems {
  'zipper-over-opening': { lengthMm: number; openingMm: number };
  'zipper-none-so-short': { openingMm: number };
  'zipper-without-lining': object;
}
export interface ZipperRepairs {
  'zipper-as-fits': object;
  'zipper-to-mouth': object;
}

const ours = ownCodes<ZipperProblems, ZipperRepairs>();

/** Half of the tapes and the teeth between them, mm. From memory. */
const HALF_TAPE_MM = 14;

/** How long a tick at a backstitch is drawn, mm. */
const TICK_MM = 3;

export interface ZipperStage extends FittingStage<Zipper> {
  mouth: Mouth;
  figures: {
    /** From stop to stop as it is sewn in. */
    length: Figure;
    /** The length that is bought: as it is, or to be shortened. */
    bought: Figure;
    clear: Figure;
    marks: Figure;
    stitches: Figure;
    /** The nearest that is sold by the other unit; null where none is so short. */
    other: Figure | null;
  };
}

/** A zipper between front and back, or between the lining's edges. */
export const zipper: FittingKind<Zipper, ZipperStage> = {
  usual: usualZipper,
  plan(choice, bag) {
    const mouth = choice.joined === 'lining' ? ofLining(mouthOf('zipper', bag), bag) : mouthOf('zipper', bag);
    const figures = figuresOf(choice, mouth, bag);
    if (figures === null)
      return {
        ok: false,
        problems: [
          ours.problem({
            code: 'zipper-none-so-short',
            severity: 'decide',
            place: 'closures',
            path: pathOf(bag.at),
            values: { openingMm: mouth.openingMm },
            repairs: [],
          }),
        ],
      };
    const half = figures.length.value / 2;
    const form = (down: 1 | -1) =>
      ({ kind: 'outline', points: tapeOutline(2 * half, figures.marks.value, down) }) as const;
    const marks = mouthMarks(
      'zipper',
      [{ acrossMm: -half, downMm: 0, form }],
      { face: 'inner', stuff: 'cloth', standsMm: 1 },
      bag,
    );
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice,
          at: bag.at,
          closes: 'mouth',
          // Its ends, or tabs at them, are sewn down.
          holds: [[-half, half]],
          marks,
          steps: stepsOf(choice, bag),
          bought: 1,
          asked: [mouth.opening, ...Object.values(figures).filter((figure) => figure !== null)],
          problems: problemsOf(choice, mouth, bag),
        }),
        mouth,
        figures,
      },
    };
  },
};

/** The mouth of a lining that is a bag for itself, which is narrower than that of the crochet. */
function ofLining(mouth: Mouth, { design, pouch, at }: FittingInput): Mouth {
  const { lining } = design;
  if (lining === null || !('belowMm' in lining)) return mouth;
  const { width } = dropInSizes(lining, pouch, pouch.kind === 'round-purse', cameOutAs('bag', design));
  if (width.value >= mouth.openingMm) return mouth;
  const opening = makeFigure(
    nameAt(at, 'zipper.opening'),
    'Mouth of the lining, from end to end',
    width.value,
    'mm',
    {
      rule: 'As wide as the lining is finished.',
      inputs: [
        input('Lining, finished: across', width.value, 'mm'),
        input('Mouth of the crochet', mouth.openingMm, 'mm'),
      ],
      source: GEOMETRY,
    },
    width.plusMinus,
  );
  return { ...mouth, opening, openingMm: width.value };
}

/**
 * Half of a zipper along an edge, with a tick at every backstitch: across from its end, and down from the edge, mm.
 *
 * @param down which way along the piece is down the bag
 */
function tapeOutline(longMm: number, ticks: number, down: 1 | -1): [number, number][] {
  const teeth = Array.from({ length: ticks }, (_, index) => ((index + 0.5) * longMm) / ticks).flatMap(
    (at): [number, number][] => [
      [at - 0.4, down * HALF_TAPE_MM],
      [at - 0.4, down * (HALF_TAPE_MM + TICK_MM)],
      [at + 0.4, down * (HALF_TAPE_MM + TICK_MM)],
      [at + 0.4, down * HALF_TAPE_MM],
    ],
  );
  return [[0, 0], [0, down * HALF_TAPE_MM], ...teeth, [longMm, down * HALF_TAPE_MM], [longMm, 0]];
}

function figuresOf(
  { lengthMm, pitchMm }: Zipper,
  { opening, openingMm, stitchMm }: Mouth,
  { design, gauge, at }: FittingInput,
): ZipperStage['figures'] | null {
  const unit = design.settings.lengthUnit;
  const mostMm = openingMm - 2 * ZIPPER_CLEAR_MM;
  const standardMm = longestStandardMm(mostMm, unit);
  const otherMm = longestStandardMm(mostMm, unit === 'cm' ? 'in' : 'cm');
  const sewnMm = lengthMm === null ? standardMm : Math.min(lengthMm, Math.max(1, mostMm));
  if (sewnMm === null) return null;
  const longest = {
    rule: 'The longest length that zippers are sold in that leaves both ends of the mouth clear, by about 25 mm together.',
    inputs: [inputFrom(opening), input('Left clear at each end', ZIPPER_CLEAR_MM, 'mm')],
    source: COMMON_PRACTICE,
  };
  const length = makeFigure(
    nameAt(at, 'zipper.length'),
    'Zipper, from stop to stop',
    sewnMm,
    'mm',
    lengthMm === null
      ? longest
      : {
          rule: 'As you have it; no further than what leaves both ends of the mouth clear: a longer one is shortened by a stop sewn across its teeth.',
          inputs: [input('Yours', lengthMm, 'mm'), inputFrom(opening)],
          source: COMMON_PRACTICE,
        },
  );
  const marks = Math.max(2, Math.round(sewnMm / pitchMm));
  const marksFigure = makeFigure(nameAt(at, 'zipper.marks'), 'Backstitches along each tape', marks, 'count', {
    rule: 'Length of the zipper, divided by how far they are from each other, to the nearest.',
    inputs: [inputFrom(length), input('From one to the next', pitchMm, 'mm')],
    source: GEOMETRY,
  });
  const stitches = Math.max(1, Math.round(sewnMm / stitchMm));
  return {
    length,
    bought: makeFigure(
      nameAt(at, 'zipper.bought'),
      'Zipper to have',
      lengthMm ?? sewnMm,
      'mm',
      lengthMm === null
        ? longest
        : { rule: 'The one that you have.', inputs: [input('Yours', lengthMm, 'mm')], source: COMMON_PRACTICE },
    ),
    clear: makeFigure(
      nameAt(at, 'zipper.clear'),
      'Clear of the mouth at each end',
      (openingMm - sewnMm) / 2,
      'mm',
      {
        rule: 'Half of what the mouth is longer than the zipper.',
        inputs: [inputFrom(opening), inputFrom(length)],
        source: GEOMETRY,
      },
      (opening.plusMinus ?? 0) / 2,
    ),
    marks: marksFigure,
    stitches: makeFigure(nameAt(at, 'zipper.stitches'), 'Stitches of the mouth along it', stitches, 'stitch', {
      rule: 'Length of the zipper, divided by the width of one stitch, to the nearest. They are spread over the backstitches between both stops.',
      inputs: [inputFrom(length), inputFrom(gauge.stitchWidth)],
      source: GEOMETRY,
    }),
    other:
      otherMm === null || lengthMm !== null
        ? null
        : makeFigure(
            nameAt(at, 'zipper.other'),
            unit === 'cm' ? 'Or, sold by inches' : 'Or, sold by centimetres',
            otherMm,
            'mm',
            {
              rule: 'The longest of the lengths sold by the other unit that leaves both ends clear.',
              inputs: [inputFrom(opening), input('Left clear at each end', ZIPPER_CLEAR_MM, 'mm')],
              source: MEMORY,
            },
          ),
  };
}

/** To the lining before that goes in; into the mouth while both edges can still be laid flat; of sides that are worked in rounds, last. */
function stepsOf({ joined }: Zipper, { design, set }: FittingInput): StepRule[] {
  const mark = 'zipper';
  const last = liningGoesIn(set, design) === 'last';
  if (joined === 'lining' && linesWalls(design))
    return [{ name: 'sew-zipper', after: ['cloth-ready'], before: ['covered'], mark }];
  return [{ name: 'sew-zipper', after: ['blocked'], before: last ? [] : ['joined'], mark }];
}

function problemsOf({ lengthMm, joined }: Zipper, { openingMm }: Mouth, { design, at }: FittingInput): Problem[] {
  const mostMm = openingMm - 2 * ZIPPER_CLEAR_MM;
  const fits = longestStandardMm(mostMm, design.settings.lengthUnit) !== null;
  const told = { severity: 'decide', place: 'closures', mark: nameAt(at, 'zipper') } as const;
  return [
    ...(lengthMm !== null && lengthMm > openingMm
      ? [
          ours.problem({
            code: 'zipper-over-opening',
            path: [...pathOf(at), 'lengthMm'],
            values: { lengthMm, openingMm },
            repairs: fits
              ? [
                  ours.repair({
                    code: 'zipper-as-fits',
                    values: {},
                    edits: [{ path: [...pathOf(at), 'lengthMm'], value: null }],
                  }),
                ]
              : [],
            ...told,
          }),
        ]
      : []),
    ...(joined === 'lining' && !linesWalls(design)
      ? [
          ours.problem({
            code: 'zipper-without-lining',
            path: [...pathOf(at), 'joined'],
            values: {},
            repairs: [
              ours.repair({
                code: 'zipper-to-mouth',
                values: {},
                edits: [{ path: [...pathOf(at), 'joined'], value: 'mouth' }],
              }),
            ],
            ...told,
          }),
        ]
      : []),
  ];
}
