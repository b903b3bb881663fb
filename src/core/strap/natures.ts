import type { WorkedStrapKind } from '@/core/design';
import { STITCHES, plainStitchOf, type StitchPattern } from '@/core/stitches';

/** What of a worked strap can be told from its kind alone. */
export interface StrapNature {
  /** What it is worked in; null: the bag's plain stitch. */
  stitch: keyof typeof STITCHES | null;
  /** How its stitches lie: in short rows across it, in long rows along it, or round it. */
  lie: 'across' | 'along' | 'round';
  /** Layers of its fabric that lie on each other when it lies flat: of a tube two. */
  layers: 1 | 2;
  /** The fewest stitches or rows that make its width. */
  least: number;
  /** Written as the bag's rows are, every one of them; else by the rows that are repeated and the one that closes it. */
  rowByRow: boolean;
}

/** Common practice, no source: a band for a tube is five rows that a sixth joins, or more; a spiral tube has eight stitches or so. */
export const STRAP_NATURES: Readonly<Record<WorkedStrapKind, StrapNature>> = {
  plain: { stitch: null, lie: 'across', layers: 1, least: 2, rowByRow: true },
  lengthwise: { stitch: null, lie: 'along', layers: 1, least: 1, rowByRow: true },
  double: { stitch: 'double-thickness', lie: 'across', layers: 1, least: 3, rowByRow: false },
  linen: { stitch: 'linen', lie: 'across', layers: 1, least: 3, rowByRow: true },
  tube: { stitch: null, lie: 'along', layers: 2, least: 4, rowByRow: true },
  spiral: { stitch: 'spiral-tube', lie: 'round', layers: 2, least: 5, rowByRow: false },
};

/** What a strap of a kind is worked in on a bag. */
export const strapStitch = ({ stitch }: StrapNature, panel: StitchPattern): StitchPattern =>
  stitch === null ? plainStitchOf(panel) : STITCHES[stitch];

/**
 * How many stitches or rows come nearest to a width, and how wide they are, mm.
 *
 * @param eachMm what one of them takes of the width, laid out in one layer
 *
 * @example
 * widthCount(STRAP_NATURES.plain, STITCHES.sc, 21, 5) // => { count: 4, widthMm: 20 }
 * widthCount(STRAP_NATURES.linen, STITCHES.linen, 21, 5) // => { count: 5, widthMm: 25 }
 * widthCount(STRAP_NATURES.tube, STITCHES.sc, 15, 5) // => { count: 6, widthMm: 15 }
 * widthCount(STRAP_NATURES.spiral, STITCHES['spiral-tube'], 20, 5) // => { count: 8, widthMm: 20 }
 */
export function widthCount(
  { lie, layers, least }: StrapNature,
  { repeatStitches, edgeStitches }: StitchPattern,
  widthMm: number,
  eachMm: number,
): { count: number; widthMm: number } {
  const wished = (layers * widthMm) / eachMm;
  // Rows are not worked in repeats.
  const [every, beside] = lie === 'along' ? [1, 0] : [repeatStitches, edgeStitches];
  const repeats = Math.max(Math.ceil((least - beside) / every), Math.round((wished - beside) / every));
  const count = repeats * every + beside;
  return { count, widthMm: (count * eachMm) / layers };
}
