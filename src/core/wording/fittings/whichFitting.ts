import type { Problem } from '@/core/problems';

/** What one of a group is called. */
const NOUNS = { straps: 'Strap', closures: 'Closure', hardware: 'Hardware', edgings: 'Edging', trims: 'Trim' } as const;

const isGroup = (name: unknown): name is keyof typeof NOUNS => typeof name === 'string' && name in NOUNS;

/**
 * Which of several a problem is about; nothing where there is one of its kind only.
 *
 * @example
 * whichFitting({ path: ['straps', 1, 'ends'] }, { straps: [1, 2], closures: [], hardware: [], edgings: [], trims: [] }) // => 'Strap 2 of 2: '
 * whichFitting({ path: ['straps', 0, 'ends'] }, { straps: [1], closures: [], hardware: [], edgings: [], trims: [] }) // => ''
 */
export function whichFitting(
  { path }: Pick<Problem, 'path'>,
  design: { [Group in keyof typeof NOUNS]: readonly unknown[] },
): string {
  const [group, index] = path ?? [];
  if (!isGroup(group) || typeof index !== 'number') return '';
  const of = design[group].length;
  return of > 1 ? `${NOUNS[group]} ${index + 1} of ${of}: ` : '';
}
