import { STARTERS, starterDesign, swatchIdSchema } from '@/core/design';
import { getStore } from '@/server/store';
import type { StarterCard } from '@/ui/shelf/NewBag';
import { ShelfView } from '@/ui/shelf/ShelfView';
import { bagCard } from '@/ui/shelf/bagCard';
import { SHELF_PAGE } from '@/ui/shelf/shelfPage';

export const dynamic = 'force-dynamic';

/** The shelf: the first bags drawn on the server, the rest fetched as she goes down. */
export default async function ShelfPage() {
  const { bags, ...shelf } = await (await getStore()).bags.list({ archived: false, offset: 0, limit: SHELF_PAGE });
  return <ShelfView cards={bags.map(bagCard)} {...shelf} starters={starterCards()} />;
}

function starterCards(): StarterCard[] {
  return STARTERS.map(({ id }) => {
    const design = starterDesign(id, swatchIdSchema.parse('starter'));
    const card = bagCard({ id, design, archived: false, updatedAt: '' });
    return { ...card, starter: id };
  });
}
