import { openSideRows } from '@/core/body';
import { usualFrame, type Frame } from '@/core/design';
import { GEOMETRY, MEMORY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { nameAt, pathOf, stageOf, type FittingInput, type FittingKind, type FittingStage } from '@/core/fittings';
import { isInRounds } from '@/core/pieces';
import { ownCodes, type Problem } from '@/core/problems';
import { FRAME_FULLNESS } from '@/core/defaults';
import { mouthOf, type Mouth } from './mouth';
import { mouthMarks } from './mouthMarks';

/** What is doubtful of a frame; lengths in mm, shares of one. */
export interface FrameProblems {
  'frame-too-wide': { frameMm: number; edgeMm: number };
  'frame-too-full': { share: number; mostShare: number };
  'frame-under-flap': object;
  'frame-arms-long': { armMm: number; sideMm: number };
  /** Its sides have no seam that could stay open. */
  'frame-without-seams': { rows: number };
}
export interface FrameRepairs {
  'frame-to': { widthMm: number };
  'frame-flap-off': object;
  'frame-arms-to': { armMm: number };
}

const ours = ownCodes<FrameProblems, FrameRepairs>();

export interface FrameStage extends FittingStage<Frame> {
  mouth: Mouth;
  figures: {
    /** Round one half of the frame, and round the edge that is sewn into it, mm. */
    channel: Figure;
    edge: Figure;
    fullness: Figure;
    /** Rows of each side that stay open for its arms. */
    open: Figure;
    /** What is sewn into one half: stitches of the edge and the ends of the open rows. */
    sewn: Figure;
    holes: Figure;
  };
}

/**
 * Length round one half of a frame, mm: across its top and down both arms, its corners rounded.
 * Source: geometry.
 *
 * @example
 * channelMm({ widthMm: 100, armMm: 40, radiusMm: 0 }) // => 180
 */
export const channelMm = ({ widthMm, armMm, radiusMm }: Pick<Frame, 'widthMm' | 'armMm' | 'radiusMm'>): number =>
  widthMm + 2 * armMm - (4 - Math.PI) * Math.min(radiusMm, armMm, widthMm / 2);

/** A metal frame that both edges of the mouth are sewn into, hole by hole. */
export const frame: FittingKind<Frame, FrameStage> = {
  usual: usualFrame,
  plan(choice, bag) {
    const { at } = bag;
    const mouth = mouthOf('frame', bag);
    const figures = figuresOf(choice, mouth, bag);
    const half = choice.widthMm / 2;
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice,
          at,
          closes: 'mouth',
          holds: [[-mouth.openingMm / 2, mouth.openingMm / 2]],
          marks: mouthMarks(
            'frame',
            [
              {
                acrossMm: -half,
                downMm: FRAME_MM / 2,
                form: () => ({ kind: 'line', toAcrossMm: choice.widthMm, toAlongMm: 0, wideMm: FRAME_MM }),
              },
            ],
            { face: 'outer', stuff: 'metal', standsMm: FRAME_MM },
            bag,
          ),
          steps: [{ name: 'sew-frame', after: ['blocked', 'joined', 'covered'], before: [], mark: 'frame' }],
          bought: 1,
          asked: [mouth.opening, ...(Object.values(figures) as Figure[])],
          problems: problemsOf(choice, figures, bag),
        }),
        mouth,
        figures,
      },
    };
  },
};

/** How thick the channel of a frame is, mm. From memory. */
const FRAME_MM = 7;

function figuresOf(
  choice: Frame,
  { opening, stitches, stitchMm }: Mouth,
  { gauge, pouch, at }: FittingInput,
): FrameStage['figures'] {
  const name = (id: string) => nameAt(at, `frame.${id}`);
  const rows = openSideRows({ closures: [choice], flap: { kind: 'none' } }, pouch);
  const open = makeFigure(name('open'), 'Rows of each side left open', rows, 'row', {
    rule: 'Length of an arm, divided by the row height, to the nearest: the side seams end there.',
    inputs: [input('Arm of the frame', choice.armMm, 'mm'), inputFrom(gauge.rowHeight)],
    source: GEOMETRY,
  });
  const edge = makeFigure(
    name('edge'),
    'Edge sewn into each half',
    stitches * stitchMm + 2 * rows * pouch.rowMm,
    'mm',
    {
      rule: 'The mouth from end to end, and the open rows at both sides.',
      inputs: [inputFrom(opening), inputFrom(open), inputFrom(gauge.rowHeight)],
      source: GEOMETRY,
    },
    opening.plusMinus,
  );
  const channel = makeFigure(name('channel'), 'Round one half of the frame', channelMm(choice), 'mm', {
    rule: 'Across its top and down both arms, less what rounded corners cut off.',
    inputs: [
      input('Frame, across', choice.widthMm, 'mm'),
      input('Its arms', choice.armMm, 'mm'),
      input('Radius of its corners', choice.radiusMm, 'mm'),
    ],
    source: GEOMETRY,
  });
  const sewn = makeFigure(name('sewn'), 'Stitches and row ends sewn into each half', stitches + 2 * rows, 'stitch', {
    rule: 'The stitches of the edge, and one for each open row at both sides.',
    inputs: [inputFrom(open)],
    source: GEOMETRY,
  });
  return {
    channel,
    edge,
    fullness: makeFigure(name('fullness'), 'Edge against the frame', edge.value / channel.value, 'ratio', {
      rule: `Length of the edge, divided by that round the frame. Usual: ${FRAME_FULLNESS.least} to ${FRAME_FULLNESS.most}; what is more than one is gathered.`,
      inputs: [inputFrom(edge), inputFrom(channel)],
      source: MEMORY,
    }),
    open,
    sewn,
    holes: makeFigure(name('holes'), 'Holes of each half', choice.holes, 'count', {
      rule: 'As you counted them. The stitches are spread over them from the middle of the top to both arms alike.',
      inputs: [input('Holes', choice.holes, 'count')],
      source: GEOMETRY,
    }),
  };
}

function problemsOf(choice: Frame, { edge, channel, fullness }: FrameStage['figures'], bag: FittingInput): Problem[] {
  const { at, flap, pouch, design, set } = bag;
  const { dropMm, widthMm, hemMm } = design.flap;
  const path = (field: string) => [...pathOf(at), field];
  const told = { severity: 'decide', place: 'closures', mark: nameAt(at, 'frame') } as const;
  const problems: Problem[] = [];
  // As wide as makes the edge a twentieth longer than the frame.
  const fitsMm = Math.floor(edge.value / 1.05 - (channel.value - choice.widthMm));
  const toFit =
    fitsMm >= 40 && fitsMm <= 400
      ? [
          ours.repair({
            code: 'frame-to',
            values: { widthMm: fitsMm },
            edits: [{ path: path('widthMm'), value: fitsMm }],
          }),
        ]
      : [];
  if (fullness.value < FRAME_FULLNESS.least)
    problems.push(
      ours.problem({
        code: 'frame-too-wide',
        path: path('widthMm'),
        asks: [edge.id, channel.id],
        values: { frameMm: channel.value, edgeMm: edge.value },
        repairs: toFit,
        ...told,
      }),
    );
  if (fullness.value > FRAME_FULLNESS.most)
    problems.push(
      ours.problem({
        code: 'frame-too-full',
        path: path('widthMm'),
        asks: [fullness.id],
        values: { share: fullness.value - 1, mostShare: FRAME_FULLNESS.most - 1 },
        repairs: toFit,
        ...told,
      }),
    );
  const sideMm = Math.min(pouch.frontRows, pouch.backRows) * pouch.rowMm;
  if (choice.armMm > sideMm / 2)
    problems.push(
      ours.problem({
        code: 'frame-arms-long',
        path: path('armMm'),
        values: { armMm: choice.armMm, sideMm },
        repairs:
          sideMm / 2 >= 10
            ? [
                ours.repair({
                  code: 'frame-arms-to',
                  values: { armMm: Math.floor(sideMm / 2) },
                  edits: [{ path: path('armMm'), value: Math.floor(sideMm / 2) }],
                }),
              ]
            : [],
        ...told,
      }),
    );
  if (set.pieces.some(isInRounds) && !flap.hasFlap)
    problems.push(
      ours.problem({
        code: 'frame-without-seams',
        path: pathOf(at),
        asks: [nameAt(at, 'frame.open')],
        values: { rows: openSideRows({ closures: [choice], flap: { kind: 'none' } }, pouch) },
        repairs: [],
        ...told,
        severity: 'mind',
      }),
    );
  if (flap.hasFlap)
    problems.push(
      ours.problem({
        code: 'frame-under-flap',
        path: pathOf(at),
        values: {},
        repairs: [
          ours.repair({
            code: 'frame-flap-off',
            values: {},
            edits: [{ path: ['flap'], value: { kind: 'none', dropMm, widthMm, hemMm } }],
          }),
        ],
        ...told,
      }),
    );
  return problems;
}
