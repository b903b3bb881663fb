import { randomUUID } from 'node:crypto';
import { createServer, type RequestListener } from 'node:http';
import type { AddressInfo } from 'node:net';
import next from 'next';
import { contentPolicy, headersFor, whyTurnedAway } from './gate';
import { namesAllowed } from './ownAddress';
import { answerItself } from './ownAnswers';
import { letPhonesBe } from './phones/phones';
import { answerUnreadable } from './unreadable';

/** How long a connection may rest before it is closed: longer than a maker thinks over a row, ms. */
const MOST_IDLE_MS = 120_000;

const LOOPBACK = '127.0.0.1';
/** It is not waited for longer before Ruelle answers, ms. */
const MOST_DRAWING_MS = 5000;

/**
 * The server itself, in a process of its own: `HOST PORT` and the code to end with when the port is taken. Every request passes the gate before Next
 * sees it, and every answer has its headers, whoever gives it.
 */
async function serve(hostname: string, port: number, portTaken: number): Promise<void> {
  const isDeveloped = process.env.NODE_ENV === 'development';
  const app = next({ dev: isDeveloped, dir: process.cwd(), hostname, port });
  await app.prepare();
  const answered = withHeaders(app.getRequestHandler(), isDeveloped);
  const listener = behindTheGate(answered);
  if (!isDeveloped) {
    await drawnOnce(listener);
    letPhonesBe(answered, port);
  }
  const server = createServer(listener);
  server.on('error', (error: NodeJS.ErrnoException) => {
    const isTaken = error.code === 'EADDRINUSE';
    if (!isTaken) console.error(error);
    process.exit(isTaken ? portTaken : 1);
  });
  server.on('clientError', answerUnreadable);
  // A connection that is closed the moment a save is sent on it loses the save's answer.
  server.keepAliveTimeout = MOST_IDLE_MS;
  server.listen(port, hostname);
}

/** Has the shelf drawn before anyone asks for it, so that the first who does waits no longer than others. Nothing depends on it. */
async function drawnOnce(listener: RequestListener): Promise<void> {
  const own = createServer(listener);
  await new Promise<void>((resolve) => own.listen(0, LOOPBACK, resolve));
  const { port } = own.address() as AddressInfo;
  await fetch(`http://${LOOPBACK}:${port}/`, { signal: AbortSignal.timeout(MOST_DRAWING_MS) })
    .then((response) => response.text())
    .catch(() => undefined);
  own.close();
  own.closeAllConnections();
}

/** Answers whoever is let in, with the headers that every answer has. */
function withHeaders(handle: RequestListener, isDeveloped: boolean): RequestListener {
  return (request, response) => {
    const policy = contentPolicy(randomUUID(), isDeveloped);
    for (const [name, value] of Object.entries(headersFor(request.url ?? '', policy))) response.setHeader(name, value);
    // While it is worked on, Next alone knows what has changed.
    if (!isDeveloped && answerItself(request, response)) return;
    // By it the page puts the nonce on its own scripts.
    request.headers['content-security-policy'] = policy;
    return handle(request, response);
  };
}

/** Lets in who comes to this computer's own address. */
function behindTheGate(answered: RequestListener): RequestListener {
  const names = namesAllowed(process.env.RUELLE_HOSTS, process.env.RUELLE_HOST);
  return (request, response) => {
    const refusal = whyTurnedAway(request, names);
    if (refusal === null) return answered(request, response);
    const headers = headersFor(request.url ?? '', contentPolicy(randomUUID()));
    response.writeHead(refusal.status, { ...headers, 'content-type': 'application/json' });
    response.end(JSON.stringify({ sentence: refusal.sentence }));
  };
}

const [host = '', port, portTaken] = process.argv.slice(2);
void serve(host, Number(port), Number(portTaken));
