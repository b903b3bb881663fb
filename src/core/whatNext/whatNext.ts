import { isMeasured, patternOf, type Design, type GoesWithout } from '@/core/design';
import { fittingOfPath, takeOffEdit } from '@/core/fittings';
import type { Plan } from '@/core/plan';
import type { DesignEdit, Place, Problem } from '@/core/problems';
import { plainStitchOf } from '@/core/stitches';
import { wholeSwatch } from '@/core/yarn';

/** What a bag asks of its maker before it is planned, each once. */
export type NextCode =
  | 'say-contents'
  | 'measure-swatch'
  | 'measure-thickness'
  | 'weigh-swatch'
  | 'say-ball'
  | 'choose-closure'
  | 'say-zipper-length'
  | 'choose-lining'
  | 'decide';

/** One thing that a bag asks: where it is done, and what says that it is. */
export interface NextThing {
  code: NextCode;
  place: Place;
  /** Of the design: where the answer goes; null where it is chosen among drawings. */
  path: readonly (string | number)[] | null;
  isDone: boolean;
  /** The edits by which she says that the bag goes without; null where it can't. */
  without: DesignEdit[] | null;
  /** What is to be decided; null for anything else. */
  problem: Problem | null;
}

/** The places in the order of work, as far as a plan asks anything there. */
export const PLACES_IN_ORDER = [
  'carry',
  'swatch',
  'stitch',
  'body',
  'strap',
  'closures',
  'lining',
  'stores',
  'bench',
  'write-up',
] as const satisfies readonly Place[];

/**
 * All that a bag asks before it is planned, done or not, in the order of work: what goes in, the swatch, what closes and lines it, and everything that its plan
 * leaves to decide. At each place what is to be decided comes last: an answer to what stands before it may settle it.
 *
 * Source: the order of work, common practice.
 */
export function nextThings(
  design: Design,
  plan: Pick<Plan, 'problems' | 'contents' | 'closures' | 'lining'>,
): NextThing[] {
  const things = [...asked(design, plan), ...plan.problems.filter(isToDecide).map(decision)];
  return PLACES_IN_ORDER.flatMap((place) => things.filter((thing) => thing.place === place));
}

/** That nothing is measured yet is a thing of its own. */
const isToDecide = ({ severity, code }: Problem): boolean => severity === 'decide' && code !== 'not-measured';

const decision = (problem: Problem): NextThing => ({
  code: 'decide',
  place: problem.place,
  path: problem.path ?? null,
  isDone: false,
  without: null,
  problem,
});

const isBallKnown = ({ ballMassG, ballLengthM }: { ballMassG: number | null; ballLengthM: number | null }): boolean =>
  ballMassG !== null && ballLengthM !== null;

/** Open at the top; what was wished for the flap is kept. */
const withoutFlap = ({ dropMm, widthMm, hemMm }: Design['flap']): Design['flap'] => ({
  kind: 'none',
  dropMm,
  widthMm,
  hemMm,
});

const goWithout = ({ without }: Design, what: GoesWithout): DesignEdit[] => [
  { path: ['without'], value: [...without.filter((one) => one !== what), what] },
];

function asked(design: Design, plan: Pick<Plan, 'closures'>): NextThing[] {
  const { contents, swatch, closures, lining } = design;
  const thing = (code: NextCode, place: Place, path: NextThing['path'], isDone: boolean): NextThing => ({
    ...{ code, place, path, isDone },
    without: null,
    problem: null,
  });
  /** What can be gone without is done, too, once she has said that it is. */
  const orWithout = (what: GoesWithout, code: NextCode, place: Place, has: boolean): NextThing => ({
    ...thing(code, place, null, has || design.without.includes(what)),
    without: goWithout(design, what),
  });
  const saysContents = contents.items.length > 0 || contents.thicknessMm !== null;
  return [
    orWithout('contents', 'say-contents', 'carry', saysContents),
    thing(
      'measure-swatch',
      'swatch',
      ['swatch', swatch.stitchReadings.length === 0 ? 'stitchReadings' : 'rowReadings'],
      isMeasured(swatch),
    ),
    thing('measure-thickness', 'swatch', ['swatch', 'thicknessMm'], swatch.thicknessMm !== null),
    thing('weigh-swatch', 'swatch', ['swatch', 'weighed'], wholeSwatch(swatch) !== null),
    thing(
      'say-ball',
      'swatch',
      ['swatch', 'yarn', 'ballMassG'],
      [swatch.yarn, ...swatch.heldWith, ...design.furtherYarns].every(isBallKnown),
    ),
    orWithout('closure', 'choose-closure', 'closures', closures.length > 0),
    ...zippersToSay(design, plan).map((index) =>
      thing('say-zipper-length', 'closures', ['closures', index, 'lengthMm'], false),
    ),
    orWithout('lining', 'choose-lining', 'lining', lining !== null),
  ];
}

/** Zippers that are sewn to the lining first and whose length is still the longest that fits: the lining waits for the one she has. */
const zippersToSay = ({ closures, lining }: Design, plan: Pick<Plan, 'closures'>): number[] =>
  closures.flatMap((closure, index) =>
    closure.kind === 'zipper' &&
    closure.joined === 'lining' &&
    closure.lengthMm === null &&
    lining !== null &&
    plan.closures.some(({ at }) => at.index === index)
      ? [index]
      : [],
  );

/**
 * What is most worth doing at a place: the first thing there that is not done; where all is done, the first of the whole bag; null when nothing is left.
 *
 * @example
 * nextAt('body', [{ code: 'choose-lining', place: 'lining', path: null, isDone: false, without: [], problem: null }])?.place // => 'lining'
 */
export function nextAt(place: Place, things: readonly NextThing[]): NextThing | null {
  const open = things.filter(({ isDone }) => !isDone);
  return open.find((thing) => thing.place === place) ?? open[0] ?? null;
}

/**
 * Whether everything that a place asks is done; null where it asks nothing.
 *
 * @example
 * isDoneAt('lining', [{ code: 'choose-lining', place: 'lining', path: null, isDone: true, without: [], problem: null }]) // => true
 * isDoneAt('strap', []) // => null
 */
export function isDoneAt(place: Place, things: readonly NextThing[]): boolean | null {
  const here = things.filter((thing) => thing.place === place);
  return here.length === 0 ? null : here.every(({ isDone }) => isDone);
}

/**
 * The last way out of what is to be decided, where no repair helps: what it is about is left out of the bag. Null where it is about the bag itself.
 *
 * @param thing one of `nextThings`
 */
export function lastWayOut(design: Design, { problem }: Pick<NextThing, 'problem'>): DesignEdit[] | null {
  const path = problem?.path ?? [];
  const at = fittingOfPath(path);
  if (at) {
    const off = takeOffEdit(design, at);
    const none = off.value === null || (off.value as unknown[]).length === 0;
    const what = at.group === 'closures' ? 'closure' : at.group === 'lining' ? 'lining' : null;
    // What she had and took off isn't asked for again.
    return [off, ...(what && none ? goWithout(design, what) : [])];
  }
  switch (path[0]) {
    case 'flap':
      return [{ path: ['flap'], value: withoutFlap(design.flap) }];
    case 'stitch':
      return [{ path: ['stitch'], value: plainStitchOf(patternOf(design)).id }];
    default:
      return null;
  }
}
