import { Agent, request as httpRequest } from 'node:http';
import { connect } from 'node:net';
import type { Tally } from './tally';

/** No request of a siege waits longer, ms. */
const MOST_WAITING_MS = 30_000;
const MOST_RAW_MS = 3000;

/** The answer to a request. */
export interface Answer {
  status: number;
  body: unknown;
}

/** Someone who asks Ruelle over HTTP, on this computer, and counts what comes of it. */
export class Client {
  private readonly agent = new Agent({ keepAlive: true, maxSockets: 64 });
  private readonly host: string;
  private readonly port: number;

  /**
   * @param address where the server listens
   * @param tally where the answers are counted
   * @param mayRefuse whether the server may say that it can't write, as on a disk that is full
   */
  constructor(
    address: string,
    private readonly tally: Tally,
    private readonly mayRefuse = false,
  ) {
    const { hostname, port } = new URL(address);
    this.host = hostname;
    this.port = Number(port);
  }

  /** Asks. Null where the server went away before it had answered. */
  ask(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answer | null> {
    const text = typeof body === 'string' || Buffer.isBuffer(body) || body === undefined ? body : JSON.stringify(body);
    const startMs = performance.now();
    return new Promise((resolve) => {
      const request = httpRequest(
        {
          ...{ host: this.host, port: this.port, method, path, agent: this.agent, timeout: MOST_WAITING_MS },
          headers: { ...(text === undefined ? {} : framed(text)), ...headers },
        },
        (response) => {
          const chunks: Buffer[] = [];
          response.on('data', (chunk: Buffer) => chunks.push(chunk));
          response.on('error', () => resolve(null));
          response.on('end', () => {
            const status = response.statusCode ?? 0;
            const when = { startMs, endMs: performance.now() };
            this.tally.answered(`${method} ${path.slice(0, 60)}`, status, when, this.mayRefuse);
            resolve({ status, body: parsed(Buffer.concat(chunks).toString('utf8')) });
          });
        },
      );
      request.on('timeout', () => request.destroy(new Error('no answer')));
      request.on('error', (error) => {
        if (error.message === 'no answer') this.tally.broken.push(`${method} ${path.slice(0, 60)} was never answered`);
        resolve(null);
      });
      request.end(text);
    });
  }

  /** Sends bytes that need be no request, and lets go. Resolves with what came back, as text. */
  throwAt(bytes: Buffer): Promise<string> {
    return new Promise((resolve) => {
      let heard = '';
      const socket = connect(this.port, this.host, () => socket.end(bytes));
      const timer = setTimeout(() => socket.destroy(), MOST_RAW_MS);
      socket.setEncoding('latin1').on('data', (part: string) => (heard += part));
      socket.on('error', () => undefined);
      socket.on('close', () => {
        clearTimeout(timer);
        resolve(heard);
      });
    });
  }

  close(): void {
    this.agent.destroy();
  }
}

const framed = (text: string | Buffer) => ({
  'content-type': 'application/json',
  'content-length': Buffer.byteLength(text),
});

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return text;
  }
}
