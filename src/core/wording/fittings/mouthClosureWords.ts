import { END_TASSEL } from '@/core/closure';
import type {
  DrawstringProblems,
  DrawstringRepairs,
  DrawstringStage,
  FrameProblems,
  FrameRepairs,
  FrameStage,
  HungProblems,
  HungRepairs,
  LoopProblems,
  LoopRepairs,
  LoopStage,
  PartSewnProblems,
  PartSewnRepairs,
  PartSewnStage,
  SlipsOutProblems,
  SlipsOutRepairs,
  ZipperProblems,
  ZipperRepairs,
  ZipperStage,
} from '@/core/closure';
import { linesWalls } from '@/core/design';
import type { ButtonLoop, ToggleLoop } from '@/core/design';
import { nameAt, type FittingStage } from '@/core/fittings';
import { ordinal, percent } from '../counting';
import { listed } from '../joinText';
import { formatQuantity } from '../quantity';
import { spotsText } from '../placeText';
import { spreadText } from '../spreadText';
import { stepWords } from '../stepWords';
import { UNDER_EDGE, UNDER_EDGE_REPAIRS } from './cautionWords';
import { waysByThread, waysInRow, waysZipper } from './waysOut';
import type { FittingWords, Ticket, WordedBag } from './words';

const size = ({ design }: WordedBag, mm: number): string => formatQuantity(mm, 'mm', design.settings.lengthUnit);
const marked = (stage: FittingStage, mark: string, figures: readonly (Ticket['figure'] | null)[]): Ticket[] =>
  figures.flatMap((figure) => (figure ? [{ figure, mark: nameAt(stage.at, mark) }] : []));

export const zipperWords: FittingWords<ZipperStage, ZipperProblems, ZipperRepairs> = {
  title: 'Zipper',
  add: 'Put a zipper in',
  takeOff: 'Take the zipper out',
  added: 'Zipper put in',
  takenOff: 'Zipper taken out',
  grip: null,
  worked: '',
  materials: ({ figures: { bought, other } }, bag) => [
    `Zipper, ${size(bag, bought.value)} from stop to stop${other ? ` (or ${size(bag, other.value)})` : ''}; sewing thread.`,
  ],
  steps: {
    'sew-zipper': ({ choice, figures, mouth }, bag) => {
      const { length, clear, marks, stitches, bought } = figures;
      const middle = 'Lay the middle of the zipper on the middle of the edge and work from there to both ends.';
      const spread = `Mark each tape every ${size(bag, choice.pitchMm)}: ${marks.value} backstitches over ${stitches.value} stitches of the edge, ${spreadText(stitches.value, marks.value, { place: 'mark' })}.`;
      const shorten =
        bought.value > length.value + 0.5
          ? ` Yours is longer: sew a stop across its teeth, ${size(bag, length.value)} from the lower one, and cut it off 2 cm beyond.`
          : '';
      const ends = `${size(bag, clear.value)} of the mouth are left at each end`;
      if (choice.joined === 'lining' && linesWalls(bag.design))
        return stepWords(
          'Sew the zipper to the lining',
          `Open it, right side to the wrong side of the lining’s edge: it is pressed under and sewn along both tapes first; the crochet is sewn to it when the lining goes in. ${middle} ${ends}.${shorten} Then, to join the crochet: ${lower(spread)}`,
          'It opens and closes without catching; both ends of the mouth are equal.',
          'Once the lining is in, its tapes can’t be sewn to it but by hand from outside.',
          waysZipper(bag),
        );
      return stepWords(
        choice.joined === 'tabs' ? 'Sew the zipper in, with a tab at each end' : 'Sew the zipper into the mouth',
        `${choice.joined === 'tabs' ? `A tab of cloth, folded, over each end of the tapes, as long as what is left of the mouth (${size(bag, clear.value)}), so that it reaches from end to end. ` : ''}Closed, face up, under the front’s edge, the teeth clear of the stitches; then the other tape ${bag.plan.flap.onPiece ? 'inside along the back’s upper edge, where the flap begins' : 'under the back’s'}. ${middle} ${spread}${choice.joined === 'tabs' ? '' : ` ${ends}: turn the ends of the tapes under.`}${shorten}`,
        `It opens and closes without catching; the mouth, ${size(bag, mouth.openingMm)} long, does not ripple.`,
        'Once the sides are joined, its ends are hard to reach.',
        waysZipper(bag),
      );
    },
  },
  inspect: 'zipper runs',
  tickets: (stage) => [
    marked(stage, 'zipper', [stage.mouth.opening, stage.figures.length, stage.figures.other, stage.figures.clear]),
    marked(stage, 'zipper', [stage.figures.marks, stage.figures.stitches]),
  ],
  quotes: {
    steps: {
      'sew-zipper': [
        'zipper.length',
        'zipper.clear',
        'zipper.marks',
        'zipper.stitches',
        'zipper.opening',
        'zipper.bought',
      ],
    },
    materials: ['zipper.bought', 'zipper.other'],
    worked: [],
  },
  problems: {
    'zipper-over-opening': (v, length) =>
      `The zipper is ${length(v.lengthMm)} long, and the mouth ${length(v.openingMm)}. It is planned shortened by a stop; a shorter one is easier.`,
    'zipper-none-so-short': (v, length) =>
      `The mouth is ${length(v.openingMm)} from end to end: no zipper is sold so short. It is left out.`,
    'zipper-without-lining': () =>
      'The zipper is to be sewn to the lining, and this bag has none. It is planned into the mouth itself.',
  },
  repairs: {
    'zipper-as-fits': () => 'Take the longest that fits',
    'zipper-to-mouth': () => 'Sew it into the mouth itself',
  },
};

/** What the ends of cords have. */
const ENDS: Readonly<Record<DrawstringStage['choice']['ends'], string>> = {
  knots: 'Seal the ends of the cord, or knot them.',
  beads: 'A small bead on each end, and a knot behind it.',
  tassels: `On each end a tassel: ${END_TASSEL.wraps} wraps round a card, the cord’s end tied in.`,
};

export const drawstringWords: FittingWords<DrawstringStage, DrawstringProblems, DrawstringRepairs> = {
  title: 'Drawstring',
  add: 'Put a drawstring in',
  takeOff: 'Take the drawstring out',
  added: 'Drawstring put in',
  takenOff: 'Drawstring taken out',
  grip: { name: 'Cord, below the edge', moved: 'Move: Cord' },
  worked: '',
  materials: ({ choice, figures, path }, bag) => [
    `Cord, ${size(bag, choice.cordMm)} thick: ${choice.cords === 2 ? '2 pieces of ' : ''}${size(bag, figures.cord.value)}.`,
    ...(choice.ends === 'beads'
      ? [`Small beads for the ends, with a hole of ${size(bag, choice.cordMm + 0.5)}: ${2 * choice.cords}.`]
      : []),
    ...(choice.through === 'eyelets' ? [`Eyelets that the cord passes: ${path.length}.`] : []),
    ...(choice.closedBy === 'bead' ? [`Bead with a hole of ${size(bag, choice.beadHoleMm)}: ${choice.cords}.`] : []),
  ],
  steps: {
    'set-eyelets': ({ path, row }) =>
      stepWords(
        'Set the eyelets',
        `In row ${row}, through the crochet alone: ${path.length} of them, ${passText(path)}. Part the stitches, do not cut them. Eyelets are set with a punch: mind your fingers and what lies beneath.`,
        'As many before the middle of the front as after it.',
      ),
    'work-casing': ({ figures: { casingStitches, casingLength }, choice }, bag) =>
      stepWords(
        'Work the casing',
        `${choice.cords === 2 ? 'Two strips' : 'A strip'} ${casingStitches?.value ?? 0} stitches wide in the bag’s plain stitch, ${choice.cords === 2 ? `${size(bag, (casingLength?.value ?? 0) / 2)} long each` : `${size(bag, casingLength?.value ?? 0)} long`}, a tail to sew with.`,
        'Laid along the row inside, from one side of the gap to the other, it neither draws nor ripples.',
      ),
    'sew-casing': ({ row, choice }) =>
      stepWords(
        'Sew the casing on inside',
        `Along row ${row}, its middle on the row, on the inner face${choice.cords === 2 ? ', one strip from the middle of the front to the middle of the back on each side' : ', from the middle of the front round to the middle of the front'}: sew both long edges, through half of the stitches, so that nothing shows outside; leave the ends open.`,
        'The cord’s thickness can be pushed through from end to end.',
      ),
    'thread-cord': ({ choice, path, row, figures }, bag) => {
      const half = Math.floor((path[0] as number) / 2);
      const second =
        choice.cords === 2
          ? ' The second cord starts and ends at the middle of the back, through the same places: where one lies outside the other lies inside.'
          : '';
      const ends = `${ENDS[choice.ends]} Each end is ${size(bag, figures.open.value)} long, open`;
      const tied = choice.closedBy === 'bow' ? 'tie a bow' : 'thread both ends through the bead';
      const check = `Drawn together, each end is about ${size(bag, figures.closed.value)}; both leave at the middle of the front.`;
      if (choice.through === 'casing')
        return stepWords(
          'Draw the cord in',
          `Row ${row}: part the stitches at the middle of the front, go in through one gap of the casing, with a safety pin at the end, all round inside, and out through the other${choice.cords === 2 ? '; the second cord from the middle of the back, likewise' : ''}. ${tied.charAt(0).toUpperCase()}${tied.slice(1)}. ${ends}.`,
          check,
        );
      return stepWords(
        'Draw the cord in',
        `Row ${row}, from the middle of the front: go in ${half === 0 ? 'there' : `after ${half} ${half === 1 ? 'stitch' : 'stitches'}`}, and in and out in turn ${passText(path)}, and come out as far before the middle on the other side. ${figures.passes.value} times through.${second} ${tied.charAt(0).toUpperCase()}${tied.slice(1)}. ${ends}.`,
        check,
      );
    },
  },
  inspect: 'cord runs, its ends secured',
  tickets: (stage) => [
    marked(stage, 'cord', [stage.figures.row, stage.figures.passes, stage.figures.round]),
    marked(stage, 'cord', [stage.figures.cord, stage.figures.open, stage.figures.closed]),
    ...(stage.figures.casingStitches
      ? [marked(stage, 'cord.casing', [stage.figures.casingStitches, stage.figures.casingLength])]
      : []),
  ],
  quotes: {
    steps: {
      'set-eyelets': ['cord.row', 'cord.passes'],
      'thread-cord': ['cord.row', 'cord.passes', 'cord.open', 'cord.closed', 'cord.round', 'cord.tassels'],
      'work-casing': ['cord.casing', 'cord.casingLength', 'cord.casingFabric'],
      'sew-casing': ['cord.row'],
    },
    materials: ['cord.length', 'cord.passes'],
    worked: [],
  },
  problems: {
    'cord-no-row': () =>
      'The mouth of a round purse lies along two rims: no row runs round it that a cord could lie in. It is left out.',
    'cord-few-stitches': (v) =>
      `The row has ${v.stitches} stitches all round: too few to go in and out between. It is left out.`,
    'cord-below-face': (v) =>
      `${v.belowRows} rows down is below the middle of the bag: what is above it would hang over. ${v.mostRows} is the most that draws it together well.`,
    'cord-too-thick': (v, length) =>
      `A cord of ${length(v.cordMm)} does not pass between stitches of ${length(v.stitchMm)} without pulling them apart.`,
    'bead-slips': (v, length) =>
      `Two strands run freely through a hole of ${length(v.holeMm)}: over ${length(v.mostMm)} nothing holds.`,
    'bead-too-tight': (v, length) =>
      `Two strands hardly go through a hole of ${length(v.holeMm)}: ${length(v.leastMm)} is the least.`,
    'long-cords': () =>
      'Long cords can strangle: not on things for young children, nor where they hang over a cot. Follow your local rules.',
  },
  repairs: {
    'cord-below-to': (v) => `Set it ${v.belowRows} rows below the edge`,
    'cord-through-eyelets': () => 'Lead it through eyelets',
    'cord-through-casing': () => 'Lead it through a casing',
    'bead-hole-to': (v, length) => `Take a bead with a hole of ${length(v.holeMm)}`,
    'take-cord-out': () => 'Take the drawstring out',
  },
};

/** From one pass to the next: what most gaps are, then the others, by which of them they are. */
function passText(path: readonly number[]): string {
  const gaps = path.slice(1);
  const counts = [...new Set(gaps)].sort(
    (a, b) => gaps.filter((gap) => gap === b).length - gaps.filter((gap) => gap === a).length,
  );
  const [most, ...others] = counts;
  const places = (count: number) => listed(gaps.flatMap((gap, index) => (gap === count ? [ordinal(index + 1)] : [])));
  return `every ${most} stitches${others.map((count) => `, but ${count} at the ${places(count)}`).join('')}`;
}

export const frameWords: FittingWords<FrameStage, FrameProblems, FrameRepairs> = {
  title: 'Metal frame',
  add: 'Put a metal frame on',
  takeOff: 'Take the frame off',
  added: 'Frame put on',
  takenOff: 'Frame taken off',
  grip: null,
  worked: '',
  materials: ({ choice }, bag) => [
    `Metal frame with holes, ${size(bag, choice.widthMm)} from hinge to hinge, arms of ${size(bag, choice.armMm)}: 1; strong thread in the colour of the yarn.`,
  ],
  steps: {
    'sew-frame': ({ figures: { open, sewn, holes, edge, channel } }, bag) =>
      stepWords(
        'Sew the frame in',
        `The side seams end ${formatQuantity(open.value, 'row', 'cm')} below the mouth: a marker there on both sides. Push the front’s edge into the channel of one half, its middle to the middle of the top, its ends to the hinges, and baste it. Backstitch from the middle to either end: ${sewn.value} stitches and row ends over ${holes.value} holes, ${spreadText(sewn.value, holes.value, { place: 'hole' })}; ${size(bag, edge.value)} of edge to ${size(bag, channel.value)} of frame. Then the back into the other half, alike.`,
        'As many on both sides of the middle; the hinges free, nothing caught between the halves. Mind your fingers where it snaps shut.',
      ),
  },
  inspect: 'frame closes',
  tickets: (stage) => [
    marked(stage, 'frame', [stage.mouth.opening, stage.figures.channel, stage.figures.edge, stage.figures.fullness]),
    marked(stage, 'frame', [stage.figures.open, stage.figures.sewn, stage.figures.holes]),
  ],
  quotes: {
    steps: { 'sew-frame': ['frame.open', 'frame.sewn', 'frame.holes', 'frame.edge', 'frame.channel'] },
    materials: [],
    worked: [],
  },
  problems: {
    'frame-too-wide': (v, length) =>
      `Round one half of the frame are ${length(v.frameMm)}, and the edge that goes into it is ${length(v.edgeMm)}: it is too short. Take a narrower frame, or make the bag wider.`,
    'frame-too-full': (v) =>
      `The edge is ${percent(v.share)} longer than the frame: more than ${percent(v.mostShare)} is hard to gather into its channel.`,
    'frame-without-seams': (v) =>
      `The sides are worked in rounds, without a seam that could stay open: for the arms of the frame work the last ${v.rows} rounds as rows, front and back each on its own.`,
    'frame-under-flap': () =>
      'A frame closes an open mouth, and this bag has a flap over it. Take the flap off, or the frame.',
    'frame-arms-long': (v, length) =>
      `Arms of ${length(v.armMm)} reach below the middle of sides that are ${length(v.sideMm)} high: what is in the bag falls out at the sides when it is opened.`,
  },
  repairs: {
    'frame-to': (v, length) => `Take a frame of ${length(v.widthMm)}`,
    'frame-flap-off': () => 'Leave the bag open, without the flap',
    'frame-arms-to': (v, length) => `Take one with arms of ${length(v.armMm)}`,
  },
};

export const partSewnWords: FittingWords<
  PartSewnStage,
  PartSewnProblems & SlipsOutProblems,
  PartSewnRepairs & SlipsOutRepairs
> = {
  title: 'Part-sewn mouth',
  add: 'Sew the mouth up from both sides',
  takeOff: 'Leave the mouth open',
  added: 'Mouth sewn up in part',
  takenOff: 'Mouth left open',
  grip: null,
  worked: '',
  materials: () => [],
  steps: {
    'sew-up-mouth': ({ figures: { stitches, left } }, bag) =>
      stepWords(
        'Sew up the mouth from both sides',
        `From each end of the mouth ${formatQuantity(stitches.value, 'stitch', 'cm')}, front to back, stitch by stitch, a marker in the last one on either side first; ${size(bag, left.value)} are left in the middle. Sew the last stitch three times.`,
        'As many stitches from both ends; a hand goes in.',
      ),
  },
  inspect: null,
  tickets: (stage) => [marked(stage, 'sewnUp', [stage.mouth.opening, stage.figures.stitches, stage.figures.left])],
  quotes: {
    steps: { 'sew-up-mouth': ['sewnUp.stitches', 'sewnUp.left', 'sewnUp.opening'] },
    materials: [],
    worked: [],
  },
  problems: {
    'slips-out': (v, length, { thing }) =>
      `${thing} can slip out: ${length(v.gapMm)} of the mouth have nothing that holds them together, and it is ${length(v.roundMm)} round.`,
    'mouth-left-small': (v, length) =>
      `${length(v.leftMm)} of the mouth are left: a hand needs about ${length(v.handMm)}.`,
  },
  repairs: {
    'closures-two': () => 'Set two, a quarter in from each side',
    'sew-up': (v, length) => `Sew up ${length(v.sewnMm)} from each side`,
  },
};

interface LoopNames {
  prefix: string;
  title: string;
  noun: string;
  size: string;
}

const loopWords = <Choice extends ButtonLoop | ToggleLoop>({
  prefix,
  title,
  noun,
  size: sized,
}: LoopNames): FittingWords<LoopStage<Choice>, LoopProblems & HungProblems, LoopRepairs & HungRepairs> => {
  const across = (choice: ButtonLoop | ToggleLoop): number =>
    choice.kind === 'button-loop' ? choice.diameterMm : choice.lengthMm;
  return {
    title,
    add: `Put a ${noun} and a loop on`,
    takeOff: `Take the ${noun} and its loop off`,
    added: `${title} put on`,
    takenOff: `${title} taken off`,
    grip: { name: `${title}: below the edge`, moved: `Move: ${title}` },
    worked: '',
    materials: ({ choice, spots }, bag) => [
      `${noun.charAt(0).toUpperCase()}${noun.slice(1)}, ${size(bag, across(choice))} ${sized}: ${spots.length}.`,
    ],
    steps: {
      [`work-${prefix}`]: ({ choice, figures, spots, fromFlap }, bag) => {
        const edge = fromFlap ? 'the flap’s edge' : 'the back’s upper edge';
        const where = spotsText(
          spots.map(({ edgePlace }) => edgePlace),
          spots[0]?.edgeStitches ?? 0,
        );
        const loose = Math.max(figures.looseLoaded.value, figures.looseEmpty.value);
        const fit = `It reaches ${size(bag, figures.reachLoaded.value)} loaded and ${size(bag, figures.reachEmpty.value)} empty, loose by ${size(bag, loose)} at most.`;
        return choice.made === 'last-row'
          ? stepWords(
              'Leave the loop in the last row',
              `In the last row at ${edge}, ${where}: chain ${figures.chains.value} and go on in the same stitch. ${fit} Try it on the ${noun} before you go on.`,
              null,
              'Once the row is done, a loop can only be joined on.',
              waysInRow('loop', 1),
            )
          : stepWords(
              'Join the loop on',
              `At ${edge}, ${where}: join the yarn, chain ${figures.chains.value}, sl st into the same place; a row of sl sts back along the chains makes it firm. ${fit}`,
              `It passes over the ${noun} with a little force.`,
            );
      },
      [`sew-${prefix}`]: ({ spots, figures }, bag) => {
        const where = spotsText(
          spots.map(({ place }) => place),
          spots[0]?.ofStitches ?? 0,
        );
        return stepWords(
          `Sew the ${noun} on`,
          `Front, outer face: row ${figures.row.value}, ${size(bag, figures.down.value)} from the top edge, ${where}. Sew it on firmly, ${prefix === 'loop' ? 'on a shank as long as the loop is thick' : 'at its middle'}.`,
          'Laid over, the loop lands on it, empty and full.',
          linesWalls(bag.design) ? 'Once the lining is on, the knots have to be hidden under the stitches.' : null,
          waysByThread(bag),
        );
      },
    },
    inspect: 'loop holds',
    tickets: (stage) => [
      marked(stage, prefix, [stage.figures.row, stage.figures.down]),
      marked(stage, `${prefix}.loop`, [
        stage.figures.chains,
        stage.figures.reachLoaded,
        stage.figures.reachEmpty,
        stage.figures.looseLoaded,
        stage.figures.looseEmpty,
      ]),
    ],
    quotes: {
      steps: {
        [`work-${prefix}`]: ['chains', 'reach.loaded', 'reach.empty', 'loose.loaded', 'loose.empty'].map(
          (one) => `${prefix}.${one}`,
        ),
        [`sew-${prefix}`]: [`${prefix}.row`, `${prefix}.down`],
      },
      materials: [],
      worked: [],
    },
    problems: {
      ...UNDER_EDGE,
      'loop-off-front': (v, length) =>
        `What the loop is passed over would sit ${length(v.downMm)} down, on the bend at the base: the front is flat for ${length(v.flatFrontMm)}.`,
      'loop-slips': (v, length) =>
        `${v.isEmpty ? 'Empty' : 'Loaded'}, the loop is loose by ${length(v.looseMm)}, more than what it is passed over is wide (${length(2 * v.farMm)}): it slips off by itself. A flap that comes down alike, or a second one, helps.`,
    },
    repairs: { ...UNDER_EDGE_REPAIRS, 'loop-below-to': (v, length) => `Set it ${length(v.belowMm)} below the edge` },
  };
};

export const buttonLoopWords = loopWords<ButtonLoop>({
  prefix: 'loop',
  title: 'Button and loop',
  noun: 'button',
  size: 'across',
});
export const toggleLoopWords = loopWords<ToggleLoop>({
  prefix: 'toggle',
  title: 'Toggle and loop',
  noun: 'toggle',
  size: 'long',
});

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
