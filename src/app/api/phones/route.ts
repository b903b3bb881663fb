import { answer, readBody } from '@/server/http';
import { keepPhonesOut, letPhonesIn, phonesStand } from '@/server/phones/phones';
import { phonesSchema } from '@/server/requests';

/** Who may come in from the network, and where. */
export const GET = (): Promise<Response> => answer(() => Promise.resolve(phonesStand()));

/** Lets phones in on an address, or keeps all of them out. */
export const PUT = (request: Request): Promise<Response> =>
  answer(async () => {
    const { address } = await readBody(request, phonesSchema);
    return address === null ? keepPhonesOut() : letPhonesIn(address);
  });
