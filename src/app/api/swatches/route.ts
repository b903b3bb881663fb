import { answer } from '@/server/http';
import { getStore } from '@/server/store';

/** The swatches that were measured before, to start a bag from. */
export const GET = (): Promise<Response> =>
  answer(async () => ({ swatches: await (await getStore()).swatches.list() }));
