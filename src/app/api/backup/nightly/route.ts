import { copiesIn } from '@/server/backup/nightly';
import { answer } from '@/server/http';
import { copiesFolder } from '@/server/store';

/** The copies that are made every night, the last first. */
export const GET = (): Promise<Response> => answer(async () => ({ copies: copiesIn(await copiesFolder()) }));
