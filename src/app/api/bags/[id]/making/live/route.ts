import { answer, bagIdFrom, noSuchBag, readQuery } from '@/server/http';
import { newsStream } from '@/server/makingNews';
import { makingPartSchema } from '@/server/requests';
import { getStore } from '@/server/store';

/** What is told of the making of a bag, as long as someone looks on: all that came after a place, then what comes, as it comes. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(async () => {
    const id = bagIdFrom((await params).id);
    const { after } = readQuery(request, makingPartSchema);
    const { makings } = await getStore();
    if (!(await makings.knows(id))) throw noSuchBag();
    return new Response(
      newsStream(id, after, (from) => makings.since(id, from), request.signal),
      { headers: { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' } },
    );
  });
