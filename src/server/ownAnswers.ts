import type { IncomingMessage, ServerResponse } from 'node:http';
import { answerOf, textOf, type Answer } from './http';
import { saveBag } from './saveBag';

/** The address of a bag, as the interface writes it. */
const BAG = /^\/api\/bags\/([\w-]+)$/;

/**
 * Answers what is asked most often, a save, before Next is asked: there the way to the route takes as long as the save itself. The route says the same.
 *
 * @returns whether this is one that is answered here
 */
export function answerItself(request: IncomingMessage, response: ServerResponse): boolean {
  const id = request.method === 'PUT' ? BAG.exec(request.url ?? '')?.[1] : undefined;
  if (id === undefined) return false;
  const announced = Number(request.headers['content-length'] ?? 0);
  // What is not read to its end must not take the answer with it.
  const parts = request.iterator({ destroyOnReturn: false }) as AsyncIterable<Uint8Array>;
  void answerOf(async () => saveBag(id, await textOf(parts, announced))).then((answer) => {
    send(response, answer);
    // The rest of what is too large is let by: who still sends would never hear the answer.
    request.resume();
  });
  return true;
}

function send(response: ServerResponse, { status, document }: Answer): void {
  const text = JSON.stringify(document);
  response.writeHead(status, { 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(text) });
  response.end(text);
}
