import type { FigureName } from '@/core/figures';

/** A place in the app, so that a problem can be shown where it can be mended. */
export type Place =
  'carry' | 'swatch' | 'stitch' | 'body' | 'closures' | 'strap' | 'lining' | 'stores' | 'bench' | 'write-up';

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

/** A problem or a repair that has nothing to say but itself. */
type Nothing = Readonly<Record<string, never>>;

/** What each problem's sentence is made from: lengths in mm, masses in g, shares of one; counts are whole numbers. */
export interface ProblemValues {
  'not-measured': { share: number; onlyRows: boolean };
  'one-reading': Nothing;
  'piece-unlike-swatch': { share: number; isRows: boolean };
  'thickness-not-measured': { thicknessMm: number };
  'reading-beyond-swatch': { longestMm: number; outlineMm: number; isUp: boolean };
  'rows-unlike-stitch': { seenMm: number; seenRows: number; usualMm: number; usualRows: number };
  'ball-not-known': Nothing;
  'readings-far-apart': { apartShare: number; leastMm: number; mostMm: number };
  'swatch-other-stitch': { share: number };
  'swatch-other-piece': { share: number; isRounds: boolean };
  'swatch-under-two-repeats': { stitches: number; widest: number };
  'fold-on-texture': { row: number };
  'hook-letter-differs': { letterMm: number; hookMm: number };
  'gauge-outside-class': { counted: number; weightClass: number; leastStitches: number; mostStitches: number };
  'fabric-loose-for-bag': { fromMm: number; toMm: number; hookMm: number };
  'motif-upside-down': { fromFlap: boolean; strip: boolean; hasFlap: boolean };
  'open-without-lining': Nothing;
  'falls-through-fabric': { acrossMm: number; upMm: number };
  'width-under-one-repeat': { oneRepeatMm: number };
  'too-many-stitches': { mostStitches: number } & ({ rows: number } | { stitches: number });
  'front-too-short': { bendMm: number };
  'load-too-thick': { loadMm: number; mostLoadMm: number };
  'flap-short': FlapCover;
  'flap-shape-too-large': { wishedMm: number; mostMm: number };
  'flap-hides-front': FlapCover;
  'flap-past-base': FlapCover & { pastMm: number; isEmpty: boolean };
  'flap-misses-front': FlapCover;
  'front-back-differ': { frontRows: number; backRows: number; differenceMm: number };
  'outer-loops-without-border': Nothing;
  'swatch-not-weighed': Nothing;
  'mass-without-area': { massG: number; leastWidthMm: number; leastHeightMm: number };
  'thing-larger-than-any-bag': { widthMm: number; heightMm: number; thicknessMm: number; mostMm: number };
  'contents-too-thick': { loadMm: number; mostLoadMm: number };
  'contents-too-wide': { shortMm: number };
  'contents-too-tall': { shortMm: number };
  'load-under-packed': { loadMm: number; packedMm: number };
  'ease-within-doubt': { easeMm: number; doubtMm: number; isUp: boolean };
  'stands-above-mouth': { aboveMm: number };
  'carried-without-strap': { usualMm: number };
  'yarn-runs-out': { haveG: number; needG: number };
  'yarn-within-doubt': { haveG: number; needG: number };
  'strap-longer-than-yarn': { haveG: number; shortG: number; shortMm: number };
  'strap-unlike-carrying': { wornMm: number; leastMm: number; mostMm: number };
  'own-pattern-does-not-fit': { row: number } & Readonly<Record<string, number>>;
  'strip-gauge-guessed': { stitches: number; share: number };
  'band-not-as-worked': { why: 'lengthwise' | 'bordered' };
  'corner-radius-too-large': { wishedMm: number; mostMm: number };
  'walk-not-measured': Nothing;
  'spiral-step': Nothing;
  'pattern-in-spiral': Nothing;
  'pattern-in-rounds': Nothing;
  'ends-over-face': { stitches: number };
  'disc-not-flat': { ratio: number; increase: number; flat: number; ruffles: boolean };
  'oval-without-sides': { widthMm: number; depthMm: number };
  'opening-over-rim': { openMm: number; rimMm: number };
  'deeper-than-the-bag': { depthMm: number; leastMm: number };
  'flap-without-edge': Nothing;
  'contents-too-deep': { shortMm: number };
  'scallops-worked-last': Nothing;
  'presses-on-cloth': { pressesMm: number };
  'mouth-stands-open': { gapMm: number };
  'narrower-when-full': { lostMm: number; loadMm: number };
  'count-not-allowed': { wished: number; planned: number };
  'narrowing-joins-nothing': { every: number; stitches: number };
  'stitch-not-shown': Nothing;
  'load-deeper-than-bag': { loadMm: number; insideMm: number };
  'tall-in-spiral': Nothing;
  'cloth-too-narrow': { wideMm: number; hasMm: number };
  'cloth-repeat-long': { repeatMm: number; haveMm: number };
  'remnant-crosses': { name: string };
}
export type ProblemCode = keyof ProblemValues;

/** How far a flap comes down, and what share of the front that is. */
interface FlapCover {
  dropMm: number;
  frontMm: number;
  share: number;
}

/** What each repair's label is made from, in the same units. */
export interface RepairValues {
  'flap-drop-to': { dropMm: number };
  'flap-shape-to': { mostMm: number };
  'give-flap': { halfway: boolean; second: boolean };
  'bag-taller': { heightMm: number };
  'even-front-and-back': { rows: number; backRows: number };
  'work-in-swatch-stitch': Nothing;
  'swatch-was-in-this': Nothing;
  'fold-on-plain-row': { row: number };
  'hook-as-letter': { hookMm: number };
  'hook-without-letter': { hookMm: number };
  'bag-wider': { widthMm: number };
  'sizes-from-contents': Nothing;
  'load-as-packed': Nothing;
  'add-lining': Nothing;
  'add-strap': { wornMm: number };
  'strap-worn-to': { wornMm: number };
  'sew-band-in': Nothing;
  'work-in-short-rows': Nothing;
  'corner-radius-to': { radiusMm: number };
  'rounds-joined': Nothing;
  'no-end-stitches': Nothing;
  'increase-as-needed': Nothing;
  'open-to': { openMm: number };
  'take-flap-off': Nothing;
  'swatch-was-for-this': { isRounds: boolean };
  'bag-deeper': { depthMm: number };
  'work-from-other-end': { fromFlap: boolean };
  'box-the-corners': { depthMm: number };
  'hem-to': { hemMm: number };
  'take-hem-off': Nothing;
  'whip-the-seam': Nothing;
  'settle-on-count': { planned: number };
  'narrow-every': { every: number };
  'no-narrowing': Nothing;
  'work-plain': Nothing;
  'load-to': { loadMm: number };
  'cloth-wider': { widthMm: number };
  'cloth-no-print': Nothing;
  'cloth-unfolded': Nothing;
  'remnant-hull': { name: string };
  'remnant-out': { name: string };
  'forget-worked': Nothing;
}
declare const ownBrand: unique symbol;
/** A code that one kind of what is put on a bag has for itself; its words are beside that kind's. Made by `ownCodes` alone. */
type OwnCode = string & { readonly [ownBrand]: true };

/** With the values that each of some codes has. */
type WithCode<Base, ByCode> = { [C in keyof ByCode]: Base & { code: C; values: ByCode[C] } }[keyof ByCode];
/** With a code of one kind's own, whose values only that kind and its words know. */
type WithOwnCode<Base> = Base & { code: OwnCode; values: object };

/** A way out that can be applied with one action. Its sentence is made from the code and values. */
interface RepairBase {
  edits: DesignEdit[];
}
type OwnRepair = WithOwnCode<RepairBase>;
export type Repair = WithCode<RepairBase, RepairValues> | OwnRepair;

/**
 * Something the maker should know before the hook does. Data only: the sentence is made where it is
 * shown, from the code and the values.
 */
interface ProblemBase {
  severity: Severity;
  place: Place;
  /** The field in the design that it belongs to, when there is one. */
  path?: readonly (string | number)[];
  /** The figures that its sentence quotes, so that each can be asked why. */
  asks?: readonly FigureName[];
  /** The mark on the drawing it is about, when there is one. */
  mark?: string;
  /** Names of the maker's own that its sentence uses. */
  names?: Record<string, string>;
  repairs: Repair[];
}
type KnownProblem = WithCode<ProblemBase, ProblemValues>;
type OwnProblem = WithOwnCode<ProblemBase>;
export type Problem = KnownProblem | OwnProblem;

/** Makes problems and repairs of one kind's own, each with the values that its code asks for. */
interface OwnCodes<Problems extends object, Repairs extends object> {
  problem<C extends keyof Problems & string>(problem: ProblemBase & { code: C; values: Problems[C] }): OwnProblem;
  repair<C extends keyof Repairs & string>(repair: RepairBase & { code: C; values: Repairs[C] }): OwnRepair;
}

/**
 * The makers of one kind's own problems and repairs: known to that kind and its words, data to all others.
 *
 * @example
 * ownCodes().problem({ code: 'odd', severity: 'mind', place: 'body', values: {}, repairs: [] }).code // => 'odd'
 */
export const ownCodes = <
  Problems extends object = Record<string, object>,
  Repairs extends object = Record<string, object>,
>(): OwnCodes<Problems, Repairs> => ({
  problem: (problem) => problem as unknown as OwnProblem,
  repair: (repair) => repair as unknown as OwnRepair,
});

/**
 * Tells problems of one code, with the values that it has.
 *
 * @example
 * [{ code: 'one-reading', severity: 'mind', place: 'swatch', values: {}, repairs: [] }].some(withCode('one-reading')) // => true
 */
export const withCode =
  <C extends ProblemCode>(code: C) =>
  (problem: Problem): problem is KnownProblem & { code: C; values: ProblemValues[C] } =>
    problem.code === code;

/** What can hurt somebody, or lets a bag fall: said wherever the bag is made, by whoever makes it. */
const CAUTIONS: ReadonlySet<string> = new Set([
  ...['magnets', 'small-parts', 'long-cords'],
  ...['set-with-tools', 'test-with-load', 'strap-load'],
]);

/**
 * Whether something is a caution that belongs into a pattern.
 *
 * @example
 * isCaution({ code: 'magnets' }) // => true
 * isCaution({ code: 'one-reading' }) // => false
 */
export const isCaution = ({ code }: Pick<Problem, 'code'>): boolean => CAUTIONS.has(code);
