import { answer, Refused } from '@/server/http';
import { getStore } from '@/server/store';

/**
 * Takes a swatch out of the library. One that bags are planned from is taken out only when that is asked for (`?even=used`):
 * each of those bags then keeps the readings in its own design.
 */
export const DELETE = (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(async () => {
    const { id } = await params;
    const { swatches } = await getStore();
    const bags = (await swatches.usedBy([id])).get(id) ?? [];
    if (bags.length > 0 && new URL(request.url).searchParams.get('even') !== 'used')
      throw new Refused(409, {
        sentence: `${bags.map((name) => `“${name}”`).join(', ')} ${bags.length === 1 ? 'is' : 'are'} planned from this swatch. Taken out of the library, its readings stay in ${bags.length === 1 ? 'that bag' : 'those bags'}.`,
      });
    if (!(await swatches.remove(id))) throw new Refused(404, { sentence: 'There is no such swatch.' });
    return {};
  });
