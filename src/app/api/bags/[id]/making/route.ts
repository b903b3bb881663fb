import { answer, bagIdFrom, noSuchBag, readBody, readQuery } from '@/server/http';
import { tellNews } from '@/server/makingNews';
import { makingPartSchema, tellSchema } from '@/server/requests';
import { getStore } from '@/server/store';

interface Context {
  params: Promise<{ id: string }>;
}

/** What was told of the making of a bag, after a place. */
export const GET = (request: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const id = bagIdFrom((await params).id);
    return (await getStore()).makings.since(id, readQuery(request, makingPartSchema).after);
  });

/** Tells something of it. Answered once it is on the disk; the windows that look on hear of it. */
export const POST = (request: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const id = bagIdFrom((await params).id);
    const { events } = await readBody(request, tellSchema);
    if (!(await (await getStore()).makings.tell(id, events))) throw noSuchBag();
    tellNews(id);
    return { kept: events.map((event) => event.id) };
  });
