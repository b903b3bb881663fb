import { createHash } from 'node:crypto';
import { openPromise, type Entry, type ZipFile } from 'yauzl';
import { readDesignText } from '@/core/design';
import {
  BACKUP_VERSION,
  IS_PATH,
  LIBRARIES,
  LIBRARY_NAMES,
  PATHS,
  besidesSchema,
  manifestSchema,
  photoListSchema,
  readMaking,
  type BackupContents,
  type KeptInBackup,
  type LibraryName,
} from '@/store';
import { Refused } from '../http';

/** No copy has more files, and none of them is larger; all open JSON together is held in the memory. */
const MOST_FILES = 200_000;
const MOST_JSON_BYTES = 64_000_000;
const MOST_ALL_JSON_BYTES = 400_000_000;
const MOST_PICTURE_BYTES = 30_000_000;

const NO_COPY = 'This isn’t a copy that Ruelle made: choose a ZIP from “Save a copy of everything”.';
const refused = (sentence: string) => new Refused(422, { sentence });

/** A copy that lies on the disk: what it holds, and its pictures one by one. */
export interface OpenBackup {
  contents: BackupContents;
  /** A picture as it is in the copy; null where there is none, or it isn't the one that was put in. */
  picture: (id: string) => Promise<Buffer | null>;
  close: () => void;
}

/**
 * Opens a copy. Nothing of it is ever unpacked to a place that it names itself; each file is taken up to its limit, and only if its hash is that of the list.
 *
 * @throws Refused 422 with a sentence when it is no copy, of a newer Ruelle, or too large
 */
export async function openBackup(path: string): Promise<OpenBackup> {
  const zip = await openPromise(path, {
    strictFileNames: true,
    validateEntrySizes: true,
    lazyEntries: true,
    autoClose: false,
  }).catch(() => {
    throw refused(NO_COPY);
  });
  try {
    const entries = await entriesOf(zip);
    const manifest = await readJsonOf(zip, entries.get(PATHS.manifest), manifestSchema.safeParse.bind(manifestSchema));
    if (!manifest) throw refused(NO_COPY);
    if (manifest.version > BACKUP_VERSION)
      throw refused('This copy was made by a newer Ruelle. Bring it in there, or take that one.');
    const hashes = new Map(manifest.files.map(({ path: name, sha256 }) => [name, sha256]));
    const files = new Files(zip, entries, hashes);
    const contents = await contentsOf(files, manifest.madeAt);
    return {
      contents,
      picture: (id) => files.bytes(PATHS.picture(id), MOST_PICTURE_BYTES),
      close: () => zip.close(),
    };
  } catch (error) {
    zip.close();
    if (error instanceof Refused) throw error;
    throw refused('This copy is damaged and can’t be read to its end. Nothing was changed. Try another one.');
  }
}

/** The files of a copy that are what the list says they are. */
class Files {
  private jsonBytes = 0;

  constructor(
    private readonly zip: ZipFile,
    private readonly entries: ReadonlyMap<string, Entry>,
    private readonly hashes: ReadonlyMap<string, string>,
  ) {}

  /** Paths of all of them. */
  paths(): string[] {
    return [...this.entries.keys()];
  }

  /** A file's bytes; null where there is none or it isn't the one that was put in. */
  async bytes(path: string, most: number): Promise<Buffer | null> {
    const entry = this.entries.get(path);
    if (!entry || !this.hashes.has(path)) return null;
    const read = await bytesOfEntry(this.zip, entry, most);
    return read && createHash('sha256').update(read).digest('hex') === this.hashes.get(path) ? read : null;
  }

  /** A file as text. */
  async text(path: string): Promise<string | null> {
    const read = await this.bytes(path, MOST_JSON_BYTES);
    this.jsonBytes += read?.byteLength ?? 0;
    if (this.jsonBytes > MOST_ALL_JSON_BYTES)
      throw refused('This copy holds far more than any workroom. It was not taken in.');
    return read && read.toString('utf8');
  }

  /** A file as a document; undefined where it is none. */
  async json(path: string): Promise<unknown> {
    const text = await this.text(path);
    try {
      return text === null ? undefined : JSON.parse(text);
    } catch {
      return undefined;
    }
  }
}

/** All files by their path; one whose path no copy has makes it none. */
async function entriesOf(zip: ZipFile): Promise<Map<string, Entry>> {
  if (zip.entryCount > MOST_FILES) throw refused(NO_COPY);
  const entries = new Map<string, Entry>();
  for await (const entry of zip.eachEntry()) {
    if (!IS_PATH.test(entry.fileName)) throw refused(NO_COPY);
    entries.set(entry.fileName, entry);
  }
  return entries;
}

/** What a file unpacks to; null where that is more than a limit. What it says of its size is checked as it comes. */
async function bytesOfEntry(zip: ZipFile, entry: Entry, most: number): Promise<Buffer | null> {
  if (entry.uncompressedSize > most) return null;
  const stream = await zip.openReadStreamPromise(entry);
  const parts: Buffer[] = [];
  let bytes = 0;
  for await (const part of stream as AsyncIterable<Buffer>) {
    bytes += part.byteLength;
    if (bytes > most) return null;
    parts.push(part);
  }
  return Buffer.concat(parts);
}

async function readJsonOf<T>(
  zip: ZipFile,
  entry: Entry | undefined,
  read: (document: unknown) => { success: boolean; data?: T },
): Promise<T | null> {
  const bytes = entry && (await bytesOfEntry(zip, entry, MOST_JSON_BYTES));
  if (!bytes) return null;
  try {
    return read(JSON.parse(bytes.toString('utf8'))).data ?? null;
  } catch {
    return null;
  }
}

const BAG_PATH = /^bags\/([\w-]{1,40})\.ruelle\.json$/;

async function contentsOf(files: Files, madeAt: string): Promise<BackupContents> {
  const unreadable: string[] = [];
  const libraries = {} as Record<LibraryName, KeptInBackup[]>;
  for (const name of LIBRARY_NAMES) {
    const listed = await files.json(PATHS.library(name));
    const all = Array.isArray(listed) ? (listed as unknown[]) : [];
    if (!Array.isArray(listed)) unreadable.push(PATHS.library(name));
    libraries[name] = all.flatMap((one, index) => {
      const read = LIBRARIES[name].schema.safeParse(one);
      if (!read.success) unreadable.push(`${PATHS.library(name)}, no. ${index + 1}`);
      return read.success ? [read.data] : [];
    });
  }
  const bags: BackupContents['bags'] = [];
  for (const path of files.paths()) {
    const id = BAG_PATH.exec(path)?.[1];
    if (id === undefined) continue;
    const text = await files.text(path);
    const read = text === null ? null : readDesignText(text);
    const besides = besidesSchema.safeParse(await files.json(PATHS.besides(id)));
    if (!read?.ok || !besides.success) unreadable.push(path);
    else bags.push({ id, design: read.design, besides: { ...besides.data, making: readMaking(besides.data.making) } });
  }
  const photos = photoListSchema.safeParse(await files.json(PATHS.photos));
  if (!photos.success) unreadable.push(PATHS.photos);
  return { madeAt, bags, libraries, photos: photos.success ? photos.data : [], unreadable };
}
