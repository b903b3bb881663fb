import type { Instruction } from './instruction';
import type { ReadPart, ReadPattern, ReadRow } from './read';

/** What is different between a row before and now. */
export type RowChange =
  | { is: 'added' | 'removed'; part: string; row: ReadRow }
  /** It comes to another count. */
  | { is: 'counts'; part: string; before: ReadRow; now: ReadRow }
  /** It comes to the same count by other work. */
  | { is: 'work'; part: string; before: ReadRow; now: ReadRow };

export interface Comparison {
  changes: RowChange[];
  /** Rows that are worked as before, whatever their words are. */
  same: number;
}

/** What is done, without where it is written and by which words. */
const doneIn = (items: readonly Instruction[]): string =>
  JSON.stringify(items, (key, value: unknown) =>
    key === 'from' || key === 'to' || key === 'words' ? undefined : value,
  ).replace(/\{"do":"note"\},?/g, '');

/**
 * What changed between two versions of a pattern, in counts and in work: rows that are only worded otherwise are the same. Parts go by their order, rows by their numbers.
 *
 * @param before the version that was, read
 * @param now the one that is
 */
export function comparePatterns(before: ReadPattern, now: ReadPattern): Comparison {
  const changes: RowChange[] = [];
  let same = 0;
  const parts = Math.max(before.parts.length, now.parts.length);
  for (let at = 0; at < parts; at += 1) {
    const [was, is] = [before.parts[at], now.parts[at]];
    const part = is?.title || was?.title || '';
    const [old, fresh] = [byNumber(was), byNumber(is)];
    for (const number of [...new Set([...old.keys(), ...fresh.keys()])].sort((one, other) => one - other)) {
      const [then, here] = [old.get(number), fresh.get(number)];
      if (!then && here) changes.push({ is: 'added', part, row: here });
      else if (then && !here) changes.push({ is: 'removed', part, row: then });
      else if (then && here) {
        if (then.out !== here.out || then.in !== here.in) changes.push({ is: 'counts', part, before: then, now: here });
        else if (doneIn(then.items) !== doneIn(here.items)) changes.push({ is: 'work', part, before: then, now: here });
        else same += 1;
      }
    }
  }
  return { changes, same };
}

const byNumber = (part: ReadPart | undefined): Map<number, ReadRow> =>
  new Map((part?.rows ?? []).map((row) => [row.number, row]));
