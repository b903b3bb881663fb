import { EventEmitter } from 'node:events';
import type { BagId, Told } from '@/store';
import { once } from './once';

/** Nothing was told for so long: a word that means nothing, by which a line that is cut is noticed, ms. */
const STILL_HERE_MS = 15_000;

/** Who looks on, by the bag. There is one for the process, however often this file is bundled. */
const lookers = (): EventEmitter => once('makingNews', () => new EventEmitter().setMaxListeners(0));

/** Says that something was told of a bag's making. */
export const tellNews = (id: BagId): void => void lookers().emit(id);

/**
 * A stream of what is told, as server-sent events: each message is what the store gave, with its place as the message's name.
 *
 * @param read what was told after a place
 * @param gone told when nobody looks on any more
 */
export function newsStream(
  id: BagId,
  after: number,
  read: (after: number) => Promise<Told>,
  gone: AbortSignal,
): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let stop = () => {};
  return new ReadableStream<Uint8Array>({
    start(controller) {
      let place = after;
      let reading: Promise<void> | null = null;
      let isAsked = false;
      const send = (text: string) => controller.enqueue(encoder.encode(text));
      const readOn = async () => {
        do {
          isAsked = false;
          for (let more = true; more;) {
            const told = await read(place);
            if (told.last > place) send(`id: ${told.last}\ndata: ${JSON.stringify(told)}\n\n`);
            place = told.last;
            more = told.more;
          }
        } while (isAsked);
      };
      // What is told while it is read is read after.
      const onNews = () => {
        isAsked = true;
        reading ??= readOn()
          .catch(() => stop())
          .finally(() => {
            reading = null;
          });
      };
      const beat = setInterval(() => send(': still here\n\n'), STILL_HERE_MS);
      stop = () => {
        clearInterval(beat);
        lookers().off(id, onNews);
        gone.removeEventListener('abort', stop);
        try {
          controller.close();
        } catch {
          // Whoever looked on is gone, and the stream with them.
        }
      };
      gone.addEventListener('abort', stop);
      lookers().on(id, onNews);
      send(': here\n\n');
      onNews();
    },
    cancel: () => stop(),
  });
}
