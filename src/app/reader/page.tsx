import type { Metadata } from 'next';
import { ReaderShelf } from '@/ui/reader/ReaderShelf';

export const metadata: Metadata = { title: 'Reader' };

/** A pattern of anybody's, read and worked row by row. */
export default function ReaderPage() {
  return <ReaderShelf />;
}
