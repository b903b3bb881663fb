/**
 * The server itself, in a process of its own: `node scripts/lib/server.mjs HOST PORT`. What no browser sends it refuses before Next sees it, which has
 * no answer to it but that something broke. Ends with `PORT_TAKEN` when the port is.
 */
import { createServer } from 'node:http';
import { pathToFileURL } from 'node:url';
import next from 'next';
import { ROOT } from './ready.mjs';
import { PORT_TAKEN } from './trouble.mjs';

const METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS']);
const MOST_ADDRESS = 4000;

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  const [host, port] = process.argv.slice(2);
  await serve(host, Number(port));
}

async function serve(hostname, port) {
  const app = next({ dev: false, dir: ROOT, hostname, port });
  await app.prepare();
  const handle = app.getRequestHandler();
  const server = createServer((request, response) => {
    const refusal = refusalOf(request);
    if (refusal === null) return handle(request, response);
    response.writeHead(refusal.status, { 'content-type': 'application/json', 'x-content-type-options': 'nosniff' });
    response.end(JSON.stringify({ sentence: refusal.sentence }));
  });
  server.on('error', (error) => {
    if (error.code !== 'EADDRINUSE') console.error(error);
    process.exit(error.code === 'EADDRINUSE' ? PORT_TAKEN : 1);
  });
  server.listen(port, hostname);
}

/** Why a request is answered here, if it is: it asks for something that there is not, in a way that can't be read. */
export function refusalOf({ method, url = '' }) {
  if (!METHODS.has(method)) return { status: 405, sentence: 'Ruelle does not know this kind of request.' };
  if (url.length > MOST_ADDRESS) return { status: 414, sentence: 'This address is far longer than any of Ruelle’s.' };
  if (!isReadable(url)) return { status: 400, sentence: 'This address can’t be read.' };
  return null;
}

function isReadable(url) {
  try {
    return !decodeURIComponent(url).includes('\0');
  } catch {
    return false;
  }
}
