import { answer, bagIdFrom, noSuchBag, readBody } from '@/server/http';
import { archiveSchema } from '@/server/requests';
import { getStore } from '@/server/store';

/** Puts a bag away, or back on the shelf. Nothing is ever deleted. */
export const PUT = (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(async () => {
    const { archived } = await readBody(request, archiveSchema);
    const found = await (await getStore()).bags.setArchived(bagIdFrom((await params).id), archived);
    if (!found) throw noSuchBag();
    return { archived };
  });
