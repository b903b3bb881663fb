import type { Conflict, Criterion, Difference, WishId, Wishes } from '@/core/solutions';
import type { LengthUnit } from '@/core/units';
import { formatQuantity } from './quantity';

/** What a plan is weighed by, as a maker says it on a slider. */
export const CRITERION_NAMES: Record<Criterion, string> = {
  size: 'Near the sizes I want',
  doubt: 'Sure of its sizes',
  flap: 'Flap as far down as I want',
  texture: 'Folds on plain rows',
  yarn: 'Little yarn',
  work: 'Few stitches to work',
};

/** A wish as a maker makes it. */
export const WISH_NAMES: Record<WishId, string> = {
  fits: 'What goes in must fit',
  yarnG: 'Yarn at hand',
  offMm: 'No size further off than',
  plainFolds: 'Every fold on a plain row',
  triedHooks: 'Only hooks I have tried',
  sameStitch: 'Keep my stitch',
};

/** An amount of a criterion. */
function amount(criterion: Criterion, value: number, unit: LengthUnit): string {
  switch (criterion) {
    case 'size':
    case 'doubt':
    case 'flap':
      return formatQuantity(value, 'mm', unit);
    case 'texture':
      return `${value} ${value === 1 ? 'fold' : 'folds'}`;
    case 'yarn':
      return formatQuantity(value, 'g', unit);
    case 'work':
      return formatQuantity(Math.round(value), 'stitch', unit);
  }
}

/** By how much a plan is better or worse in one thing, said so that it can be listed. */
const DIFFERENCES: Record<Criterion, { less: (by: string) => string; more: (by: string) => string }> = {
  size: { less: (by) => `${by} nearer to your sizes`, more: (by) => `${by} further from your sizes` },
  doubt: { less: (by) => `${by} less open in its sizes`, more: (by) => `${by} more open in its sizes` },
  flap: { less: (by) => `flap and bridge ${by} nearer`, more: (by) => `flap and bridge ${by} further off` },
  texture: { less: (by) => `${by} fewer on raised rows`, more: (by) => `${by} more on raised rows` },
  yarn: { less: (by) => `${by} less yarn`, more: (by) => `${by} more yarn` },
  work: { less: (by) => `${by} fewer`, more: (by) => `${by} more` },
};

/**
 * A difference of two plans in a few words.
 *
 * @example
 * differenceText({ criterion: 'yarn', more: -16 }, 'cm') // => '16 g less yarn'
 * differenceText({ criterion: 'texture', more: 1 }, 'cm') // => '1 fold more on raised rows'
 */
export function differenceText({ criterion, more }: Difference, unit: LengthUnit): string {
  const by = amount(criterion, Math.abs(more), unit);
  return more < 0 ? DIFFERENCES[criterion].less(by) : DIFFERENCES[criterion].more(by);
}

/** A wish within a sentence. */
function wishText(wish: WishId, wishes: Wishes, unit: LengthUnit): string {
  switch (wish) {
    case 'fits':
      return 'room for what goes in';
    case 'yarnG':
      return `no more than ${formatQuantity(wishes.yarnG ?? 0, 'g', unit)} of yarn`;
    case 'offMm':
      return `no size more than ${formatQuantity(wishes.offMm ?? 0, 'mm', unit)} off`;
    case 'plainFolds':
      return 'every fold on a plain row';
    case 'triedHooks':
      return 'only hooks that were tried';
    case 'sameStitch':
      return 'the same stitch';
  }
}

/** What easing one wish would take. */
function giveUpText({ wish, to }: Conflict['giveUp'][number], unit: LengthUnit): string {
  const mm = (value: number) => formatQuantity(value, 'mm', unit);
  switch (wish) {
    case 'fits':
      return `let what goes in be ${mm(to ?? 0)} too large`;
    case 'yarnG':
      return `have ${formatQuantity(Math.ceil(to ?? 0), 'g', unit)} of yarn`;
    case 'offMm':
      return `let a size be ${mm(to ?? 0)} off`;
    case 'plainFolds':
      return `let ${amount('texture', to ?? 0, unit)} lie on raised rows`;
    case 'triedHooks':
      return 'work a swatch on another hook';
    case 'sameStitch':
      return 'take another stitch';
  }
}

/**
 * Which wishes can't be had together, and the least to give up.
 *
 * @example
 * conflictText({ wishes: ['fits', 'yarnG'], giveUp: [{ wish: 'yarnG', to: 55.2 }] }, { fits: true, yarnG: 50, offMm: null, plainFolds: false, triedHooks: false, sameStitch: false }, 'cm') // => 'No plan has room for what goes in together with no more than 50 g of yarn. The least to give up: have 56 g of yarn.'
 */
export function conflictText({ wishes: conflicting, giveUp }: Conflict, wishes: Wishes, unit: LengthUnit): string {
  const together = conflicting.map((wish) => wishText(wish, wishes, unit)).join(' together with ');
  const eased = giveUp.map((one) => giveUpText(one, unit)).join('; or ');
  return `No plan has ${together}. ${eased ? `The least to give up: ${eased}.` : 'More than one of them has to be given up.'}`;
}

/**
 * What is known of the list: that nothing better exists, or how much better a plan could be.
 *
 * @param plans how many there are; those not weighed one by one were ruled out by bounds
 *
 * @example
 * proofText({ plans: 1000, weighed: 12, gap: 0 }) // => 'Of 1,000 plans 12 were reckoned one by one; the rest can be no better. By your weights, nothing better than the first exists.'
 */
export function proofText({ plans, weighed, gap }: { plans: number; weighed: number; gap: number }): string {
  const all = plans.toLocaleString('en-US');
  const some = weighed.toLocaleString('en-US');
  return gap > 0
    ? `Of ${all} plans ${some} were reckoned, then the search ended. A plan that is better by up to ${gap.toFixed(1)} points may exist.`
    : `Of ${all} plans ${some} were reckoned one by one; the rest can be no better. By your weights, nothing better than the first exists.`;
}
