import type { StitchChoice, WorkedStrapKind } from '@/core/design';
import type { StrapProblems, StrapRepairs } from '@/core/strap';
import { percent } from '../counting';
import { formatQuantity } from '../quantity';
import type { Sentences } from '../sentence';
import { stitchName } from '../stitchText';
import { STRAP_NAMES } from './strapNames';

const stitches = (count: number): string => formatQuantity(count, 'stitch', 'cm');

/** What is doubtful about a strap, in words. */
export const STRAP_PROBLEM_WORDS: Sentences<StrapProblems> = {
  'strap-not-tried': (v) =>
    `No trial strip was measured: the strap’s rows are foretold, to ± ${percent(v.share)}, and how far it stretches is a guess. Work a short strip and measure it slack and pulled.`,
  'strap-trial-other-stitch': (v, _, names) =>
    `The trial strip was worked in ${stitchName(names.was as StitchChoice, 'us')} (US), and the strap is in ${stitchName(names.is as StitchChoice, 'us')} (US). Its rows are foretold, to ± ${percent(v.share)}.`,
  'strap-trial-other-kind': (_, __, names) =>
    `The trial strip was worked ${STRAP_NAMES[names.was as WorkedStrapKind].called}, and the strap is worked ${STRAP_NAMES[names.is as WorkedStrapKind].called}: it tells nothing of this one, which is planned from the bag’s own gauge.`,
  'strap-trial-unlike': (v, length, names) =>
    `On the trial strip one ${names.unit ?? 'row'} takes ${length(v.seenMm)} along it; beside the bag’s gauge about ${length(v.usualMm)} would be usual. Was it worked in another stitch or yarn, or miscounted?`,
  'strap-load': () =>
    'Try the strap with the real load before you rely on it. What it can bear depends on yarn and sewing, and isn’t promised here.',
  'strap-load-unknown': () =>
    'The strap is to be as long as you want it under this bag, but nothing that goes in has a weight yet: it is planned as if the bag were empty.',
  'strap-hangs-shorter': (v, length) =>
    `This bag does not pull the strap fully: it will hang ${length(v.shorterMm)} shorter than you want it worn. Measured under the bag’s own weight, it would come out right.`,
  'strap-over-strap': () =>
    'Its feet come to lie on those of an earlier strap. Sew them beside those, set them on another face, or make this one to clip on.',
  'strap-stretches-much': (v) =>
    `This strap grows by ${percent(v.share)} when pulled. With a tape sewn inside it would keep its length.`,
  'strap-shorter-than-bag': (v, length) =>
    `A strap ${length(v.wornMm)} long does not span its feet (${length(v.widthMm)} apart): there is no loop to put a hand through.`,
  'strap-shorter-than-hardware': (v, length) =>
    `Worn ${length(v.wornMm)} long, there is no room left for the strap: its tabs, rings and clasps take ${length(v.hardwareMm)}.`,
  'strap-has-no-drop': () =>
    'Round the body a strap has no drop: it is planned by its length. Give its length by a tape, or by the figure.',
  'strap-mouth-too-high': () =>
    'The mouth can’t hang above what the strap lies over: it is planned by its length. Let the mouth hang lower, or give the length by a tape.',
  'strap-face-is-round': () =>
    'A face worked as a disc has no upper edge to count along: the feet are planned at the sides.',
  'strap-cannot-grow': () =>
    'Only a strap in short rows can grow from the body: each row goes on over the stitches of the mouth. This one is planned to be worked apart.',
  'strap-mouth-too-narrow': (v) =>
    `The mouth has ${stitches(v.topStitches)} on a face, and a strap of ${stitches(v.stitches)} can’t grow at both sides of it. Make the strap narrower, or sew it on.`,
  'strap-feet-cross': (v) =>
    `With ${stitches(v.inStitches)} left at either side of ${v.ofStitches}, the two feet come to lie over each other. At most ${v.mostStitches} can be left.`,
  'strap-ring-narrow': (v, length) =>
    `A ring ${length(v.innerMm)} across inside is narrower than the strap under its load (${length(v.widthMm)}): it will bunch up.`,
  'strap-ring-wide': (v, length) =>
    `A ring ${length(v.innerMm)} across inside is much wider than the strap (${length(v.widthMm)}): it will slide from side to side.`,
  'strap-bow-short': (v, length) =>
    `Loops as long as that take ${length(v.takesMm)} of each end, and ${length(v.tieMm)} is left to tie.`,
  'strap-let-out-beyond': (v, length) =>
    `To be let out by ${length(v.longerMm)}, more strap would have to be folded back than there is. ${length(v.mostMm)} is the most.`,
  'strap-holes-beyond': (v, length) =>
    `The holes take ${length(v.alongMm)} along the strap, and it is ${length(v.strapMm)} long. Fewer holes, or nearer together.`,
  'strap-handles-unlike': (v, length) =>
    `The two handles are given different lengths (the other ${length(v.firstMm)}): the bag will hang askew.`,
  'strap-handles-apart': (v) =>
    `The handles are set unlike each other: ${stitches(v.firstStitches)} in from the side on one face, ${v.secondStitches} on the other. They will not lie beside each other.`,
  'strap-ready-made-unlike': (v, length) =>
    `This ready-made strap comes to ${length(v.lengthMm)} on the bag, and you want ${length(v.wornMm)}.`,
};

export const STRAP_REPAIR_WORDS: Sentences<StrapRepairs> = {
  'strap-off': () => 'Take this strap off',
  'strap-measured-pulled': () => 'Measure the strap fully pulled',
  'strap-measured-loaded': () => 'Work the strap to what it carries',
  'strap-measured-slack': () => 'Reinforce the strap and measure it slack',
  'strap-trial-was-in-this': () => 'It was worked in the strap’s stitch after all',
  'strap-trial-was-of-this': () => 'It was worked like this strap after all',
  'strap-trial-anew': () => 'Take the trial strip out and work one anew',
  'strap-given-by-tape': () => 'Give the length by a tape',
  'strap-to-sides': () => 'Set the feet at the sides',
  'strap-sewn-on': () => 'Work it apart and sew it on',
  'strap-feet-in': (v) => `Leave ${stitches(v.inStitches)} at either side`,
  'strap-ring-of': (v, length) => `Rings ${length(v.innerMm)} across inside`,
  'strap-tie-left': (v, length) => `Leave ${length(v.tieMm)} of each end to tie`,
  'strap-let-out-by': (v, length) => `Let it out by ${length(v.mostMm)} at most`,
  'strap-as-ready-made': (v, length) => `Take it as it is: ${length(v.wornMm)}`,
  'strap-ready-made-of': (v, length) => `Take one ${length(v.lengthMm)} long`,
  'strap-like-the-other': () => 'Make it like the other handle',
};
