import { checkedDesign } from '@/server/checkedDesign';
import { answer, bagIdFrom, noSuchBag, readBody } from '@/server/http';
import { saveSchema } from '@/server/requests';
import { getStore } from '@/server/store';

interface Context {
  params: Promise<{ id: string }>;
}

/** A bag with its history and refused saves. */
export const GET = (_: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const bag = await (await getStore()).bags.open(bagIdFrom((await params).id));
    if (!bag) throw noSuchBag();
    return bag;
  });

/** Saves a bag, or says that it has moved on and keeps both. */
export const PUT = (request: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const save = await readBody(request, saveSchema);
    const id = bagIdFrom((await params).id);
    const design = await checkedDesign(save.design);
    const result = await (await getStore()).bags.save(id, { ...save, design });
    if (!result.ok && result.reason === 'missing') throw noSuchBag();
    return result;
  });
