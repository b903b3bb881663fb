import { nanoid } from 'nanoid';
import type { z } from 'zod';
import { isOwnStitchId, starterDesign, swatchIdSchema, type Design } from '@/core/design';
import { checkedDesign } from '@/server/checkedDesign';
import { Refused, answer, readBody, readQuery } from '@/server/http';
import { newBagSchema, shelfPartSchema } from '@/server/requests';
import { shelfPart } from '@/server/shelf';
import { getStore } from '@/server/store';

/** A part of the shelf: bags as cards with their drawings. */
export const GET = (request: Request): Promise<Response> =>
  answer(async () => {
    const { archived, ...part } = readQuery(request, shelfPartSchema);
    return shelfPart({ ...part, archived: archived === 'yes' });
  });

/** A new bag, from a starter or from a design file that was read in. */
export const POST = (request: Request): Promise<Response> =>
  answer(async () => {
    const wish = await readBody(request, newBagSchema);
    const design = 'starter' in wish ? await newDesign(wish) : withOwnSwatch(await checkedDesign(wish.design));
    return { id: await (await getStore()).bags.create(design) };
  });

type FromStarter = Extract<z.infer<typeof newBagSchema>, { starter: unknown }>;

async function newDesign(wish: FromStarter): Promise<Design> {
  const design = starterDesign(wish.starter, swatchIdSchema.parse(nanoid(12)), wish.settings, wish.yarn);
  const { swatches } = await getStore();
  if (wish.swatchId === undefined)
    return { ...design, swatch: { ...design.swatch, name: await swatches.nameOfItsOwn(design.swatch.name) } };
  const swatch = await swatches.find(wish.swatchId);
  if (!swatch) throw new Refused(404, { sentence: 'There is no such swatch in the library any more.' });
  return checkedDesign({ ...design, swatch, stitch: isOwnStitchId(swatch.stitch) ? design.stitch : swatch.stitch });
}

/** A bag read in gets a swatch of its own, so that it never changes one of another bag. */
const withOwnSwatch = (design: Design): Design => ({
  ...design,
  swatch: { ...design.swatch, id: swatchIdSchema.parse(nanoid(12)) },
});
