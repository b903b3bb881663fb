import { swatchIdSchema } from '@/core/design';
import { answer, readBody, readQuery } from '@/server/http';
import { keepOne, newId } from '@/server/library';
import { newSwatchSchema, partSchema } from '@/server/requests';
import { getStore } from '@/server/store';
import { swatchesWithBags } from '@/server/swatches';

/** A part of the library of swatches, the last changed first, and the bags that are planned from each. */
export const GET = (request: Request): Promise<Response> =>
  answer(async () => swatchesWithBags(await getStore(), readQuery(request, partSchema)));

/** Keeps a copy of a swatch in the library, under a name of its own for the program. */
export const POST = (request: Request): Promise<Response> =>
  answer(async () => {
    const { swatch } = await readBody(request, newSwatchSchema);
    const id = swatchIdSchema.parse(newId());
    await keepOne((await getStore()).swatches, { ...swatch, id });
    return { id };
  });
