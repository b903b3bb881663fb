import { OTHER_PIECE_SHARE, OTHER_STITCH_SHARE, PROPORTION_FACTOR, ROUGH_STRAP_GROWTH } from '@/core/defaults';
import type { PlainStrap } from '@/core/design';
import { MEMORY, input, inputFrom, makeFigure, type Figure, type Reason, type ReasonInput } from '@/core/figures';
import { nameAt, pathOf, type FittingPlace } from '@/core/fittings';
import type { GaugeStage } from '@/core/gauge';
import type { Problem } from '@/core/problems';
import { STITCHES, type StitchPattern } from '@/core/stitches';
import { ours } from './ownProblems';
import { READING_PLUS_MINUS_MM, fitStretch, stretchDoubt, type StretchCurve } from './stretch';

/** What a strap's rows come to and how far it stretches: of her trial strip, or foretold from the bag's own gauge. */
export interface StripGauge {
  rowHeight: Figure;
  /** By how much it grows when fully pulled, as a share. */
  growth: Figure;
  curve: StretchCurve;
  /** How far what is asked of the curve may be off. */
  doubt: ReturnType<typeof stretchDoubt>;
  problems: Problem[];
}

/** The width of a stitch in the strap: the bag's own where both are in one stitch, else times what is usual for the strap's. */
export function strapWidthOfStitch(
  gauge: GaugeStage,
  panel: StitchPattern,
  plain: StitchPattern,
  at: FittingPlace,
): Figure {
  const ratio = plain.nature.widthToSc / panel.nature.widthToSc;
  if (ratio === 1) return gauge.stitchWidth;
  const mm = gauge.stitchWidth.value * ratio;
  return makeFigure(
    nameAt(at, 'strap.stitchWidth'),
    'Width of one stitch in the strap',
    mm,
    'mm/stitch',
    {
      rule: 'Width of one stitch in the bag, times what is usual for the strap’s plain stitch against it.',
      inputs: [inputFrom(gauge.stitchWidth), input('Strap’s stitch against the bag’s', ratio, 'ratio')],
      source: MEMORY,
      basis: 'foretold',
    },
    Math.hypot((gauge.stitchWidth.plusMinus ?? 0) * ratio, mm * OTHER_STITCH_SHARE),
  );
}

/**
 * The gauge of a strap. A trial strip in the strap's stitch is measured; one in another stitch foretells it; without one it follows from
 * the bag's own rows, with what another stitch and a narrow strip leave open.
 *
 * @param panel the bag's pattern
 * @param plain the plain stitch that the strap is worked in
 */
export function stripGauge(
  strap: PlainStrap,
  gauge: GaugeStage,
  panel: StitchPattern,
  plain: StitchPattern,
  at: FittingPlace,
): StripGauge {
  const foretoldRow = rowFromBag(gauge, panel, plain, at);
  const { sample } = strap;
  const [curve, doubt] = [fitStretch(sample), stretchDoubt(sample)];
  if (sample === null) return { rowHeight: foretoldRow, curve, doubt, ...notTried(foretoldRow, at) };
  const was = STITCHES[sample.stitch];
  const ratio = plain.nature.heightToSc / was.nature.heightToSc;
  const otherStitch = was.id !== plain.id;
  const sampleRowMm = sample.slackMm / sample.rows;
  const rowMm = sampleRowMm * ratio;
  const readingMm = (READING_PLUS_MINUS_MM / sample.rows) * ratio;
  const rowHeight = makeFigure(
    nameAt(at, 'strap.rowHeight'),
    'Row height in the strap, slack',
    rowMm,
    'mm/row',
    {
      rule: otherStitch
        ? 'Trial strip lying slack, divided by its rows, times what is usual for the strap’s stitch against the trial’s.'
        : 'Trial strip lying slack, divided by its rows.',
      inputs: [
        input('Trial strip, slack', sample.slackMm, 'mm'),
        input('Rows in it', sample.rows, 'row'),
        ...(otherStitch ? [input('Strap’s stitch against the trial’s', ratio, 'ratio')] : []),
      ],
      source: otherStitch ? MEMORY : { kind: 'measured' },
      ...(otherStitch ? { basis: 'foretold' as const } : {}),
    },
    Math.hypot(readingMm, otherStitch ? rowMm * OTHER_STITCH_SHARE : 0),
  );
  return {
    rowHeight,
    curve,
    doubt,
    growth: growthFigure(sample, curve, doubt, at),
    problems: trialProblems(sample, plain, rowMm, foretoldRow.value, otherStitch, at),
  };
}

/** How far it stretches at most: as it was pulled, or as its lengths under weights lead on to. */
function growthFigure(
  { slackMm, pulledMm, loaded }: NonNullable<PlainStrap['sample']>,
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
export const loadedInputs = (loaded: NonNullable<PlainStrap['sample']>['loaded']): ReasonInput[] =>
  loaded.flatMap(({ massG, lengthMm }) => [
    input('Weight on it', massG, 'g'),
    input('Trial strip under that', lengthMm, 'mm'),
  ]);

/** The row height of a strap before any trial of it. */
function rowFromBag(gauge: GaugeStage, panel: StitchPattern, plain: StitchPattern, at: FittingPlace): Figure {
  const ratio = plain.nature.heightToSc / panel.nature.heightToSc;
  const mm = gauge.rowHeight.value * ratio;
  const open = Math.hypot(OTHER_PIECE_SHARE, panel.id === plain.id ? 0 : OTHER_STITCH_SHARE);
  return makeFigure(
    nameAt(at, 'strap.rowHeight'),
    'Row height in the strap, slack',
    mm,
    'mm/row',
    {
      rule: 'No trial strip was measured: the bag’s own row height, times what is usual for the strap’s plain stitch against it. A narrow strip can differ by a tenth.',
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

function notTried(rowHeight: Figure, at: FittingPlace): Pick<StripGauge, 'growth' | 'problems'> {
  return {
    growth: makeFigure(
      nameAt(at, 'strap.growth'),
      'Longer when fully pulled, by',
      ROUGH_STRAP_GROWTH.share,
      'ratio',
      {
        rule: 'Not measured yet: what a plain strap grows by is guessed. Work a short strip and measure it slack and pulled.',
        inputs: [],
        source: MEMORY,
        basis: 'rough',
      },
      ROUGH_STRAP_GROWTH.plusMinus,
    ),
    problems: [
      ours.problem({
        code: 'strap-not-tried',
        severity: 'mind',
        place: 'strap',
        path: [...pathOf(at), 'sample'],
        asks: [nameAt(at, 'strap.rowHeight'), nameAt(at, 'strap.growth')],
        values: { share: (rowHeight.plusMinus ?? 0) / rowHeight.value },
        repairs: [],
      }),
    ],
  };
}

/** What is odd about a trial strip: worked in another stitch, or its rows unlike any the bag's gauge would give. */
function trialProblems(
  sample: NonNullable<PlainStrap['sample']>,
  plain: StitchPattern,
  rowMm: number,
  usualMm: number,
  otherStitch: boolean,
  of: FittingPlace,
): Problem[] {
  const anew: Problem['repairs'] = [
    ours.repair({ code: 'strap-trial-anew', values: {}, edits: [{ path: [...pathOf(of), 'sample'], value: null }] }),
  ];
  const at = { severity: 'decide', place: 'strap', asks: [nameAt(of, 'strap.rowHeight')] } as const;
  const times = rowMm / usualMm;
  return [
    ...(otherStitch
      ? [
          ours.problem({
            code: 'strap-trial-other-stitch',
            path: [...pathOf(of), 'sample', 'stitch'],
            values: { share: OTHER_STITCH_SHARE },
            names: { was: sample.stitch, is: plain.id },
            repairs: [
              ours.repair({
                code: 'strap-trial-was-in-this',
                values: {},
                edits: [{ path: [...pathOf(of), 'sample', 'stitch'], value: plain.id }],
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
            values: { seenMm: rowMm, usualMm },
            repairs: anew,
            ...at,
          }),
        ]
      : []),
  ];
}
