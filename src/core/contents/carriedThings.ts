import type { Contents, ThingId } from '@/core/design';
import { fitsLargestBag } from './packThings';
import type { Box } from './packTree';

/** One single thing that goes in. */
export interface CarriedThing {
  thing: ThingId;
  name: string;
  box: Box;
}

/** Every thing as often as it goes in, without those that no bag is large enough for. */
export const carriedThings = (items: Contents['items']): CarriedThing[] =>
  items.flatMap(({ thing, count }) => {
    const { widthMm, heightMm, thicknessMm, turns } = thing;
    const box: Box = { widthMm, heightMm, thicknessMm, turns };
    if (!fitsLargestBag(box)) return [];
    return Array.from({ length: count }, (_, index) => ({
      thing: thing.id,
      name: count === 1 ? thing.name : `${thing.name} ${index + 1}`,
      box,
    }));
  });

/** What of the contents a packing depends on, as a text: the same text, the same packings. */
export const packingKey = (items: Contents['items']): string =>
  JSON.stringify(carriedThings(items).map(({ box }) => [box.widthMm, box.heightMm, box.thicknessMm, box.turns]));
