import { mendedAll, readPattern, renumbered, resizedIn, type ReadPattern, type ReadWords } from '@/core/reader';

/** How a text is read: whose words it is said to be in, and which of its sizes. */
export interface ReadWay {
  words: ReadWords | null;
  size: number;
}

/** What is asked of the reader: to read a text, or to change it. */
export type ReadQuestion = { id: number; text: string; way: ReadWay } & (
  { do: 'read' } | { do: 'mend-all' } | { do: 'renumber' } | { do: 'resize'; part: number; repeats: number }
);
export type ReadAnswer = { id: number; answer: unknown };

function answered(question: ReadQuestion): unknown {
  const { text, way } = question;
  const read = (now: string): ReadPattern => readPattern(now, way.words, way.size);
  switch (question.do) {
    case 'read':
      return read(text);
    case 'mend-all':
      return mendedAll(text, read);
    case 'renumber':
      return renumbered(text, read(text).language);
    case 'resize':
      return resizedIn(text, question.part, question.repeats, way.words);
  }
}

/** Does one thing after the other; whoever asked knows the answer by its number. */
self.onmessage = ({ data }: MessageEvent<ReadQuestion>) => {
  self.postMessage({ id: data.id, answer: answered(data) } satisfies ReadAnswer);
};
