import { thingIdSchema, type Design } from '@/core/design';
import { designAt } from './designs';

/** A bag into which things of so many sizes go, across, up and thick, none of them turned: Thing 0, Thing 1 and on. */
export const holding = (
  sizes: readonly (readonly [widthMm: number, heightMm: number, thicknessMm: number])[],
  sizesFrom: Design['body']['sizesFrom'] = 'contents',
): Design =>
  designAt(5, 5, 2, (design) => ({
    ...design,
    contents: {
      ...design.contents,
      thicknessMm: null,
      items: sizes.map(([widthMm, heightMm, thicknessMm], index) => ({
        count: 1,
        thing: {
          ...{ id: thingIdSchema.parse(`t${index}`), name: `Thing ${index}`, widthMm, heightMm, thicknessMm },
          ...{ massG: null, turns: 'as-it-stands' as const, known: null },
        },
      })),
    },
    body: { ...design.body, sizesFrom },
  }));
