import { z } from 'zod';
import { MOST_DESIGN_CHARACTERS, MOST_HISTORY_CHARACTERS, type FieldFault } from '@/core/design';
import { bagIdSchema, isStoreTrouble, type BagId } from '@/store';
import { readJson } from '@/workers/readJson';

/** The most bytes that a character of JSON takes in a request. */
const MOST_BYTES_A_CHARACTER = 3;

/** The most that a request may carry, bytes: the largest bag with the longest history, and what stands round them. */
export const MOST_BODY_BYTES = MOST_BYTES_A_CHARACTER * (MOST_DESIGN_CHARACTERS + MOST_HISTORY_CHARACTERS + 1000);

/** A refusal: a sentence for the maker, and where there are fields, what is wrong with each. */
interface Refusal {
  sentence: string;
  faults?: FieldFault[];
}

/** Thrown inside a route to answer with a refusal. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly refusal: Refusal,
  ) {
    super(refusal.sentence);
  }
}

/** What a request is answered: a document, and how it went. */
export interface Answer {
  status: number;
  document: unknown;
}

/** Runs what a request asks for, turning refusals and failures of the disk into plain answers. */
export async function answerOf(ask: () => Promise<unknown>): Promise<Answer> {
  try {
    return { status: 200, document: await ask() };
  } catch (error) {
    if (isStoreTrouble(error)) return { status: 503, document: { sentence: error.sentence } satisfies Refusal };
    if (error instanceof Refused) return { status: error.status, document: error.refusal };
    const text = String(error);
    const full = FULL.test(text);
    // What the disk refuses she is told on the screen; anything else is a fault of Ruelle's own.
    const isDisk = full || DISK.test(text);
    if (!isDisk) console.error(error);
    const sentence = full
      ? 'The disk is full, so nothing could be saved. Your work is kept in this window: free some space and it will be saved.'
      : 'This could not be saved or read just now. Your work is kept in this window.';
    return { status: full ? 507 : isDisk ? 503 : 500, document: { sentence } satisfies Refusal };
  }
}

/** Runs a route, turning what it gives into a response where it is none yet. */
export async function answer(route: () => Promise<unknown>): Promise<Response> {
  const { status, document } = await answerOf(route);
  return document instanceof Response ? document : Response.json(document, { status });
}

/** By these SQLite and the system say that the disk is full. */
const FULL = /SQLITE_FULL|ENOSPC|EFBIG|disk is full/i;
/** By these SQLite says that the file can't be read or written, now or at all; and by the last of them, that Ruelle is being stopped. */
const DISK = /SQLITE_(IOERR|READONLY|CANTOPEN|CORRUPT|NOTADB|BUSY|LOCKED|PERM)|connection manager was closed/;

/**
 * Reads a request's body as JSON of a shape, never taking in more than the limit, whatever its headers say.
 *
 * @throws Refused 413 when it is too large, 400 when it is not JSON, 422 when it is of another shape
 */
export async function readBody<T>(request: Request, schema: z.ZodType<T>): Promise<T> {
  const read = readJson(await readText(request), schema);
  if (!read.ok) throw refusedFor(read.faults);
  return read.data;
}

/** Why what was sent is not taken: its faults, or that it can't be read at all. */
export function refusedFor(faults: FieldFault[] | null): Refused {
  if (faults === null) return new Refused(400, { sentence: 'This could not be read.' });
  return new Refused(422, { sentence: faults[0]?.sentence ?? 'This could not be read.', faults });
}

/**
 * A request's body as text.
 *
 * @throws Refused 413 when it is too large, 400 when it did not come to its end
 */
export function readText({ headers, body }: Request): Promise<string> {
  return textOf((body ?? []) as unknown as AsyncIterable<Uint8Array>, Number(headers.get('content-length') ?? 0));
}

/**
 * What is sent, as text.
 *
 * @param parts of it, as they come
 * @param announced how much it is said to be, bytes
 * @throws Refused as `readText` does
 */
export const textOf = async (parts: AsyncIterable<Uint8Array>, announced: number): Promise<string> =>
  (
    await bytesOf(parts, announced, {
      most: MOST_BODY_BYTES,
      sentence: 'This is far larger than any bag, so it was not taken in.',
    })
  ).toString('utf8');

/**
 * What is sent, never taking in more than a limit, whatever it is said to be.
 *
 * @throws Refused 413 with its sentence when it is too large, 400 when it did not come to its end
 */
export async function bytesOf(
  parts: AsyncIterable<Uint8Array>,
  announced: number,
  { most, sentence }: { most: number; sentence: string },
): Promise<Buffer> {
  const tooLarge = () => new Refused(413, { sentence });
  if (announced > most) throw tooLarge();
  const taken: Uint8Array[] = [];
  let bytes = 0;
  try {
    for await (const part of parts) {
      bytes += part.byteLength;
      if (bytes > most) break;
      taken.push(part);
    }
  } catch {
    // Who sends it may go away in the middle.
    throw refusedFor(null);
  }
  if (bytes > most) throw tooLarge();
  return Buffer.concat(taken);
}

/**
 * Reads what stands behind the question mark of an address.
 *
 * @throws Refused 400 when it is of another shape
 */
export function readQuery<T>(request: Request, schema: z.ZodType<T>): T {
  const parsed = schema.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!parsed.success) throw new Refused(400, { sentence: 'There is no such part of this list.' });
  return parsed.data;
}

/** The id of a bag from a path. @throws Refused 404 when it can't be one */
export function bagIdFrom(text: string): BagId {
  const parsed = bagIdSchema.safeParse(text);
  if (!parsed.success) throw noSuchBag();
  return parsed.data;
}

export const noSuchBag = (): Refused => new Refused(404, { sentence: 'There is no such bag on this shelf.' });
