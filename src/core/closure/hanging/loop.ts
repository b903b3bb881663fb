import { rowMiddleMm } from '@/core/body';
import type { LoadState } from '@/core/contents';
import { linesWalls } from '@/core/design';
import type { ButtonLoop, Design, ToggleLoop } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, MEMORY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import {
  nameAt,
  pathOf,
  smallParts,
  stageOf,
  type FabricMark,
  type FittingInput,
  type FittingKind,
  type FittingStage,
  type MarkForm,
  type StepRule,
} from '@/core/fittings';
import { trackAlongMm } from '@/core/pieces';
import { ownCodes, type Problem } from '@/core/problems';
import { slideAcross } from '../slideAcross';
import {
  hangsFrom,
  hungFigures,
  hungMove,
  underEdgeProblems,
  type Hung,
  type HungFigures,
  type HungSpot,
} from './hung';

/** What hangs from an edge in a loop of chains. */
export type Loop = ButtonLoop | ToggleLoop;

/** What of a loop can be told from its kind and choices alone. */
export interface LoopNature<Choice extends Loop> {
  prefix: string;
  /** What it is passed over: at the head of a label, and within a sentence. */
  label: string;
  noun: string;
  /** How far it reaches from its middle along the fabric, once the loop lies behind it; and how wide the loop has to open to pass over it, mm. */
  farMm(choice: Choice): number;
  opensMm(choice: Choice): number;
  form(choice: Choice): MarkForm;
  thicknessMm(choice: Choice): number;
}

/** What is doubtful of a loop; lengths in mm. */
export interface LoopProblems {
  'loop-off-front': { downMm: number; flatFrontMm: number };
  'loop-slips': { looseMm: number; farMm: number; isEmpty: boolean };
}
export interface LoopRepairs {
  'loop-below-to': { belowMm: number };
}

const ours = ownCodes<LoopProblems, LoopRepairs>();

/** A chain takes as much yarn as so much of a stitch of single crochet. From memory. */
const CHAIN_TO_SC = 0.4;

export interface LoopStage<Choice extends Loop = Loop> extends FittingStage<Choice> {
  /** Where what it is passed over is sewn to the front, and where the loop begins on the edge. */
  spots: HungSpot[];
  figures: LoopFigures;
  /** The loop hangs from the flap's edge; else from the back's. */
  fromFlap: boolean;
}

interface LoopFigures extends HungFigures {
  chains: Figure;
  looseLoaded: Figure;
  looseEmpty: Figure;
}

/** A loop that hangs from the flap's edge, or from the back's over the mouth, and what it is passed over. */
export const loopKind = <Choice extends Loop>(
  usual: (design: Design) => Choice,
  nature: LoopNature<Choice>,
): FittingKind<Choice, LoopStage<Choice>> => ({
  usual,
  plan(choice, bag) {
    const { at } = bag;
    const hung = hangsFrom(choice, bag);
    const { fromFlap, spots } = hung;
    const figures = figuresOf(choice, nature, hung, bag);
    const fabric = chainArea(nature.prefix, figures.chains, spots.length, bag);
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice,
          at,
          closes: fromFlap ? 'flap' : 'mouth',
          holds: spots.map(({ acrossMm }) => [acrossMm, acrossMm] as const),
          marks: marksOf(choice, nature, hung, figures, bag),
          workedOn: [fabric],
          tails: choice.made === 'joined-on' ? 2 * spots.length : 0,
          steps: stepsOf(nature.prefix, choice, fromFlap, bag),
          differs: [
            {
              id: nameAt(at, nature.prefix),
              name: `Loop reaches to the ${nature.noun}`,
              empty: figures.reachEmpty,
              full: figures.reachLoaded,
            },
          ],
          bought: spots.length,
          asked: [...(Object.values(figures) as Figure[]), fabric],
          problems: [
            smallParts(bag.at, nature.prefix),
            ...underEdgeProblems(choice, hung, nature.prefix, bag),
            ...problemsOf(choice, nature, hung.wishedMm, figures, bag),
          ],
        }),
        spots,
        figures,
        fromFlap,
      },
    };
  },
});

function figuresOf<Choice extends Loop>(
  choice: Choice,
  nature: LoopNature<Choice>,
  hung: Hung,
  bag: FittingInput,
): LoopFigures {
  const { pouch, at } = bag;
  const { prefix, label, noun } = nature;
  const name = (id: string) => nameAt(at, `${prefix}.${id}`);
  const beyond = { label: `Middle of the ${noun} to its far side`, mm: nature.farMm(choice) };
  const placed = hungFigures(choice, { prefix, hangs: 'Loop', label, noun, beyond }, hung, bag);
  const { reachLoaded, reachEmpty } = placed;
  const mostMm = Math.max(reachLoaded.value, reachEmpty.value, nature.opensMm(choice) / 2);
  const chains = makeFigure(name('chains'), 'Chains of the loop', Math.ceil((2 * mostMm) / pouch.stitchMm), 'chain', {
    rule: `Twice the longer reach, or once round the ${noun} where that is more, divided by the length of a chain, up to the next. Try it on the ${noun} before you close it; a smaller hook makes it tighter.`,
    inputs: [
      inputFrom(reachLoaded),
      inputFrom(reachEmpty),
      input(`Once round the ${noun}`, nature.opensMm(choice), 'mm'),
      input('A chain, as long as a stitch is wide', pouch.stitchMm, 'mm'),
    ],
    source: COMMON_PRACTICE,
  });
  const loose = (state: LoadState, of: Figure) =>
    makeFigure(
      name(`loose.${state}`),
      `Loop loose by, ${state}`,
      Math.max(0, (chains.value * pouch.stitchMm) / 2 - of.value),
      'mm',
      {
        rule: 'Half the length of its chains, less what it has to reach.',
        inputs: [inputFrom(chains), input('Length of a chain', pouch.stitchMm, 'mm'), inputFrom(of)],
        source: GEOMETRY,
      },
    );
  return {
    ...placed,
    chains,
    looseLoaded: loose('loaded', reachLoaded),
    looseEmpty: loose('empty', reachEmpty),
  };
}

function marksOf<Choice extends Loop>(
  choice: Choice,
  nature: LoopNature<Choice>,
  { k, spots, edge }: Hung,
  { chains }: LoopFigures,
  bag: FittingInput,
): FabricMark[] {
  const { set, pouch, at } = bag;
  const { stitchMm, rowMm } = pouch;
  const { front } = set.tracks;
  const loopMm = (chains.value * stitchMm) / 2;
  const common = { of: at, throughMm: [], presence: 'set', move: null } as const;
  return spots.flatMap((spot, index): FabricMark[] => {
    const { acrossMm, edgeStitches } = spot;
    const slide = slideAcross(choice, { acrossMm, widthMm: edgeStitches * stitchMm }, index === 0, bag);
    return [
      {
        ...common,
        mark: nameAt(at, nature.prefix),
        piece: front.piece,
        face: 'outer',
        acrossMm,
        alongMm: trackAlongMm(front, rowMiddleMm(k, rowMm), rowMm),
        stationMm: spot.downMm,
        count: { row: spot.row, place: spot.place, ofStitches: spot.ofStitches },
        form: nature.form(choice),
        stuff: 'metal',
        standsMm: nature.thicknessMm(choice),
        move: { ...hungMove(choice, spot, bag), isGripped: index === 0 },
        slide,
      },
      ...(edge
        ? [
            {
              ...common,
              mark: nameAt(at, `${nature.prefix}.loop`),
              piece: edge.track.piece,
              face: 'outer' as const,
              acrossMm,
              alongMm: trackAlongMm(edge.track, edge.downMm, rowMm),
              stationMm: null,
              foldedMm: edge.foldedMm,
              count: null,
              form: {
                kind: 'outline' as const,
                points: loopOutline(loopMm, stitchMm / 2).map(
                  ([across, along]) => [across, along * edge.outwards] as const,
                ),
              },
              stuff: 'cord' as const,
              standsMm: 1,
            },
          ]
        : []),
    ];
  });
}

/** A narrow band bent to a loop so long, hanging from its own place: across and away from the edge, mm. */
function loopOutline(longMm: number, wideMm: number): [number, number][] {
  const swing = (by: number): [number, number][] =>
    Array.from({ length: 13 }, (_, step) => {
      const rad = (Math.PI * step) / 12;
      return [-(longMm / 4 + by) * Math.cos(rad), (longMm + by) * Math.sin(rad)];
    });
  return [...swing(0), ...swing(-wideMm).reverse()];
}

const chainArea = (prefix: string, chains: Figure, count: number, { gauge, pouch, at }: FittingInput): Figure =>
  makeFigure(
    nameAt(at, `${prefix}.fabric`),
    'Yarn of the loop, as fabric',
    count * chains.value * pouch.stitchMm * pouch.rowMm * CHAIN_TO_SC,
    'mm2',
    {
      rule: 'Chains, each as much as four tenths of a stitch of the fabric.',
      inputs: [
        inputFrom(chains),
        input('Loops', count, 'count'),
        inputFrom(gauge.stitchWidth),
        inputFrom(gauge.rowHeight),
      ],
      source: MEMORY,
    },
  );

/** A loop in the last row has to be thought of before that; what it is passed over is sewn on where it reaches. */
const stepsOf = (prefix: string, { made }: Loop, fromFlap: boolean, { design }: FittingInput): StepRule[] => [
  {
    name: `work-${prefix}`,
    after: made === 'last-row' ? [] : ['blocked', 'joined'],
    before: made === 'last-row' ? [fromFlap ? 'flap-worked' : 'worked'] : [],
    mark: `${prefix}.loop`,
  },
  {
    name: `sew-${prefix}`,
    after: linesWalls(design) ? ['blocked'] : ['joined'],
    before: linesWalls(design) ? ['covered'] : [],
    mark: prefix,
  },
];

function problemsOf<Choice extends Loop>(
  choice: Choice,
  nature: LoopNature<Choice>,
  downMm: number,
  figures: LoopFigures,
  { pouch, at, flap }: FittingInput,
): Problem[] {
  const farMm = nature.farMm(choice);
  const flatFrontMm = Math.min(pouch.flatFrontMm.empty, pouch.flatFrontMm.loaded);
  const told = { place: 'closures', mark: nameAt(at, nature.prefix) } as const;
  const problems: Problem[] = [];
  if (downMm + farMm > flatFrontMm) {
    const belowMm = Math.floor(flatFrontMm - farMm - (flap.hasFlap ? flap.dropMm.loaded : 0) - 1);
    problems.push(
      ours.problem({
        code: 'loop-off-front',
        severity: 'decide',
        path: [...pathOf(at), 'belowMm'],
        values: { downMm, flatFrontMm },
        repairs:
          belowMm >= 0
            ? [
                ours.repair({
                  code: 'loop-below-to',
                  values: { belowMm },
                  edits: [{ path: [...pathOf(at), 'belowMm'], value: belowMm }],
                }),
              ]
            : [],
        ...told,
      }),
    );
  }
  const [worst, isEmpty] =
    figures.looseEmpty.value > figures.looseLoaded.value ? [figures.looseEmpty, true] : [figures.looseLoaded, false];
  if (worst.value > 2 * farMm)
    problems.push(
      ours.problem({
        code: 'loop-slips',
        severity: 'mind',
        path: pathOf(at),
        asks: [worst.id],
        values: { looseMm: worst.value, farMm, isEmpty },
        repairs: [],
        ...told,
      }),
    );
  return problems;
}
