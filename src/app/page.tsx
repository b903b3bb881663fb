import { STARTERS, starterDesign, swatchIdSchema } from '@/core/design';
import { planBag } from '@/core/plan';
import { designCard } from '@/drawing';
import { cardsOf } from '@/server/shelf';
import { getStore } from '@/server/store';
import type { StarterCard } from '@/ui/shelf/NewBag';
import { ShelfView } from '@/ui/shelf/ShelfView';
import { SHELF_PAGE } from '@/ui/shelf/shelfPage';

/** The shelf: the first bags drawn on the server, the rest fetched as she goes down. */
export default async function ShelfPage() {
  const { bags, ...shelf } = await (await getStore()).bags.list({ archived: false, offset: 0, limit: SHELF_PAGE });
  return <ShelfView cards={await cardsOf(bags)} {...shelf} starters={STARTER_CARDS} />;
}

/** The same for everyone and at any time: made once. */
const STARTER_CARDS: StarterCard[] = STARTERS.map(({ id }) => {
  const design = starterDesign(id, swatchIdSchema.parse('starter'));
  return { ...designCard(design, planBag(design)), id, archived: false, updatedAt: '', starter: id };
});
