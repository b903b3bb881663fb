import { z } from 'zod';
import { ownStitchIdSchema } from '../ownStitchSchema';
import { count, lengthMm } from '../fields';

/**
 * Which free edge an edging is worked on: all round the flat strip; the mouth, which is the front's edge only where a flap goes on from the
 * back; the flap, from the top fold round to the top fold; or both long edges of a gusset or a band.
 */
export const EDGING_EDGES = ['strip', 'mouth', 'flap', 'band'] as const;
export type EdgingEdge = (typeof EDGING_EDGES)[number];

/** How a corner is turned. Three schools. */
export const EDGING_CORNERS = ['three-in-one', 'one-chain-one', 'one-chain'] as const;
export type EdgingCorner = (typeof EDGING_CORNERS)[number];

const edgingFields = {
  edge: z.enum(EDGING_EDGES, { error: 'Choose an edge.' }),
  /** Plain rounds (or rows, where the edge has two ends): all of a plain edging, the ground of any other. */
  rounds: count(1, 6),
  /** Null: the swatch's hook. */
  hookMm: lengthMm(0.5, 30).nullable(),
  /** Stitches along row ends, so many in every so many; null: the smallest ratio that lies flat. */
  pickUp: z.strictObject({ stitches: count(1, 9), rows: count(1, 9) }).nullable(),
  corner: z.enum(EDGING_CORNERS),
  /** Worked before the pieces are blocked, or after. */
  blocking: z.enum(['before', 'after']),
  /** Worked before the pieces are joined, or after. Round a strip and along a band it is always before. */
  seaming: z.enum(['before', 'after']),
};

const edging = <Kind extends string>(kind: Kind) => z.strictObject({ kind: z.literal(kind), ...edgingFields });

/** Edgings: a new kind is a new member here, and a line in core/borders/natures and in the catalogue of core/edging. */
export const edgingSchema = z.discriminatedUnion('kind', [
  edging('slip-stitch'),
  edging('single'),
  edging('crab'),
  edging('picot'),
  edging('shell'),
  edging('spikes'),
  z.strictObject({ kind: z.literal('own'), ...edgingFields, stitch: ownStitchIdSchema }),
]);
export type Edging = z.infer<typeof edgingSchema>;
export type EdgingKind = Edging['kind'];

/** An edging as it is first put on an edge: one plain round, three in each corner, before the pieces are blocked and joined. */
export const usualEdging = <Kind extends Exclude<EdgingKind, 'own'>>(kind: Kind, edge: EdgingEdge) => ({
  kind,
  edge,
  rounds: 1,
  hookMm: null,
  pickUp: null,
  corner: 'three-in-one' as const,
  blocking: 'before' as const,
  seaming: edge === 'mouth' ? ('after' as const) : ('before' as const),
});
