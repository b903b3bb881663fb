/** A database that can't be opened or written, with a plain sentence for the maker. Nothing of it was changed. */
export class StoreTrouble extends Error {
  override readonly name = 'StoreTrouble';

  constructor(
    readonly sentence: string,
    cause?: unknown,
  ) {
    super(sentence, { cause });
  }
}

/** Whether an error is such a trouble. Next bundles this module more than once, so it is told by its name. */
export const isStoreTrouble = (error: unknown): error is StoreTrouble =>
  error instanceof Error && error.name === 'StoreTrouble';

/** What SQLite and the file system call a trouble, and what it is in words. The first that is found in an error counts. */
const TROUBLES: readonly [found: RegExp, sentence: (path: string) => string][] = [
  [
    /SQLITE_NOTADB/,
    (path) => `${path} is no database of Ruelle’s. It was left as it is. Name another file, or put this one elsewhere.`,
  ],
  [
    /SQLITE_CORRUPT|unsupported file format|malformed/,
    (path) => `${path} is damaged and can’t be read. It was left as it is. Put a copy of your work in its place.`,
  ],
  [/SQLITE_FULL|ENOSPC/, (path) => `There is no room left on the disk for ${path}. Free some space and start again.`],
  [
    /SQLITE_READONLY|EROFS|EACCES|EPERM/,
    (path) => `${path} can’t be written: the file or its folder is read-only. Change that, or name another file.`,
  ],
  [/EEXIST|ENOTDIR/, (path) => `The folder of ${path} is no folder. Name another file.`],
  [
    /SQLITE_CANTOPEN|EISDIR/,
    (path) =>
      `${path} can’t be opened: there is a folder in its place, or its own folder can’t be written. Name another file.`,
  ],
  [/SQLITE_BUSY/, (path) => `${path} is being written by another program. Wait until it is done, and start again.`],
];

/** An error of opening a database, in words where it is one of those that are known. */
export function troubleOf(error: unknown, path: string): unknown {
  if (isStoreTrouble(error)) return error;
  const { code } = error as { code?: unknown };
  const text = `${String(code ?? '')} ${String(error)}`;
  const [, sentence] = TROUBLES.find(([found]) => found.test(text)) ?? [];
  return sentence ? new StoreTrouble(sentence(path), error) : error;
}
