import type { OnRaisedProblems, OnRaisedRepairs, OverlapProblems, OverlapRepairs } from '@/core/closure';
import { USUAL_TRIMS, type Trim, type TrimKind, type TrimOf } from '@/core/design';
import { nameAt, type SmallPartsProblems } from '@/core/fittings';
import { RING_CHAINS, type TrimProblems, type TrimRepairs, type TrimStage } from '@/core/trim';
import { ordinal } from '../counting';
import { placeText } from '../placeText';
import { formatQuantity } from '../quantity';
import type { Sentences } from '../sentence';
import { stepWords } from '../stepWords';
import { listed } from '../joinText';
import { SMALL_PARTS } from './cautionWords';
import type { FittingWords, WordedBag } from './words';

const size = ({ design }: WordedBag, mm: number): string => formatQuantity(mm, 'mm', design.settings.lengthUnit);

interface TrimNames<Kind extends TrimKind> {
  title: string;
  /** Within a sentence, one and many. */
  one: string;
  many: string;
  /** What is bought for so many of them. */
  buys?(choice: TrimOf<Kind>, count: number, bag: WordedBag): string[];
  /** How one is made apart; none of what is worked along an edge. */
  make?(choice: TrimOf<Kind>, bag: WordedBag): string;
  /** What setting it is called, where nothing is set. */
  setTitle?: string;
  /** How it is set, after its place. */
  set(choice: TrimOf<Kind>, bag: WordedBag, stage: TrimStage<TrimOf<Kind>>): string;
}

const NAMES: { readonly [Kind in TrimKind]: TrimNames<Kind> } = {
  tassel: {
    title: 'Tassels',
    one: 'tassel',
    many: 'tassels',
    make: ({ lengthMm, wraps }, bag) =>
      `Wind the yarn ${wraps} times round a card ${size(bag, lengthMm)} high. Tie it at the upper edge, cut it along the lower; bind it round, a fifth of its length below the tie. Cut the ends level.`,
    set: () => 'Draw both ends of the tie through to the inside and knot them there.',
  },
  flower: {
    title: 'Flowers',
    one: 'flower',
    many: 'flowers',
    make: ({ petals, petalChains }) =>
      `Ch ${RING_CHAINS}, join into a ring with a sl st. *Ch ${petalChains}, sl st in the ring; repeat from * ${petals - 1} more times: ${petals} petals. Fasten off with a tail to sew with.`,
    buys: ({ buttonMm }, count, bag) =>
      buttonMm === null ? [] : [`Button for a flower, ${size(bag, buttonMm)} across: ${count}.`],
    set: ({ buttonMm }, bag) =>
      buttonMm === null
        ? 'Sew it on through its ring; a knot or a button in its middle hides the stitches.'
        : `Sew it on through its ring, and a button ${size(bag, buttonMm)} across in its middle over the stitches.`,
  },
  pompon: {
    title: 'Pompons',
    one: 'pompon',
    many: 'pompons',
    make: ({ diameterMm, wraps }, bag) =>
      `Wind the yarn ${wraps} times over a card ${size(bag, diameterMm)} wide, slip it off and tie it tightly round its middle. Cut the loops on both sides and trim it to a ball.`,
    set: () => 'Draw both ends of the tie through to the inside and knot them there.',
  },
  bow: {
    title: 'Bows',
    one: 'bow',
    many: 'bows',
    buys: ({ of, widthMm, heightMm }, count, bag) =>
      of === 'cloth'
        ? [
            `Cloth for bows: ${count} of ${size(bag, 2 * heightMm + 20)} by ${size(bag, widthMm + 20)}, and ${count} of ${size(bag, (2 * widthMm) / 5 + 20)} by ${size(bag, (2 * heightMm) / 3 + 20)}.`,
          ]
        : [],
    make: ({ widthMm, heightMm, of }, bag) =>
      of === 'cloth'
        ? `Fold a strip of cloth, ${size(bag, 2 * heightMm + 20)} by ${size(bag, widthMm + 20)}, lengthwise, right side in; sew round 1 cm in but for a gap, turn it out, press it and close the gap: ${size(bag, heightMm)} by ${size(bag, widthMm)}. A band likewise, ${size(bag, widthMm / 5)} wide: lay it round the middle, draw it together and sew its ends behind.`
        : `A strip in the bag’s plain stitch, ${size(bag, heightMm)} by ${size(bag, widthMm)}, and a band ${size(bag, widthMm / 5)} wide and ${size(bag, (2 * heightMm) / 3)} long: lay the band round the middle of the strip, draw it together and sew its ends behind.`,
    set: () => 'Sew it on behind its middle, both ends left free.',
  },
  patch: {
    title: 'Label or patch',
    one: 'patch',
    many: 'patches',
    buys: ({ widthMm, heightMm }, count, bag) => [
      `Label or patch, ${size(bag, widthMm)} by ${size(bag, heightMm)}: ${count}.`,
    ],
    set: () => 'Pin its corners on the rows, then sew round it with small stitches.',
  },
  charm: {
    title: 'Charms',
    one: 'charm',
    many: 'charms',
    buys: ({ widthMm, heightMm }, count, bag) => [
      `Charm with a ring, ${size(bag, widthMm)} by ${size(bag, heightMm)}: ${count}.`,
    ],
    set: () =>
      'Open its ring sideways with two pliers, lead it round the post of the stitch, and close it until no gap is left.',
  },
  'surface-line': {
    title: 'Lines of slip stitch',
    one: 'line',
    many: 'lines',
    setTitle: 'Work the lines of slip stitch',
    set: ({ lengthMm }, bag) =>
      `Hold the yarn inside; from there on, straight down, a sl st through the fabric in every row, loosely, ${size(bag, lengthMm)} long. Draw the end through to the inside.`,
  },
  beads: {
    title: 'Beads along an edge',
    one: 'bead',
    many: 'beads',
    setTitle: 'Work the beads in',
    buys: ({ diameterMm, holeMm }, count, bag) => [
      `Beads, ${size(bag, diameterMm)}, with a hole of ${size(bag, holeMm)} that your yarn goes through doubled at its end: ${count}, and a few more.`,
    ],
    set: (_, __, { spots, before }) =>
      `Thread all ${spots.length} on the yarn before you begin. Sl sts along the edge: ${before} without, then slide a bead up before the next and before every one named. The beads lie on the side that you do not see: work with that side of the edge away from you.`,
  },
  fringe: {
    title: 'Fringe',
    one: 'knot of the fringe',
    many: 'knots',
    setTitle: 'Knot the fringe',
    set: ({ lengthMm, strands }, bag) =>
      `${strands === 1 ? 'A strand' : `${strands} strands`} of ${size(bag, 2 * lengthMm + 20)} for each: folded in two, the fold drawn through the stitch from behind, the ends through the fold. Cut level at ${size(bag, lengthMm)}. Not on things for children who put things in their mouths.`,
  },
  frill: {
    title: 'Frill of chains',
    one: 'loop of the frill',
    many: 'loops',
    setTitle: 'Work the frill',
    set: ({ chains, every }) =>
      `Join the yarn at the first; *ch ${chains}, skip ${every === 1 ? 'none' : every === 2 ? '1 st' : `${every - 1} sts`}, sl st in the next; repeat from * to the last. Fasten off.`,
  },
};

const trimWords = <Kind extends TrimKind>(
  kind: Kind,
): FittingWords<TrimStage<TrimOf<Kind>>, TrimProblems, TrimRepairs> => {
  const { title, one, many, buys, make, set, setTitle }: TrimNames<Kind> = NAMES[kind];
  return {
    title,
    add: `Put ${title.charAt(0).toLowerCase()}${title.slice(1)} on`,
    takeOff: `Take ${title.charAt(0).toLowerCase()}${title.slice(1)} off`,
    added: `${title} put on`,
    takenOff: `${title} taken off`,
    grip: 'on' in USUAL_TRIMS[kind] ? { name: `${title}: from the edge`, moved: `Move: ${title}` } : null,
    worked: '',
    materials: ({ choice, spots }, bag) => buys?.(choice, spots.length, bag) ?? [],
    steps: {
      ...(make
        ? {
            [`make-${kind}`]: ({ choice, spots }, bag) =>
              stepWords(
                spots.length === 1 ? `Make the ${one}` : `Make ${spots.length} ${many}`,
                make(choice, bag),
                spots.length === 1 ? null : 'All alike.',
              ),
          }
        : {}),
      [`set-${kind}`]: (stage, bag) =>
        stepWords(
          setTitle ?? `Set the ${stage.spots.length === 1 ? one : many}`,
          `${whereText(stage, bag)} ${set(stage.choice, bag, stage)}`,
        ),
    },
    inspect: null,
    tickets: ({ figures, at }) => [
      [figures.count, ...(figures.yarn ? [figures.yarn] : [])].map((figure) => ({ figure, mark: nameAt(at, kind) })),
    ],
    quotes: {
      steps: { [`set-${kind}`]: ['trim.count'], [`make-${kind}`]: ['trim.count', 'trim.yarn', 'trim.fabric'] },
      materials: [],
      worked: [],
    },
    problems: PROBLEMS,
    repairs: REPAIRS,
  };
};

/** The row, and the places along it by count, the same from both sides. */
function whereText(stage: TrimStage, bag: WordedBag): string {
  const choice = stage.choice as Trim;
  const [first] = stage.spots;
  if (!first) return '';
  if ('edge' in choice) {
    const edge = choice.edge === 'flap' ? 'the flap’s edge' : 'the front’s upper edge';
    return `Along ${edge}, from the ${first.place.kind === 'on' ? ordinal(first.place.stitch) : 'first'} stitch on, in every ${choice.every === 1 ? '' : `${ordinal(choice.every)} `}stitch: ${stage.spots.length}, as many stitches left at both ends.`;
  }
  const face = choice.on === 'front' ? 'Front' : 'Flap';
  const places = listed(stage.spots.map(({ place }) => placeText(place)));
  return `${face}, row ${first.row}, ${size(bag, choice.fromEdgeMm)} from its edge, ${places} of ${first.ofStitches}.`;
}

const PROBLEMS: Sentences<TrimProblems & OverlapProblems & OnRaisedProblems & SmallPartsProblems> = {
  'sits-on-raised': (v, _, { row = 'row' }) =>
    `In ${row} ${v.row} stitches stand out: what is set there sits crooked. A plain ${row} lies flat.`,
  ...SMALL_PARTS,
  'lie-on-each-other': (v, length) =>
    `It lies on something else that is put on there, by ${length(v.overMm)}. Set one of them further from it.`,
  'trim-without-flap': () => 'This bag has no flap that goes on from its back for the trim to sit on: it is left out.',
  'trim-no-edge': () => 'The trim has no row to sit on here, as on discs and scallops: it is left out.',
  'trim-off-face': (v, length) =>
    `The trim reaches ${length(v.neededMm)} down, and ${length(v.hasMm)} of the front are flat below it: it hangs over the base.`,
  'trim-too-many': (v, length) =>
    `So many beside each other need ${length(v.neededMm)}, and the row is ${length(v.hasMm)} wide.`,
};
const REPAIRS: Sentences<TrimRepairs & OverlapRepairs & OnRaisedRepairs> = {
  'rows-further': (v) => (v.rows === 1 ? 'Move it by a row' : `Move it by ${v.rows} rows`),
  'trim-moved': (v, length) => `Set it ${length(v.fromEdgeMm)} from the edge`,
  'trim-to-front': () => 'Set it on the front',
  'trim-to-mouth': () => 'Run it along the front’s edge',
  'trim-nearer': (v, length) => `Set it ${length(v.fromEdgeMm)} from the edge`,
  'trim-fewer': (v) => `Set ${v.count} of them`,
  'take-trim-off': () => 'Take the trim off',
};

/** Words of every kind of trim. */
export const TRIM_WORDS: {
  readonly [Kind in TrimKind]: FittingWords<TrimStage<TrimOf<Kind>>, TrimProblems, TrimRepairs>;
} = {
  tassel: trimWords('tassel'),
  flower: trimWords('flower'),
  pompon: trimWords('pompon'),
  bow: trimWords('bow'),
  patch: trimWords('patch'),
  charm: trimWords('charm'),
  'surface-line': trimWords('surface-line'),
  beads: trimWords('beads'),
  fringe: trimWords('fringe'),
  frill: trimWords('frill'),
};
