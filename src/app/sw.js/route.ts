import { readFile } from 'node:fs/promises';
import { join } from 'node:path';

/** The service worker, as the build made it; while Ruelle is worked on there is none. */
export async function GET(): Promise<Response> {
  const text = await readFile(join(/* turbopackIgnore: true */ process.cwd(), '.next', 'offline.js')).catch(() => null);
  if (text === null) return new Response(null, { status: 404 });
  return new Response(new Uint8Array(text), {
    headers: { 'content-type': 'text/javascript', 'cache-control': 'no-cache' },
  });
}
