import { statSync } from 'node:fs';
import { StoreTrouble } from './trouble';

/**
 * A check that the file at a path is still the one that lay there when it was first asked.
 *
 * @returns what checks it. @throws StoreTrouble once it was deleted or another one lies there: what is open then leads nowhere that
 * she could find again
 */
export function sameFileCheck(path: string): () => void {
  const idOf = () => {
    const stats = statSync(path, { throwIfNoEntry: false });
    return stats && `${stats.dev}:${stats.ino}`;
  };
  let first: string | undefined;
  return () => {
    first ??= idOf();
    if (idOf() !== first)
      throw new StoreTrouble(
        `${path} was moved, deleted or replaced while Ruelle was open, so nothing is written any more. Your work is kept in this window. Put the file back, or keep the bag as a file, and start Ruelle again.`,
      );
  };
}
