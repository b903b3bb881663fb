import type { Metadata } from 'next';
import { getStore } from '@/server/store';
import { swatchesWithBags } from '@/server/swatches';
import { SwatchShelf } from '@/ui/swatch/SwatchShelf';
import { SWATCHES_AT_A_TIME, shownSwatches } from '@/ui/swatch/shownSwatches';

export const metadata: Metadata = { title: 'Swatches' };

/** The library of swatches, apart from any bag. */
export default async function SwatchesPage() {
  const first = await swatchesWithBags(await getStore(), { limit: SWATCHES_AT_A_TIME });
  return <SwatchShelf first={shownSwatches(first)} />;
}
