import { createServer, type Server } from 'node:http';
import { connect, type AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { answerUnreadable } from './unreadable';

let server: Server;
beforeAll(async () => {
  server = createServer((_, response) => response.end('read'));
  server.on('clientError', answerUnreadable);
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
});
afterAll(() => {
  server.close();
  server.closeAllConnections();
});

const said = (bytes: string): Promise<string> =>
  new Promise((resolve, reject) => {
    let answer = '';
    const socket = connect((server.address() as AddressInfo).port, '127.0.0.1', () => socket.write(bytes));
    socket.setEncoding('utf8').on('data', (part: string) => (answer += part));
    socket.on('end', () => resolve(answer)).on('error', reject);
  });

describe('what is no request that can be read', () => {
  it.each([
    [
      'an address longer than any header may be',
      `GET /api/bags?${'a=1&'.repeat(6000)} HTTP/1.1\r\nHost: x\r\n\r\n`,
      431,
    ],
    ['noise', 'two pints of milk\r\n\r\n', 400],
    ['a length that is none', 'POST / HTTP/1.1\r\nHost: x\r\nContent-Length: many\r\n\r\n', 400],
  ])('is answered with a sentence, and hung up on: %s', async (_, bytes, status) => {
    const answer = await said(bytes);
    const [head = '', body = ''] = answer.split('\r\n\r\n');
    expect(head).toMatch(new RegExp(`^HTTP/1\\.1 ${status} `));
    expect(head.toLowerCase()).toContain('x-content-type-options: nosniff');
    expect((JSON.parse(body) as { sentence: string }).sentence).toMatch(/^This .*\.$/);
  });

  it('leaves what can be read alone', async () => {
    expect(await said('GET / HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n')).toContain('read');
  });
});
