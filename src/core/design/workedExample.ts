import { usualLining } from './fittings/linings';
import { usualSnap } from './fittings/magneticSnap';
import { starterDesign } from './starters';
import { thingIdSchema, type Design, type Settings, type SwatchId } from './schema';

/**
 * A small bag that is planned to its end, to be walked through by whoever has none of her own yet: what goes in, a measured swatch, flap, snap and lining. Its numbers are invented.
 *
 * @param settings how she works
 *
 * @example
 * workedExample('one').lining?.kind // => 'flat'
 */
export function workedExample(swatchId: SwatchId, settings?: Settings): Design {
  const design = starterDesign('letter', swatchId, settings);
  return {
    ...design,
    name: 'An example: pouch for concert tickets',
    notes: 'Walk through it along the tape, change whatever you like, and put it away when you have seen enough.',
    contents: {
      ...design.contents,
      items: [
        {
          count: 1,
          thing: {
            ...{ id: thingIdSchema.parse('tickets'), name: 'Concert tickets', known: null, turns: 'in-the-plane' },
            ...{ widthMm: 151, heightMm: 83, thicknessMm: 4, massG: 38 },
          },
        },
      ],
    },
    swatch: {
      ...design.swatch,
      name: 'Example swatch',
      yarn: { ...design.swatch.yarn, name: 'Example cotton', colour: 'moss', ballMassG: 50, ballLengthM: 112 },
      hookMm: 3.5,
      stitchReadings: [
        { count: 21, lengthMm: 104 },
        { count: 27, lengthMm: 133 },
        { count: 18, lengthMm: 90 },
      ],
      rowReadings: [
        { count: 19, lengthMm: 87 },
        { count: 24, lengthMm: 111 },
        { count: 16, lengthMm: 73 },
      ],
      thicknessMm: 2.2,
      weighed: { massG: 13, widthMm: 152, heightMm: 128 },
    },
    closures: [usualSnap()],
    lining: usualLining(),
  };
}
