import { createHash } from 'node:crypto';
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import { BACKUP_FORMAT, BACKUP_VERSION, PATHS, type BackupFile, type Manifest } from '@/store';

const encoder = new TextEncoder();

/**
 * Files as a ZIP, part after part, with a list of all of them and their hashes at its end.
 *
 * @param madeAt a moment, ISO 8601
 */
export async function* zipped(files: AsyncIterable<BackupFile>, madeAt: string): AsyncGenerator<Uint8Array> {
  const parts: Uint8Array[] = [];
  let trouble: Error | null = null;
  const zip = new Zip((error, part) => {
    if (error) trouble = error;
    else parts.push(part);
  });
  const put = ({ path, bytes, isPacked }: BackupFile) => {
    const file = isPacked ? new ZipPassThrough(path) : new ZipDeflate(path, { level: 6 });
    zip.add(file);
    file.push(bytes, true);
  };
  function* told(): Generator<Uint8Array> {
    if (trouble) throw trouble;
    yield* parts.splice(0);
  }
  const manifest: Manifest = { format: BACKUP_FORMAT, version: BACKUP_VERSION, madeAt, files: [] };
  for await (const file of files) {
    const sha256 = createHash('sha256').update(file.bytes).digest('hex');
    manifest.files.push({ path: file.path, bytes: file.bytes.byteLength, sha256 });
    put(file);
    yield* told();
  }
  put({
    path: PATHS.manifest,
    bytes: encoder.encode(`${JSON.stringify(manifest, null, 1)}\n`),
    isPacked: false,
  });
  zip.end();
  yield* told();
}
