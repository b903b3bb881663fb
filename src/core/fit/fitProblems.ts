import { fitsLargestBag, keepPacking, outsideSizeRepairs, wrapOf, type ContentsStage } from '@/core/contents';
import { LARGEST_BAG_MM, MOST_DEPTH_MM } from '@/core/defaults';
import type { Design } from '@/core/design';
import type { Figure } from '@/core/figures';
import type { Problem, Repair } from '@/core/problems';
import type { PouchStage } from '@/core/stages';
import type { Eases } from './eases';

/** Things that no bag is planned for. */
export function itemProblems({ contents }: Design): Problem[] {
  return contents.items.flatMap(({ thing }, index): Problem[] =>
    fitsLargestBag(thing)
      ? []
      : [
          {
            code: 'thing-larger-than-any-bag',
            severity: 'decide',
            place: 'carry',
            path: ['contents', 'items', index, 'thing', 'widthMm'],
            values: {
              widthMm: thing.widthMm,
              heightMm: thing.heightMm,
              thicknessMm: thing.thicknessMm,
              mostMm: LARGEST_BAG_MM,
            },
            names: { thing: thing.name },
            repairs: [],
          },
        ],
  );
}

/** What doesn’t fit the planned bag, or fits only within its doubt; with what mends it. */
export function fitProblems(
  design: Design,
  stage: ContentsStage,
  ease: Eases,
  pouch: PouchStage,
  clampedLoadMm: number | null,
): Problem[] {
  const { needsWidth, needsHeight, load, packedThickness } = stage.figures;
  const { easeAcross, easeUp, easeThrough, belowMouth } = ease;
  if (!easeAcross || !easeUp || !needsWidth || !needsHeight || !packedThickness) return [];
  const fromContents: Repair = {
    code: 'sizes-from-contents',
    values: {},
    edits: [
      { path: ['body', 'sizesFrom'], value: 'contents' },
      { path: ['body', 'chosenStitches'], value: null },
      ...(['front', 'back'] as const).map((part) => ({ path: ['body', 'chosenRows', part], value: null })),
    ],
  };
  // A disc is as wide as its whole rounds make it: up to half of two row heights off what is wished.
  const sparedMm = Math.max(design.contents.easeMm, wrapOf(pouch.kind) === 'round' ? pouch.rowMm : 0);
  // Where counts set by hand made it smaller than wished, it is enough that they follow the wish again.
  const enough = (wanted: Figure, planned: Figure, short: Figure) =>
    Math.ceil(Math.max(wanted.value, planned.value - short.value + sparedMm));
  const wider = { widthMm: enough(stage.wanted.width, pouch.figures.width, easeAcross) };
  const taller = { heightMm: enough(stage.wanted.height, pouch.figures.height, easeUp) };
  const repairs = (size: typeof wider | typeof taller): Repair[] => [
    ...outsideSizeRepairs(stage.settled, size),
    ...(design.body.sizesFrom === 'contents' ? [] : [fromContents]),
  ];
  const standsMm = belowMouth && belowMouth.value < 0 && easeUp.value >= 0 ? -belowMouth.value : null;
  return [
    ...loadProblems(load, packedThickness, clampedLoadMm, fromContents),
    ...easeProblems('contents-too-wide', easeAcross, repairs(wider)),
    ...easeProblems('contents-too-tall', easeUp, repairs(taller)),
    ...(easeThrough && easeThrough.value < 0 ? [tooDeepProblem(design, stage, pouch, easeThrough, fromContents)] : []),
    ...(standsMm === null
      ? []
      : [
          {
            code: 'stands-above-mouth' as const,
            severity: 'mind' as const,
            asks: ['contents.belowMouth'],
            values: { aboveMm: standsMm },
            repairs: [],
            ...CARRIED,
          },
        ]),
  ];
}

/** Where it is shown. */
const CARRIED = { place: 'carry', path: ['contents', 'items'] } as const;

/** A load that is thicker than any such bag can close over, or given thinner than what goes in. */
function loadProblems(load: Figure, packed: Figure, clampedLoadMm: number | null, fromContents: Repair): Problem[] {
  if (clampedLoadMm !== null)
    return [
      {
        code: 'contents-too-thick',
        severity: 'decide',
        asks: ['contents.load'],
        values: { loadMm: packed.value, mostLoadMm: clampedLoadMm },
        repairs: [fromContents],
        ...CARRIED,
      },
    ];
  if (load.value >= packed.value - 0.5) return [];
  return [
    {
      code: 'load-under-packed',
      severity: 'mind',
      asks: ['contents.packedThickness'],
      values: { loadMm: load.value, packedMm: packed.value },
      repairs: [{ code: 'load-as-packed', values: {}, edits: [{ path: ['contents', 'thicknessMm'], value: null }] }],
      ...CARRIED,
      path: ['contents', 'thicknessMm'],
    },
  ];
}

/** What goes in is too wide or too tall; or has less room left than the bag's own doubt. */
function easeProblems(code: 'contents-too-wide' | 'contents-too-tall', short: Figure, repairs: Repair[]): Problem[] {
  if (short.value < 0)
    return [{ code, severity: 'decide', asks: [short.id], values: { shortMm: -short.value }, repairs, ...CARRIED }];
  if (short.value >= (short.plusMinus ?? 0)) return [];
  return [
    {
      code: 'ease-within-doubt',
      severity: 'mind',
      mark: short.id,
      asks: [short.id],
      values: { easeMm: short.value, doubtMm: short.plusMinus ?? 0, isUp: code === 'contents-too-tall' },
      repairs: [],
      ...CARRIED,
      path: ['contents', 'items', code],
    },
  ];
}

/** What goes in is thicker than the bag is deep: it bulges, and its mouth does not close. */
function tooDeepProblem(
  { contents, body }: Design,
  stage: ContentsStage,
  { figures }: PouchStage,
  ease: Figure,
  fromContents: Repair,
): Problem {
  const { wanted } = stage;
  // From the depth as wished or as planned, whichever is more: it comes out in whole stitches or rounds.
  const nowMm = Math.max(wanted.depth?.value ?? 0, figures.depth?.value ?? 0);
  const depthMm = Math.ceil(nowMm - ease.value + contents.easeMm);
  // Where the depth follows from what goes in, a wish would change nothing.
  const fits = depthMm <= MOST_DEPTH_MM && body.sizesFrom !== 'contents';
  return {
    place: 'carry',
    path: ['contents', 'items'],
    code: 'contents-too-deep',
    severity: 'decide',
    asks: [ease.id],
    values: { shortMm: -ease.value },
    repairs: [
      ...(fits
        ? [
            {
              code: 'bag-deeper' as const,
              values: { depthMm },
              edits: [{ path: ['body', 'depthMm'], value: depthMm }, ...keepPacking(stage.settled)],
            },
          ]
        : []),
      fromContents,
    ],
  };
}
