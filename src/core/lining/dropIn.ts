import {
  cutLine,
  notch,
  rectangle,
  ringBounds,
  roundedBelow,
  stadiumRing,
  type PieceMark,
  type Ring,
} from '@/core/cutting';
import { usualDropIn, type DropInLining } from '@/core/design';
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
import { dropInSizes, type DropInSizes } from './dropInSizes';
import { holesAtMouth } from './holesAlong';
import { joinMap, type JoinMap, type SpanName } from './joinMap';
import { cameOutAs } from './measured';
import { LINING_NAMES, type LiningPattern, type LiningPieceName } from './liningPattern';
import { OPENING_MM, openingIn } from './opening';

/** What is doubtful of a drop-in lining; lengths in mm. */
export interface DropInProblems {
  'lining-cut-unsuited': { folded: boolean };
  'lining-shallow': { heightMm: number };
  'lining-allowance-wide': { seamMm: number; halfMm: number };
  'lining-turned-over-stiffener': object;
}
export interface DropInRepairs {
  'lining-as-walls': object;
  'lining-edge-up': { belowMm: number };
  'lining-seam-to': { seamMm: number };
  'lining-by-hand': object;
}

const ours = ownCodes<DropInProblems, DropInRepairs>();

export interface DropInStage extends FittingStage<DropInLining> {
  patterns: [LiningPattern, ...LiningPattern[]];
  /** What it measures finished. */
  inside: DropInSizes;
  /** How it is cut on this bag: as wished, or as its walls where nothing else suits. */
  cutAs: DropInLining['cut'];
  join: JoinMap | null;
  /** What is left open of a seam to turn the bag through; null where it is not sewn in by machine. */
  opening: Figure | null;
}

/** What a piece is before its allowances. */
interface Wall {
  id: LiningPieceName;
  copies: number;
  seam: Ring;
  hemAt: 'none' | 'top' | 'both';
  marks: PieceMark[];
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
      asPattern(wall, lining, sizes, index, walls.length === 1),
    ) as DropInStage['patterns'];
    const turned = lining.joined === 'by-machine' ? withOpening(patterns) : patterns;
    const opening = openingFigure(turned);
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
          ],
          problems: problemsOf(lining, cutAs, sizes, bag),
        }),
        patterns: join ? perforated(turned, join, lining.holesInMm) : turned,
        opening,
        inside: sizes,
        cutAs,
        join,
      },
    };
  },
};

/** The holes along the mouth, on every piece that reaches it. */
function perforated(patterns: DropInStage['patterns'], join: JoinMap, holesInMm: number): DropInStage['patterns'] {
  const holes = holesAtMouth(patterns, join, holesInMm);
  const [first, ...others] = patterns.map((pattern, index): LiningPattern => ({
    ...pattern,
    marks: [...pattern.marks, ...(holes[index] ?? [])],
  }));
  return first ? [first, ...others] : patterns;
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
const dropInSteps = ({ joined }: DropInLining): StepRule[] => [
  { name: 'cut-lining', after: ['blocked'], before: [], is: 'cloth-cut' },
  { name: 'sew-lining-seams', after: ['cut-lining'], before: [], is: ['cloth-joined', 'cloth-ready'] },
  ...(joined === 'through-holes' ? [{ name: 'edge-lining', after: ['sew-lining-seams'], before: [] }] : []),
  {
    name: 'put-lining-in',
    after: ['sew-lining-seams', 'edge-lining', 'hem-turned', 'joined'],
    before: [],
    is: 'covered',
  },
];

/** The mouth of the bag from anchor to anchor: front, and where there is a depth of its own a side, back, and the other side. */
function mouthSpans({ pouch, set }: FittingInput): { name: SpanName; bag: number }[] {
  if (pouch.kind === 'round-purse') return [];
  const strip = set.pieces.find(({ id }) => id === 'gusset' || id === 'band');
  const side = strip ? Math.max(1, Math.round(pouch.depthMm / pouch.stitchMm)) : 0;
  const faces = pouch.topStitches;
  const between = side > 0 ? [{ name: 'side' as const, bag: side }] : [];
  return [{ name: 'front', bag: faces }, ...between, { name: 'back', bag: faces }, ...between];
}

/** All round the lining's edge, mm. */
function mouthMm({ width, depth }: DropInSizes, { pouch }: FittingInput): number {
  const { rimOpen } = pouch.figures;
  const deepMm = depth?.value ?? 0;
  if (rimOpen) return 2 * rimOpen.value + 2 * deepMm;
  if (pouch.kind === 'oval-base') return 2 * Math.max(0, width.value - deepMm) + Math.PI * deepMm;
  return 2 * width.value + 2 * deepMm;
}

/** The pieces of a lining, by how it is cut and what it goes into. */
function wallsOf(
  cut: DropInLining['cut'],
  sizes: DropInSizes,
  { seamMm }: DropInLining,
  { pouch }: FittingInput,
): Wall[] {
  const [wide, high] = [sizes.width.value, sizes.height.value];
  const deep = sizes.depth?.value ?? 0;
  const middle = (x: number, y: number, up: 1 | -1) => notch([x, y], [0, up], seamMm);
  if (pouch.kind === 'round-purse') {
    const radius = wide / 2;
    const openMm = pouch.figures.rimOpen?.value ?? 0;
    return [
      { id: 'disc', copies: 2, seam: stadiumRing(wide, wide), hemAt: 'none', marks: [middle(0, 0, -1)] },
      {
        id: 'band',
        copies: 1,
        seam: rectangle(deep, Math.max(1, 2 * Math.PI * radius - openMm)),
        hemAt: 'both',
        marks: [],
      },
    ];
  }
  if (pouch.kind === 'oval-base') {
    const roundMm = 2 * Math.max(0, wide - deep) + Math.PI * deep;
    return [
      {
        id: 'wall',
        copies: 1,
        seam: rectangle(roundMm, high),
        hemAt: 'top',
        marks: [-1, 0, 1].map((quarter) => middle((quarter * roundMm) / 4, 0, -1)),
      },
      {
        id: 'base',
        copies: 1,
        seam: stadiumRing(wide, deep),
        hemAt: 'none',
        marks: [middle(0, 0, -1), middle(0, deep, 1)],
      },
    ];
  }
  if (cut === 'walls' && deep > 0) return wallsOfDeep(wide, high, deep, seamMm, pouch);
  if (cut === 'folded') return [folded(wide, high, deep, seamMm)];
  // Front and back alike, with the base's half on each.
  return [
    {
      id: 'front',
      copies: 2,
      seam: rectangle(wide + deep, high + deep / 2),
      hemAt: 'top',
      marks: [middle(0, 0, -1), ...boxedCorners(wide + deep, 0, deep, 1)],
    },
  ];
}

/** One piece from edge to edge, folded in the middle of the base. */
function folded(wide: number, high: number, deep: number, seamMm: number): Wall {
  const [across, along] = [wide + deep, 2 * high + deep];
  return {
    id: 'body',
    copies: 1,
    seam: rectangle(across, along),
    hemAt: 'both',
    marks: [
      { kind: 'fold', from: [-across / 2, along / 2], to: [across / 2, along / 2] },
      notch([-across / 2, along / 2], [-1, 0], seamMm),
      notch([across / 2, along / 2], [1, 0], seamMm),
      ...boxedCorners(across, along / 2, deep, 1),
      ...boxedCorners(across, along / 2, deep, -1),
    ],
  };
}

/** Where a corner is sewn across, so that a depth stands: half of it in from the side, and half up from the bottom. */
const boxedCorners = (acrossMm: number, bottomMm: number, deepMm: number, up: 1 | -1): PieceMark[] =>
  deepMm <= 0
    ? []
    : ([-1, 1] as const).flatMap((side): PieceMark[] => {
        const [x, y] = [(side * acrossMm) / 2, bottomMm];
        const corner: [number, number] = [x - (side * deepMm) / 2, y + (up * deepMm) / 2];
        return [
          { kind: 'sew', from: [x, corner[1]], to: corner },
          { kind: 'sew', from: corner, to: [corner[0], y] },
        ];
      });

/** As many pieces as the bag has walls. */
function wallsOfDeep(wide: number, high: number, deep: number, seamMm: number, pouch: FittingInput['pouch']): Wall[] {
  if (pouch.kind === 'gusset') {
    const radius = Math.max(
      0,
      Math.min((pouch.figures.cornerRadius?.value ?? 0) - pouch.layers.fabricMm, wide / 2, high),
    );
    const roundMm = 2 * (high - radius) + (wide - 2 * radius) + Math.PI * radius;
    return [
      {
        id: 'front',
        copies: 2,
        seam: roundedBelow(wide, high, radius),
        hemAt: 'top',
        marks: [notch([0, 0], [0, -1], seamMm)],
      },
      {
        id: 'gusset',
        copies: 1,
        seam: rectangle(deep, roundMm),
        hemAt: 'both',
        marks: [notch([-deep / 2, roundMm / 2], [-1, 0], seamMm), notch([deep / 2, roundMm / 2], [1, 0], seamMm)],
      },
    ];
  }
  if (pouch.kind === 'side-bands')
    return [
      {
        id: 'body',
        copies: 1,
        seam: rectangle(wide, 2 * high + deep),
        hemAt: 'both',
        marks: [-1, 1].flatMap((side) =>
          [high, high + deep].map((y) => notch([(side * wide) / 2, y], [side, 0], seamMm)),
        ),
      },
      { id: 'band', copies: 2, seam: rectangle(deep, high), hemAt: 'top', marks: [notch([0, 0], [0, -1], seamMm)] },
    ];
  // A flat pouch whose corners are boxed: the corners are cut away instead of sewn across.
  const [across, along] = [wide + deep, 2 * high + deep];
  const [x, y] = [across / 2, along / 2];
  const half = deep / 2;
  return [
    {
      id: 'body',
      copies: 1,
      seam: [
        [-x, 0],
        [x, 0],
        [x, y - half],
        [x - half, y - half],
        [x - half, y + half],
        [x, y + half],
        [x, along],
        [-x, along],
        [-x, y + half],
        [-x + half, y + half],
        [-x + half, y - half],
        [-x, y - half],
      ],
      hemAt: 'both',
      marks: [],
    },
  ];
}

/** A wall with its allowances, and its sizes as figures. */
function asPattern(
  { id, copies, seam, hemAt, marks }: Wall,
  lining: DropInLining,
  sizes: DropInSizes,
  index: number,
  isAlone: boolean,
): LiningPattern {
  const { seamMm, stuff } = lining;
  // What does not fray is cut at its finished edge; what is sewn in by machine has a seam there as everywhere.
  const isTurned = lining.joined === 'by-machine';
  const hemMm = stuff === 'cloth' && !isTurned ? lining.hemMm : 0;
  const cut = cutLine(seam, { seamMm, hemMm, hemAt: isTurned ? 'none' : hemAt });
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
    ...{ id, copies, seam, cut, marks },
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
  if (lining.seamMm >= halfMm) {
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
