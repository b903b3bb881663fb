import type { Metadata } from 'next';
import { WordsPage } from '@/ui/words/WordsPage';

export const metadata: Metadata = { title: 'Words' };

/** Words of the trade, each with its drawing. */
export default function Words() {
  return <WordsPage />;
}
