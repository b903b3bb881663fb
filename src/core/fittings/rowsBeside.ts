import type { FittingGroup, FittingPlace } from './place';

/** Its group, which of that it is, and what of that: “straps.0.strap”. */
export type BesideId = `${FittingGroup}.${number}.${string}`;

/** Something of a fitting that is worked by rows or rounds, beside the bag's own pieces: a strap, a border, a piece of a crocheted lining. */
export interface RowsBeside {
  kind: 'beside';
  id: BesideId;
  at: FittingPlace;
  /** What of its fitting it is, as its words call it. */
  name: string;
  /** How often it is worked. */
  copies: number;
  counted: 'row' | 'round';
  /** Each row shows the other side than the one before. */
  turned: boolean;
  /** Stitches of what it is begun over: a chain, an edge. */
  startStitches: number;
  /** Stitches of each row or round, the first one first; of a round, all round. */
  counts: readonly number[];
  /** The step that is done once it is worked, as its fitting calls it. */
  step: string;
}

/**
 * What is worked beside the pieces, with its id.
 *
 * @example
 * rowsBeside({ group: 'straps', index: 0 }, { name: 'strap', step: 'work-strap', startStitches: 6, counts: [6, 6] }).id // => 'straps.0.strap'
 */
export const rowsBeside = (
  at: FittingPlace,
  told: Pick<RowsBeside, 'name' | 'step' | 'counts' | 'startStitches'> &
    Partial<Pick<RowsBeside, 'copies' | 'counted' | 'turned'>>,
): RowsBeside => ({
  ...{ kind: 'beside', copies: 1, counted: 'row', turned: true },
  id: `${at.group}.${at.index}.${told.name}`,
  at,
  ...told,
});
