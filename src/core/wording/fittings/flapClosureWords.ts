import type { OnFlapStage } from '@/core/closure';
import { linesFlap, linesWalls } from '@/core/design';
import type { HookTape, OnFlap, PressStud, TuckLock, TurnLock } from '@/core/design';
import { formatQuantity } from '../quantity';
import { REACHES, REACH_REPAIRS, SMALL_PARTS } from './cautionWords';
import { onFlapWords, type OnFlapNames } from './onFlapWords';
import { waysByThread, waysThrough } from './waysOut';
import type { WordedBag } from './words';

const size = ({ design }: WordedBag, mm: number): string => formatQuantity(mm, 'mm', design.settings.lengthUnit);
const ofBoth = ({ halves, mates }: OnFlapStage): string =>
  `${halves.length} for the flap, ${mates.length || halves.length} for the front.`;

/** What is sewn on by thread, on either part, can be at any time; under a lining the knots are hidden by it. */
const byThread = {
  frontNotLater: (_: unknown, { design }: WordedBag) =>
    linesWalls(design) ? 'Once the lining is on, the knots have to be hidden under the stitches.' : null,
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
    `The half with the ball: sew through each of its holes three times, into the ${linesFlap(design) ? 'lining' : 'back of the stitches'}, so that no thread shows outside.`,
  ...byThread,
  problems: SMALL_PARTS,
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
    `The tape with hooks, its corners cut round: sew along all four edges, into the ${linesFlap(design) ? 'lining' : 'back of the stitches'}. The hooks catch in crochet: keep it closed while it is washed.`,
  ...byThread,
});

export const turnLockWords = onFlapWords<TurnLock>({
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
    `Part the stitches for the slot; where they do not give, cut one and secure both ends at once. Front plate outside, back plate inside${linesFlap(design) ? ', over the lining, whose edge stays open here until it is set' : ''}; screw both together from behind.`,
  frontNotLater: (_, { design }) =>
    linesWalls(design) ? 'Once the lining is on, its tabs can only be reached by cutting.' : null,
  flapNotLater: (_, { design }) =>
    linesFlap(design) ? 'Once the lining is closed, its slot has to be cut through both layers.' : null,
  ways: (_, bag) => waysThrough(bag),
  problems: REACHES,
  repairs: REACH_REPAIRS,
});

export const tuckLockWords = onFlapWords<TuckLock>({
  prefix: 'tuck',
  title: 'Tuck lock',
  whole: 'tuck lock',
  half: 'tongue',
  mate: 'catch',
  two: 'tuck locks',
  Half: 'Tongue of the tuck lock',
  flapFace: 'outer face',
  materials: (stage, bag) => [
    `Tuck lock, catch ${size(bag, stage.choice.widthMm)} by ${size(bag, stage.choice.heightMm)}, prongs of ${size(bag, stage.choice.prongMm)}: ${stage.halves.length}. A scrap of felt for behind the catch.`,
  ],
  onFront: () =>
    'Its slot upwards. Part the stitches for the prongs, do not cut them; bend them outwards over their washer, with felt beneath so that nothing scratches.',
  onFlap: (_, { design }) =>
    `The tongue down, past the flap’s edge where it is longer than that is far. Part the stitches for the prongs${linesFlap(design) ? ', go through the lining whose edge stays open here until it is set' : ''}, and bend them over the washer behind.`,
  frontNotLater: (_, { design }) =>
    linesWalls(design) ? 'Once the lining is on, its prongs can only be reached by cutting.' : null,
  flapNotLater: (_, { design }) =>
    linesFlap(design) ? 'Once the lining is closed, its prongs have to go through both layers.' : null,
  ways: (_, bag) => waysThrough(bag),
  problems: REACHES,
  repairs: REACH_REPAIRS,
});
