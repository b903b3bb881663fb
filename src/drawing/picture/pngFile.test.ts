import fc from 'fast-check';
import sharp from 'sharp';
import { expect, it } from 'vitest';
import { PngFile } from './pngFile';

const written = (form: ConstructorParameters<typeof PngFile>[0], pixels: Uint8ClampedArray, rowsAtOnce: number) => {
  const file = new PngFile(form);
  const step = 4 * form.widthPx * rowsAtOnce;
  for (let at = 0; at < pixels.length; at += step) file.add(pixels.subarray(at, at + step));
  return Buffer.concat(file.end());
};

it('another program reads the very pixels that were written, however many rows came at once', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.integer({ min: 1, max: 40 }),
      fc.integer({ min: 1, max: 40 }),
      fc.integer({ min: 1, max: 9 }),
      fc.boolean(),
      fc.infiniteStream(fc.nat(255)),
      async (widthPx, heightPx, rowsAtOnce, seeThrough, values) => {
        const pixels = Uint8ClampedArray.from({ length: 4 * widthPx * heightPx }, () => values.next().value as number);
        const file = written({ widthPx, heightPx, seeThrough }, pixels, rowsAtOnce);
        const { data, info } = await sharp(file).raw().toBuffer({ resolveWithObject: true });
        expect([info.width, info.height, info.channels]).toEqual([widthPx, heightPx, seeThrough ? 4 : 3]);
        const expected = seeThrough ? [...pixels] : [...pixels].filter((_, index) => index % 4 !== 3);
        expect([...data]).toEqual(expected);
      },
    ),
    { numRuns: 60 },
  );
});

it('says how many dots there are to the inch', async () => {
  const pixels = new Uint8ClampedArray(4 * 6 * 4).fill(90);
  const { density } = await sharp(
    written({ widthPx: 6, heightPx: 4, seeThrough: false, dpi: 300 }, pixels, 4),
  ).metadata();
  expect(density).toBe(300);
});
