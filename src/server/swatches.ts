import type { Swatch } from '@/core/design';
import type { Listed, Part, Store } from '@/store';

/** A part of the library of swatches, with the names of the bags that are planned from each of them. */
interface SwatchesWithBags extends Listed<Swatch> {
  usedBy: [id: string, bags: string[]][];
}

export async function swatchesWithBags({ swatches }: Store, part: Part): Promise<SwatchesWithBags> {
  const listed = await swatches.list(part);
  return { ...listed, usedBy: [...(await swatches.usedBy(listed.kept.map(({ id }) => id)))] };
}
