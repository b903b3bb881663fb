import { withinFacesMm } from '@/core/section';
import { depthSizeEdits, sheetsThroughMm, type SettledDesign } from '@/core/contents';
import {
  LEAST_CHOSEN_STITCHES,
  LEAST_NARROWING,
  MOST_CHOSEN_STITCHES,
  MOST_DEPTH_MM,
  MOST_NARROWING,
} from '@/core/defaults';
import { factsOf, patternOf, type Design } from '@/core/design';
import type { Piece } from '@/core/pieces';
import { notAsWorked } from './constructions/asWorked';
import type { Problem } from '@/core/problems';
import type { PouchStage } from '@/core/stages';
import { patternRowCount, plainStitchOf } from '@/core/stitches';

/** What she chose and the plan can't follow: said, each with a way out, never passed over. */
export const unheededProblems = (
  wished: Design,
  design: SettledDesign,
  pouch: PouchStage,
  pieces: readonly Piece[],
): Problem[] => [
  ...countProblems(design, pouch),
  ...narrowingProblems(design, pouch),
  ...joiningProblems(design, pouch),
  ...stitchProblems(design, pieces),
  ...loadProblems(wished, design, pouch),
];

/** A count she settled on that the repeat does not allow. */
function countProblems({ body }: SettledDesign, { stitchCount, kind }: PouchStage): Problem[] {
  if (body.chosenStitches === null || body.chosenStitches === stitchCount) return [];
  // A disc has no count across.
  if (factsOf(kind).faces === 'discs') return [];
  return [
    {
      code: 'count-not-allowed',
      severity: 'decide',
      place: 'body',
      path: ['body', 'chosenStitches'],
      asks: ['panel.stitches'],
      values: { wished: body.chosenStitches, planned: stitchCount },
      repairs:
        stitchCount < LEAST_CHOSEN_STITCHES || stitchCount > MOST_CHOSEN_STITCHES
          ? []
          : [
              {
                code: 'settle-on-count',
                values: { planned: stitchCount },
                edits: [{ path: ['body', 'chosenStitches'], value: stitchCount }],
              },
            ],
    },
  ];
}

/** A mouth that is to be narrowed by more pairs than a face has. */
function narrowingProblems({ body }: SettledDesign, { stitchCount, topStitches }: PouchStage): Problem[] {
  if (!('narrowing' in body) || body.narrowing === null || topStitches < stitchCount) return [];
  const pairs = Math.min(MOST_NARROWING, Math.floor(stitchCount / 2));
  return [
    {
      code: 'narrowing-joins-nothing',
      severity: 'decide',
      place: 'body',
      path: ['body', 'narrowing'],
      values: { every: body.narrowing, stitches: stitchCount },
      repairs: [
        ...(pairs >= LEAST_NARROWING
          ? [
              {
                code: 'narrow-every' as const,
                values: { every: pairs },
                edits: [{ path: ['body', 'narrowing'], value: pairs }],
              },
            ]
          : []),
        { code: 'no-narrowing', values: {}, edits: [{ path: ['body', 'narrowing'], value: null }] },
      ],
    },
  ];
}

/** A gusset or a band that is to be joined as it is worked, and can't be. */
function joiningProblems({ body }: SettledDesign, { borders }: PouchStage): Problem[] {
  const why = notAsWorked(body, borders);
  if (why === null) return [];
  return [
    {
      code: 'band-not-as-worked',
      severity: 'decide',
      place: 'body',
      path: ['body', 'bandJoined'],
      values: { why },
      repairs: [
        ...(why === 'lengthwise' && borders.bandMm === 0
          ? [
              {
                code: 'work-in-short-rows' as const,
                values: {},
                edits: [{ path: ['body', 'gussetWorked'], value: 'crosswise' }],
              },
            ]
          : []),
        { code: 'sew-band-in', values: {}, edits: [{ path: ['body', 'bandJoined'], value: 'sewn' }] },
      ],
    },
  ];
}

/** A pattern that no piece is worked in. */
function stitchProblems(design: SettledDesign, pieces: readonly Piece[]): Problem[] {
  const pattern = patternOf(design);
  const isShown = pieces.some(({ plain }) => !plain);
  if (isShown || patternRowCount(pattern) === 1) return [];
  return [
    {
      code: 'stitch-not-shown',
      severity: 'decide',
      place: 'stitch',
      path: ['stitch'],
      values: {},
      repairs: [
        {
          code: 'work-plain',
          values: {},
          edits: [
            { path: ['stitch'], value: plainStitchOf(pattern).id },
            { path: ['body', 'chosenStitches'], value: null },
          ],
        },
      ],
    },
  ];
}

/** A load that she typed herself, thicker than the inside of a bag with a depth of its own. */
function loadProblems(
  { contents: { thicknessMm }, body }: Design,
  settled: SettledDesign,
  { depthMm, layers, stitchMm, rowMm }: PouchStage,
): Problem[] {
  if (thicknessMm === null || depthMm === 0) return [];
  const insideMm = depthMm - layers.fabricMm - 2 * withinFacesMm(layers);
  if (thicknessMm <= insideMm) return [];
  // A depth comes out in whole stitches or rows, so it may fall short by one.
  const deeperMm = Math.ceil(thicknessMm + sheetsThroughMm(layers) + Math.max(stitchMm, rowMm));
  return [
    {
      code: 'load-deeper-than-bag',
      severity: 'decide',
      place: 'carry',
      path: ['contents', 'thicknessMm'],
      asks: ['size.depth'],
      values: { loadMm: thicknessMm, insideMm: Math.max(0, insideMm) },
      repairs: [
        ...('depthMm' in body && deeperMm <= MOST_DEPTH_MM
          ? [
              {
                code: 'bag-deeper' as const,
                values: { depthMm: deeperMm },
                edits: depthSizeEdits(settled, deeperMm),
              },
            ]
          : []),
        ...(insideMm >= 1
          ? [
              {
                code: 'load-to' as const,
                values: { loadMm: Math.floor(insideMm) },
                edits: [{ path: ['contents', 'thicknessMm'], value: Math.floor(insideMm) }],
              },
            ]
          : []),
      ],
    },
  ];
}
