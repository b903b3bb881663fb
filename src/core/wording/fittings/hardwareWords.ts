import { linesWalls } from '@/core/design';
import type { HardwareKind, HardwareOf } from '@/core/design';
import { nameAt } from '@/core/fittings';
import type { HardwareProblems, HardwareRepairs, HardwareStage } from '@/core/hardware';
import type { ReachProblems, ReachRepairs } from '@/core/fittings';
import { rowWord, spotsText } from '../placeText';
import { formatQuantity } from '../quantity';
import type { Sentences } from '../sentence';
import { stepWords, type WayOut } from '../stepWords';
import { REACHES, REACH_REPAIRS } from './cautionWords';
import { waysByThread, waysInRow, waysThrough } from './waysOut';
import type { FittingWords, WordedBag } from './words';

const size = ({ design }: WordedBag, mm: number): string => formatQuantity(mm, 'mm', design.settings.lengthUnit);

type Stage<Kind extends HardwareKind = HardwareKind> = HardwareStage<HardwareOf<Kind>>;

interface HardwareNames<Kind extends HardwareKind> {
  title: string;
  /** Within a sentence, one and many. */
  one: string;
  many: string;
  buys(choice: HardwareOf<Kind>, count: number, bag: WordedBag): string[];
  /** How it is set, after its place. */
  set(stage: Stage<Kind>, bag: WordedBag): string;
  check: string | null;
}

/** A ring, by how it is held. */
const RING_HELD: Readonly<Record<Stage['held'], string>> = {
  seam: 'Lay it between both edges, its straight side in, and sew the seam over it six times, doubled, before you go on.',
  tab: 'Fold the tab round it, lay both ends on each other and sew them down in a box with a cross, twice round, with doubled thread.',
  'worked-in': '',
  sewn: 'Sew over it six times with doubled thread, under a whole stitch each time, not under single strands.',
  through: '',
};

const NAMES: { readonly [Kind in HardwareKind]: HardwareNames<Kind> } = {
  ring: {
    title: 'Rings',
    one: 'ring',
    many: 'rings',
    buys: ({ shape, insideMm, wireMm }, count, bag) => [
      `${shape === 'd' ? 'D-ring' : 'Ring'}, welded shut, ${size(bag, insideMm)} inside, wire ${size(bag, wireMm)}: ${count}.`,
    ],
    set: (stage) =>
      stage.held === 'worked-in'
        ? `In this row work a sl st round the ring in place of the stitch there${stage.choice.shape === 'd' ? ', its straight side down' : ''}; it counts as that stitch: in the next row work into it, and count the row.`
        : RING_HELD[stage.held],
    check: 'Both at the same height; pulled hard by hand, nothing gives.',
  },
  rivet: {
    title: 'Rivets',
    one: 'rivet',
    many: 'rivets',
    buys: ({ headMm, shankMm }, count, bag) => [
      `Rivet, head ${size(bag, headMm)}, shank ${size(bag, shankMm)}: ${count}. Leather or felt for behind: ${count} scraps.`,
    ],
    set: (_, { design }) =>
      `Part the stitches with an awl, do not cut them. Cap outside, a scrap of leather behind, the other half through it${linesWalls(design) ? '; the lining comes over it' : ''}; one straight blow on the setter, on a hard base.`,
    check: 'It does not turn.',
  },
  eyelet: {
    title: 'Eyelets',
    one: 'eyelet',
    many: 'eyelets',
    buys: ({ holeMm, rimMm, barrelMm }, count, bag) => [
      `Eyelet with its washer, hole ${size(bag, holeMm)}, ${size(bag, holeMm + 2 * rimMm)} across, barrel ${size(bag, barrelMm)}: ${count}.`,
    ],
    set: () =>
      'Part the stitches with an awl until the barrel goes through, do not cut them; a ring of felt behind. Barrel from outside, washer inside, and flare it with its setter.',
    check: 'Its rim lies on whole stitches all round.',
  },
  clasp: {
    title: 'Swivel clasp',
    one: 'clasp',
    many: 'clasps',
    buys: ({ insideMm, lengthMm }, count, bag) => [
      `Swivel clasp, eye ${size(bag, insideMm)} inside, ${size(bag, lengthMm)} long: ${count}.`,
    ],
    set: () => RING_HELD.tab,
    check: 'It turns freely and closes by itself.',
  },
  'handle-plate': {
    title: 'Handle plates',
    one: 'plate',
    many: 'plates',
    buys: ({ widthMm, heightMm, holes }, count, bag) => [
      `Plate for a ready-made handle, ${size(bag, widthMm)} by ${size(bag, heightMm)}, ${holes} holes: ${count}; waxed thread.`,
    ],
    set: ({ choice }) =>
      `Baste it on, then backstitch through all ${choice.holes} holes, three times through each, with a piece of felt behind.`,
    check: 'All at the same height; pulled hard by hand, nothing gives.',
  },
};

/** Where it is set: the face, its row, how far from the edge, and the places along the row. */
function whereText({ choice, figures, spots }: Stage, bag: WordedBag): string {
  const [first] = spots;
  if (!first) return '';
  const row = `row ${figures.row.value}, ${size(bag, figures.down.value)} from ${choice.on === 'flap' ? 'the flap’s' : 'the upper'} edge`;
  if (choice.on === 'sides') return `Both sides, at the front’s ${row}.`;
  const face = { front: 'Front', back: 'Back', flap: 'Flap' }[choice.on];
  const places = spotsText(
    spots.map(({ place }) => place),
    first.ofStitches,
  );
  return `${face}, outer face: ${row}, ${places}.`;
}

/** What it costs where it was forgotten; nothing where it can still be set. */
function notLater({ held, figures }: Stage, bag: WordedBag): { why: string | null; ways: WayOut[] } {
  const lined = linesWalls(bag.design);
  switch (held) {
    case 'worked-in':
      return {
        why: 'Once the row is worked it can only be sewn on.',
        ways: waysInRow('ring', Math.max(1, Math.abs(bag.plan.pouch.frontRows - figures.row.value) + 1)),
      };
    case 'through':
      return {
        why: lined
          ? 'Once the lining is on, its back can only be reached by cutting.'
          : 'Once the sides are joined, there is no room for setter and hammer.',
        ways: waysThrough(bag),
      };
    case 'seam':
      return { why: 'Once the seam is sewn it has to be opened there.', ways: waysThrough(bag) };
    default:
      return lined
        ? { why: 'Once the lining is on, the knots have to be hidden under the stitches.', ways: waysByThread(bag) }
        : { why: null, ways: [] };
  }
}

const hardwareWords = <Kind extends HardwareKind>(
  kind: Kind,
): FittingWords<Stage<Kind>, HardwareProblems & ReachProblems, HardwareRepairs & ReachRepairs> => {
  const { title, one, many, buys, set, check }: HardwareNames<Kind> = NAMES[kind];
  const lower = `${title.charAt(0).toLowerCase()}${title.slice(1)}`;
  return {
    title,
    add: `Put ${kind === 'clasp' ? `a ${lower}` : lower} on`,
    takeOff: `Take the ${lower} off`,
    added: `${title} put on`,
    takenOff: `${title} taken off`,
    grip: { name: `${title}: from the edge`, moved: `Move: ${title}` },
    worked: '',
    inRows: (stage) => {
      const [first] = stage.spots;
      if (!first || stage.held !== 'worked-in' || stage.choice.on === 'sides') return [];
      const { piece } = stage.marks[0] ?? {};
      if (piece === undefined || rowWord(piece, 1) === 'round') return [];
      return [
        {
          piece,
          row: first.row,
          says: `the ${stage.spots.length === 1 ? one : many}, ${spotsText(
            stage.spots.map(({ place }) => place),
            first.ofStitches,
          )}: a sl st round it in place of a stitch; in the next row it is worked into as one.`,
        },
      ];
    },
    materials: ({ choice, spots }, bag) => buys(choice, spots.length, bag),
    steps: {
      [`make-${kind}-tab`]: ({ spots, figures: { tabStitches, tabRows } }) =>
        stepWords(
          spots.length === 1 ? `Work the tab of the ${one}` : `Work the tabs of the ${many}`,
          `${spots.length === 1 ? 'A strip' : `${spots.length} strips`} in the bag’s plain stitch: ${tabStitches?.value ?? 0} stitches, ${tabRows?.value ?? 0} rows; a tail to sew with.`,
        ),
      [`set-${kind}`]: (stage, bag) => {
        const { why, ways } = notLater(stage, bag);
        return stepWords(
          `Set the ${stage.spots.length === 1 ? one : many}`,
          `${whereText(stage, bag)} ${set(stage, bag)}`,
          check,
          why,
          ways,
        );
      },
    },
    inspect: `${many} hold`,
    tickets: ({ figures, at }) => {
      const mark = nameAt(at, kind);
      const { row, down, across, through, tabStitches, tabRows } = figures;
      const shown = (all: (typeof row | null)[]) => all.flatMap((figure) => (figure ? [{ figure, mark }] : []));
      return [shown([row, down, across]), shown([through, tabStitches, tabRows])].filter((all) => all.length > 0);
    },
    quotes: {
      steps: {
        [`set-${kind}`]: ['row', 'down', 'across', 'through', 'count'].map((name) => `${kind}.${name}`),
        [`make-${kind}-tab`]: [
          ...['tabStitches', 'tabRows', 'count'].map((name) => `${kind}.${name}`),
          'hardware.tabs',
        ],
      },
      materials: [`${kind}.count`],
      worked: [],
    },
    problems: { ...REACHES, ...PROBLEMS },
    repairs: { ...REACH_REPAIRS, ...REPAIRS },
  };
};

const PROBLEMS: Sentences<HardwareProblems> = {
  'hardware-no-place': (v) =>
    v.onFlap
      ? 'This bag has no flap that goes on from its back for it to sit on: it is left out.'
      : 'It has no row to sit on here, as on discs: it is left out.',
  'hardware-no-seam': () => 'No seam runs where it is set, to be caught in: it is planned in a tab.',
  'hardware-crowded': (v, length) =>
    `So many beside each other need ${length(v.neededMm)}, and the row is ${length(v.hasMm)} wide.`,
  'hardware-over-base': (v, length) =>
    `It reaches ${length(v.neededMm)} down, and ${length(v.hasMm)} are flat below it: it lies on the bend at the base.`,
  'set-with-tools': () =>
    'Punch, awl, setter and hammer: a hard base, fingers away, eyes covered, and not beside children. What bears weight is set by its maker’s directions.',
  'test-with-load': () =>
    'What bears weight is sewn with doubled thread, more than once, and tried first with what will be carried, low over a table.',
};
const REPAIRS: Sentences<HardwareRepairs> = {
  'hardware-to-front': () => 'Set it on the front',
  'hardware-off': () => 'Take it off',
  'hardware-in-tab': () => 'Hold it in a tab',
  'hardware-to-sides': () => 'Set it at the sides, in the seams',
  'hardware-fewer': (v) => `Set ${v.count} of them`,
  'hardware-nearer': (v, length) => `Set it ${length(v.fromEdgeMm)} from the edge`,
};

/** Words of every kind of hardware. */
export const HARDWARE_WORDS: {
  readonly [Kind in HardwareKind]: FittingWords<
    Stage<Kind>,
    HardwareProblems & ReachProblems,
    HardwareRepairs & ReachRepairs
  >;
} = {
  ring: hardwareWords('ring'),
  rivet: hardwareWords('rivet'),
  eyelet: hardwareWords('eyelet'),
  clasp: hardwareWords('clasp'),
  'handle-plate': hardwareWords('handle-plate'),
};
