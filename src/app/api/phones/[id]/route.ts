import { answer, Refused } from '@/server/http';
import { forgetPhone } from '@/server/phones/phones';

interface Context {
  params: Promise<{ id: string }>;
}

/** Forgets a phone. */
export const DELETE = (_: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    if (!forgetPhone((await params).id)) throw new Refused(404, { sentence: 'There is no such phone.' });
    return { forgotten: true };
  });
