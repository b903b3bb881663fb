import { createReadStream, mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { answer } from '@/server/http';
import { getStore } from '@/server/store';

export const dynamic = 'force-dynamic';

/** Everything of hers as one whole file: a database that Ruelle opens, as it is at this moment. */
export const GET = (): Promise<Response> => answer(wholeCopy);

async function wholeCopy(): Promise<Response> {
  const folder = mkdtempSync(join(tmpdir(), 'ruelle-copy-'));
  const gone = () => rmSync(folder, { recursive: true, force: true });
  try {
    const path = join(folder, 'copy.sqlite');
    await (await getStore()).copyTo(path);
    const stream = createReadStream(path).on('close', gone);
    return new Response(Readable.toWeb(stream) as ReadableStream, {
      headers: {
        'content-type': 'application/vnd.sqlite3',
        'content-length': String(statSync(path).size),
        'content-disposition': `attachment; filename="ruelle-${new Date().toISOString().slice(0, 10)}.sqlite"`,
      },
    });
  } catch (error) {
    gone();
    throw error;
  }
}
