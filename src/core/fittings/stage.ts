import type { Borders } from '@/core/borders';
import type { Figure } from '@/core/figures';
import type { OutlinePoint, PieceId } from '@/core/pieces';
import type { Problem } from '@/core/problems';
import type { HungBand } from './band';
import type { FabricMark } from './mark';
import type { FittingPlace } from './place';
import type { RowsBeside } from './rowsBeside';
import type { StepRule } from './step';

/** From where it begins to where it ends, mm. */
export type Span = readonly [fromMm: number, toMm: number];

/** A straight strip that is worked apart, in rows, in rounds or in chains. */
export interface WorkedStrip {
  name: string;
  width: Figure;
  /** As it is worked, slack. */
  length: Figure;
  /** An area of the bag's own fabric that takes as much yarn, mm². */
  fabric: Figure;
}

/** A piece of cloth: for a piece of crochet, or for the flap of sides that are worked in rounds. */
export interface CutCloth {
  for: PieceId | 'flap';
  copies: number;
  /** Cut to the outline of the crochet; else a rectangle. */
  toOutline: boolean;
  /** That outline, from where the crochet begins; null for a rectangle. */
  outline: OutlinePoint[] | null;
  /** Where on the crochet it begins, mm, and how far that came out otherwise than planned, across and along. */
  originMm: number;
  cameOut: { across: number; along: number };
  /** The crochet that it lies on, flat. */
  coversWidthMm: number;
  coversLengthMm: number;
  cutWidth: Figure;
  cutLength: Figure;
  finishedWidth: Figure;
  finishedLength: Figure;
}

/** A size that differs between the empty and the full bag. */
export interface Differing {
  id: string;
  /** What it is called where empty and full stand beside each other. */
  name: string;
  empty: Figure;
  full: Figure;
}

/**
 * What comes of one thing that is put on a bag: a closure, a strap, a lining. Whatever its kind, all else reads only this: yarn,
 * stores, order of making, text, makings, sizes empty and full, and drawings.
 */
export interface FittingStage<Choice extends { kind: string } = { kind: string }> {
  /** What she chose. */
  choice: Choice;
  at: FittingPlace;
  marks: FabricMark[];
  /** What of it rises above the bag, to carry it by. */
  bands: HungBand[];
  worked: WorkedStrip[];
  /** What of it is worked by rows, to be counted at the bench. */
  beside: RowsBeside[];
  /** What is worked on to the pieces, as an area of the bag's own fabric that takes as much yarn, mm². */
  workedOn: Figure[];
  /** Yarn that it takes besides, by its length as it is held, m. */
  threads: Figure[];
  cloth: CutCloth[];
  /** Pieces of it that are bought by their size: so many. */
  bought: number;
  /** What it is sewn on with, and how many ends of yarn it leaves to weave in. */
  sewn: { label: string; mm: number }[];
  tails: number;
  /** Steps of making it, in the order they are listed where more than one could come next. */
  steps: StepRule[];
  differs: Differing[];
  /** Finished sizes that belong among the bag's own. */
  sizes: Figure[];
  /** How long it is wished to be when it is worn, mm, and where that is chosen, null where it follows from something else; null for what nobody wears, or not as the bag is carried. */
  worn: { mm: number; path: readonly (string | number)[] | null } | null;
  /** What of the bag it closes: its flap, its mouth; null for what closes nothing. */
  closes: 'flap' | 'mouth' | null;
  /** Where it holds both edges of the mouth together, or the flap to the front: across, from the middle, mm. */
  holds: readonly Span[];
  /** How far in from the flap's edge it is wished to close, mm; null for what does not close a flap. */
  fromEdgeMm: number | null;
  /** Figures that two plans are compared by. */
  compared: Figure[];
  /** All its figures, each to be asked by its id. */
  asked: Figure[];
  problems: Problem[];
}

/** The fitting at a place, as it was planned; nothing where it was left out. */
export const fittingAt = <Stage extends Pick<FittingStage, 'at'>>(
  fittings: readonly Stage[],
  { group, index }: FittingPlace,
): Stage | undefined => fittings.find(({ at }) => at.group === group && at.index === index);

/** What is put on is planned, or left out with what keeps it from being planned. */
export type Planned<Stage> = { ok: true; stage: Stage } | { ok: false; problems: Problem[] };

/** How the parts that a fitting lies on came out in one making, mm. */
export interface MadeParts {
  rowMm: number;
  /** Rows of the front, and of what lies beyond the back, as high as they came out. */
  frontRowMm: number;
  tailRowMm: number;
  /** How far the flap comes down the front of the loaded bag; null without one. */
  coverMm: number | null;
  /** What is worked round the free edges, as it came out and as it was planned. */
  borders: Borders;
  planned: Borders;
}

/** A size of a making that a fitting adds, mm; null where this bag has none of it. */
export interface MadeSize {
  id: string;
  /** Among the sizes of many makings, and where it stands alone. */
  name: string;
  label: string;
  /** How far one thing lies from another, to either side, instead of a size. */
  isDifference: boolean;
  mm: number | null;
}
