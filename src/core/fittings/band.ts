import type { FittingPlace } from './place';

/** What rises from a bag and is carried by: from one of its feet over something, and down to the other. Lengths in mm. */
export interface HungBand {
  /** Its name on drawings. */
  mark: string;
  of: FittingPlace;
  /** Where its feet are: at the sides; on a face, so far from each other; or both at one side, as a loop. */
  at:
    | { on: 'sides' }
    | { on: 'face'; face: 'front' | 'back'; apartMm: number }
    | { on: 'one-side'; side: 1 | -1; apartMm: number };
  /** From mouth to mouth: as it hangs empty, and full. */
  lengthMm: { empty: number; loaded: number };
  /** How far below what it lies over the mouth hangs; null where it runs round a body. */
  dropMm: { empty: number; loaded: number } | null;
  /** How wide that is. */
  supportMm: number;
  widthMm: number;
  thicknessMm: number;
  stuff: 'cloth' | 'metal';
}
