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
/** An answer; of a text that was read first without what is worked in its rows, and all of it once nothing else is asked. */
export type ReadAnswer = { id: number } & ({ answer: unknown } | { whole: ReadPattern });

/** How long nothing has been asked before all of what was read is handed over, ms: handing it over takes the screen longer than a letter may. */
const RESTS_MS = 200;

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

/** What was read without what is worked in its rows: counts and faults. */
const lightly = (read: ReadPattern): ReadPattern => ({
  ...read,
  parts: read.parts.map((part) => ({
    ...part,
    rows: part.rows.map((row) => ({ ...row, items: [], cells: [], names: [] })),
  })),
});

let resting: ReturnType<typeof setTimeout> | null = null;

/** Does one thing after the other; whoever asked knows the answer by its number. */
self.onmessage = ({ data }: MessageEvent<ReadQuestion>) => {
  const tell = (answer: ReadAnswer) => self.postMessage(answer);
  const { id } = data;
  if (resting) clearTimeout(resting);
  const answer = answered(data);
  if (data.do !== 'read') return tell({ id, answer });
  tell({ id, answer: lightly(answer as ReadPattern) });
  resting = setTimeout(() => tell({ id, whole: answer as ReadPattern }), RESTS_MS);
};
