import { OTHER_PIECE_SHARE, OTHER_STITCH_SHARE } from '@/core/defaults';
import { patternNamed, type Design, type Edging, type Swatch } from '@/core/design';
import { roughStitchMm } from '@/core/gauge';
import { STITCHES, patternRowCount, type StitchPattern } from '@/core/stitches';
import { EDGING_NATURES, type EdgingNature } from './natures';

/** A stitch and a row of the bag's fabric, mm, and the pattern that it is worked in. */
export interface Fabric {
  stitchMm: number;
  rowMm: number;
  pattern: StitchPattern;
}

/** An edging in the bag's yarn, mm: a stitch of its plain rounds, how deep those are together, and all of it. */
export interface EdgingSizes {
  stitchMm: number;
  plainMm: number;
  depthMm: number;
  /** Yarn for its area, against that of the bag's fabric. */
  yarnToFabric: number;
}

/** The nature of an edging: of its kind, or of her own pattern over plain rounds of single crochet. */
export function natureOf(edging: Edging, { ownStitches }: Pick<Design, 'ownStitches'>): EdgingNature {
  if (edging.kind !== 'own') return EDGING_NATURES[edging.kind];
  const pattern = patternNamed(edging.stitch, ownStitches);
  const { nature, repeatStitches, edgeStitches } = pattern;
  return {
    plain: 'sc',
    over: {
      heightToSc: patternRowCount(pattern) * nature.heightToSc,
      yarnToSc: nature.yarnToSc,
      repeatStitches,
      edgeStitches,
    },
  };
}

/**
 * How wide a stitch grows on another hook, as a share: as a usual yarn of the class does.
 *
 * @example
 * hookShare({ hookMm: 4, yarn: { weightClass: null }, strands: 1, heldWith: [] }, 5) // => 1.25
 */
export const hookShare = (
  swatch: Pick<Swatch, 'hookMm' | 'strands'> & {
    yarn: Pick<Swatch['yarn'], 'weightClass'>;
    heldWith: readonly { strands: number }[];
  },
  hookMm: number | null,
): number => (hookMm === null ? 1 : roughStitchMm({ ...swatch, hookMm }) / roughStitchMm(swatch));

/**
 * What is not known of an edging's sizes before it was measured, as a share: a border is another piece, and mostly of another stitch or on another
 * hook than the bag.
 */
export const openOfEdging = (
  edging: Edging,
  design: Pick<Design, 'ownStitches'>,
  { pattern }: Pick<Fabric, 'pattern'>,
): number => (isAsTheBag(edging, design, pattern) ? OTHER_PIECE_SHARE : OTHER_STITCH_SHARE);

/** Whether an edging is worked in the bag's own stitch, on its own hook: then its sizes are the bag's. */
export function isAsTheBag(edging: Edging, design: Pick<Design, 'ownStitches'>, pattern: StitchPattern): boolean {
  const { plain, over } = natureOf(edging, design);
  return over === null && edging.hookMm === null && pattern.id === plain;
}

/**
 * How wide the stitches of an edging are and how deep it is, from the bag's fabric: by what is usual for its stitches against the bag's.
 *
 * Source: proportions of stitches, and of one yarn on several hooks, from memory.
 */
export function edgingSizes(
  edging: Edging,
  design: Pick<Design, 'swatch' | 'ownStitches'>,
  { stitchMm, rowMm, pattern }: Fabric,
): EdgingSizes {
  const { plain, over } = natureOf(edging, design);
  const { nature } = STITCHES[plain];
  const share = hookShare(design.swatch, edging.hookMm);
  const scRowMm = (rowMm / pattern.nature.heightToSc) * share;
  const plainMm = edging.rounds * nature.heightToSc * scRowMm;
  const overMm = (over?.heightToSc ?? 0) * scRowMm;
  const depthMm = plainMm + overMm;
  const yarnToSc = (plainMm * nature.yarnToSc + overMm * (over?.yarnToSc ?? 0)) / depthMm;
  return {
    stitchMm: (stitchMm / pattern.nature.widthToSc) * nature.widthToSc * share,
    plainMm,
    depthMm,
    yarnToFabric: yarnToSc / pattern.nature.yarnToSc,
  };
}
