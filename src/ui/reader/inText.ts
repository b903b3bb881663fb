import type { ReadRow } from '@/core/reader';

/** Stitches of the row below and of this one: “26 → 25”. */
export const inText = ({ in: taken, out }: ReadRow): string => `${taken ?? '–'} → ${out ?? '–'}`;
