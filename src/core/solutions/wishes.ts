import type { FabricOptions, SideOption, AcrossOption, TailOption } from './model';

/** What a plan must keep to, each wish or none. */
export interface Wishes {
  /** What goes in has room. */
  fits: boolean;
  /** No more yarn than is at hand, g. */
  yarnG: number | null;
  /** Neither width nor height further off than so much, mm. */
  offMm: number | null;
  /** Every fold on a plain row, and both edges alike. */
  plainFolds: boolean;
  /** Only hooks that a swatch was worked on. */
  triedHooks: boolean;
  /** Only the stitch that the bag has now. */
  sameStitch: boolean;
}

const WISH_IDS = ['fits', 'yarnG', 'offMm', 'plainFolds', 'triedHooks', 'sameStitch'] as const;
export type WishId = (typeof WISH_IDS)[number];

/** The wishes that are made. */
export const madeWishes = (wishes: Wishes): WishId[] =>
  WISH_IDS.filter((id) => wishes[id] !== null && wishes[id] !== false);

/** No wish but those named. */
export const onlyWishes = (wishes: Wishes, kept: readonly WishId[]): Wishes => ({
  fits: kept.includes('fits') && wishes.fits,
  yarnG: kept.includes('yarnG') ? wishes.yarnG : null,
  offMm: kept.includes('offMm') ? wishes.offMm : null,
  plainFolds: kept.includes('plainFolds') && wishes.plainFolds,
  triedHooks: kept.includes('triedHooks') && wishes.triedHooks,
  sameStitch: kept.includes('sameStitch') && wishes.sameStitch,
});

/** Whether each choice keeps to the wishes that it alone decides. Yarn is decided by all of them together. */
export const keeps = (wishes: Wishes) => ({
  fabric: ({ swatch, isBags }: FabricOptions): boolean =>
    (!wishes.triedHooks || swatch !== null) && (!wishes.sameStitch || isBags.stitch),
  across: ({ shortMm, offMm }: AcrossOption): boolean =>
    (!wishes.fits || shortMm <= 0) && (wishes.offMm === null || offMm <= wishes.offMm + 1e-9),
  side: ({ shortMm, offMm }: SideOption): boolean =>
    (!wishes.fits || shortMm <= 0) && (wishes.offMm === null || offMm <= wishes.offMm + 1e-9),
  tail: ({ texture }: TailOption): boolean => !wishes.plainFolds || texture === 0,
  yarn: (massG: number | null): boolean => wishes.yarnG === null || massG === null || massG <= wishes.yarnG + 1e-9,
});
