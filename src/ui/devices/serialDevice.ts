/** A device on a serial line, as a browser opens one: bytes come in, bytes go out, and it can go away. */
export interface SerialDevice {
  open(): Promise<void>;
  readonly readable: ReadableStream<Uint8Array>;
  readonly writable: WritableStream<Uint8Array>;
  close(): Promise<void>;
}

/**
 * The whole lines that a device sends, one by one, until it goes away.
 *
 * @throws what its stream throws when it is unplugged
 */
export async function* linesOf({ readable }: Pick<SerialDevice, 'readable'>): AsyncGenerator<string> {
  const decoder = new TextDecoder();
  const reader = readable.getReader();
  let rest = '';
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return;
      const parts = (rest + decoder.decode(value, { stream: true })).split('\n');
      rest = parts.pop() ?? '';
      yield* parts;
    }
  } finally {
    reader.releaseLock();
  }
}

/** Sends a line to a device. */
export async function sendLine({ writable }: Pick<SerialDevice, 'writable'>, line: string): Promise<void> {
  const writer = writable.getWriter();
  await writer.write(new TextEncoder().encode(`${line}\n`));
  writer.releaseLock();
}
