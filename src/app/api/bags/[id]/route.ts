import { z } from 'zod';
import { checkedDesign } from '@/server/checkedDesign';
import { answer, bagIdFrom, noSuchBag, readBody } from '@/server/http';
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

const saveIdSchema = z.string().regex(/^[\w-]{1,40}$/);

const saveSchema = z.strictObject({
  saveId: saveIdSchema.optional(),
  unanswered: z.array(saveIdSchema).max(100).optional(),
  settles: z.array(saveIdSchema).max(100).optional(),
  baseRevision: z.number().int().min(1),
  design: z.unknown(),
  history: z.strictObject({
    version: z.number().int().optional(),
    undo: z.array(z.unknown()),
    redo: z.array(z.unknown()),
  }),
});

/** Saves a bag, or says that it has moved on and keeps both. */
export async function PUT(request: Request, { params }: Context): Promise<Response> {
  const response = await answer(async () => {
    const save = await readBody(request, saveSchema);
    const result = await (
      await getStore()
    ).bags.save(bagIdFrom((await params).id), { ...save, design: await checkedDesign(save.design) });
    if (!result.ok && result.reason === 'missing') throw noSuchBag();
    return result;
  });
  return response;
}
