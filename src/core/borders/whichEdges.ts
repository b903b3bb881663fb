import { factsOf, usualEdging, type Design, type EdgingEdge } from '@/core/design';

/** Edges that are the same for a part of their way: an edging on the one leaves none of the other. */
const SHARED: Readonly<Record<EdgingEdge, readonly EdgingEdge[]>> = {
  strip: ['strip', 'mouth', 'flap'],
  mouth: ['mouth', 'strip'],
  flap: ['flap', 'strip'],
  band: ['band'],
};

/** Whether a bag has a flap: one is wished for, and its construction can have one. */
export const hasFlap = ({ flap, body }: Pick<Design, 'flap' | 'body'>): boolean =>
  flap.kind !== 'none' && factsOf(body.kind).flapFrom !== null;

/**
 * Edges of a bag that an edging can be worked on. A strip whose flap is worked apart and sewn to its end has no free edge all round.
 *
 * @example
 * edgesOf({ body: { kind: 'gusset' }, flap: { kind: 'none' } }) // => ['mouth', 'band']
 */
export const edgesOf = (design: Pick<Design, 'flap' | 'body'>): EdgingEdge[] =>
  factsOf(design.body.kind).freeEdges.filter((edge) => {
    if (edge === 'flap') return hasFlap(design);
    return edge !== 'strip' || !hasFlap(design) || design.flap.kind !== 'half-disc';
  });

/** Why an edging is left out: the bag has no such free edge, or an earlier one is on it. Null for one that is worked. */
export type EdgingFault = 'no-such-edge' | 'edge-taken';

/** What keeps each edging of a bag from being worked, in their order. */
export function edgingFaults(design: Pick<Design, 'edgings' | 'flap' | 'body'>): (EdgingFault | null)[] {
  const free = new Set<EdgingEdge>(edgesOf(design));
  const taken = new Set<EdgingEdge>();
  return design.edgings.map(({ edge }) => {
    if (!free.has(edge)) return 'no-such-edge';
    if (taken.has(edge)) return 'edge-taken';
    SHARED[edge].forEach((other) => taken.add(other));
    return null;
  });
}

/** The first free edge of a bag that an edging can be worked on still; null where each has one. */
export const nextFreeEdge = (design: Pick<Design, 'edgings' | 'flap' | 'body'>): EdgingEdge | null =>
  edgesOf(design).find(
    (edge) => edgingFaults({ ...design, edgings: [...design.edgings, usualEdging('single', edge)] }).at(-1) === null,
  ) ?? null;
