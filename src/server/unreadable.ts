import type { Duplex } from 'node:stream';
import { contentPolicy, headersFor } from './gate';

/** What Node says of a request that it could not read, and what is answered to it. */
const ANSWERS: Record<string, { status: string; sentence: string }> = {
  HPE_HEADER_OVERFLOW: {
    status: '431 Request Header Fields Too Large',
    sentence: 'This address is far longer than any of Ruelle’s.',
  },
  ERR_HTTP_REQUEST_TIMEOUT: { status: '408 Request Timeout', sentence: 'This request did not come to its end.' },
};
const UNREADABLE = { status: '400 Bad Request', sentence: 'This request can’t be read.' };

/**
 * Answers what is no request that could be read, which never reaches the gate, with a sentence and the gate's headers, and hangs up.
 *
 * @param error as Node found it
 */
export function answerUnreadable(error: NodeJS.ErrnoException, socket: Duplex): void {
  if (error.code === 'ECONNRESET' || !socket.writable) {
    socket.destroy();
    return;
  }
  const { status, sentence } = ANSWERS[error.code ?? ''] ?? UNREADABLE;
  const body = JSON.stringify({ sentence });
  const headers = {
    ...headersFor('/api/', contentPolicy('none')),
    'Content-Type': 'application/json',
    'Content-Length': String(Buffer.byteLength(body)),
    Connection: 'close',
  };
  const lines = Object.entries(headers).map(([name, value]) => `${name}: ${value}`);
  socket.end(`HTTP/1.1 ${status}\r\n${lines.join('\r\n')}\r\n\r\n${body}`);
}
