import { z } from 'zod';
import { MOST_DESIGN_CHARACTERS, MOST_HISTORY_CHARACTERS, type FieldFault } from '@/core/design';
import { bagIdSchema, isStoreTrouble, type BagId } from '@/store';
import { isNestedDeeply } from './nesting';

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

/** Runs a route, turning what it gives into an answer where it is none yet, and refusals and failures of the disk into plain ones. */
export async function answer(route: () => Promise<unknown>): Promise<Response> {
  try {
    const given = await route();
    return given instanceof Response ? given : Response.json(given);
  } catch (error) {
    if (isStoreTrouble(error)) return Response.json({ sentence: error.sentence } satisfies Refusal, { status: 503 });
    if (error instanceof Refused) return Response.json(error.refusal, { status: error.status });
    const text = String(error);
    const full = FULL.test(text);
    // What the disk refuses she is told on the screen; anything else is a fault of Ruelle's own.
    const isDisk = full || DISK.test(text);
    if (!isDisk) console.error(error);
    return Response.json(
      {
        sentence: full
          ? 'The disk is full, so nothing could be saved. Your work is kept in this window: free some space and it will be saved.'
          : 'This could not be saved or read just now. Your work is kept in this window.',
      } satisfies Refusal,
      { status: full ? 507 : isDisk ? 503 : 500 },
    );
  }
}

/** By these SQLite and the system say that the disk is full. */
const FULL = /SQLITE_FULL|ENOSPC|EFBIG|disk is full/i;
/** By these SQLite says that the file can't be read or written, now or at all. */
const DISK = /SQLITE_(IOERR|READONLY|CANTOPEN|CORRUPT|NOTADB|BUSY|LOCKED|PERM)/;

/**
 * Reads a request's body as JSON of a shape, never taking in more than the limit, whatever its headers say.
 *
 * @throws Refused 413 when it is too large, 400 when it is not JSON, 422 when it is of another shape
 */
export async function readBody<T>(request: Request, schema: z.ZodType<T>): Promise<T> {
  const text = await readText(request);
  if (isNestedDeeply(text)) throw new Refused(400, { sentence: 'This could not be read.' });
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch {
    throw new Refused(400, { sentence: 'This could not be read.' });
  }
  const parsed = schema.safeParse(document);
  if (parsed.success) return parsed.data;
  const faults = parsed.error.issues.map((issue) => ({
    path: issue.path.filter((step): step is string | number => typeof step !== 'symbol'),
    sentence: issue.message,
  }));
  throw new Refused(422, { sentence: faults[0]?.sentence ?? 'This could not be read.', faults });
}

async function readText(request: Request): Promise<string> {
  const tooLarge = () => new Refused(413, { sentence: 'This is far larger than any bag, so it was not taken in.' });
  if (Number(request.headers.get('content-length') ?? 0) > MOST_BODY_BYTES) throw tooLarge();
  const reader = request.body?.getReader();
  if (!reader) return '';
  const chunks: Uint8Array[] = [];
  let bytes = 0;
  for (;;) {
    // Who sends it may go away in the middle.
    const { done, value } = await reader.read().catch(() => {
      throw new Refused(400, { sentence: 'This could not be read.' });
    });
    if (done) break;
    bytes += value.byteLength;
    if (bytes > MOST_BODY_BYTES) {
      await reader.cancel();
      throw tooLarge();
    }
    chunks.push(value);
  }
  return Buffer.concat(chunks).toString('utf8');
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
