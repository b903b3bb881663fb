import type { Design } from '@/core/design';
import type { DesignEdit } from '@/core/problems';

/** Where something is put on a bag. */
export const FITTING_GROUPS = [
  'closures',
  'hardware',
  'straps',
  'pockets',
  'lining',
  'stiffener',
  'edgings',
  'trims',
] as const;
export type FittingGroup = (typeof FITTING_GROUPS)[number];

/** Which of the things that are put on a bag: its group, and the how-manieth of it, from 0. */
export interface FittingPlace {
  group: FittingGroup;
  index: number;
}

/** Groups that a bag has one of at most: no list. */
export const isSingle = (group: FittingGroup): group is 'lining' | 'stiffener' =>
  group === 'lining' || group === 'stiffener';

/** Where a fitting's choices stand in the design. */
export const pathOf = ({ group, index }: FittingPlace): (string | number)[] =>
  isSingle(group) ? [group] : [group, index];

/** The edit that takes something off the bag; all else stays. */
export const takeOffEdit = (design: Pick<Design, FittingGroup>, { group, index }: FittingPlace): DesignEdit =>
  isSingle(group)
    ? { path: [group], value: null }
    : { path: [group], value: design[group].filter((_, other) => other !== index) };

/**
 * The fitting that a path of the design leads to or into; null where it leads elsewhere.
 *
 * @example
 * fittingOfPath(['straps', 1, 'ends']) // => { group: 'straps', index: 1 }
 * fittingOfPath(['body', 'widthMm']) // => null
 */
export function fittingOfPath([first, second]: readonly (string | number)[]): FittingPlace | null {
  const group = FITTING_GROUPS.find((one) => one === first);
  if (group === undefined) return null;
  if (isSingle(group)) return { group, index: 0 };
  return typeof second === 'number' ? { group, index: second } : null;
}

/**
 * A name for one fitting of a group: the first has the bare one, so that a bag with one snap speaks of “the snap”.
 *
 * @example
 * nameAt({ group: 'straps', index: 0 }, 'strap.rows') // => 'strap.rows'
 * nameAt({ group: 'straps', index: 1 }, 'strap.rows') // => 'strap.rows.2'
 */
export const nameAt = ({ index }: FittingPlace, name: string): string => (index === 0 ? name : `${name}.${index + 1}`);
