import type { Design } from '@/core/design';
import type { BagColours } from '@/drawing/raster';
import { rgbOf, yarnLook, type Rgb } from '@/drawing/fabric/paint';
import { STUFF_COLOURS } from '@/ui/folded/colours';
import { CLOTHS } from '@/ui/theme/colours';
import { inWorker, type Running } from '@/ui/workers/planningWorker';
import type { BagPicture, PictureWork } from '@/workers/pictureWork';

/** A picture is no smaller and no larger than this either way, px. */
export const LEAST_SIDE_PX = 100;
export const MOST_SIDE_PX = 12_000;

/** What a picture may lie on; null to see through it. */
export const GROUNDS = {
  paper: { label: 'Paper', rgb: [252, 252, 248] },
  white: { label: 'White', rgb: [255, 255, 255] },
  dark: { label: 'Dark', rgb: [32, 39, 42] },
  none: { label: 'Nothing: see-through', rgb: null },
} as const satisfies Record<string, { label: string; rgb: Rgb | null }>;
export type Ground = keyof typeof GROUNDS;

/** The colours that a bag is drawn in on a picture. */
export function bagColours({ swatch, furtherYarns }: Design): BagColours {
  return {
    yarns: [swatch.yarn, ...furtherYarns].map(({ colour }) => yarnLook(CLOTHS[colour])),
    stuffs: Object.fromEntries(
      Object.entries(STUFF_COLOURS).map(([stuff, hex]) => [stuff, rgbOf(hex)]),
    ) as BagColours['stuffs'],
  };
}

const pictureWorker = () => new Worker(new URL('../../workers/picture.worker.ts', import.meta.url), { type: 'module' });

/**
 * Paints a picture on a canvas, made away from the screen.
 *
 * @param restsMs the wait before it is begun, so that what changes again meanwhile costs nothing
 * @param onPainted told when it is there
 * @returns a function that gives it up
 */
export function paintPicture(
  canvas: { readonly current: HTMLCanvasElement | null },
  picture: BagPicture,
  restsMs: number,
  onPainted: () => void,
): () => void {
  const { widthPx, heightPx } = picture;
  let stop = () => {};
  const timer = setTimeout(() => {
    const running = picturePixels(picture);
    stop = running.stop;
    void running.result.then((pixels) => {
      const on = canvas.current;
      if (!pixels || !on) return;
      on.width = widthPx;
      on.height = heightPx;
      on.getContext('2d')?.putImageData(new ImageData(pixels as ImageDataArray, widthPx, heightPx), 0, 0);
      onPainted();
    });
  }, restsMs);
  return () => {
    clearTimeout(timer);
    stop();
  };
}

/** Makes a picture as pixels, away from the screen. */
const picturePixels = (picture: BagPicture): Running<Uint8ClampedArray | null> =>
  inWorker<Uint8ClampedArray | null, PictureWork>(
    (worker) => worker.pixels(picture),
    () => {},
    () => {},
    pictureWorker,
  );

/** Makes a picture as a PNG file, away from the screen. */
export const picturePng = (
  picture: BagPicture,
  ground: Ground,
  onShare: (share: number) => void,
): Running<Blob | null> =>
  inWorker<Blob | null, PictureWork>(
    (worker, tell) => worker.png(picture, GROUNDS[ground].rgb as Rgb | null, tell),
    onShare,
    () => {},
    pictureWorker,
  );
