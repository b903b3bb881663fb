import { answer, readQuery } from '@/server/http';
import { makingsPartSchema } from '@/server/requests';
import { getStore } from '@/server/store';

/** A part of the bags of whose making something was told, each with how far it has come. */
export const GET = (request: Request): Promise<Response> =>
  answer(async () => (await getStore()).makings.told(readQuery(request, makingsPartSchema)));
