import { patternOf, type Edging } from '@/core/design';
import { hookShare, isAsTheBag, natureOf, openOfEdging, type EdgingSizes } from '@/core/borders';
import { COMMON_PRACTICE, GEOMETRY, MEMORY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';
import type { EdgingCounts } from './countEdging';
import type { FreeEdge } from './freeEdge';

/** What is told of an edging. */
export interface EdgingFigures {
  /** Width of a stitch of its plain rounds, and how far it reaches beyond the edge. */
  stitchWidth: Figure;
  depth: Figure;
  /** Stitches in every so many row ends, and how flat they lie; null where the edge has stitches only. */
  pickUp: Figure | null;
  flatness: Figure | null;
  /** Stitches in each corner; null where the edge turns none. */
  corner: Figure | null;
  /** Stitches of the first round and of the last plain one; once, where there are several such edges. */
  stitches: Figure;
  lastStitches: Figure | null;
  repeats: Figure | null;
  length: Figure;
  fabric: Figure;
}

/** What a corner counts in its first round, whichever school. */
const CORNER_STITCHES = { 'three-in-one': 3, 'one-chain-one': 3, 'one-chain': 1 } as const;

const CORNER_RULES = {
  'three-in-one':
    'Three in one keep a corner square. One, chain 1, one does as well, and so does a single chain between the two sides.',
  'one-chain-one':
    'One, chain 1 and one in the corner’s stitch: the chain is the next round’s corner. It is counted as a stitch.',
  'one-chain':
    'A single chain between the last stitch of one side and the first of the next. It is counted as a stitch.',
} as const;

/** Tells an edging, each number with its reason. */
export function edgingFigures(
  edging: Edging,
  { sizes, edge, counts }: { sizes: EdgingSizes; edge: FreeEdge; counts: EdgingCounts },
  bag: FittingInput,
): EdgingFigures {
  const name = (what: string) => nameAt(bag.at, `edging.${what}`);
  const stitchWidth = stitchFigure(name('stitchWidth'), edging, sizes, bag);
  const depth = depthFigure(name('depth'), edging, sizes, bag);
  const along = alongFigures(name, edging, counts, stitchWidth, bag);
  const corner =
    counts.corners === 0
      ? null
      : makeFigure(name('corner'), 'Edging: stitches in each corner', CORNER_STITCHES[edging.corner], 'stitch', {
          rule: CORNER_RULES[edging.corner],
          inputs: [],
          source: COMMON_PRACTICE,
        });
  const stitches = stitchesFigure(name('stitches'), { edge, counts }, along.pickUp, corner);
  const places = counts.stretches.reduce((sum, { picks }) => sum + picks, 0);
  const length = makeFigure(
    name('length'),
    'Edging: length along the edge',
    edge.times * places * sizes.stitchMm,
    'mm',
    {
      rule: 'Its stitches without those that turn the corners, times the width of one.',
      inputs: [inputFrom(stitches), inputFrom(stitchWidth)],
      source: GEOMETRY,
    },
    edge.times * places * (stitchWidth.plusMinus ?? 0),
  );
  return {
    stitchWidth,
    depth,
    ...along,
    corner,
    stitches,
    lastStitches: lastFigure(name('lastStitches'), counts, stitches),
    repeats: repeatsFigure(name('repeats'), edging, counts, bag),
    length,
    fabric: fabricFigure(name('fabric'), { sizes, edge, counts }, depth),
  };
}

/** The ± of a size that is carried over to an edging, and what it rests on: the gauge's own ±, and what a border leaves open. */
function carriedTo(edging: Edging, mm: number, from: Figure, { design }: FittingInput) {
  const pattern = patternOf(design);
  return {
    plusMinus: Math.hypot((mm * (from.plusMinus ?? 0)) / from.value, mm * openOfEdging(edging, design, { pattern })),
    basis: isAsTheBag(edging, design, pattern) ? {} : { basis: 'foretold' as const },
  };
}

function hookInput({ hookMm }: Edging, { design }: FittingInput) {
  return hookMm === null ? [] : [input('Wider on its own hook', hookShare(design.swatch, hookMm), 'ratio')];
}

function stitchFigure(id: string, edging: Edging, { stitchMm }: EdgingSizes, bag: FittingInput): Figure {
  const { gauge, design } = bag;
  const { plusMinus, basis } = carriedTo(edging, stitchMm, gauge.stitchWidth, bag);
  return makeFigure(
    id,
    'Width of one stitch of the edging',
    stitchMm,
    'mm/stitch',
    {
      rule: 'Width of one stitch in the bag, times what is usual for the edging’s stitch against it.',
      inputs: [
        inputFrom(gauge.stitchWidth),
        input('Edging’s stitch against the bag’s', 1 / patternOf(design).nature.widthToSc, 'ratio'),
        ...hookInput(edging, bag),
      ],
      source: MEMORY,
      ...basis,
    },
    plusMinus,
  );
}

function depthFigure(id: string, edging: Edging, sizes: EdgingSizes, bag: FittingInput): Figure {
  const { gauge, design } = bag;
  const over = natureOf(edging, design).over !== null;
  const { plusMinus, basis } = carriedTo(edging, sizes.depthMm, gauge.rowHeight, bag);
  return makeFigure(
    id,
    'Edging: reaches beyond the edge',
    sizes.depthMm,
    'mm',
    {
      rule: `Its rounds, each as high as is usual for its stitch against the bag’s rows${over ? ', and what is worked over them' : ''}. Measure the first one you work.`,
      inputs: [
        inputFrom(gauge.rowHeight),
        input('Plain rounds', edging.rounds, 'round'),
        input('Plain rounds against a row of the bag', sizes.plainMm / gauge.rowHeight.value, 'ratio'),
        ...(over
          ? [
              input(
                'Over them, against a row of the bag',
                (sizes.depthMm - sizes.plainMm) / gauge.rowHeight.value,
                'ratio',
              ),
            ]
          : []),
        ...hookInput(edging, bag),
      ],
      source: MEMORY,
      ...basis,
    },
    plusMinus,
  );
}

/** The pick-up along row ends and slopes: its ratio, and how flat what is worked there lies. */
function alongFigures(
  name: (what: string) => string,
  edging: Edging,
  { pickUp, stretches }: EdgingCounts,
  stitchWidth: Figure,
  { gauge }: FittingInput,
): Pick<EdgingFigures, 'pickUp' | 'flatness'> {
  const free = stretches.filter(({ rows, slopeMm }) => rows > 0 || slopeMm > 0);
  if (free.length === 0) return { pickUp: null, flatness: null };
  const picks = free.reduce((sum, stretch) => sum + stretch.picks - stretch.stitches, 0);
  const lengthMm = free.reduce((sum, { lengthMm: mm, stitches }) => sum + mm - stitches * gauge.stitchWidth.value, 0);
  const rows = input('Row ends that they are picked up from', pickUp.rows, 'row');
  const ratio = makeFigure(
    name('pickUp'),
    `Edging: stitches in every ${pickUp.rows === 1 ? 'row end' : `${pickUp.rows} row ends`}`,
    pickUp.stitches,
    'stitch',
    {
      rule:
        edging.pickUp === null
          ? 'Row height divided by the width of a stitch of the edging, as the smallest ratio that lies flat: between 0.95 and 1.05. Usual: single crochet 1 to 1, half double 3 to 2, double 2 to 1.'
          : 'You chose this ratio. Usual: single crochet 1 to 1, half double 3 to 2, double 2 to 1.',
      inputs: [inputFrom(gauge.rowHeight), inputFrom(stitchWidth), rows],
      source: COMMON_PRACTICE,
    },
  );
  return {
    pickUp: ratio,
    flatness: makeFigure(name('flatness'), 'Edging: flatness', (picks * stitchWidth.value) / lengthMm, 'ratio', {
      rule: 'Length of the stitches along row ends and slopes, against that of the edge they are picked up from. Under 95 % it draws in, over 105 % it ruffles.',
      inputs: [
        input('Stitches there', picks, 'stitch'),
        inputFrom(stitchWidth),
        input('Edge there', lengthMm, 'mm'),
        inputFrom(ratio),
      ],
      source: GEOMETRY,
    }),
  };
}

const STRETCH_LABELS: Record<EdgingCounts['stretches'][number]['name'], string> = {
  front: 'Along the front’s edge',
  back: 'Along the back’s edge',
  side: 'Along a side',
  flap: 'Along the flap’s edge',
  'gusset-end': 'Along an end of the strip between the faces',
  'all-round': 'All round the mouth',
  'long-edge': 'Along the edge',
  rim: 'Round the rim',
};

function stitchesFigure(
  id: string,
  { edge, counts }: { edge: FreeEdge; counts: EdgingCounts },
  pickUp: Figure | null,
  corner: Figure | null,
): Figure {
  const rounds = edge.isRound ? 'round' : 'row';
  return makeFigure(id, `Edging: stitches of the first ${rounds}`, counts.rounds[0] as number, 'stitch', {
    rule: `One in each stitch, the ratio along row ends, as many as fit along slopes, and in each corner what turns it${counts.stretches.some(({ adjusted }) => adjusted !== 0) ? '; some more or fewer, spread, so that the pattern comes out' : ''}.${edge.times === 1 ? '' : ` Each of ${edge.times === 2 ? 'two' : 'four'} edges.`}`,
    inputs: [
      ...counts.stretches.map(({ name, picks }) => input(STRETCH_LABELS[name], picks, 'stitch')),
      ...(pickUp ? [inputFrom(pickUp)] : []),
      ...(corner ? [input('Corners', counts.corners, 'count'), inputFrom(corner)] : []),
    ],
    source: COMMON_PRACTICE,
  });
}

function lastFigure(id: string, { rounds, corners }: EdgingCounts, stitches: Figure): Figure | null {
  const last = rounds.at(-1) as number;
  if (rounds.length === 1 || last === rounds[0]) return null;
  return makeFigure(id, 'Edging: stitches of the last plain round', last, 'stitch', {
    rule: 'Those of the first, and two more at every corner in each round.',
    inputs: [inputFrom(stitches), input('Plain rounds', rounds.length, 'round'), input('Corners', corners, 'count')],
    source: COMMON_PRACTICE,
  });
}

function repeatsFigure(
  id: string,
  edging: Edging,
  { repeats, rounds }: EdgingCounts,
  { design }: FittingInput,
): Figure | null {
  const { over } = natureOf(edging, design);
  if (repeats === null || over === null) return null;
  return makeFigure(id, 'Edging: repeats of its pattern', repeats, 'count', {
    rule: 'Stitches of the last plain round, less those beside the repeats, divided by those that a repeat takes.',
    inputs: [
      input('Last plain round', rounds.at(-1) as number, 'stitch'),
      input('Stitches that a repeat takes', over.repeatStitches, 'stitch'),
    ],
    source: GEOMETRY,
  });
}

/** Its area as that of as much of the bag's own fabric as takes the same yarn. */
function fabricFigure(
  id: string,
  { sizes, edge, counts }: { sizes: EdgingSizes; edge: FreeEdge; counts: EdgingCounts },
  depth: Figure,
): Figure {
  const lengthMm = edge.stretches.reduce((sum, stretch) => sum + stretch.lengthMm, 0);
  const { depthMm, yarnToFabric } = sizes;
  const areaMm2 = edge.times * (lengthMm * depthMm + counts.corners * depthMm ** 2);
  return makeFigure(
    id,
    'Edging, as fabric of the bag',
    areaMm2 * yarnToFabric,
    'mm2',
    {
      rule: 'Length of the edge times how far the edging reaches, and a square at each corner; times the yarn that its stitches usually take against the bag’s.',
      inputs: [
        input('The edge', edge.times * lengthMm, 'mm'),
        inputFrom(depth),
        input('Corners', counts.corners, 'count'),
        input('Yarn against the bag’s fabric', yarnToFabric, 'ratio'),
      ],
      source: MEMORY,
    },
    areaMm2 * yarnToFabric * ((depth.plusMinus ?? 0) / depth.value),
  );
}
