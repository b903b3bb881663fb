import { createReadStream, statSync } from 'node:fs';
import { Readable } from 'node:stream';
import { copyAt } from '@/server/backup/nightly';
import { answer, Refused } from '@/server/http';
import { copiesFolder } from '@/server/store';

interface Context {
  params: Promise<{ name: string }>;
}

/** One of the copies that are made every night. */
export const GET = (_: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const { name } = await params;
    const path = copyAt(await copiesFolder(), name);
    if (path === null) throw new Refused(404, { sentence: 'There is no such copy.' });
    return new Response(Readable.toWeb(createReadStream(path)) as ReadableStream, {
      headers: {
        'content-type': 'application/zip',
        'content-length': String(statSync(path).size),
        'content-disposition': `attachment; filename="${name}"`,
      },
    });
  });
