import { buf as crc32 } from 'crc-32';
import { Zlib } from 'fflate';

/** How a PNG is to be: whether one sees through it where nothing is, and how many dots there are to the inch, if that is said. */
interface PngForm {
  widthPx: number;
  heightPx: number;
  seeThrough: boolean;
  dpi?: number;
}

const SIGNATURE = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a];
/** Eight bits to a channel; red, green, blue, with or without how much is covered. */
const DEPTH = 8;
const RGB = 2;
const RGBA = 6;
/** Each row is told by what it adds to the one above it. */
const UP = 2;
/** Thorough enough, and twice as fast as the most thorough. */
const LEVEL = 6;

/**
 * A PNG that is written from above downward, some rows at a time, so that one of any size needs little room.
 *
 * Source: Portable Network Graphics (PNG) Specification, W3C, third edition.
 */
export class PngFile {
  private readonly parts: Uint8Array[] = [];
  private readonly channels: number;
  private readonly above: Uint8Array;
  private readonly zlib: Zlib;

  constructor(private readonly form: PngForm) {
    const { widthPx, heightPx, seeThrough, dpi } = form;
    this.channels = seeThrough ? 4 : 3;
    this.above = new Uint8Array(widthPx * this.channels);
    this.zlib = new Zlib({ level: LEVEL }, (packed) => {
      if (packed.length > 0) this.parts.push(chunk('IDAT', packed));
    });
    const head = new DataView(new ArrayBuffer(13));
    head.setUint32(0, widthPx);
    head.setUint32(4, heightPx);
    head.setUint8(8, DEPTH);
    head.setUint8(9, seeThrough ? RGBA : RGB);
    this.parts.push(new Uint8Array(SIGNATURE), chunk('IHDR', new Uint8Array(head.buffer)));
    if (dpi !== undefined) this.parts.push(dotsChunk(dpi));
  }

  /** Adds rows: four numbers to a pixel, red, green, blue and how much is covered. */
  add(pixels: Uint8ClampedArray): void {
    const { above, channels } = this;
    const { widthPx } = this.form;
    const rows = pixels.length / (4 * widthPx);
    const told = new Uint8Array(rows * (1 + above.length));
    let place = 0;
    for (let row = 0; row < rows; row += 1) {
      told[place] = UP;
      place += 1;
      for (let column = 0, at = 0; column < widthPx; column += 1)
        for (let channel = 0; channel < channels; channel += 1, at += 1, place += 1) {
          const value = pixels[4 * (row * widthPx + column) + channel] as number;
          told[place] = value - (above[at] as number);
          above[at] = value;
        }
    }
    this.zlib.push(told);
  }

  /** The whole file, once all its rows are added. */
  end(): Uint8Array[] {
    this.zlib.push(new Uint8Array(0), true);
    return [...this.parts, chunk('IEND', new Uint8Array(0))];
  }
}

/** How many dots there are to the metre either way, so that it is printed at its size. */
export function dotsChunk(dpi: number): Uint8Array {
  const says = new DataView(new ArrayBuffer(9));
  const perMetre = Math.round(dpi / 0.0254);
  says.setUint32(0, perMetre);
  says.setUint32(4, perMetre);
  says.setUint8(8, 1);
  return chunk('pHYs', new Uint8Array(says.buffer));
}

/** A part of a PNG: its length, its name, what it says, and a check of both. */
function chunk(name: string, says: Uint8Array): Uint8Array {
  const whole = new Uint8Array(12 + says.length);
  const view = new DataView(whole.buffer);
  view.setUint32(0, says.length);
  whole.set(
    [...name].map((letter) => letter.charCodeAt(0)),
    4,
  );
  whole.set(says, 8);
  view.setUint32(8 + says.length, crc32(whole.subarray(4, 8 + says.length)) >>> 0);
  return whole;
}
