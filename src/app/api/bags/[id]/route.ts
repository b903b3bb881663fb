import { answer, bagIdFrom, noSuchBag, readText } from '@/server/http';
import { saveBag } from '@/server/saveBag';
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

/** Saves a bag. Once Ruelle is built, it is asked before Next is (`server/ownAnswers.ts`), and this route stands for the addresses it leaves. */
export const PUT = (request: Request, { params }: Context): Promise<Response> =>
  answer(async () => saveBag((await params).id, await readText(request)));
