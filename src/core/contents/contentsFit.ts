import type { PouchStage } from '@/core/body';
import { LARGEST_BAG_MM } from '@/core/defaults';
import { usualStrap, type Design } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { Problem, Repair } from '@/core/problems';
import { WORN_LENGTHS } from './carrying';
import type { ContentsStage } from './contentsStage';
import { fitsLargestBag } from './packThings';
import { insideNeeded, sheetsAcrossMm, sheetsUpMm } from './inside';
import { outsideSizeRepairs } from './outsideSizeEdits';

/** How what goes in sits in the bag as it is planned. */
export interface FitStage {
  figures: {
    insideWidth: Figure;
    /** All round the mouth, inside. */
    opening: Figure;
    insideHeight: Figure;
    easeAcross: Figure | null;
    easeUp: Figure | null;
    belowMouth: Figure | null;
  };
  problems: Problem[];
}

/**
 * The planned bag's inside, what room is left in it beside what goes in, and what doesn't fit.
 *
 * @param clampedLoadMm the thickness that the bag was planned with when what goes in is thicker than it can take; else null
 */
export function contentsFit(
  design: Design,
  contents: ContentsStage,
  pouch: PouchStage,
  clampedLoadMm: number | null,
): FitStage {
  const { layers, figures: planned } = pouch;
  const inside = (id: string, label: string, outside: Figure, sheetsMm: number, rule: string) =>
    makeFigure(
      id,
      label,
      outside.value - sheetsMm,
      'mm',
      {
        rule,
        inputs: [
          inputFrom(outside),
          input('Thickness of the fabric', layers.fabricMm, 'mm'),
          input('Thickness of the lining', layers.liningMm, 'mm'),
        ],
        source: GEOMETRY,
      },
      outside.plusMinus,
    );
  const insideWidth = inside(
    'size.insideWidth',
    'Width, inside',
    planned.width,
    sheetsAcrossMm(layers),
    'Outside width, less fabric and lining on both sides.',
  );
  const insideHeight = inside(
    'size.insideHeight',
    'Height, inside',
    planned.height,
    sheetsUpMm(layers),
    'Outside height, less fabric and lining of the base. The mouth is open.',
  );
  const opening = makeFigure(
    'size.opening',
    'Opening, all round inside',
    2 * insideWidth.value,
    'mm',
    {
      rule: 'Front and back together: twice the inside width. What is thicker than it is wide goes in as long as its girth is less.',
      inputs: [inputFrom(insideWidth)],
      source: GEOMETRY,
    },
    insideWidth.plusMinus === null ? null : 2 * insideWidth.plusMinus,
  );
  const ease = easeFigures(contents, insideWidth, insideHeight, planned.heightLoaded, layers);
  return {
    figures: { insideWidth, opening, insideHeight, ...ease },
    problems: [
      ...itemProblems(design),
      ...fitProblems(design, contents, ease, clampedLoadMm),
      ...carryProblems(design),
    ],
  };
}

type Eases = Pick<FitStage['figures'], 'easeAcross' | 'easeUp' | 'belowMouth'>;

function easeFigures(
  { figures }: ContentsStage,
  insideWidth: Figure,
  insideHeight: Figure,
  heightLoaded: Figure,
  layers: PouchStage['layers'],
): Eases {
  const { packedWidth, packedHeight, packedThickness, load } = figures;
  if (!packedWidth || !packedHeight || !packedThickness) return { easeAcross: null, easeUp: null, belowMouth: null };
  const needed = insideNeeded(
    { widthMm: packedWidth.value, heightMm: packedHeight.value, thicknessMm: packedThickness.value },
    0,
  );
  const left = (id: string, label: string, mm: number, rule: string, inputs: Figure[], plusMinus: number | null) =>
    makeFigure(id, label, mm, 'mm', { rule, inputs: inputs.map(inputFrom), source: GEOMETRY }, plusMinus);
  return {
    easeAcross: left(
      'contents.easeAcross',
      'Room left across',
      insideWidth.value - needed.widthMm,
      'Inside width, less the width of what is packed and its thickness.',
      [insideWidth, packedWidth, packedThickness],
      insideWidth.plusMinus,
    ),
    easeUp: left(
      'contents.easeUp',
      'Room left up',
      insideHeight.value - needed.heightMm,
      'Inside height, less the height of what is packed and half its thickness.',
      [insideHeight, packedHeight, packedThickness],
      insideHeight.plusMinus,
    ),
    belowMouth: left(
      'contents.belowMouth',
      'Below the mouth, loaded',
      heightLoaded.value - sheetsUpMm(layers) - needed.heightMm,
      'Height to the mouth with the bag loaded, less the base, half the thickness and the height of what is packed: the base rounds under the load and draws the mouth down.',
      [heightLoaded, load, packedHeight, packedThickness],
      heightLoaded.plusMinus,
    ),
  };
}

function itemProblems({ contents }: Design): Problem[] {
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

function fitProblems(design: Design, stage: ContentsStage, ease: Eases, clampedLoadMm: number | null): Problem[] {
  const { needsWidth, needsHeight, load, packedThickness } = stage.figures;
  const { easeAcross, easeUp, belowMouth } = ease;
  if (!easeAcross || !easeUp || !belowMouth || !needsWidth || !needsHeight || !packedThickness) return [];
  const sheets = { across: stage.wanted.width.value, up: stage.wanted.height.value };
  const at = { place: 'carry', path: ['contents', 'items'] } as const;
  const fromContents: Repair = {
    code: 'sizes-from-contents',
    values: {},
    edits: [
      { path: ['body', 'sizesFrom'], value: 'contents' },
      { path: ['body', 'chosenStitches'], value: null },
      ...(['front', 'back'] as const).map((part) => ({ path: ['body', 'chosenRows', part], value: null })),
    ],
  };
  const problems: Problem[] = [];
  if (clampedLoadMm !== null)
    problems.push({
      ...at,
      code: 'contents-too-thick',
      severity: 'decide',
      asks: ['contents.load'],
      values: { loadMm: packedThickness.value, mostLoadMm: clampedLoadMm },
      repairs: [fromContents],
    });
  else if (load.value < packedThickness.value - 0.5)
    problems.push({
      ...at,
      code: 'load-under-packed',
      severity: 'mind',
      path: ['contents', 'thicknessMm'],
      asks: ['contents.packedThickness'],
      values: { loadMm: load.value, packedMm: packedThickness.value },
      repairs: [{ code: 'load-as-packed', values: {}, edits: [{ path: ['contents', 'thicknessMm'], value: null }] }],
    });
  const wider = Math.ceil(sheets.across - easeAcross.value + design.contents.easeMm);
  const taller = Math.ceil(sheets.up - easeUp.value + design.contents.easeMm);
  for (const [code, short, size] of [
    ['contents-too-wide', easeAcross, { widthMm: wider }],
    ['contents-too-tall', easeUp, { heightMm: taller }],
  ] as const)
    if (short.value < 0)
      problems.push({
        ...at,
        code,
        severity: 'decide',
        asks: [short.id],
        values: { shortMm: -short.value },
        repairs: [
          ...outsideSizeRepairs(stage.settled, size),
          ...(design.body.sizesFrom === 'contents' ? [] : [fromContents]),
        ],
      });
    else if (short.value < (short.plusMinus ?? 0))
      problems.push({
        ...at,
        code: 'ease-within-doubt',
        severity: 'mind',
        mark: short.id,
        path: ['contents', 'items', code],
        asks: [short.id],
        values: { easeMm: short.value, doubtMm: short.plusMinus ?? 0, isUp: code === 'contents-too-tall' ? 1 : 0 },
        repairs: [],
      });
  if (belowMouth.value < 0 && easeUp.value >= 0)
    problems.push({
      ...at,
      code: 'stands-above-mouth',
      severity: 'mind',
      asks: ['contents.belowMouth'],
      values: { aboveMm: -belowMouth.value },
      repairs: [],
    });
  return problems;
}

function carryProblems(design: Design): Problem[] {
  const usual = WORN_LENGTHS[design.contents.carried];
  if (!usual) return [];
  const { leastMm, usualMm, mostMm } = usual;
  const at = { place: 'carry', path: ['contents', 'carried'], severity: 'mind' } as const;
  if (!design.strap)
    return [
      {
        ...at,
        code: 'carried-without-strap',
        values: { usualMm },
        repairs: [
          {
            code: 'add-strap',
            values: { wornMm: usualMm },
            edits: [{ path: ['strap'], value: { ...usualStrap(), wornLengthMm: usualMm } }],
          },
        ],
      },
    ];
  const { wornLengthMm } = design.strap;
  if (wornLengthMm >= leastMm && wornLengthMm <= mostMm) return [];
  return [
    {
      ...at,
      code: 'strap-unlike-carrying',
      values: { wornMm: wornLengthMm, leastMm, mostMm },
      repairs: [
        {
          code: 'strap-worn-to',
          values: { wornMm: usualMm },
          edits: [{ path: ['strap', 'wornLengthMm'], value: usualMm }],
        },
      ],
    },
  ];
}
