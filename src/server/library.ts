import { nanoid } from 'nanoid';
import type { z } from 'zod';
import type { KeepResult, Listed, Part } from '@/store';
import { answer, readBody, readQuery, Refused } from './http';
import { keepSchema, partSchema } from './requests';

interface Shelf<T> {
  keep(one: T): Promise<KeepResult>;
  list(part: Part): Promise<Listed<T>>;
  remove(id: string): Promise<boolean>;
}

/** What the routes of a library need: its shelf, and how one of it is read. */
interface LibraryRoutes<T> {
  shelf: () => Promise<Shelf<T>>;
  schema: z.ZodType<T>;
  /** What one of it is called in a sentence: "swatch". */
  noun: string;
}

/** Keeps one as it was sent. @throws Refused 409 with a free name when another one has its name */
export async function keepOne<T>(shelf: Shelf<T>, one: T): Promise<void> {
  const kept = await shelf.keep(one);
  if (kept.ok) return;
  const sentence = `That name is taken. “${kept.freeName}” would do.`;
  throw new Refused(409, { sentence, faults: [{ path: ['name'], sentence }] });
}

/** The routes of a library whose ones name themselves: a part of them, and keeping one. */
export const libraryRoutes = <T extends { id: string; name: string }>({ shelf, schema }: LibraryRoutes<T>) => ({
  GET: (request: Request): Promise<Response> =>
    answer(async () => (await shelf()).list(readQuery(request, partSchema))),
  POST: (request: Request): Promise<Response> =>
    answer(async () => {
      const { one } = await readBody(request, keepSchema(schema));
      await keepOne(await shelf(), one);
      return { id: one.id };
    }),
});

/** The route that forgets one. */
export const forgetRoute =
  <T>({ shelf, noun }: Pick<LibraryRoutes<T>, 'shelf' | 'noun'>) =>
  (_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> =>
    answer(async () => {
      const { id } = await params;
      if (!(await (await shelf()).remove(id))) throw new Refused(404, { sentence: `There is no such ${noun}.` });
      return {};
    });

export const newId = (): string => nanoid(12);
