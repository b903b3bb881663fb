import { OTHER_PIECE_SHARE, OTHER_STITCH_SHARE, PROPORTION_FACTOR, ROUGH_STRAP_GROWTH } from '@/core/defaults';
import type { StrapTrial, WorkedStrap, WorkedStrapKind } from '@/core/design';
import { MEMORY, input, inputFrom, makeFigure, type Figure, type Reason, type ReasonInput } from '@/core/figures';
import { nameAt, pathOf, type FittingPlace } from '@/core/fittings';
import type { GaugeStage } from '@/core/gauge';
import type { Problem } from '@/core/problems';
import { STITCHES, type StitchPattern } from '@/core/stitches';
import type { StrapNature } from './natures';
import { ours } from './ownProblems';
import { READING_PLUS_MINUS_MM, fitStretch, stretchDoubt, type StretchCurve } from './stretch';

/** What a strap's stitches and rows come to and how far it stretches: of her trial strip, or foretold from the bag's own gauge. */
export interface StripGauge {
  /** What one row takes along it, slack; of a strap in long rows, one stitch. */
  along: Figure;
  /** What one stitch takes across or round it; of a strap in long rows, one row. */
  across: Figure;
  /** How deep a plain row along its edge is, mm. */
  borderMm: number;
  /** By how much it grows when fully pulled, as a share. */
  growth: Figure;
  curve: StretchCurve;
  /** How far what is asked of the curve may be off. */
  doubt: ReturnType<typeof stretchDoubt>;
  problems: Problem[];
}

/** What a strap is worked in, on what. */
interface Worked {
  nature: StrapNature;
  stitch: StitchPattern;
  /** The bag's own pattern. */
  panel: StitchPattern;
  gauge: GaugeStage;
  at: FittingPlace;
}

/** Whether its length is counted in stitches, or in the chains that they are worked on. */
const isLong = ({ nature }: Pick<Worked, 'nature'>): boolean => nature.lie === 'along' || nature.lie === 'cord';

/** What is counted along a strap, and how that is called. */
export const ALONG = {
  across: { unit: 'row', each: 'Row height', plural: 'rows' },
  along: { unit: 'stitch', each: 'Width of one stitch', plural: 'stitches' },
  round: { unit: 'round', each: 'Height of one round', plural: 'rounds' },
  cord: { unit: 'chain', each: 'Length of one chain', plural: 'chains' },
} as const;

/** One of them, in a sentence. */
const UNIT_NAMES: Readonly<Record<StrapNature['lie'], string>> = {
  across: 'row',
  along: 'stitch',
  round: 'round',
  cord: 'chain',
};

/** The figures of what one takes along, and across. */
const ALONG_ID = 'strap.rowHeight';
const ACROSS_ID = 'strap.stitchWidth';

/**
 * The gauge of a strap. A trial strip of its kind in its stitch is measured; one in another stitch foretells it; without one, or with one of
 * another kind, it follows from the bag's own gauge, with what another stitch and a narrow strip leave open.
 */
export function stripGauge(strap: WorkedStrap, worked: Worked): StripGauge {
  const { at } = worked;
  // A row of the plain stitch, as it lies along an edge.
  const borderMm = worked.gauge.rowHeight.value / worked.panel.nature.heightToSc;
  const across = isLong(worked) ? rowFromBag(worked, ACROSS_ID) : stitchFromBag(worked, ACROSS_ID);
  const foretold = worked.nature.cord
    ? chainFromBag(worked, worked.nature.cord)
    : isLong(worked)
      ? stitchFromBag(worked, ALONG_ID)
      : rowFromBag(worked, ALONG_ID);
  const trial = strap.sample;
  if (trial === null || trial.of !== strap.kind)
    return {
      along: foretold,
      across,
      borderMm,
      growth: guessedGrowth(at),
      curve: fitStretch(null),
      doubt: stretchDoubt(null),
      problems: [trial === null ? notTried(foretold, at) : otherKind(strap.kind, trial, at)],
    };
  const along = triedFigure(trial, worked);
  const [curve, doubt] = [fitStretch(trial), stretchDoubt(trial)];
  return {
    along,
    across,
    borderMm,
    curve,
    doubt,
    growth: growthFigure(trial, curve, doubt, at),
    problems: trialProblems(trial, worked, along.value, foretold.value),
  };
}

/** What one row, or one stitch, takes along a trial strip that lies slack. */
function triedFigure(trial: StrapTrial, worked: Worked): Figure {
  const { stitch, at, nature } = worked;
  const was: StitchPattern = STITCHES[trial.stitch];
  const ratio = isLong(worked)
    ? stitch.nature.widthToSc / was.nature.widthToSc
    : stitch.nature.heightToSc / was.nature.heightToSc;
  const isOther = was.id !== stitch.id;
  const mm = (trial.slackMm / trial.rows) * ratio;
  const { unit, each, plural } = ALONG[nature.lie];
  return makeFigure(
    nameAt(at, ALONG_ID),
    `${each} in the strap, slack`,
    mm,
    isLong(worked) ? 'mm/stitch' : 'mm/row',
    {
      rule: `Trial strip lying slack, divided by its ${plural}${isOther ? ', times what is usual for the strap’s stitch against the trial’s' : ''}.`,
      inputs: [
        input('Trial strip, slack', trial.slackMm, 'mm'),
        input(`${plural.charAt(0).toUpperCase()}${plural.slice(1)} in it`, trial.rows, unit),
        ...(isOther ? [input('Strap’s stitch against the trial’s', ratio, 'ratio')] : []),
      ],
      source: isOther ? MEMORY : { kind: 'measured' },
      ...(isOther ? { basis: 'foretold' as const } : {}),
    },
    Math.hypot((READING_PLUS_MINUS_MM / trial.rows) * ratio, isOther ? mm * OTHER_STITCH_SHARE : 0),
  );
}

/** How far it stretches at most: as it was pulled, or as its lengths under weights lead on to. */
function growthFigure(
  { slackMm, pulledMm, loaded }: StrapTrial,
  curve: StretchCurve,
  doubt: StripGauge['doubt'],
  at: FittingPlace,
): Figure {
  const slack = input('Trial strip, slack', slackMm, 'mm');
  const how: Reason =
    pulledMm !== null
      ? {
          rule: 'Trial strip pulled, divided by slack, less one.',
          inputs: [input('Trial strip, pulled', pulledMm, 'mm'), slack],
          source: { kind: 'measured' },
        }
      : {
          rule:
            loaded.length > 0
              ? 'It was not fully pulled: what its lengths under weights lead on to, as crochet gives easily at first and then hardly any more.'
              : 'It was not pulled: what a plain strap grows by is guessed. Pull the trial strip, or hang a weight on it.',
          inputs: loaded.length > 0 ? [slack, ...loadedInputs(loaded)] : [],
          source: MEMORY,
          basis: loaded.length > 1 ? 'foretold' : 'rough',
        };
  return makeFigure(
    nameAt(at, 'strap.growth'),
    'Longer when fully pulled, by',
    curve.mostShare,
    'ratio',
    how,
    doubt(({ mostShare }) => mostShare),
  );
}

/** The weights that were hung on a trial strip, and its lengths under them. */
export const loadedInputs = (loaded: StrapTrial['loaded']): ReasonInput[] =>
  loaded.flatMap(({ massG, lengthMm }) => [
    input('Weight on it', massG, 'g'),
    input('Trial strip under that', lengthMm, 'mm'),
  ]);

/** The height of a strap's rows before any trial of it. */
function rowFromBag({ gauge, panel, stitch, at }: Worked, id: string): Figure {
  const ratio = stitch.nature.heightToSc / panel.nature.heightToSc;
  const mm = gauge.rowHeight.value * ratio;
  const open = Math.hypot(OTHER_PIECE_SHARE, panel.id === stitch.id ? 0 : OTHER_STITCH_SHARE);
  return makeFigure(
    nameAt(at, id),
    'Row height in the strap, slack',
    mm,
    'mm/row',
    {
      rule: 'No trial strip was measured: the bag’s own row height, times what is usual for the strap’s stitch against it. A narrow strip can differ by a tenth.',
      inputs: [
        inputFrom(gauge.rowHeight),
        input('Strap’s stitch against the bag’s', ratio, 'ratio'),
        input('Not known', open, 'ratio'),
      ],
      source: MEMORY,
      basis: 'foretold',
    },
    Math.hypot((gauge.rowHeight.plusMinus ?? 0) * ratio, mm * open),
  );
}

/** The width of a strap's stitches: the bag's own where both are in one stitch, else times what is usual for the strap's. */
function stitchFromBag(worked: Worked, id: string): Figure {
  const { gauge, panel, stitch, at } = worked;
  const ratio = stitch.nature.widthToSc / panel.nature.widthToSc;
  // Across a short row it is the bag's own; along a strap it is a narrow strip's.
  const open = Math.hypot(panel.id === stitch.id ? 0 : OTHER_STITCH_SHARE, isLong(worked) ? OTHER_PIECE_SHARE : 0);
  if (open === 0 || (ratio === 1 && !isLong(worked))) return gauge.stitchWidth;
  const mm = gauge.stitchWidth.value * ratio;
  return makeFigure(
    nameAt(at, id),
    'Width of one stitch in the strap',
    mm,
    'mm/stitch',
    {
      rule: 'Width of one stitch in the bag, times what is usual for the strap’s stitch against it.',
      inputs: [inputFrom(gauge.stitchWidth), input('Strap’s stitch against the bag’s', ratio, 'ratio')],
      source: MEMORY,
      basis: 'foretold',
    },
    Math.hypot((gauge.stitchWidth.plusMinus ?? 0) * ratio, mm * open),
  );
}

/** What one chain of a cord's strands takes along it: the width of a stitch, less what twisting or plaiting takes. */
function chainFromBag(
  { gauge, panel, stitch, at }: Worked,
  { strands, takesShare }: NonNullable<StrapNature['cord']>,
): Figure {
  const left = 1 - takesShare;
  const ratio = stitch.nature.widthToSc / panel.nature.widthToSc;
  const mm = gauge.stitchWidth.value * ratio * left;
  const open = Math.hypot(OTHER_STITCH_SHARE, strands === 1 ? 0 : OTHER_PIECE_SHARE);
  return makeFigure(
    nameAt(at, ALONG_ID),
    'Length of one chain in the cord',
    mm,
    'mm/stitch',
    {
      rule:
        strands === 1
          ? 'No trial was measured: a chain is as long as a stitch of the bag is wide, times what is usual.'
          : `No trial was measured: a chain is as long as a stitch of the bag is wide, times what is usual, less what ${strands === 2 ? 'twisting' : 'plaiting'} takes. That depends on how firmly it is done.`,
      inputs: [
        inputFrom(gauge.stitchWidth),
        input('Chain against the bag’s stitch', ratio, 'ratio'),
        ...(strands === 1 ? [] : [input('Left of its length', left, 'ratio')]),
      ],
      source: MEMORY,
      basis: 'foretold',
    },
    Math.hypot((gauge.stitchWidth.plusMinus ?? 0) * ratio * left, mm * open),
  );
}

const guessedGrowth = (at: FittingPlace): Figure =>
  makeFigure(
    nameAt(at, 'strap.growth'),
    'Longer when fully pulled, by',
    ROUGH_STRAP_GROWTH.share,
    'ratio',
    {
      rule: 'Not measured yet: what a strap grows by is guessed. Work a short strip and measure it slack and pulled.',
      inputs: [],
      source: MEMORY,
      basis: 'rough',
    },
    ROUGH_STRAP_GROWTH.plusMinus,
  );

const notTried = (along: Figure, at: FittingPlace): Problem =>
  ours.problem({
    code: 'strap-not-tried',
    severity: 'mind',
    place: 'strap',
    path: [...pathOf(at), 'sample'],
    asks: [along.id, nameAt(at, 'strap.growth')],
    values: { share: (along.plusMinus ?? 0) / along.value },
    repairs: [],
  });

const takenOut = (at: FittingPlace) =>
  ours.repair({ code: 'strap-trial-anew', values: {}, edits: [{ path: [...pathOf(at), 'sample'], value: null }] });

/** The trial strip is of another kind of strap: it says nothing of this one. */
const otherKind = (kind: WorkedStrapKind, trial: StrapTrial, at: FittingPlace): Problem =>
  ours.problem({
    code: 'strap-trial-other-kind',
    severity: 'decide',
    place: 'strap',
    path: [...pathOf(at), 'sample', 'of'],
    values: {},
    names: { was: trial.of, is: kind },
    repairs: [
      takenOut(at),
      ours.repair({
        code: 'strap-trial-was-of-this',
        values: {},
        edits: [{ path: [...pathOf(at), 'sample', 'of'], value: kind }],
      }),
    ],
  });

/** What is odd about a trial strip: worked in another stitch, or counted unlike any the bag's gauge would give. */
function trialProblems(
  trial: StrapTrial,
  { stitch, nature, at: of }: Worked,
  alongMm: number,
  usualMm: number,
): Problem[] {
  const anew = [takenOut(of)];
  const at = { severity: 'decide', place: 'strap', asks: [nameAt(of, ALONG_ID)] } as const;
  const times = alongMm / usualMm;
  const isOther = trial.stitch !== stitch.id;
  return [
    ...(isOther
      ? [
          ours.problem({
            code: 'strap-trial-other-stitch',
            path: [...pathOf(of), 'sample', 'stitch'],
            values: { share: OTHER_STITCH_SHARE },
            names: { was: trial.stitch, is: stitch.id },
            repairs: [
              ours.repair({
                code: 'strap-trial-was-in-this',
                values: {},
                edits: [{ path: [...pathOf(of), 'sample', 'stitch'], value: stitch.id }],
              }),
              ...anew,
            ],
            ...at,
          }),
        ]
      : []),
    ...(times > PROPORTION_FACTOR || times < 1 / PROPORTION_FACTOR
      ? [
          ours.problem({
            code: 'strap-trial-unlike',
            path: [...pathOf(of), 'sample', 'rows'],
            values: { seenMm: alongMm, usualMm },
            names: { unit: UNIT_NAMES[nature.lie] },
            repairs: anew,
            ...at,
          }),
        ]
      : []),
  ];
}
