import type { Swatch } from '@/core/design';
import { FOUR_INCHES_MM, YARN_CLASSES, type YarnClass } from './yarnClasses';

/** Lace, counted in double crochet, whose stitch is about as wide. Source: Craft Yarn Council; from memory. */
const LACE: YarnClass = { leastStitches: 32, mostStitches: 42, leastHookMm: 1.4, mostHookMm: 2.25 };

/** Width of a single crochet against the hook, where no class is known. From memory: what the classes come to in the middle. */
const STITCH_TO_HOOK = 1.37;

/** How far beyond its label's hooks a class is still told, as a share of their range. From memory. */
const BEYOND_LABEL = 1.5;

/**
 * The width of a single crochet that a yarn usually gives on a hook, before anything is measured, mm: its class's counts, the
 * smallest hook of the label with the most stitches. Strands held together work like one yarn as thick as all of them. It is rough, and
 * misleads where a label's class is a guess; a swatch replaces it.
 *
 * Source: Craft Yarn Council, Standard Yarn Weight System, the figures from memory; that thickness goes with the root of the strands is
 * geometry.
 *
 * @example
 * roughStitchMm({ yarn: { weightClass: 4 }, hookMm: 5.5, strands: 1, heldWith: [] }).toFixed(2) // => '7.26'
 */
export function roughStitchMm({
  yarn: { weightClass },
  hookMm,
  strands,
  heldWith,
}: {
  yarn: Pick<Swatch['yarn'], 'weightClass'>;
  hookMm: number;
  strands: number;
  heldWith: readonly { strands: number }[];
}): number {
  const usual = weightClass === null ? undefined : weightClass === 0 ? LACE : YARN_CLASSES[weightClass];
  const together = Math.sqrt(heldWith.reduce((sum, held) => sum + held.strands, strands));
  if (usual === undefined) return STITCH_TO_HOOK * hookMm;
  const narrowMm = FOUR_INCHES_MM / usual.mostStitches;
  const wideMm = FOUR_INCHES_MM / usual.leastStitches;
  const within = (hookMm / together - usual.leastHookMm) / (usual.mostHookMm - usual.leastHookMm);
  const at = Math.max(-BEYOND_LABEL, Math.min(1 + BEYOND_LABEL, within));
  return together * Math.max(narrowMm / 2, narrowMm + at * (wideMm - narrowMm));
}
