/**
 * Times in the making of any bag that a fitting's step can come before or after. A fitting that brings one about says so in `is`.
 *
 * - `begun`: the first piece is worked, its gauge known.
 * - `flap-worked`: the flap is worked, and what is left in its rows can't be any more.
 * - `flap-edged`: the edging along the flap's edge is worked.
 * - `edged`: the border round the flat strip is worked.
 * - `worked`: all pieces are worked.
 * - `blocked`: the pieces lie flat and have their sizes.
 * - `cloth-cut`: the lining is cut, and lies flat in its pieces.
 * - `cloth-joined`: the lining's own seams are sewn; its pieces don't lie flat any more.
 * - `cloth-ready`: the lining is cut and pressed, and not sewn on.
 * - `hem-turned`: the flap's hem is sewn down.
 * - `covered`: the lining is sewn in, and the inner face can't be reached.
 * - `joined`: the pieces are sewn together.
 */
export type Moment =
  | 'begun'
  | 'flap-worked'
  | 'flap-edged'
  | 'edged'
  | 'worked'
  | 'blocked'
  | 'cloth-cut'
  | 'cloth-joined'
  | 'cloth-ready'
  | 'hem-turned'
  | 'covered'
  | 'joined';

/** One step of making a fitting: after what it comes, and what shuts it off. Moments that a bag does not have are left out of account. */
export interface StepRule {
  name: string;
  /** Moments, or names of its own steps. */
  after: readonly (Moment | (string & {}))[];
  /** It can't be done any more once these are. */
  before: readonly Moment[];
  is?: Moment | readonly Moment[];
  /** The mark on the drawings that it is about, by its bare name. */
  mark?: string;
}
