import { offsetOf, placeAt, rowAt, rowMiddleMm, type StitchPlace } from '@/core/body';
import type { LoadState } from '@/core/contents';
import type { ButtonLoop, Design, ToggleLoop } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, MEMORY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import {
  nameAt,
  pathOf,
  type FabricMark,
  type FittingInput,
  type FittingKind,
  type FittingStage,
  type MarkForm,
  type MarkMove,
  type StepRule,
} from '@/core/fittings';
import { trackAlongMm, trackRow } from '@/core/pieces';
import { ownCodes, type Problem } from '@/core/problems';
import { smallParts } from '../flapClosures';
import { closingStage } from '../mouth/closesMouth';
import { placesAcross } from '../onFlap/places';

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
  spots: LoopSpot[];
  figures: LoopFigures;
  /** The loop hangs from the flap's edge; else from the back's. */
  fromFlap: boolean;
}

interface LoopSpot {
  row: number;
  place: StitchPlace;
  ofStitches: number;
  /** Of the edge's last row, which the loop begins and ends beside. */
  edgePlace: StitchPlace;
  edgeStitches: number;
  /** From the front's top edge, mm. */
  downMm: number;
}

interface LoopFigures {
  row: Figure;
  down: Figure;
  reachLoaded: Figure;
  reachEmpty: Figure;
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
    const { pouch, flap, at } = bag;
    const fromFlap = flap.hasFlap;
    const downMm = (fromFlap ? flap.dropMm.loaded : 0) + choice.belowMm;
    const k = Math.max(1, Math.min(pouch.frontRows, rowAt(downMm - pouch.borders.frontMm, pouch.rowMm)));
    const figures = figuresOf(choice, nature, { k, fromFlap }, bag);
    const spots = spotsOf(choice, k, fromFlap, bag);
    const fabric = chainArea(nature.prefix, figures.chains, spots.length, bag);
    return {
      ok: true,
      stage: {
        ...closingStage({
          choice,
          at,
          closes: fromFlap ? 'flap' : 'mouth',
          holds: spots.map((spot) => {
            const acrossMm = offsetOf(spot.edgePlace, pouch.stitchMm) - (spot.edgeStitches * pouch.stitchMm) / 2;
            return [acrossMm, acrossMm] as const;
          }),
          marks: marksOf(choice, nature, k, figures, bag),
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
          asked: [...(Object.values(figures) as Figure[]), fabric],
          problems: [smallParts(nature.prefix, bag), ...problemsOf(choice, nature, downMm, figures, bag)],
        }),
        spots,
        figures,
        fromFlap,
      },
    };
  },
});

/** From the edge that the loop hangs from to the middle of what it is passed over, along the fabric and through the air, mm. */
function wayMm({ belowMm }: Loop, state: LoadState, downMm: number, fromFlap: boolean, { flap }: FittingInput): number {
  return fromFlap ? Math.max(0, downMm - flap.dropMm[state]) : flap.bridgeMm[state] + belowMm;
}

function figuresOf<Choice extends Loop>(
  choice: Choice,
  nature: LoopNature<Choice>,
  { k, fromFlap }: { k: number; fromFlap: boolean },
  bag: FittingInput,
): LoopFigures {
  const { gauge, pouch, flap, set, at } = bag;
  const { prefix, noun, label } = nature;
  const name = (id: string) => nameAt(at, `${prefix}.${id}`);
  const downMm = pouch.borders.frontMm + rowMiddleMm(k, pouch.rowMm);
  const farMm = nature.farMm(choice);
  const row = makeFigure(name('row'), `${label} on the front`, trackRow(set.tracks.front, k), 'row number', {
    rule: fromFlap
      ? 'The front row whose middle is nearest to where the flap’s edge comes down to, loaded, and as far below that as you wish.'
      : 'The front row whose middle is nearest to as far below its upper edge as you wish.',
    inputs: [
      ...(fromFlap ? [inputFrom(flap.figures.dropLoaded)] : []),
      input('Below the edge', choice.belowMm, 'mm'),
      inputFrom(gauge.rowHeight),
    ],
    source: GEOMETRY,
  });
  const down = makeFigure(
    name('down'),
    `${label} from the front’s top edge`,
    downMm,
    'mm',
    {
      rule: `From the front’s top edge to the middle of the ${noun}’s row.`,
      inputs: [inputFrom(row), inputFrom(gauge.rowHeight)],
      source: GEOMETRY,
    },
    k * (gauge.rowHeight.plusMinus ?? 0),
  );
  const reach = (state: LoadState) =>
    makeFigure(
      name(`reach.${state}`),
      `Loop has to reach, ${state}`,
      wayMm(choice, state, downMm, fromFlap, bag) + farMm,
      'mm',
      {
        rule: `From the edge that it hangs from to the middle of the ${noun}${fromFlap ? '' : ', over the mouth with what stands in it'}, and on to its far side.`,
        inputs: [
          inputFrom(down),
          inputFrom(
            fromFlap
              ? state === 'loaded'
                ? flap.figures.dropLoaded
                : flap.figures.dropEmpty
              : state === 'loaded'
                ? flap.figures.bridgeLoaded
                : flap.figures.bridgeEmpty,
          ),
          input(`Middle of the ${noun} to its far side`, farMm, 'mm'),
        ],
        source: GEOMETRY,
      },
    );
  const [reachLoaded, reachEmpty] = [reach('loaded'), reach('empty')];
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
    row,
    down,
    reachLoaded,
    reachEmpty,
    chains,
    looseLoaded: loose('loaded', reachLoaded),
    looseEmpty: loose('empty', reachEmpty),
  };
}

function spotsOf({ layout }: Loop, k: number, fromFlap: boolean, { pouch, flap, set }: FittingInput): LoopSpot[] {
  const { stitchMm, stitchCount } = pouch;
  const piece = set.pieces.find(({ id }) => id === set.tracks.front.piece);
  const row = trackRow(set.tracks.front, k);
  const ofStitches = piece?.kind === 'rows' ? (piece.rows[row - 1]?.stitches ?? stitchCount) : stitchCount;
  const edgeStitches = Math.round(fromFlap ? (flap.rows.at(-1)?.stitches ?? flap.startStitches) : pouch.topStitches);
  return placesAcross({ layout }, edgeStitches).map((edgePlace) => {
    const fromMiddleMm = offsetOf(edgePlace, stitchMm) - (edgeStitches * stitchMm) / 2;
    return {
      row,
      place: placeAt((ofStitches * stitchMm) / 2 + fromMiddleMm, stitchMm),
      ofStitches,
      edgePlace,
      edgeStitches,
      downMm: pouch.borders.frontMm + rowMiddleMm(k, pouch.rowMm),
    };
  });
}

function marksOf<Choice extends Loop>(
  choice: Choice,
  nature: LoopNature<Choice>,
  k: number,
  { chains }: LoopFigures,
  bag: FittingInput,
): FabricMark[] {
  const { set, pouch, flap, at } = bag;
  const { stitchMm, rowMm } = pouch;
  const { tracks } = set;
  const loopMm = (chains.value * stitchMm) / 2;
  const common = { of: at, throughMm: [], presence: 'set', move: null } as const;
  const edge = flap.onPiece ? tracks.flap : flap.hasFlap ? null : tracks.back;
  const edgeDownMm = flap.onPiece ? (flap.bridgeRows + flap.flapRows) * rowMm : 0;
  return spotsOf(choice, k, flap.hasFlap, bag).flatMap((spot, index): FabricMark[] => {
    const acrossMm = offsetOf(spot.edgePlace, stitchMm) - (spot.edgeStitches * stitchMm) / 2;
    // Away from the fabric: on along a flap, back above an upper edge.
    const outwards = edge ? (flap.onPiece ? edge.step : -edge.step) : 1;
    return [
      {
        ...common,
        mark: nameAt(at, nature.prefix),
        piece: tracks.front.piece,
        face: 'outer',
        acrossMm,
        alongMm: trackAlongMm(tracks.front, rowMiddleMm(k, rowMm), rowMm),
        stationMm: spot.downMm,
        count: { row: spot.row, place: spot.place, ofStitches: spot.ofStitches },
        form: nature.form(choice),
        stuff: 'metal',
        standsMm: nature.thicknessMm(choice),
        move: { ...moveOf(choice, spot, bag), isGripped: index === 0 },
      },
      ...(edge
        ? [
            {
              ...common,
              mark: nameAt(at, `${nature.prefix}.loop`),
              piece: edge.piece,
              face: 'outer' as const,
              acrossMm,
              alongMm: trackAlongMm(edge, edgeDownMm, rowMm),
              stationMm: null,
              count: null,
              form: {
                kind: 'outline' as const,
                points: loopOutline(loopMm, stitchMm / 2).map(([across, along]) => [across, along * outwards] as const),
              },
              stuff: 'cord' as const,
              standsMm: 1,
            },
          ]
        : []),
    ];
  });
}

/** Moved along the front, it goes further below the edge that the loop hangs from. */
function moveOf(
  { belowMm }: Loop,
  { downMm }: LoopSpot,
  { at, flap, pouch, set }: FittingInput,
): Omit<MarkMove, 'isGripped'> {
  return {
    way: 'along',
    path: [...pathOf(at), 'belowMm'],
    valueMm: belowMm,
    countedMm: null,
    perMm: 1,
    leastMm: 0,
    mostMm: 300,
    stepMm: pouch.rowMm,
    alongPiece: set.tracks.front.step,
    setMm: Math.max(0, downMm - (flap.hasFlap ? flap.dropMm.loaded : 0)),
  };
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
    after: design.lining ? ['blocked'] : ['joined'],
    before: design.lining ? ['covered'] : [],
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
