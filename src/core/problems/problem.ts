import type { FigureName } from '@/core/figures';

/** A place in the app, so that a problem can be shown where it can be mended. */
export type Place = 'carry' | 'swatch' | 'stitch' | 'body' | 'strap' | 'lining' | 'order' | 'write-up';

/**
 * How much a problem matters. `stop`: no plan can be made. `decide`: the plan can be worked but will
 * disappoint, the maker must choose. `mind`: worth knowing.
 */
export type Severity = 'stop' | 'decide' | 'mind';

/** One change of one choice in a design, as plain data: where, and the new value. */
export interface DesignEdit {
  path: readonly (string | number)[];
  value: unknown;
}

/** A code that one kind of what is put on a bag has for itself; its words are beside that kind's. */
export type OwnCode = string & {};

/** A way out that can be applied with one action. Its sentence is made from the code and values. */
export interface Repair {
  code: RepairCode | OwnCode;
  values: Record<string, number>;
  edits: DesignEdit[];
}

export type RepairCode =
  | 'flap-drop-to'
  | 'flap-shape-to'
  | 'give-flap'
  | 'bag-taller'
  | 'even-front-and-back'
  | 'work-in-swatch-stitch'
  | 'swatch-was-in-this'
  | 'fold-on-plain-row'
  | 'hook-as-letter'
  | 'hook-without-letter'
  | 'bag-wider'
  | 'sizes-from-contents'
  | 'load-as-packed'
  | 'add-strap'
  | 'strap-worn-to'
  | 'corner-radius-to'
  | 'rounds-joined'
  | 'no-end-stitches'
  | 'increase-as-needed'
  | 'open-to'
  | 'take-flap-off'
  | 'swatch-was-for-this'
  | 'bag-deeper'
  | 'work-from-other-end'
  | 'box-the-corners'
  | 'hem-to'
  | 'take-hem-off'
  | 'settle-on-count'
  | 'narrow-every'
  | 'no-narrowing'
  | 'work-plain'
  | 'load-to';

export type ProblemCode =
  | 'not-measured'
  | 'one-reading'
  | 'thickness-not-measured'
  | 'reading-beyond-swatch'
  | 'rows-unlike-stitch'
  | 'ball-not-known'
  | 'readings-far-apart'
  | 'swatch-other-stitch'
  | 'swatch-other-piece'
  | 'swatch-under-two-repeats'
  | 'fold-on-texture'
  | 'hook-letter-differs'
  | 'gauge-outside-class'
  | 'fabric-loose-for-bag'
  | 'motif-upside-down'
  | 'open-without-lining'
  | 'width-under-one-repeat'
  | 'too-many-stitches'
  | 'front-too-short'
  | 'load-too-thick'
  | 'flap-short'
  | 'flap-shape-too-large'
  | 'flap-hides-front'
  | 'flap-past-base'
  | 'flap-misses-front'
  | 'front-back-differ'
  | 'swatch-not-weighed'
  | 'mass-without-area'
  | 'thing-larger-than-any-bag'
  | 'contents-too-thick'
  | 'contents-too-wide'
  | 'contents-too-tall'
  | 'load-under-packed'
  | 'ease-within-doubt'
  | 'stands-above-mouth'
  | 'carried-without-strap'
  | 'strap-unlike-carrying'
  | 'own-pattern-does-not-fit'
  | 'strip-gauge-guessed'
  | 'corner-radius-too-large'
  | 'walk-not-measured'
  | 'spiral-step'
  | 'pattern-in-spiral'
  | 'pattern-in-rounds'
  | 'ends-over-face'
  | 'disc-not-flat'
  | 'oval-without-sides'
  | 'opening-over-rim'
  | 'deeper-than-the-bag'
  | 'flap-without-edge'
  | 'contents-too-deep'
  | 'scallops-worked-last'
  | 'presses-on-cloth'
  | 'mouth-stands-open'
  | 'narrower-when-full'
  | 'count-not-allowed'
  | 'narrowing-joins-nothing'
  | 'stitch-not-shown'
  | 'load-deeper-than-bag'
  | 'tall-in-spiral';

/**
 * Something the maker should know before the hook does. Data only: the sentence is made where it is
 * shown, from the code and the values (lengths in mm, counts as integers; the key says which).
 */
export interface Problem {
  code: ProblemCode | OwnCode;
  severity: Severity;
  place: Place;
  /** The field in the design that it belongs to, when there is one. */
  path?: readonly (string | number)[];
  /** The figures that its sentence quotes, so that each can be asked why. */
  asks?: readonly FigureName[];
  /** The mark on the drawing it is about, when there is one. */
  mark?: string;
  values: Record<string, number>;
  /** Names of the maker's own that its sentence uses. */
  names?: Record<string, string>;
  repairs: Repair[];
}
