import type { Design } from '@/core/design';
import type { FoldWay } from '@/core/fold';
import { planBag } from '@/core/plan';
import { folded, type Shown, type UpTo, type View } from '@/drawing';
import type { Rgb } from '@/drawing/fabric/paint';
import { PngFile } from '@/drawing/picture';
import { bagSkins, fittedView, rasterBands, type BagColours } from '@/drawing/raster';

/** A picture to be made of a bag. */
export interface BagPicture {
  design: Design;
  way: FoldWay;
  turned: Omit<View, 'upMm'>;
  colours: BagColours;
  widthPx: number;
  heightPx: number;
  /** From outside, or with its front away; and how many rows of each piece are there. */
  shown?: Shown;
  upTo?: UpTo;
  /** How large it is, and how high; left out: so that what is seen fills the picture, without what is put into the bag. */
  at?: { pxPerMm: number; upMm: number };
}

/** Told how much is done, from 0 to 1. */
type OnShare = (share: number) => void | Promise<void>;

/** Word of how far it is goes out at most so often, and with it the chance to be stopped, ms. */
const TURN_MS = 60;

/** The pictures that are made away from the screen. */
export const pictureWork = {
  /** A picture as pixels, four numbers each, from above; null of a bag that can't be planned. */
  async pixels(picture: BagPicture): Promise<Uint8ClampedArray | null> {
    const bands = bandsOf(picture);
    if (!bands) return null;
    const pixels = new Uint8ClampedArray(4 * picture.widthPx * picture.heightPx);
    let at = 0;
    for (const band of bands) {
      pixels.set(band, at);
      at += band.length;
    }
    return pixels;
  },

  /**
   * A picture as a PNG file.
   *
   * @param ground what it lies on; null to see through it
   */
  async png(picture: BagPicture, ground: Rgb | null, onShare: OnShare): Promise<Blob | null> {
    const bands = bandsOf(picture);
    if (!bands) return null;
    const { widthPx, heightPx } = picture;
    const file = new PngFile({ widthPx, heightPx, seeThrough: ground === null });
    let rows = 0;
    let told = performance.now();
    for (const band of bands) {
      file.add(ground ? onGround(band, ground) : band);
      rows += band.length / (4 * widthPx);
      if (performance.now() - told < TURN_MS) continue;
      await onShare(rows / heightPx);
      told = performance.now();
    }
    return new Blob(file.end() as BlobPart[], { type: 'image/png' });
  },
};

export type PictureWork = typeof pictureWork;

/** The bag folded and looked at so that it fills the picture, band by band; nothing where there is no plan. */
function bandsOf({
  design,
  way,
  turned,
  colours,
  shown = 'outside',
  upTo = null,
  at,
  ...size
}: BagPicture): Generator<Uint8ClampedArray> | null {
  const result = planBag(design);
  if (!result.ok) return null;
  const { mesh, middle } = folded(design, result.plan, way, shown, upTo);
  const solids = at ? mesh.solids : mesh.solids.filter(({ stuff }) => stuff !== 'thing' && stuff !== 'load');
  const view = at ? { ...turned, ...at, middle, ...size } : fittedView(solids, turned, middle, size);
  return rasterBands(solids, view, bagSkins(design, result.plan, colours, view.pxPerMm));
}

/** A band laid on a ground of one colour. */
function onGround(pixels: Uint8ClampedArray, [red, green, blue]: Rgb): Uint8ClampedArray {
  for (let at = 0; at < pixels.length; at += 4) {
    const share = (pixels[at + 3] as number) / 255;
    if (share === 1) continue;
    pixels[at] = (pixels[at] as number) * share + red * (1 - share);
    pixels[at + 1] = (pixels[at + 1] as number) * share + green * (1 - share);
    pixels[at + 2] = (pixels[at + 2] as number) * share + blue * (1 - share);
  }
  return pixels;
}
