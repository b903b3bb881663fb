/**
 * The algebra of rows: a row is data, and the stitches it takes from the row below, the stitches it gives to the row above,
 * its text in either set of terms and its symbols all follow from that one list.
 */

/** What the hook makes, one of it. Several joined at the top are one stitch worked `over` several. */
export type StitchKind = 'sl-st' | 'sc' | 'esc' | 'hdc' | 'dc' | 'tr' | 'herringbone-hdc' | 'herringbone-dc' | 'bobble';

/** Where in the row below the hook goes. */
export type Into =
  /** Under both loops of the next stitch. */
  | 'stitch'
  | 'back-loop'
  /** The free loop behind the two on top. */
  | 'third-loop'
  /** The back loop of the next stitch and the free loop of the row below it, together. */
  | 'two-layers'
  /** Both loops of the next stitch and the free loop of the row below it: it closes what was worked in two layers. */
  | 'three-loops'
  /** The space under the next chains. */
  | 'space'
  /** Into the row below the next stitch, so that it is drawn out long. */
  | 'spike'
  /** Round the post of the next stitch, from the front. */
  | 'front-post'
  /** Round the post of the stitch two rows below the next one, from the front; the next stitch is left behind it. */
  | 'front-post-two-below';

/** Stitches worked into the row below. */
export interface Worked {
  work: StitchKind;
  into: Into;
  /** How often, each in the next place. */
  times: number;
  /** Places that one of them joins: 4 for a dc4tog. */
  over: number;
  /** Stitches made in each place: 2 for an increase, or for two in one space. */
  each: number;
}
/** Chains over nothing below. */
interface Chained {
  chain: number;
}
/** Stitches of the row below that are passed over. */
interface Skipped {
  skip: number;
}
export type Step = Worked | Chained | Skipped;

/** One row: what is done once, what is repeated, what is done at the end. */
export interface PatternRow {
  before: readonly Step[];
  repeat: readonly Step[];
  after: readonly Step[];
}

/** `work('sc', 3)`: three single crochets in the next three stitches. */
export const work = (kind: StitchKind, times = 1, into: Into = 'stitch'): Worked => ({
  work: kind,
  into,
  times,
  over: 1,
  each: 1,
});
/** `together('dc', 4)`: one stitch of four legs over the next four stitches. */
export const together = (kind: StitchKind, over: number): Worked => ({ ...work(kind), over });
/** `inSpace('sc', 2)`: two single crochets in the next chain space. */
export const inSpace = (kind: StitchKind, each: number): Worked => ({ ...work(kind, 1, 'space'), each });
export const chain = (count: number): Chained => ({ chain: count });
export const skip = (count: number): Skipped => ({ skip: count });
/** A row that is the same all along. */
export const everywhere = (...repeat: Step[]): PatternRow => ({ before: [], repeat, after: [] });

/** Whether a stitch stands out from the fabric: bobbles, clusters, raised posts. A fold across it is thick and crooked. */
export const isRaised = ({ work: kind, over, into }: Worked): boolean =>
  kind === 'bobble' || over > 1 || into === 'front-post' || into === 'front-post-two-below';

/** A row in which nothing stands out: a good row to fold on. */
export const isPlainRow = ({ before, repeat, after }: PatternRow): boolean =>
  [...before, ...repeat, ...after].every((step) => !('work' in step) || !isRaised(step));

/** Whether a row begins with a stitch, beside which a turning chain can stand, or for which it can. */
export function beginsWithStitch({ before, repeat }: PatternRow): boolean {
  const [first] = [...before, ...repeat];
  return first !== undefined && 'work' in first;
}
