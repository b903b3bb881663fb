import { bringIn, letGo } from '@/server/backup/restoring';
import { answer, readBody } from '@/server/http';
import { restoreWaySchema } from '@/server/requests';

interface Context {
  params: Promise<{ token: string }>;
}

/** Brings a copy in that was looked into. */
export const POST = (request: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const { way } = await readBody(request, restoreWaySchema);
    return { changes: await bringIn((await params).token, way) };
  });

/** Lets it go, with nothing changed. */
export const DELETE = (_: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    letGo((await params).token);
    return { gone: true };
  });
