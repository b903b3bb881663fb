import { answer, bagIdFrom } from '@/server/http';
import { getStore } from '@/server/store';

/** Forgets a refused save, once the maker has chosen. */
export const DELETE = (
  _: Request,
  { params }: { params: Promise<{ id: string; refusedId: string }> },
): Promise<Response> =>
  answer(async () => {
    const { id, refusedId } = await params;
    return { dropped: await (await getStore()).bags.dropRefused(bagIdFrom(id), refusedId) };
  });
