import { swatchIdSchema } from '@/core/design';
import { answer, readBody } from '@/server/http';
import { keepOne, newId } from '@/server/library';
import { newSwatchSchema } from '@/server/requests';
import { getStore } from '@/server/store';

/** The library of swatches, the last changed first, and the bags that are planned from each. */
export const GET = (): Promise<Response> =>
  answer(async () => {
    const { swatches } = await getStore();
    const [listed, usedBy] = await Promise.all([swatches.list(), swatches.usedBy()]);
    return { ...listed, usedBy: [...usedBy] };
  });

/** Keeps a copy of a swatch in the library, under a name of its own for the program. */
export const POST = (request: Request): Promise<Response> =>
  answer(async () => {
    const { swatch } = await readBody(request, newSwatchSchema);
    const id = swatchIdSchema.parse(newId());
    await keepOne((await getStore()).swatches, { ...swatch, id });
    return { id };
  });
