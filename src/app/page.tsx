import { shelfPart } from '@/server/shelf';
import { ShelfView } from '@/ui/shelf/ShelfView';
import { SHELF_PAGE } from '@/ui/shelf/shelfPage';

/** The shelf: the first bags drawn on the server, the rest fetched as she goes down. */
export default async function ShelfPage() {
  return <ShelfView {...await shelfPart({ archived: false, offset: 0, limit: SHELF_PAGE })} />;
}
