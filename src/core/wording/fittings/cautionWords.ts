import type { HungProblems, HungRepairs } from '@/core/closure';
import type { ReachProblems, ReachRepairs, SmallPartsProblems } from '@/core/fittings';
import type { Sentences } from '../sentence';

/** Buttons, beads and studs. */
export const SMALL_PARTS: Sentences<SmallPartsProblems> = {
  'small-parts': () =>
    'Small parts can be swallowed: nothing that comes off on things for young children. Sew it on firmly, try it with a pull, and follow your local rules.',
};

/** What holds, once it stands out behind the layers. */
const BEHIND: Readonly<Record<string, string>> = {
  prongs: 'bent over behind',
  post: 'turned',
  shank: 'set',
  barrel: 'flared behind',
};
const HAVE: Readonly<Record<string, string>> = {
  prongs: 'Its prongs are',
  post: 'Its post is',
  shank: 'Its shank is',
  barrel: 'Its barrel is',
};

/** Prongs, posts, shanks and barrels against the layers they go through. */
export const REACHES: Sentences<ReachProblems> = {
  'reaches-short': (v, length, { part = 'prongs' }) =>
    `${HAVE[part]} ${length(v.reachMm)} long, and the layers there ${length(v.layersMm)} thick: from ${length(v.neededMm)} on enough stands out to be ${BEHIND[part]}.`,
  'reaches-far': (v, length, { part = 'prongs' }) =>
    `${HAVE[part]} ${length(v.reachMm)} long, through layers of ${length(v.layersMm)}: over ${length(v.mostMm)} what stands out behind ${part === 'prongs' ? 'is seen beside its washer, or has to be nipped off' : 'is crushed askew, and sits loosely'}.`,
};
export const REACH_REPAIRS: Sentences<ReachRepairs> = {
  'reaches-to': (v, length) => `Take one with ${length(v.reachMm)}`,
};

/** What hangs from an edge that lies below what it is fastened to. */
export const UNDER_EDGE: Sentences<HungProblems> = {
  'under-the-edge': (v, length) =>
    `${v.isEmpty ? 'Empty' : 'Loaded'}, the flap’s edge comes down ${length(v.underMm)} below what is fastened there: it lies under the flap.`,
};
export const UNDER_EDGE_REPAIRS: Sentences<HungRepairs> = {
  'fasten-below': (v, length) => `Fasten it ${length(v.belowMm)} below the edge`,
};
