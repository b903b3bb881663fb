import { testedSchema } from '@/core/bench';
import { answer, bagIdFrom, noSuchBag, readBody, Refused } from '@/server/http';
import { tellNews } from '@/server/makingNews';
import { getStore } from '@/server/store';

interface Context {
  params: Promise<{ id: string }>;
}

/** More than this nobody finds in one pattern; whoever sends more has something else in mind. */
const MOST_TESTED = 500;
const ENOUGH = 'So much was told of this pattern that no more is taken. Ask who sent you here.';

/** Keeps what a tester found with the bag. Nothing of the bag is answered, and nothing else of it can be told from here. */
export const POST = (request: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const id = bagIdFrom((await params).id);
    const found = await readBody(request, testedSchema);
    const { makings } = await getStore();
    if ((await makings.testedOf(id)) >= MOST_TESTED) throw new Refused(429, { sentence: ENOUGH });
    const event = { ...found, kind: 'tested' as const, n: 1, atMs: Date.now() };
    if (!(await makings.tell(id, [event]))) throw noSuchBag();
    tellNews(id);
    return { kept: found.id };
  });
