import { readPattern, type TermSet } from '@/core/reader';

/** What is asked of the reader: a text, and whose words it is said to be in. */
export interface ReadQuestion {
  id: number;
  text: string;
  terms: TermSet | null;
}

/** Reads one text after the other; whoever asked knows the answer by its number. */
self.onmessage = ({ data }: MessageEvent<ReadQuestion>) => {
  self.postMessage({ id: data.id, read: readPattern(data.text, data.terms) });
};
