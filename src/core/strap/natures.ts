import type { WorkedStrapKind } from '@/core/design';
import { STITCHES, plainStitchOf, type StitchPattern } from '@/core/stitches';

/** What of a worked strap can be told from its kind alone. */
export interface StrapNature {
  /** What it is worked in; null: the bag's plain stitch. */
  stitch: keyof typeof STITCHES | null;
  /** How its stitches lie: in short rows across it, in long rows along it, round it, or in chains that are its strands. */
  lie: 'across' | 'along' | 'round' | 'cord';
  /** Layers of its fabric that lie on each other when it lies flat: of a tube two. */
  layers: 1 | 2;
  /** The fewest stitches or rows that make its width. */
  least: number;
  /** Written as the bag's rows are, every one of them; by the rows that are repeated and the one that closes it; or in words of its own. */
  written: 'row-by-row' | 'by-repeat' | 'i-cord' | 'cord';
  /** Rows worked along each long edge once it is done, in the ends of its rows. */
  borderRows: 0 | 1;
  /** Of a cord of chains: how many, and the share of its length that twisting or plaiting takes. */
  cord: { strands: 1 | 2 | 3; takesShare: number } | null;
}

const STRIP = { layers: 1, borderRows: 0, cord: null } as const;
const CORD = { stitch: 'chain-cord', lie: 'cord', least: 1, written: 'cord', borderRows: 0 } as const;

/**
 * Common practice, no source: a band for a tube is five rows that a sixth joins, or more; a spiral tube has eight stitches or so, an i-cord three to
 * five. From memory: twisted or plaited, a cord loses about a quarter of its length.
 */
export const STRAP_NATURES: Readonly<Record<WorkedStrapKind, StrapNature>> = {
  plain: { ...STRIP, stitch: null, lie: 'across', least: 2, written: 'row-by-row' },
  lengthwise: { ...STRIP, stitch: null, lie: 'along', least: 1, written: 'row-by-row' },
  double: { ...STRIP, stitch: 'double-thickness', lie: 'across', least: 3, written: 'by-repeat' },
  linen: { ...STRIP, stitch: 'linen', lie: 'across', least: 3, written: 'row-by-row' },
  edged: { ...STRIP, stitch: null, lie: 'across', least: 2, written: 'row-by-row', borderRows: 1 },
  tube: { ...STRIP, stitch: null, lie: 'along', layers: 2, least: 4, written: 'row-by-row' },
  spiral: { ...STRIP, stitch: 'spiral-tube', lie: 'round', layers: 2, least: 5, written: 'by-repeat' },
  'i-cord': { ...STRIP, stitch: null, lie: 'round', layers: 2, least: 3, written: 'i-cord' },
  'chain-cord': { ...CORD, layers: 1, cord: { strands: 1, takesShare: 0 } },
  'twisted-cord': { ...CORD, layers: 2, cord: { strands: 2, takesShare: 0.25 } },
  'plaited-cord': { ...CORD, layers: 2, cord: { strands: 3, takesShare: 0.25 } },
};

/** How wide a cord is, as so many times the width of one of its strands. From memory. */
const CORD_WIDTHS = { 1: 1, 2: 1.7, 3: 2.2 } as const;

/**
 * Whether a strap can grow from the body: its rows are short ones, each over the stitches of the one before, with nothing along its edges.
 *
 * @example
 * canGrow(STRAP_NATURES.plain) // => true
 * canGrow(STRAP_NATURES.tube) // => false
 */
export const canGrow = ({ lie, written, borderRows }: StrapNature): boolean =>
  lie === 'across' && written === 'row-by-row' && borderRows === 0;

/** What a strap of a kind is worked in on a bag. */
export const strapStitch = ({ stitch }: StrapNature, panel: StitchPattern): StitchPattern =>
  stitch === null ? plainStitchOf(panel) : STITCHES[stitch];

/**
 * How many stitches or rows come nearest to a width, and how wide they are, mm.
 *
 * @param eachMm what one of them takes of the width, laid out in one layer; of a cord, the width of one strand
 * @param besideMm what is worked along both long edges takes of it
 *
 * @example
 * widthCount(STRAP_NATURES.plain, STITCHES.sc, 21, 5) // => { count: 4, widthMm: 20 }
 * widthCount(STRAP_NATURES.linen, STITCHES.linen, 21, 5) // => { count: 5, widthMm: 25 }
 * widthCount(STRAP_NATURES.tube, STITCHES.sc, 15, 5) // => { count: 6, widthMm: 15 }
 * widthCount(STRAP_NATURES.spiral, STITCHES['spiral-tube'], 20, 5) // => { count: 8, widthMm: 20 }
 * widthCount(STRAP_NATURES.edged, STITCHES.sc, 26, 5, 8) // => { count: 4, widthMm: 28 }
 * widthCount(STRAP_NATURES['chain-cord'], STITCHES.sc, 22, 3) // => { count: 1, widthMm: 3 }
 */
export function widthCount(
  { lie, layers, least, cord }: StrapNature,
  { repeatStitches, edgeStitches }: StitchPattern,
  widthMm: number,
  eachMm: number,
  besideMm = 0,
): { count: number; widthMm: number } {
  if (cord) return { count: cord.strands, widthMm: CORD_WIDTHS[cord.strands] * eachMm };
  const wished = (layers * (widthMm - besideMm)) / eachMm;
  // Rows are not worked in repeats.
  const [every, beside] = lie === 'along' ? [1, 0] : [repeatStitches, edgeStitches];
  const repeats = Math.max(Math.ceil((least - beside) / every), Math.round((wished - beside) / every));
  const count = repeats * every + beside;
  return { count, widthMm: (count * eachMm) / layers + besideMm };
}
