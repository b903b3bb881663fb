import type { Metadata } from 'next';
import { LogbookShelf } from '@/ui/logbook/LogbookShelf';

export const metadata: Metadata = { title: 'Logbook' };

/** What was made, and what it taught. */
export default function LogbookPage() {
  return <LogbookShelf />;
}
