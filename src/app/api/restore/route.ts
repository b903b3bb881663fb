import { lookInto } from '@/server/backup/restoring';
import { answer, readQuery } from '@/server/http';
import { restoreSchema } from '@/server/requests';

/** Takes a copy, or one of those that are made every night, and says what bringing it in would change. Nothing is changed yet. */
export const POST = (request: Request): Promise<Response> =>
  answer(async () => lookInto(request, readQuery(request, restoreSchema).nightly ?? null));
