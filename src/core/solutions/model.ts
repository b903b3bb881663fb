import type { StitchChoice, Swatch } from '@/core/design';

/** A count across, with what it comes to. */
export interface AcrossOption {
  /** Null where the width follows from the rounds. */
  stitches: number | null;
  /** Off the wanted width, and its ±, mm. */
  offMm: number;
  doubtMm: number;
  /** By how much the inside falls short of what goes in, mm; nought where it fits. */
  shortMm: number;
}

/** Rows of front and back. What the back stands above the front is counted as off. */
export interface SideOption {
  front: number;
  back: number;
  offMm: number;
  doubtMm: number;
  shortMm: number;
  /** Rows of both faces together. */
  rows: number;
  tails: TailOption[];
}

/** Rows of bridge and flap. */
export interface TailOption {
  bridge: number;
  flap: number;
  offMm: number;
  /** Folds, and edges, on rows they don't lie well on. */
  texture: number;
  /** As wide as the back, so many rows would take as much fabric. */
  rows: number;
}

/** A fabric that the bag can be worked in, with the counts around the wanted sizes. */
export interface FabricOptions {
  stitch: StitchChoice;
  hookMm: number;
  /** The swatch that it is planned from; null for a hook that was not tried. */
  swatch: Swatch | null;
  plainEdge: number;
  isBags: { stitch: boolean; hook: boolean };
  across: AcrossOption[];
  sides: SideOption[];
  /** Yarn of a stitch, and of all that does not follow from these counts, g; null where the swatch was not weighed. */
  yarn: { perStitchG: number; restG: number } | null;
  restStitches: number;
}

/** Everything that can be chosen, as numbers: what the search goes through. */
export interface SolutionModel {
  fabrics: FabricOptions[];
  /** How many plans that is. */
  plans: number;
}

/** How many plans a fabric has. */
export const plansOf = ({ across, sides }: Pick<FabricOptions, 'across' | 'sides'>): number =>
  across.length * sides.reduce((sum, { tails }) => sum + tails.length, 0);
