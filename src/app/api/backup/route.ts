import { Readable } from 'node:stream';
import { format } from 'date-fns';
import { zipped } from '@/server/backup/zipOut';
import { answer } from '@/server/http';
import { getStore } from '@/server/store';

export const dynamic = 'force-dynamic';

/** Everything of hers as one ZIP: open JSON, pictures, and a list with the hash of each. */
export const GET = (): Promise<Response> =>
  answer(async () => {
    const now = new Date();
    const parts = Readable.from(zipped((await getStore()).everything(), now.toISOString()));
    return new Response(Readable.toWeb(parts) as ReadableStream, {
      headers: {
        'content-type': 'application/zip',
        'content-disposition': `attachment; filename="ruelle-${format(now, 'yyyy-MM-dd')}.zip"`,
      },
    });
  });
