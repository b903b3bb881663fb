import type { Contents } from '@/core/design';

/** What a folded bag carries, in one of the two states every plan is looked at in. */
export type LoadState = 'empty' | 'loaded';

export const LOAD_STATES: readonly LoadState[] = ['empty', 'loaded'];

/**
 * How thick the load lies between front and back, mm.
 *
 * @example
 * loadThicknessMm({ thicknessMm: 18, massG: 100, firmness: 'soft' }, 'empty') // => 0
 */
export function loadThicknessMm(contents: Contents, state: LoadState): number {
  return state === 'loaded' ? contents.thicknessMm : 0;
}
