import fc from 'fast-check';
import { KNOWN_THINGS } from '@/core/contents';
import { thingIdSchema, usualLining, usualSnap, type BodyKind, type Design } from '@/core/design';
import { bagOf, withBody } from './bodies';

/** Bags such as makers wish for: no wider than a forearm, with a flap, a snap, a few things in them, of any usual gauge. */
export const someBag = (kind: BodyKind): fc.Arbitrary<Design> =>
  fc
    .record({
      stitchMm: fc.double({ min: 3, max: 7, noNaN: true }),
      rowShare: fc.double({ min: 0.8, max: 1.7, noNaN: true }),
      widthMm: fc.integer({ min: 110, max: 320 }),
      heightMm: fc.integer({ min: 90, max: 260 }),
      dropMm: fc.integer({ min: 30, max: 260 }),
      flap: fc.constantFrom('none' as const, 'straight' as const, 'round' as const),
      insetMm: fc.integer({ min: 8, max: 60 }),
      mate: fc.constantFrom('loaded' as const, 'between' as const, 'both' as const),
      sizesFrom: fc.constantFrom('outside' as const, 'inside' as const, 'contents' as const),
      things: fc.array(fc.constantFrom(...KNOWN_THINGS.filter(({ widthMm }) => widthMm <= 180)), { maxLength: 3 }),
      thicknessMm: fc.option(fc.integer({ min: 0, max: 50 }), { nil: null }),
      lined: fc.boolean(),
    })
    .map(({ stitchMm, rowShare, widthMm, heightMm, dropMm, flap, insetMm, mate, sizesFrom, things, ...rest }) => {
      const bag = bagOf(kind, { stitchMm, rowMm: stitchMm * rowShare, fabricMm: 2 });
      return {
        ...withBody(bag, { widthMm, heightMm, sizesFrom }),
        flap: { kind: flap, dropMm: Math.min(dropMm, heightMm), widthMm: null, hemMm: null },
        closures: [{ ...usualSnap(), insetMm, mate }],
        lining: rest.lined ? usualLining() : null,
        contents: {
          ...bag.contents,
          thicknessMm: rest.thicknessMm,
          items: things.map((known, index) => ({
            count: 1,
            thing: {
              id: thingIdSchema.parse(`thing-${index}`),
              name: `Thing ${index}`,
              widthMm: known.widthMm,
              heightMm: known.heightMm,
              thicknessMm: known.thicknessMm ?? 8,
              massG: null,
              turns: known.turns,
              known: null,
            },
          })),
        },
      };
    });
