import { cutLine, ringBounds } from '@/core/cutting';
import { isNoSew, usualDropIn, type DropInLining } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import {
  pathOf,
  stageOf,
  type FittingInput,
  type FittingKind,
  type FittingStage,
  type StepRule,
} from '@/core/fittings';
import { ownCodes, type Problem } from '@/core/problems';
import { aroundLining } from './aroundLining';
import { wallsOf, type Wall } from './dropInWalls';
import { dropInSizes, type DropInSizes } from './dropInSizes';
import { holesAtMouth } from './holesAlong';
import { holesAtSeams, seamHoleCounts, seamStretches } from './holesAtSeams';
import {
  interfacingFor,
  interfacingProblems,
  interfacingSteps,
  type InterfacingPiece,
  type InterfacingProblems,
  type InterfacingRepairs,
} from './interfacing';
import { joinMap, type JoinMap } from './joinMap';
import { mouthSpans } from './mouthSpans';
import { cameOutAs } from './measured';
import { LINING_NAMES, type LiningPattern } from './liningPattern';
import { OPENING_MM, openingIn } from './opening';

/** What is doubtful of a drop-in lining; lengths in mm. */
export interface DropInProblems extends InterfacingProblems {
  'lining-cut-unsuited': { folded: boolean };
  'lining-shallow': { heightMm: number };
  'lining-allowance-wide': { seamMm: number; halfMm: number };
  'lining-turned-over-stiffener': object;
}
export interface DropInRepairs extends InterfacingRepairs {
  'lining-as-walls': object;
  'lining-edge-up': { belowMm: number };
  'lining-seam-to': { seamMm: number };
  'lining-by-hand': object;
}

const ours = ownCodes<DropInProblems, DropInRepairs>();

export interface DropInStage extends FittingStage<DropInLining> {
  patterns: [LiningPattern, ...LiningPattern[]];
  /** What is stuck to the wrong side of each; none without. */
  interfacing: InterfacingPiece[];
  /** Holes along the seams of its first piece, where those are crocheted; null where they are sewn. */
  seamHoles: Figure | null;
  /** What it measures finished. */
  inside: DropInSizes;
  /** How it is cut on this bag: as wished, or as its walls where nothing else suits. */
  cutAs: DropInLining['cut'];
  join: JoinMap | null;
  /** What is left open of a seam to turn the bag through; null where it is not sewn in by machine. */
  opening: Figure | null;
}

/** A bag of cloth for itself, that is put into the finished one and joined at its mouth. */
export const dropInLining: FittingKind<DropInLining, DropInStage> = {
  usual: usualDropIn,
  plan(lining, bag) {
    const { at, pouch } = bag;
    const isRound = pouch.kind === 'round-purse';
    const cutAs = isRound || pouch.kind === 'oval-base' ? 'walls' : lining.cut;
    const sizes = dropInSizes(lining, pouch, isRound, cameOutAs('bag', bag.design));
    const walls = wallsOf(cutAs, sizes, lining, bag);
    const patterns = walls.map((wall, index) =>
      withCrochet(asPattern(wall, lining, sizes, index, walls.length === 1), wall, lining, bag),
    ) as DropInStage['patterns'];
    const turned = lining.joined === 'by-machine' ? withOpening(patterns) : patterns;
    const opening = openingFigure(turned);
    const noSew = isNoSew(lining);
    const seamHoles = noSew && walls[0] ? seamHolesFigure(walls[0], lining) : null;
    const sewn = noSew
      ? (turned.map((pattern, index) => withSeamHoles(pattern, walls[index], lining)) as DropInStage['patterns'])
      : turned;
    const join = joinMap(lining, mouthSpans(bag), mouthMm(sizes, bag), bag.gauge);
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice: lining,
          at,
          marks: [],
          steps: dropInSteps(lining),
          asked: [
            ...Object.values(sizes as unknown as Record<string, Figure | null>).filter(
              (one): one is Figure => one !== null,
            ),
            ...patterns.flatMap(({ cutWidth, cutHeight, finishedWidth, finishedHeight }) => [
              cutWidth,
              cutHeight,
              finishedWidth,
              finishedHeight,
            ]),
            ...(join ? [join.figures.bag, join.figures.lining] : []),
            ...(opening ? [opening] : []),
            ...(seamHoles ? [seamHoles] : []),
          ],
          problems: [...problemsOf(lining, cutAs, sizes, bag), ...interfacingProblems(lining, bag)],
        }),
        patterns: join ? perforated(sewn, join, lining, noSew) : sewn,
        interfacing: interfacingFor(lining, patterns),
        seamHoles,
        opening,
        inside: sizes,
        cutAs,
        join,
      },
    };
  },
};

/** The holes along the mouth, on every piece that reaches it. */
function perforated(
  patterns: DropInStage['patterns'],
  join: JoinMap,
  { holesInMm }: DropInLining,
  noSew: boolean,
): DropInStage['patterns'] {
  const holes = holesAtMouth(patterns, join, holesInMm, noSew ? holesInMm : 0);
  const [first, ...others] = patterns.map((pattern, index): LiningPattern => ({
    ...pattern,
    marks: [...pattern.marks, ...(holes[index] ?? [])],
  }));
  return first ? [first, ...others] : patterns;
}

/** A piece with the holes along its seams, which are crocheted. */
const withSeamHoles = (pattern: LiningPattern, wall: Wall | undefined, lining: DropInLining): LiningPattern =>
  wall ? { ...pattern, marks: [...pattern.marks, ...holesAtSeams(wall, lining)] } : pattern;

function seamHolesFigure(wall: Wall, lining: DropInLining): Figure {
  const stretches = seamStretches(wall);
  const count = seamHoleCounts(wall, lining.pitchMm).reduce((sum, one) => sum + one, 0);
  return makeFigure('lining.seamHoles', `Holes along the seams of the ${LINING_NAMES[wall.id]}`, count, 'count', {
    rule: 'Length of each seam, divided by how far the holes lie from each other, to the nearest: pieces that meet have as many.',
    inputs: [...stretches.map((mm) => input('Seam', mm, 'mm')), input('From hole to hole', lining.pitchMm, 'mm')],
    source: COMMON_PRACTICE,
  });
}

/** The first piece that can has a stretch of its seam left open. */
function withOpening(patterns: DropInStage['patterns']): DropInStage['patterns'] {
  const at = patterns.findIndex((pattern) => openingIn(pattern) !== null);
  return patterns.map((pattern, index) => {
    const opening = index === at ? openingIn(pattern) : null;
    return opening ? { ...pattern, marks: [...pattern.marks, opening] } : pattern;
  }) as DropInStage['patterns'];
}

function openingFigure(patterns: DropInStage['patterns']): Figure | null {
  const opening = patterns.flatMap(({ marks }) => marks).find((mark) => mark.kind === 'opening');
  if (opening?.kind !== 'opening') return null;
  const { from, to } = opening;
  return makeFigure('lining.opening', 'Left open to turn it', Math.hypot(to[0] - from[0], to[1] - from[1]), 'mm', {
    rule: 'So that a hand goes through: 10 to 15 cm are usual, less where the seam is shorter.',
    inputs: [input('Wished', OPENING_MM, 'mm')],
    source: COMMON_PRACTICE,
  });
}

/** Its seams are sewn and its hem pressed at any time; it goes in last. */
const dropInSteps = (lining: DropInLining): StepRule[] => [
  { name: 'cut-lining', after: ['blocked'], before: [], is: 'cloth-cut' },
  ...interfacingSteps(lining),
  {
    name: 'sew-lining-seams',
    after: ['cut-lining', 'fuse-interfacing'],
    before: [],
    is: ['cloth-joined', 'cloth-ready'],
  },
  ...(lining.joined === 'through-holes' ? [{ name: 'edge-lining', after: ['sew-lining-seams'], before: [] }] : []),
  {
    name: 'put-lining-in',
    after: ['sew-lining-seams', 'edge-lining', 'hem-turned', 'joined'],
    before: [],
    is: 'covered',
  },
];

/** All round the lining's edge, mm. */
function mouthMm({ width, depth }: DropInSizes, { pouch }: FittingInput): number {
  const { rimOpen } = pouch.figures;
  const deepMm = depth?.value ?? 0;
  if (rimOpen) return 2 * rimOpen.value + 2 * deepMm;
  if (pouch.kind === 'oval-base') return 2 * Math.max(0, width.value - deepMm) + Math.PI * deepMm;
  return 2 * width.value + 2 * deepMm;
}

/** A piece with the outside of the crochet that it goes into. */
function withCrochet(pattern: LiningPattern, wall: Wall, lining: DropInLining, { pouch }: FittingInput): LiningPattern {
  const { layers, borders } = pouch;
  const ring = aroundLining(wall, lining, { fabricMm: layers.fabricMm, borderMm: borders.frontMm });
  return ring ? { ...pattern, marks: [{ kind: 'outline', ring, of: 'crochet' }, ...pattern.marks] } : pattern;
}

/** A wall with its allowances, and its sizes as figures. */
function asPattern(
  { id, copies, seam, hemAt, marks }: Wall,
  lining: DropInLining,
  sizes: DropInSizes,
  index: number,
  isAlone: boolean,
): LiningPattern {
  // Edges that are crocheted on each other lie within the wall as well.
  const seamMm = isNoSew(lining) ? 0 : lining.seamMm;
  const { stuff } = lining;
  // What does not fray is cut at its finished edge; what is sewn in by machine has a seam there as everywhere.
  const isTurned = lining.joined === 'by-machine';
  const hemMm = stuff === 'cloth' && !isTurned ? lining.hemMm : 0;
  const cut = isNoSew(lining) ? seam : cutLine(seam, { seamMm, hemMm, hemAt: isTurned ? 'none' : hemAt });
  const [finished, whole] = [ringBounds(seam), ringBounds(cut)];
  const name = index === 0 ? '' : `.${id}`;
  const label = isAlone ? '' : ` (${LINING_NAMES[id]})`;
  const plusMinus = sizes.width.plusMinus;
  const rule = (what: string) =>
    `${what}: the finished lining, ${hemMm > 0 ? 'a seam at each side, a hem at the edge' : 'a seam at each side'}; what it goes round is added where it goes round. The ± is that of the crochet: measure your own bag first.`;
  const figure = (key: string, what: string, mm: number, of: string) =>
    makeFigure(
      `lining.${key}${name}`,
      `${of}${label}: ${what}`,
      mm,
      'mm',
      {
        rule: rule(of),
        inputs: [
          inputFrom(sizes.width),
          inputFrom(sizes.height),
          ...(sizes.depth ? [inputFrom(sizes.depth)] : []),
          input('Seam allowance', seamMm, 'mm'),
          ...(hemMm > 0 ? [input('Hem', hemMm, 'mm')] : []),
        ],
        source: GEOMETRY,
      },
      plusMinus,
    );
  return {
    ...{ id, copies, layers: lining.layers, seam, cut },
    // Where two seams meet is told by their holes.
    marks: isNoSew(lining) ? marks.filter(({ kind }) => kind !== 'notch') : marks,
    grain: stuff === 'cloth' ? 'up' : 'any',
    cutWidth: figure('cutWidth', 'width', whole.widthMm, 'Cut the lining'),
    cutHeight: figure('cutLength', 'length', whole.heightMm, 'Cut the lining'),
    finishedWidth: figure('finishedWidth', 'width', finished.widthMm, 'Lining finished'),
    finishedHeight: figure('finishedLength', 'length', finished.heightMm, 'Lining finished'),
  };
}

function problemsOf(
  lining: DropInLining,
  cutAs: DropInLining['cut'],
  { height, width }: DropInSizes,
  { at, design }: FittingInput,
): Problem[] {
  const path = (field: string) => [...pathOf(at), field];
  const told = { severity: 'decide', place: 'lining' } as const;
  const problems: Problem[] = [];
  if (cutAs !== lining.cut)
    problems.push(
      ours.problem({
        code: 'lining-cut-unsuited',
        path: path('cut'),
        values: { folded: lining.cut === 'folded' },
        repairs: [ours.repair({ code: 'lining-as-walls', values: {}, edits: [{ path: path('cut'), value: 'walls' }] })],
        ...told,
        severity: 'mind',
      }),
    );
  if (height.value < LEAST_DEEP_MM && lining.belowMm > 0)
    problems.push(
      ours.problem({
        code: 'lining-shallow',
        path: path('belowMm'),
        values: { heightMm: height.value },
        asks: [height.id],
        repairs: [
          ours.repair({ code: 'lining-edge-up', values: { belowMm: 0 }, edits: [{ path: path('belowMm'), value: 0 }] }),
        ],
        ...told,
      }),
    );
  if (lining.joined === 'by-machine' && design.stiffener !== null)
    problems.push(
      ours.problem({
        code: 'lining-turned-over-stiffener',
        path: path('joined'),
        values: {},
        repairs: [
          ours.repair({ code: 'lining-by-hand', values: {}, edits: [{ path: path('joined'), value: 'by-hand' }] }),
        ],
        ...told,
      }),
    );
  const halfMm = Math.min(width.value, height.value) / 2;
  if (!isNoSew(lining) && lining.seamMm >= halfMm) {
    const seamMm = Math.max(3, Math.floor(halfMm / 2));
    problems.push(
      ours.problem({
        code: 'lining-allowance-wide',
        path: path('seamMm'),
        values: { seamMm: lining.seamMm, halfMm },
        repairs:
          seamMm < lining.seamMm
            ? [
                ours.repair({
                  code: 'lining-seam-to',
                  values: { seamMm },
                  edits: [{ path: path('seamMm'), value: seamMm }],
                }),
              ]
            : [],
        ...told,
      }),
    );
  }
  return problems;
}

/** A lining that is less deep holds nothing, mm. Ours. */
const LEAST_DEEP_MM = 20;
