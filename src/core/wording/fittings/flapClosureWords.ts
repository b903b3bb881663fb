import type { FlapClosureProblems, FlapClosureRepairs, OnFlapStage } from '@/core/closure';
import type { StitchPlace } from '@/core/body';
import type { Buttonhole, HookTape, OnFlap, PressStud, TurnLock } from '@/core/design';
import { formatQuantity } from '../quantity';
import type { Sentences } from '../sentence';
import { onFlapWords, type OnFlapNames } from './onFlapWords';
import { waysByThread, waysInRow, waysThrough } from './waysOut';
import type { WordedBag } from './words';

const PROBLEMS: Sentences<FlapClosureProblems> = {
  'small-parts': () =>
    'Small parts can be swallowed: nothing that comes off on things for young children. Sew it on firmly, try it with a pull, and follow your local rules.',
  'turn-post-short': (v, length) =>
    `The lock’s post is ${length(v.postMm)} long, and has to reach through ${length(v.layersMm)} of flap, lining and plate before it can be turned.`,
};
const REPAIRS: Sentences<FlapClosureRepairs> = {
  'turn-post-to': (v, length) => `Take one with a post of ${length(v.postMm)}`,
};

const size = ({ design }: WordedBag, mm: number): string => formatQuantity(mm, 'mm', design.settings.lengthUnit);
const ofBoth = ({ halves, mates }: OnFlapStage): string =>
  `${halves.length} for the flap, ${mates.length || halves.length} for the front.`;

/** What is sewn on by thread, on either part, can be at any time; under a lining the knots are hidden by it. */
const byThread = {
  frontNotLater: (_: unknown, { design }: WordedBag) =>
    design.lining ? 'Once the lining is on, the knots have to be hidden under the stitches.' : null,
  flapNotLater: () => null,
  ways: (_: unknown, bag: WordedBag) => waysByThread(bag),
} satisfies Partial<OnFlapNames<OnFlap>>;

export const pressStudWords = onFlapWords<PressStud>({
  prefix: 'stud',
  title: 'Press stud',
  whole: 'press stud',
  half: 'stud',
  mate: 'socket',
  two: 'press studs',
  Half: 'Press stud',
  flapFace: 'inner face',
  materials: (stage, bag) => [`Press stud to sew on, ${size(bag, stage.choice.diameterMm)}: ${ofBoth(stage)}`],
  onFront: () => 'The socket half: sew through each of its holes three times, into the stitches alone.',
  onFlap: (_, { design }) =>
    `The half with the ball: sew through each of its holes three times, into the ${design.lining ? 'lining' : 'back of the stitches'}, so that no thread shows outside.`,
  ...byThread,
  problems: PROBLEMS,
});

export const hookTapeWords = onFlapWords<HookTape>({
  prefix: 'tape',
  title: 'Hook tape',
  whole: 'hook tape',
  half: 'hook tape',
  mate: 'loop tape',
  two: 'pieces of hook tape',
  Half: 'Hook tape',
  flapFace: 'inner face',
  materials: (stage, bag) => [
    `Hook and loop tape to sew on, ${size(bag, stage.choice.heightMm)} wide: ${stage.halves.length} of ${size(bag, stage.choice.widthMm)} of each.`,
  ],
  onFront: () => 'The soft tape, its corners cut round: sew along all four edges.',
  onFlap: (_, { design }) =>
    `The tape with hooks, its corners cut round: sew along all four edges, into the ${design.lining ? 'lining' : 'back of the stitches'}. The hooks catch in crochet: keep it closed while it is washed.`,
  ...byThread,
});

const turnLock = onFlapWords<TurnLock>({
  prefix: 'turn',
  title: 'Turn lock',
  whole: 'turn lock',
  half: 'plate',
  mate: 'post',
  two: 'turn locks',
  Half: 'Plate of the turn lock',
  flapFace: 'outer face',
  materials: (stage, bag) => [
    `Turn lock, plate ${size(bag, stage.choice.widthMm)} by ${size(bag, stage.choice.heightMm)}: ${stage.halves.length}. A scrap of felt for behind the post.`,
  ],
  onFront: () =>
    'Part the stitches for its tabs, do not cut them; bend the tabs inwards over their washer, with felt beneath so that nothing scratches.',
  onFlap: (_, { design }) =>
    `Part the stitches for the slot; where they do not give, cut one and secure both ends at once. Front plate outside, back plate inside${design.lining ? ', over the lining, whose edge stays open here until it is set' : ''}; screw both together from behind.`,
  frontNotLater: (_, { design }) =>
    design.lining ? 'Once the lining is on, its tabs can only be reached by cutting.' : null,
  flapNotLater: (_, { design }) =>
    design.lining ? 'Once the lining is closed, its slot has to be cut through both layers.' : null,
  ways: (_, bag) => waysThrough(bag),
  problems: PROBLEMS,
});

export const turnLockWords: typeof turnLock = { ...turnLock, repairs: { ...turnLock.repairs, ...REPAIRS } };

/** Stitches before a hole of so many, its middle at a place or half a stitch before it. */
const holeStart = (place: StitchPlace, count: number): number =>
  Math.max(0, Math.floor((place.kind === 'on' ? place.stitch - 0.5 : place.after) - count / 2));

const buttonholeNames: OnFlapNames<Buttonhole> = {
  prefix: 'button',
  title: 'Button and buttonhole',
  whole: 'button',
  half: 'buttonhole',
  mate: 'button',
  two: 'buttons',
  Half: 'Buttonhole',
  flapTitle: 'Leave the buttonhole in the flap',
  flapFace: 'from its outer face',
  materials: ({ choice, mates, halves }, bag) => [
    `Button, ${size(bag, choice.diameterMm)} across: ${mates.length || halves.length}.`,
  ],
  onFront: (_, { design }) =>
    `Sew it on with a shank as long as the flap is thick${design.lining ? ', through the crochet alone' : ''}: wind the thread round under it before you end off.`,
  onFlap: ({ own: [hole], halves }) => {
    const count = hole?.value ?? 0;
    const [half] = halves;
    const before = half ? holeStart(half.place, count) : 0;
    const after = half ? half.ofStitches - before - count : 0;
    const where =
      halves.length === 1 && half
        ? `, with ${before} stitches before them and ${after} after${before === after ? '' : ': half a stitch off the middle, and the button is sewn on across from it'}`
        : '';
    return `In this row chain ${count} over ${count} stitches that are passed over${where}; in the next row work one stitch into each chain. Try it on the button before you go on.`;
  },
  frontNotLater: (_, { design }) =>
    design.lining ? 'Once the lining is on, the knots have to be hidden under the stitches.' : null,
  flapNotLater: () => 'Once the row is worked there is no hole in it but by unpicking.',
  ways: ({ halves: [half] }, bag, part) =>
    part === 'front'
      ? waysByThread(bag)
      : waysInRow('buttonhole', Math.max(1, Math.abs(bag.plan.flap.totalRows - (half?.row ?? 0)) + 1)),
};

const buttonhole = onFlapWords(buttonholeNames);

/** Of a buttonhole the stitches it takes are told as well. */
export const buttonholeWords: typeof buttonhole = {
  ...buttonhole,
  inRows: ({ halves, own: [hole] }) => {
    const [first] = halves;
    if (!first || !hole || first.piece === 'half-disc') return [];
    const from = halves.map(({ place }) => holeStart(place, hole.value));
    return [
      {
        piece: first.piece,
        row: first.row,
        says: `${halves.length === 1 ? 'the buttonhole' : 'both buttonholes'}, after ${from.join(' and ')} ${from.length === 1 && from[0] === 1 ? 'stitch' : 'stitches'} chain ${hole.value} over as many; in the next row one stitch in each chain.`,
      },
    ];
  },
  quotes: {
    ...buttonhole.quotes,
    steps: {
      ...buttonhole.quotes.steps,
      'set-button-flap': [...(buttonhole.quotes.steps['set-button-flap'] ?? []), 'button.hole'],
    },
  },
  problems: { ...buttonhole.problems, ...PROBLEMS },
};
