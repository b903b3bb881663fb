import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { bagOf, withBody } from '@/core/testing/bodies';
import { fullDesign, planOf } from '@/core/testing/designs';
import { RecordedCanvas } from '@/drawing/testing/recordedCanvas';
import type { BagColours } from '@/drawing/raster';
import { pictureWork, type BagPicture } from './pictureWork';

const there = globalThis.OffscreenCanvas;
beforeAll(() => {
  globalThis.OffscreenCanvas = RecordedCanvas as unknown as typeof OffscreenCanvas;
});
afterAll(() => {
  globalThis.OffscreenCanvas = there;
});

type Rgb = readonly [number, number, number];
const GREY: Rgb = [150, 150, 150];

/** Everything grey, and the yarn of one colour. */
const inYarn = (rgb: Rgb): BagColours => ({
  yarns: [{ body: rgb, light: rgb }],
  stuffs: { lining: GREY, metal: GREY, board: GREY, pocket: GREY, thing: GREY, load: GREY },
});

const FRONT = { yawRad: 0, pitchRad: 0 };

const pictureOf = (change: Partial<BagPicture> = {}): BagPicture => {
  const design = change.design ?? { ...fullDesign(), straps: [] };
  return {
    ...{ design, way: { state: 'loaded', flap: 1 }, turned: FRONT, colours: inYarn([47, 93, 115]) },
    ...{ widthPx: 160, heightPx: 120 },
    ...change,
  };
};

/** What of a picture is covered: how many pixels, and from where to where they go. */
async function coveredIn(picture: BagPicture) {
  const pixels = await pictureWork.pixels(picture);
  if (!pixels) throw new Error('no picture');
  let [count, left, right, top, bottom] = [0, Infinity, -Infinity, Infinity, -Infinity];
  for (let y = 0; y < picture.heightPx; y += 1)
    for (let x = 0; x < picture.widthPx; x += 1) {
      if ((pixels[4 * (y * picture.widthPx + x) + 3] as number) < 128) continue;
      count += 1;
      [left, right] = [Math.min(left, x), Math.max(right, x)];
      [top, bottom] = [Math.min(top, y), Math.max(bottom, y)];
    }
  return { count, left, right, top, bottom, wide: right - left + 1, high: bottom - top + 1 };
}

describe('a picture of a finished bag', () => {
  it.each(BODY_KINDS)('%s: it fills the picture and lies in its middle', async (kind) => {
    const size = { widthPx: 200, heightPx: 150 };
    const { left, right, top, bottom } = await coveredIn(
      pictureOf({ design: bagOf(kind), turned: { yawRad: -0.5, pitchRad: 0.3 }, ...size }),
    );
    const [beside, above] = [(left + 199 - right) / 2, (top + 149 - bottom) / 2];
    expect(Math.min(beside, above)).toBeGreaterThanOrEqual(7);
    expect(Math.min(beside, above)).toBeLessThanOrEqual(12);
    expect(Math.abs(left - (199 - right))).toBeLessThanOrEqual(2);
    expect(Math.abs(top - (149 - bottom))).toBeLessThanOrEqual(2);
  });

  it('is as wide as the bag is planned, at the scale that is asked for', async () => {
    const design = withBody(bagOf('fold-over-strip'), { widthMm: 240, heightMm: 150 });
    const plan = planOf(design);
    const { wide } = await coveredIn(
      pictureOf({
        design,
        way: { state: 'empty', flap: 1 },
        widthPx: 400,
        heightPx: 300,
        at: { pxPerMm: 1.2, upMm: 60 },
      }),
    );
    // The sides are round, as thick as the fabric; a pixel more is touched at either edge.
    const { figures, layers } = plan.pouch;
    expect(Math.abs(wide - 1.2 * figures.width.value)).toBeLessThanOrEqual(1.2 * layers.fabricMm + 2);
  });

  it('twice as large, it covers four times as many pixels', async () => {
    const [small, large] = [
      await coveredIn(pictureOf({ widthPx: 120, heightPx: 90 })),
      await coveredIn(pictureOf({ widthPx: 240, heightPx: 180 })),
    ];
    expect(Math.abs(large.count / small.count - 4)).toBeLessThan(0.12);
  });

  it('seen from the side, a loaded bag is thicker than an empty one', async () => {
    const at = { pxPerMm: 1, upMm: 60 };
    const thick = async (state: 'empty' | 'loaded') =>
      (await coveredIn(pictureOf({ way: { state, flap: 1 }, turned: { yawRad: Math.PI / 2, pitchRad: 0 }, at }))).wide;
    expect(await thick('loaded')).toBeGreaterThan((await thick('empty')) + 3);
  });

  it('turned once round, it is the same', async () => {
    const [once, again] = [
      await pictureWork.pixels(pictureOf({ turned: { yawRad: 0.4, pitchRad: 0.2 } })),
      await pictureWork.pixels(pictureOf({ turned: { yawRad: 0.4 + 2 * Math.PI, pitchRad: 0.2 } })),
    ];
    const differs = [...(once ?? [])].filter((value, index) => Math.abs(value - (again?.[index] ?? NaN)) > 2);
    expect(differs.length).toBeLessThan(0.002 * (once?.length ?? 0));
  });

  it('wears the colour of its yarn', async () => {
    const redder = async (rgb: Rgb) => {
      const pixels = (await pictureWork.pixels(pictureOf({ colours: inYarn(rgb) }))) ?? new Uint8ClampedArray();
      let sum = 0;
      for (let at = 0; at < pixels.length; at += 4) sum += (pixels[at] as number) - (pixels[at + 2] as number);
      return sum / (pixels.length / 4);
    };
    expect(await redder([200, 40, 40])).toBeGreaterThan(15);
    expect(await redder([40, 40, 200])).toBeLessThan(-15);
  });

  it('as a file it has the very pixels, on the ground that is asked for; or one sees through it', async () => {
    const picture = pictureOf({ widthPx: 90, heightPx: 60 });
    const pixels = (await pictureWork.pixels(picture)) as Uint8ClampedArray;
    const read = async (ground: Rgb | null) => {
      const blob = await pictureWork.png(picture, ground, () => {});
      return sharp(Buffer.from((await blob?.arrayBuffer()) ?? new ArrayBuffer(0)))
        .raw()
        .toBuffer({ resolveWithObject: true });
    };
    const through = await read(null);
    expect([...through.data]).toEqual([...pixels]);
    const { data, info } = await read([10, 200, 90]);
    expect([info.width, info.height, info.channels]).toEqual([90, 60, 3]);
    for (let at = 0; at < 90 * 60; at += 1) {
      const share = (pixels[4 * at + 3] as number) / 255;
      [10, 200, 90].forEach((under, channel) => {
        const over = (pixels[4 * at + channel] as number) * share + under * (1 - share);
        expect(Math.abs((data[3 * at + channel] as number) - over)).toBeLessThanOrEqual(1);
      });
    }
  });

  it('says how much of it is made, more and more, and never more than all', async () => {
    const told: number[] = [];
    await pictureWork.png(pictureOf({ widthPx: 900, heightPx: 700 }), [255, 255, 255], (share) => {
      told.push(share);
    });
    expect(told).toEqual([...told].sort((a, b) => a - b));
    expect(told.every((share) => share > 0 && share <= 1)).toBe(true);
  });

  it('of a bag that can’t be planned there is none', async () => {
    const oval = bagOf('oval-base');
    const deep = { ...oval, body: { ...oval.body, widthMm: 190, depthMm: 240 } } as typeof oval;
    const picture = pictureOf({ design: deep });
    expect([await pictureWork.pixels(picture), await pictureWork.png(picture, null, () => {})]).toEqual([null, null]);
  });
});
