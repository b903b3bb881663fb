import { answer, bagIdFrom, noSuchBag } from '@/server/http';
import { getStore } from '@/server/store';

interface Context {
  params: Promise<{ id: string }>;
}

/** A bag with all that was told of its making. */
export const GET = (_: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const whole = await (await getStore()).makings.whole(bagIdFrom((await params).id));
    if (!whole) throw noSuchBag();
    return whole;
  });
