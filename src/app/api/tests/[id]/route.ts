import { testedSchema } from '@/core/bench';
import { answer, bagIdFrom, noSuchBag, readBody } from '@/server/http';
import { tellNews } from '@/server/makingNews';
import { getStore } from '@/server/store';

interface Context {
  params: Promise<{ id: string }>;
}

/** Keeps what a tester found with the bag. Nothing of the bag is answered, and nothing else of it can be told from here. */
export const POST = (request: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const id = bagIdFrom((await params).id);
    const found = await readBody(request, testedSchema);
    const event = { ...found, kind: 'tested' as const, n: 1, atMs: Date.now() };
    if (!(await (await getStore()).makings.tell(id, [event]))) throw noSuchBag();
    tellNews(id);
    return { kept: found.id };
  });
