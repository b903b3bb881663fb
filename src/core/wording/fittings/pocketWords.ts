import { isOutside, linesWalls, type Pocket, type PocketKind, type PocketOf } from '@/core/design';
import {
  LOOP_ENDS_MM,
  type PocketOverlapProblems,
  type PocketOverlapRepairs,
  type PocketProblems,
  type PocketRepairs,
  type PocketStage,
} from '@/core/pocket';
import { nameAt } from '@/core/fittings';
import { shapedRows } from '@/core/shaping';
import { formatQuantity } from '../quantity';
import { turnedRowWords } from '../rowsText';
import type { Sentences } from '../sentence';
import { stepWords } from '../stepWords';
import type { FittingWords, WordedBag } from './words';

/** What is said of a kind of pocket. */
interface PocketNames {
  title: string;
  one: string;
  buys(stage: PocketStage, bag: WordedBag): string[];
  /** How it is cut, or worked. */
  make: string;
  made(stage: PocketStage, bag: WordedBag): string;
  sewn(stage: PocketStage, bag: WordedBag): string;
}

const by = ({ own: { cutWidth, cutHeight } }: PocketStage, { length }: WordedBag): string =>
  cutWidth && cutHeight ? `${length(cutWidth.value)} by ${length(cutHeight.value)}` : '';

const ofCloth = (stage: PocketStage, bag: WordedBag): string[] => [`Cloth for a pocket: ${by(stage, bag)}.`];

/** What is sewn round its sides and bottom, the upper edge left open. */
const ROUND =
  'Pin it, sew down one side, along the bottom and up the other, a few stitches back at both upper corners.';

const hemmed = (choice: PocketOf<'slip'> | PocketOf<'divided'>, stage: PocketStage, bag: WordedBag): string =>
  `${by(stage, bag)}, along the grain. Turn ${bag.length(choice.hemMm)} in at the upper edge and sew it; press ${bag.length(choice.seamMm)} under at the other three. Mind the hot iron.`;

const NAMES: { readonly [Kind in PocketKind]: PocketNames } = {
  slip: {
    title: 'Slip pocket',
    one: 'slip pocket',
    buys: ofCloth,
    make: 'Cut and hem the pocket',
    made: (stage, bag) => hemmed(stage.choice as PocketOf<'slip'>, stage, bag),
    sewn: () => ROUND,
  },
  divided: {
    title: 'Divided pocket',
    one: 'divided pocket',
    buys: ofCloth,
    make: 'Cut and hem the pocket',
    made: (stage, bag) => hemmed(stage.choice as PocketOf<'divided'>, stage, bag),
    sewn: ({ choice, measures }, { length }) => {
      const { parts } = choice as PocketOf<'divided'>;
      return `${ROUND} Then sew it down between its ${parts} parts, every ${length(measures.width.value / parts)}.`;
    },
  },
  zipped: {
    title: 'Zipped pocket',
    one: 'zipped pocket',
    buys: (stage, bag) => [
      ...ofCloth(stage, bag),
      ...(stage.own.zipper ? [`Zipper for the pocket, ${bag.length(stage.own.zipper.value)}: 1.`] : []),
    ],
    make: 'Cut the pocket and mark its slit',
    made: (stage, bag) =>
      `${by(stage, bag)}, along the grain; draw the slit on its wrong side, ${bag.length(stage.measures.width.value)} long.`,
    sewn: () =>
      'Lay it on the lining, right sides together, the slit where the pocket opens. Sew round the slit, cut along its middle and into its corners, take the cloth through to the wrong side and press it. Sew the zipper behind the slit. Turn the upper part down behind it and sew both parts of the pocket together at the sides and the bottom, not into the lining.',
  },
  crocheted: {
    title: 'Crocheted pocket outside',
    one: 'crocheted pocket',
    buys: () => [],
    make: 'Work the pocket',
    made: (stage, bag) =>
      `${workedText(stage)} It comes out at ${bag.length(stage.measures.width.value)} by ${bag.length(stage.measures.height.value)}.`,
    sewn: () =>
      'Pin it, whip it on with its own yarn down one side, along the bottom and up the other, row to row and stitch to stitch.',
  },
  vinyl: {
    title: 'Clear vinyl outside',
    one: 'vinyl pocket',
    buys: (stage, bag) => [`Clear vinyl for a pocket: ${by(stage, bag)}.`],
    make: 'Cut the vinyl and make its holes',
    made: (stage, bag) =>
      `${by(stage, bag)}. ${stage.own.holes ? formatQuantity(stage.own.holes.value, 'count', bag.design.settings.lengthUnit) : ''} holes, ${bag.length((stage.choice as PocketOf<'vinyl'>).holesInMm)} from the edge, by the printed piece, with a punch or an awl on a board. Keep fingers away from the point.`,
    sewn: () =>
      'Hold it with clips, not pins. Backstitch with the bag’s yarn from hole to hole, down one side, along the bottom and up the other; the upper edge stays open.',
  },
  loop: {
    title: 'Loop for a pen or a key',
    one: 'loop',
    buys: ({ measures, choice }, { length }) => [
      `Ribbon, or a strip of cloth folded to ${length((choice as PocketOf<'loop'>).heightMm)}: ${length((measures.girth?.value ?? 0) + 2 * LOOP_ENDS_MM)}.`,
    ],
    make: 'Cut the loop',
    made: ({ measures, choice }, { length }) =>
      `A strip ${length((measures.girth?.value ?? 0) + 2 * LOOP_ENDS_MM)} long, ${length((choice as PocketOf<'loop'>).heightMm)} wide once folded; ${length(LOOP_ENDS_MM)} of each end is turned under.`,
    sewn: ({ measures }, { length }) =>
      `Sew both ends down, ${length(measures.width.value)} apart, so that ${length(measures.girth?.value ?? 0)} stands free between them.`,
  },
};

/** How a worked pocket begins and how far it goes, as other parts of the bag's stitch are told. */
const workedText = ({ own: { stitches, rows }, chain }: PocketStage): string =>
  `In the bag’s stitch: ${chain > 0 ? `chain ${chain}, ` : ''}${stitches?.value ?? 0} stitches, ${rows?.value ?? 0} rows. Leave an end to sew with.`;

/** Where it lies: its wall, below the mouth, and from the middle. */
function whereText({ choice, measures }: PocketStage, { design, length }: WordedBag): string {
  const pocket: Pocket = choice;
  const on = isOutside(pocket) ? 'outside' : linesWalls(design) ? 'on the lining, its right side,' : 'inside';
  const aside =
    Math.abs(pocket.acrossMm) < 0.5
      ? 'in the middle'
      : `its middle ${length(Math.abs(pocket.acrossMm))} from the ${pocket.on}’s, ${pocket.acrossMm > 0 ? 'away from' : 'towards'} the edge that rows are counted from`;
  return `${pocket.on === 'front' ? 'Front' : 'Back'}, ${on} ${aside}: its upper edge ${length(pocket.fromMouthMm)} below the mouth, its lower ${length(pocket.fromMouthMm + measures.height.value)}.`;
}

const pocketWords = <Kind extends PocketKind>(
  kind: Kind,
): FittingWords<
  PocketStage<PocketOf<Kind>>,
  PocketProblems & PocketOverlapProblems,
  PocketRepairs & PocketOverlapRepairs
> => {
  const { title, one, buys, make, made, sewn } = NAMES[kind];
  const low = `${title.charAt(0).toLowerCase()}${title.slice(1)}`;
  return {
    title,
    add: `Put in a ${low}`,
    takeOff: `Take the ${one} out`,
    added: `${title} put in`,
    takenOff: `${title} taken out`,
    grip: { name: `${title}: below the mouth`, moved: `Move: ${title}` },
    worked: 'Pocket',
    workedLines: (stage) => [workedText(stage)],
    beside: {
      called: () => title,
      rows: ({ own }, _name, { design }) =>
        turnedRowWords(design, {
          from: 1,
          rows: shapedRows(
            own.stitches?.value ?? 0,
            Array<number>(own.rows?.value ?? 0).fill(own.stitches?.value ?? 0),
          ),
          startStitches: own.stitches?.value ?? 0,
          over: 'beginning',
        }),
    },
    materials: buys,
    steps: {
      [kind === 'crocheted' ? 'work-pocket' : 'cut-pocket']: (stage, bag) =>
        stepWords(make, `${holdsText(stage)}${made(stage, bag)}`),
      'sew-pocket': (stage, bag) =>
        stepWords(
          `Sew the ${one} on`,
          `${whereText(stage, bag)} ${sewn(stage, bag)}`,
          stage.held ? `${stage.held.thing.name} goes in and out.` : 'It lies flat.',
          isOutside(stage.choice)
            ? 'Afterwards the seam can’t be reached from inside.'
            : 'Once the lining is closed its wrong side can’t be reached.',
        ),
    },
    inspect: null,
    tickets: ({ at, measures: { width, height, girth }, own }) => {
      const mark = nameAt(at, 'pocket');
      const { cutWidth, cutHeight, stitches, rows, zipper, holes } = own;
      return [
        [width, height, girth, stitches, rows, holes].flatMap((figure) => (figure ? [{ figure, mark }] : [])),
        [cutWidth, cutHeight, zipper].flatMap((figure) => (figure ? [{ figure, mark }] : [])),
      ].filter((row) => row.length > 0);
    },
    quotes: {
      steps: {
        'cut-pocket': ['pocket.cutWidth', 'pocket.cutHeight', 'pocket.holes', 'pocket.girth'],
        'work-pocket': ['pocket.stitches', 'pocket.rows', 'pocket.width', 'pocket.height'],
        'sew-pocket': ['pocket.width', 'pocket.height', 'pocket.girth'],
      },
      materials: ['pocket.cutWidth', 'pocket.cutHeight', 'pocket.zipper', 'pocket.girth'],
      worked: ['pocket.stitches', 'pocket.rows'],
    },
    problems: PROBLEMS,
    repairs: REPAIRS,
  };
};

const holdsText = ({ held }: PocketStage): string => (held ? `For ${held.thing.name}. ` : '');

const PROBLEMS: Sentences<PocketProblems & PocketOverlapProblems> = {
  'pocket-no-wall': () => 'A bag of discs has no straight wall for a pocket to lie on: it is left out.',
  'pocket-needs-lining': () => 'A zipped pocket hides behind a lining, and the walls have none: it is left out.',
  'pocket-thing-gone': () => 'What this pocket was for is not on the list of what goes in any more.',
  'pocket-thing-elsewhere': () => 'All there is of what this pocket is for lies in other pockets already.',
  'pocket-below-base': (v, length) =>
    `The pocket reaches ${length(v.overMm)} too far down: it would bend over the base.`,
  'pocket-beyond-side': (v, length) =>
    `The pocket reaches ${length(v.overMm)} too far to the side for its seam to lie flat.`,
  'pocket-tight': (v, length, { thing = 'Its thing' }) =>
    `${thing} does not go into its pocket: it needs ${length(v.needsMm)} round it, and the pocket gives ${length(v.hasMm)}.`,
  'pocket-thing-above-mouth': (v, length, { thing = 'A thing' }) =>
    `${thing} stands ${length(v.aboveMm)} over the mouth, out of its pocket: nothing closes over it flat.`,
  'pocket-over': (v, length) =>
    v.isPocket
      ? `Two pockets lie on each other, by ${length(v.overMm)}.`
      : `The pocket lies over something that is set there, by ${length(v.overMm)}: it could not be opened, or sewn flat.`,
};
const REPAIRS: Sentences<PocketRepairs & PocketOverlapRepairs> = {
  'pocket-off': () => 'Leave the pocket out',
  'pocket-add-lining': () => 'Add a drop-in lining',
  'pocket-for-nothing': () => 'Keep it, for nothing on the list',
  'pocket-up': (v, length) => `Move it up to ${length(v.fromMouthMm)} below the mouth`,
  'pocket-lower': (v, length) => `Make it ${length(v.heightMm)} high`,
  'pocket-to-middle': () => 'Move it to the middle',
  'pocket-narrower': (v, length) => `Make it ${length(v.widthMm)} wide`,
  'pocket-as-thing': () => 'Make it as its thing needs it',
  'pocket-down': (v, length) => `Move it down to ${length(v.fromMouthMm)} below the mouth`,
  'pocket-below-it': (v, length) => `Move it down to ${length(v.fromMouthMm)} below the mouth`,
};

/** Words of every kind of pocket. */
export const POCKET_WORDS: {
  readonly [Kind in PocketKind]: FittingWords<
    PocketStage<PocketOf<Kind>>,
    PocketProblems & PocketOverlapProblems,
    PocketRepairs & PocketOverlapRepairs
  >;
} = {
  slip: pocketWords('slip'),
  divided: pocketWords('divided'),
  zipped: pocketWords('zipped'),
  crocheted: pocketWords('crocheted'),
  vinyl: pocketWords('vinyl'),
  loop: pocketWords('loop'),
};
