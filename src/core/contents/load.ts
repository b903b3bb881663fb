import type { Design } from '@/core/design';
import type { PlacedThing, Size } from './packTree';

/** What a folded bag carries, in one of the two states every plan is looked at in. */
export type LoadState = 'empty' | 'loaded';

export const LOAD_STATES: readonly LoadState[] = ['empty', 'loaded'];

/** How thick what is in the pockets inside front and back is: what is packed lies so far from them, mm. */
export interface BesideMm {
  front: number;
  back: number;
}

/**
 * A design whose sizes and load are settled: outside sizes, whatever they follow from, and a load of a known thickness and
 * mass. The stages after the contents read this.
 */
export type SettledDesign = Omit<Design, 'contents'> & {
  /** The sizes as she wrote them, before they were settled. */
  wishedMm: { widthMm: number; heightMm: number };
  /** The size that the things are packed to; null where nothing goes in. */
  packed: Size | null;
  /** What lies in pockets beside it. */
  besideMm: BesideMm;
  /** Where each of them lies in the bag. */
  placed: PlacedThing[];
  /** The thickness that is planned with where what goes in is thicker than the bag can take; else null. */
  clampedLoadMm: number | null;
  contents: Omit<Design['contents'], 'thicknessMm' | 'massG'> & { thicknessMm: number; massG: number };
};

/**
 * How thick the load lies between front and back, mm.
 *
 * @example
 * loadThicknessMm({ thicknessMm: 18 }, 'empty') // => 0
 */
export function loadThicknessMm(contents: { thicknessMm: number }, state: LoadState): number {
  return state === 'loaded' ? contents.thicknessMm : 0;
}
