import type { Metadata } from 'next';
import { getStore } from '@/server/store';
import { SwatchShelf } from '@/ui/swatch/SwatchShelf';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Swatches' };

/** The library of swatches, apart from any bag. */
export default async function SwatchesPage() {
  const { swatches } = await getStore();
  const [{ kept, unreadable }, usedBy] = await Promise.all([swatches.list(), swatches.usedBy()]);
  return <SwatchShelf first={kept} unreadable={unreadable} usedBy={[...usedBy]} />;
}
