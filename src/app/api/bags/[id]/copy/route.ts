import { nanoid } from 'nanoid';
import { nameCut, swatchIdSchema } from '@/core/design';
import { answer, bagIdFrom, noSuchBag } from '@/server/http';
import { getStore } from '@/server/store';

/** A copy of a bag, with a swatch of its own. */
export const POST = (_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(async () => {
    const { bags } = await getStore();
    const bag = await bags.open(bagIdFrom((await params).id));
    if (!bag) throw noSuchBag();
    const { design } = bag;
    const name = `${nameCut(design.name, 72)} (copy)`;
    const swatch = { ...design.swatch, id: swatchIdSchema.parse(nanoid(12)) };
    return { id: await bags.create({ ...design, name, swatch }) };
  });
