import { ownCodes, type Place, type Problem } from '@/core/problems';
import type { FittingPlace } from './place';
import { nameAt, pathOf } from './place';

/** What of a piece of metal has to reach through the layers, to be bent, screwed or flared behind them. */
export type ReachingPart = 'prongs' | 'post' | 'shank' | 'barrel';

/** What is doubtful of it; lengths in mm. */
export interface ReachProblems {
  'reaches-short': { reachMm: number; layersMm: number; neededMm: number };
  'reaches-far': { reachMm: number; layersMm: number; mostMm: number };
}
export interface ReachRepairs {
  'reaches-to': { reachMm: number };
}

const ours = ownCodes<ReachProblems, ReachRepairs>();

/** How much of it has to stand out behind the layers at least, and may at most, mm. From memory. */
export const BEHIND_MM: Readonly<Record<ReachingPart, { least: number; most: number | null }>> = {
  // Bent over a washer; longer ones are seen beyond it, or nipped off.
  prongs: { least: 3, most: 12 },
  // It is turned: what is longer does no harm.
  post: { least: 2, most: null },
  shank: { least: 2, most: 5 },
  barrel: { least: 1.5, most: 4 },
};

interface Reach {
  part: ReachingPart;
  reachMm: number;
  /** The thickest layers that it goes through, mm. */
  layersMm: number;
  /** The field of the fitting that says how long it is, and the limits of the file for it. */
  field: string;
  leastMm: number;
  mostMm: number;
  at: FittingPlace;
  place: Place;
  mark: string;
}

/**
 * Whether prongs, a post, a shank or a barrel are as long as the layers ask for.
 *
 * Source: common practice, no source; how far they stand out behind from memory.
 *
 * @example
 * reachProblems({ part: 'shank', reachMm: 6, layersMm: 3, field: 'shankMm', leastMm: 2, mostMm: 30, at: { group: 'hardware', index: 0 }, place: 'closures', mark: 'rivet' }) // => []
 */
export function reachProblems({ part, reachMm, layersMm, field, leastMm, mostMm, at, place, mark }: Reach): Problem[] {
  const { least, most } = BEHIND_MM[part];
  const told = { place, path: [...pathOf(at), field], mark: nameAt(at, mark), names: { part } };
  const to = (mm: number) =>
    mm >= leastMm && mm <= mostMm
      ? [ours.repair({ code: 'reaches-to', values: { reachMm: mm }, edits: [{ path: told.path, value: mm }] })]
      : [];
  const neededMm = layersMm + least;
  if (reachMm < neededMm - 1e-9)
    return [
      ours.problem({
        code: 'reaches-short',
        severity: 'decide',
        values: { reachMm, layersMm, neededMm },
        repairs: to(Math.ceil(neededMm)),
        ...told,
      }),
    ];
  if (most === null || reachMm <= layersMm + most + 1e-9) return [];
  return [
    ours.problem({
      code: 'reaches-far',
      severity: 'mind',
      values: { reachMm, layersMm, mostMm: layersMm + most },
      repairs: to(Math.floor(layersMm + most)),
      ...told,
    }),
  ];
}
