import type { Metadata } from 'next';
import { StockShelf } from '@/ui/stock/StockShelf';

export const metadata: Metadata = { title: 'Stores' };

/** What she has in store, apart from any bag. */
export default function StoresPage() {
  return <StockShelf />;
}
