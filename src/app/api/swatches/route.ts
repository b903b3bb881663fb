import { nanoid } from 'nanoid';
import { z } from 'zod';
import { swatchIdSchema, swatchSchema } from '@/core/design';
import { answer, readBody } from '@/server/http';
import { getStore } from '@/server/store';

/** The library of swatches, newest first. */
export const GET = (): Promise<Response> =>
  answer(async () => ({ swatches: await (await getStore()).swatches.list() }));

/** Keeps a copy of a swatch in the library, under a name of its own for the program. */
export const POST = (request: Request): Promise<Response> =>
  answer(async () => {
    const { swatch } = await readBody(request, z.strictObject({ swatch: swatchSchema }));
    const id = swatchIdSchema.parse(nanoid(12));
    await (await getStore()).swatches.keep({ ...swatch, id });
    return { id };
  });
