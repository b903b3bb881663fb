import { z } from 'zod';
import {
  STARTERS,
  isOwnStitchId,
  settingsSchema,
  starterDesign,
  swatchIdSchema,
  type Design,
  type Settings,
  type StarterId,
  type SwatchId,
  type YarnAndHook,
} from '@/core/design';
import { checkedDesign } from '@/server/checkedDesign';
import { Refused, answer, readBody } from '@/server/http';
import { cardsOf } from '@/server/shelf';
import { getStore } from '@/server/store';
import { nanoid } from 'nanoid';

const pageSchema = z.object({
  offset: z.coerce.number().int().min(0).max(1_000_000).default(0),
  limit: z.coerce.number().int().min(1).max(100).default(48),
  archived: z.enum(['yes', 'no']).default('no'),
});

/** A page of the shelf: bags as cards with their drawings. */
export const GET = (request: Request): Promise<Response> =>
  answer(async () => {
    const page = pageSchema.safeParse(Object.fromEntries(new URL(request.url).searchParams));
    if (!page.success) throw new Refused(400, { sentence: 'There is no such part of the shelf.' });
    const { bags, total, unreadable } = await (
      await getStore()
    ).bags.list({ ...page.data, archived: page.data.archived === 'yes' });
    return { cards: await cardsOf(bags), total, unreadable };
  });

const starterIds = STARTERS.map(({ id }) => id) as [StarterId, ...StarterId[]];
const newBagSchema = z.union([
  z.strictObject({
    starter: z.enum(starterIds),
    settings: settingsSchema.optional(),
    /** A swatch of the library to plan from; without one the bag is planned roughly, from the yarn's class and the hook. */
    swatchId: swatchIdSchema.optional(),
    yarn: z
      .strictObject({ weightClass: z.number().int().min(0).max(7), hookMm: z.number().min(0.5).max(30) })
      .optional(),
  }),
  z.strictObject({ design: z.unknown() }),
]);

/** A new bag, from a starter or from a design file that was read in. */
export const POST = (request: Request): Promise<Response> =>
  answer(async () => {
    const wish = await readBody(request, newBagSchema);
    const design = 'starter' in wish ? await newDesign(wish) : withOwnSwatch(await checkedDesign(wish.design));
    return { id: await (await getStore()).bags.create(design) };
  });

async function newDesign(wish: {
  starter: StarterId;
  settings?: Settings | undefined;
  swatchId?: SwatchId | undefined;
  yarn?: YarnAndHook | undefined;
}): Promise<Design> {
  const design = starterDesign(wish.starter, swatchIdSchema.parse(nanoid(12)), wish.settings, wish.yarn);
  const { swatches } = await getStore();
  if (wish.swatchId === undefined)
    return { ...design, swatch: { ...design.swatch, name: await swatches.nameOfItsOwn(design.swatch.name) } };
  const swatch = (await swatches.list()).kept.find(({ id }) => id === wish.swatchId);
  if (!swatch) throw new Refused(404, { sentence: 'There is no such swatch in the library any more.' });
  return checkedDesign({ ...design, swatch, stitch: isOwnStitchId(swatch.stitch) ? design.stitch : swatch.stitch });
}

/** A bag read in gets a swatch of its own, so that it never changes one of another bag. */
const withOwnSwatch = (design: Design): Design => ({
  ...design,
  swatch: { ...design.swatch, id: swatchIdSchema.parse(nanoid(12)) },
});
