import sharp from 'sharp';
import type { Pictures } from '@/store';
import { Refused } from './http';

/** The largest file that is taken as a photo, bytes: that of a large camera. */
export const MOST_PHOTO_BYTES = 30_000_000;
/** The most pixels that are looked at: more than any camera has; a picture of more could fill the memory. */
const MOST_PIXELS = 120_000_000;
/** The longer side of what is kept, and of what is shown in lists, pixels. */
const WHOLE_PX = 2000;
const SMALL_PX = 360;
const KINDS: readonly string[] = ['jpeg', 'png', 'webp', 'gif', 'tiff', 'heif'];

/** Two at a time: the others wait, so that nobody is kept from counting by photos. */
sharp.concurrency(1);

/**
 * A photo as it is kept: turned the way it was taken, no larger than a page needs, drawn anew, so that nothing of what was hidden in the file (the place it was taken
 * at, or worse) is kept.
 *
 * @throws Refused 422 when it is no picture that can be read, or one of too many pixels
 */
export async function readPhoto(bytes: Uint8Array): Promise<Pictures> {
  const unreadable = (sentence: string) => new Refused(422, { sentence });
  const none = 'This isn’t a photo that can be read. JPEG, PNG and WebP can; save it as one of these.';
  const open = () => sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error', autoOrient: true });
  const { format, width = 0, height = 0 } = await saidOf(bytes);
  if (format === undefined || !KINDS.includes(format)) throw unreadable(none);
  if (width * height > MOST_PIXELS)
    throw unreadable(
      `This picture has ${width} × ${height} pixels, more than any camera’s. Make it smaller, to 4000 pixels or so, and try again.`,
    );
  const drawn = (px: number, quality: number) =>
    open()
      .resize({ width: px, height: px, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality, mozjpeg: false })
      .toBuffer({ resolveWithObject: true });
  try {
    const whole = await drawn(WHOLE_PX, 84);
    const small = await drawn(SMALL_PX, 76);
    return { whole: whole.data, small: small.data, width: whole.info.width, height: whole.info.height };
  } catch {
    throw unreadable(none);
  }
}

/** What a file says it is, before any pixel is looked at. */
async function saidOf(bytes: Uint8Array): Promise<{ format?: string; width?: number; height?: number }> {
  try {
    return await sharp(bytes, { limitInputPixels: false }).metadata();
  } catch {
    return {};
  }
}
