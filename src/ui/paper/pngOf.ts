import { dotsChunk } from '@/drawing/picture';

/** Dots to the inch of a picture, and how many a browser draws at once. */
const DPI = 300;
const MOST_SIDE_PX = 8000;

/** How many dots to the inch a picture of this size gets: 300, or fewer where it would be larger than browsers draw. */
export const dpiOf = ({ widthMm, heightMm }: { widthMm: number; heightMm: number }): number =>
  Math.max(1, Math.min(DPI, Math.floor((MOST_SIDE_PX * 25.4) / Math.max(widthMm, heightMm))));

/** An SVG file as a PNG at true size. */
export async function pngOf(
  svg: string,
  size: { widthMm: number; heightMm: number },
): Promise<{ file: Blob; dpi: number }> {
  const dpi = dpiOf(size);
  const address = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }));
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    const canvas = document.createElement('canvas');
    canvas.width = Math.round((size.widthMm / 25.4) * dpi);
    canvas.height = Math.round((size.heightMm / 25.4) * dpi);
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
    const file = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
    if (!file) throw new Error('the browser drew nothing');
    return { file: withDpi(new Uint8Array(await file.arrayBuffer()), dpi), dpi };
  } finally {
    URL.revokeObjectURL(address);
  }
}

export const bytesOf = async (file: Blob): Promise<Uint8Array> => new Uint8Array(await file.arrayBuffer());

/** Bytes of a PNG before its first chunk after the header: the signature, and the header's own chunk. */
const AFTER_HEADER = 33;

/** A PNG that says how many dots there are to the inch, so that it is printed at true size. */
const withDpi = (png: Uint8Array, dpi: number): Blob =>
  new Blob([png.slice(0, AFTER_HEADER), dotsChunk(dpi) as BlobPart, png.slice(AFTER_HEADER)], { type: 'image/png' });
