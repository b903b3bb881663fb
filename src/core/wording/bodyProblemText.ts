import type { ProblemValues, RepairValues } from '@/core/problems';
import { percent } from './counting';
import type { Sentences } from './sentence';

type BodyProblem =
  | 'strip-gauge-guessed'
  | 'band-not-as-worked'
  | 'corner-radius-too-large'
  | 'walk-not-measured'
  | 'spiral-step'
  | 'pattern-in-spiral'
  | 'pattern-in-rounds'
  | 'ends-over-face'
  | 'disc-not-flat'
  | 'oval-without-sides'
  | 'opening-over-rim'
  | 'deeper-than-the-bag'
  | 'flap-without-edge'
  | 'scallops-worked-last'
  | 'contents-too-deep'
  | 'mouth-stands-open'
  | 'narrower-when-full'
  | 'presses-on-cloth';
type BodyRepair =
  | 'sew-band-in'
  | 'work-in-short-rows'
  | 'box-the-corners'
  | 'corner-radius-to'
  | 'rounds-joined'
  | 'no-end-stitches'
  | 'increase-as-needed'
  | 'open-to'
  | 'take-flap-off'
  | 'swatch-was-for-this'
  | 'bag-deeper'
  | 'hem-to'
  | 'take-hem-off'
  | 'settle-on-count'
  | 'narrow-every'
  | 'no-narrowing'
  | 'work-plain'
  | 'load-to'
  | 'cloth-wider'
  | 'cloth-no-print'
  | 'cloth-unfolded'
  | 'remnant-hull'
  | 'remnant-out'
  | 'forget-worked'
  | 'work-from-other-end';

/** What is to be said of how a body is made: gussets, rounds, discs, corners. */
export const BODY_PROBLEMS: Sentences<Pick<ProblemValues, BodyProblem>> = {
  'strip-gauge-guessed': (v) =>
    `A strip of ${v.stitches} stitches works up differently from a panel, by about ${percent(v.share)}. Work a short one, write down its rows and length, and its rows are sure.`,
  'band-not-as-worked': (v) =>
    v.why === 'lengthwise'
      ? 'A gusset in long rows can’t be joined as it is worked: its rows lie along the edges and end at none. It is planned to be sewn in.'
      : 'A band with a border along its edges can’t be joined as it is worked: the border comes first. It is planned to be sewn in.',
  'corner-radius-too-large': (v, length) =>
    `Corners of ${length(v.wishedMm)} have no room on this bag: ${length(v.mostMm)} is the most, and it is planned so.`,
  'walk-not-measured': () =>
    'In rounds the start walks round the bag by a fraction of a stitch each time. Measure once how far it has gone over ten rounds or more, and the sides are named to the stitch.',
  'spiral-step': () =>
    'A spiral ends one round higher than it began: what is set on the same round can be up to one round apart. A slip stitch or two levels the end.',
  'pattern-in-spiral': () =>
    'This pattern has more than one row, and a spiral has no place where one row ends and the next begins. The rounds are planned joined, and turned.',
  'pattern-in-rounds': () =>
    'This pattern was thought out in turned rows. Here each round is joined and turned, so that what stands out comes to lie outside, and its motifs stay staggered.',
  'ends-over-face': (v) =>
    `A face of ${v.stitches} stitches leaves no chain to work around once its ends have theirs. It is planned around one chain.`,
  'disc-not-flat': (v) =>
    `${v.increase.toFixed(0)} more in every round is ${percent(v.ratio)} of the ${v.flat.toFixed(1)} that lie flat in this gauge: it will ${v.ruffles ? 'ruffle' : 'cup'}.`,
  'oval-without-sides': (v, length) =>
    `${length(v.depthMm)} deep and ${length(v.widthMm)} wide, the base has no straight sides left: it comes out round. Make the bag wider, or less deep.`,
  'opening-over-rim': (v, length) =>
    `An opening of ${length(v.openMm)} is more than the whole rim (${length(v.rimMm)}), so nothing would be left to join. It is planned with one stitch joined.`,
  'deeper-than-the-bag': (v, length) =>
    `At ${length(v.depthMm)} the bag is deeper than it is wide or high (${length(v.leastMm)}). Is that what you want?`,
  'flap-without-edge': () =>
    'A flap goes on from a straight upper edge, and this bag has a round one: it is left out. A zipper closes it.',
  'scallops-worked-last': () =>
    'Scallops are worked each on its own, at the end, so the strip is begun at the front’s edge.',
  'contents-too-deep': (v, length) =>
    `What goes in is ${length(v.shortMm)} too thick for the inside: front and back would bulge.`,
  'mouth-stands-open': (v, length) =>
    `Full, the mouth stands open by ${length(v.gapMm)}, and nothing closes it: small things fall out.`,
  'narrower-when-full': (v, length) =>
    `A load ${length(v.loadMm)} thick draws the sides in by ${length(v.lostMm)} and bulges the bag. A bag with a depth of its own keeps its shape.`,
  'presses-on-cloth': (v, length, names) =>
    `“${names.thing}” has room by its width, yet folded the cloth is in its way: it presses on a round corner or end by ${length(v.pressesMm)}.`,
};

export const BODY_REPAIRS: Sentences<Pick<RepairValues, BodyRepair>> = {
  'box-the-corners': (v, length) => `Box its corners, ${length(v.depthMm)} deep`,
  'sew-band-in': () => 'Sew it in',
  'work-in-short-rows': () => 'Work the gusset in short rows',
  'corner-radius-to': (v, length) => `Make the corners ${length(v.radiusMm)}`,
  'rounds-joined': () => 'Join the rounds',
  'no-end-stitches': () => 'Add no stitches at the ends',
  'increase-as-needed': () => 'Spread the increases as the gauge needs them',
  'open-to': (v, length) => `Leave ${length(v.openMm)} open`,
  'take-flap-off': () => 'Take the flap off',
  'swatch-was-for-this': (v) => (v.isRounds ? 'It was worked in rounds after all' : 'It was for a panel after all'),
  'bag-deeper': (v, length) => `Make the bag ${length(v.depthMm)} deep`,
  'hem-to': (v, length) => `Make the hem ${length(v.hemMm)} deep`,
  'take-hem-off': () => 'Leave the hem off',
  'settle-on-count': (v) => `Settle on ${v.planned} stitches`,
  'narrow-every': (v) => `Join one of every ${v.every} pairs`,
  'no-narrowing': () => 'Leave the mouth as it is',
  'work-plain': () => 'Choose the plain stitch',
  'cloth-wider': (v, length) => `Take cloth ${length(v.widthMm)} wide`,
  'cloth-no-print': () => 'Let the print fall as it may',
  'cloth-unfolded': () => 'Cut it from one layer, unfolded',
  'remnant-hull': ({ name }) => `Take its outermost corners, all round “${name}”`,
  'forget-worked': () => 'Forget what the piece measured',
  'remnant-out': ({ name }) => `Leave “${name}” out`,
  'load-to': (v, length) => `Make the load ${length(v.loadMm)} thick`,
  'work-from-other-end': (v) => (v.fromFlap ? 'Work from the front’s edge' : 'Work from the flap’s edge'),
};
