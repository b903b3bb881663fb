import { readFileSync, readdirSync, utimesSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buf as crc32 } from 'crc-32';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { MOST_PHOTOS, photoIdSchema } from '@/store';
import { storeOnDisk } from '@/store/testing/onDisk';
import { bytesOf } from './http';
import { MOST_PHOTO_BYTES, readPhoto } from './readPhoto';

const plain = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#336655' } });

/** The beginning of a PNG (W3C, Portable Network Graphics) that says it has so many pixels, and has none. */
function sayingPng(width: number, height: number): Buffer {
  const chunk = (type: string, data: Buffer): Buffer => {
    const body = Buffer.concat([Buffer.from(type, 'latin1'), data]);
    const [length, sum] = [Buffer.alloc(4), Buffer.alloc(4)];
    length.writeUInt32BE(data.length);
    sum.writeUInt32BE(crc32(body) >>> 0);
    return Buffer.concat([length, body, sum]);
  };
  const header = Buffer.alloc(13);
  header.writeUInt32BE(width, 0);
  header.writeUInt32BE(height, 4);
  header.set([8, 2, 0, 0, 0], 8);
  const signature = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);
  return Buffer.concat([
    signature,
    chunk('IHDR', header),
    chunk('IDAT', Buffer.from([0x78, 0x9c, 3, 0, 0, 0, 0, 1])),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

describe('a photo that is taken in', () => {
  it('is turned as it was taken, no larger than it need be, and has nothing hidden in it', async () => {
    // EXIF (JEITA CP-3451): orientation 6 was taken with the camera on its side; IFD3 has the place.
    const taken = await plain(3000, 1200)
      .withExif({ IFD0: { Copyright: 'Nobody' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '47/1 3/1 0/1' } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
    expect((await sharp(taken).metadata()).orientation).toBe(6);
    const { whole, small, width, height } = await readPhoto(taken);
    expect([width, height]).toEqual([800, 2000]);
    const kept = await sharp(whole).metadata();
    expect(kept).toMatchObject({ format: 'jpeg', width: 800, height: 2000 });
    expect([kept.exif, kept.xmp, kept.iptc, kept.orientation]).toEqual([undefined, undefined, undefined, undefined]);
    expect(Buffer.from(whole).includes('GPS')).toBe(false);
    expect(await sharp(small).metadata()).toMatchObject({ width: 144, height: 360 });
  });

  it('stays as small as it is, and lies on white where it was clear', async () => {
    const clear = await sharp({
      create: { width: 40, height: 20, channels: 4, background: { r: 0, g: 0, b: 0, alpha: 0 } },
    })
      .png()
      .toBuffer();
    const { whole, width, height } = await readPhoto(clear);
    expect([width, height]).toEqual([40, 20]);
    const [red = 0] = await sharp(whole).raw().toBuffer();
    expect(red).toBeGreaterThan(250);
  });

  it.each([
    ['a text', Buffer.from('This is no picture.')],
    ['nothing', Buffer.alloc(0)],
    [
      'a drawing that could hold anything',
      Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="10" height="10"/>'),
    ],
    ['half a picture', null],
  ])('that is %s is refused in words', async (_, bytes) => {
    const whole = await plain(800, 600).jpeg().toBuffer();
    await expect(readPhoto(bytes ?? whole.subarray(0, 900))).rejects.toThrow('isn’t a photo that can be read');
  });

  it('of 30,000 by 30,000 pixels is refused before any of them is looked at', async () => {
    await expect(readPhoto(sayingPng(30_000, 30_000))).rejects.toThrow('30000 × 30000 pixels');
  });

  it('of 80 MB is refused by what it is said to be, and by what comes', async () => {
    const part = new Uint8Array(1_000_000);
    let sent = 0;
    async function* endless() {
      for (; sent < 80; sent += 1) yield part;
    }
    const limit = { most: MOST_PHOTO_BYTES, sentence: 'too large' };
    await expect(bytesOf(endless(), 80_000_000, limit)).rejects.toThrow('too large');
    expect(sent).toBe(0);
    await expect(bytesOf(endless(), 0, limit)).rejects.toThrow('too large');
    expect(sent).toBeLessThan(32);
  });
});

describe('photos in the store', () => {
  const at = storeOnDisk();
  const place = { of: 'bag', ownerId: 'one', step: null } as const;
  const pictures = async () => readPhoto(await plain(60, 40).png().toBuffer());

  it('are listed with what they are of, taken out, and put back', async () => {
    const { photos } = at.store;
    const photo = await photos.add(place, await pictures());
    await photos.add({ ...place, of: 'stock' }, await pictures());
    await photos.add({ ...place, step: 'line' }, await pictures());
    if (!photo) throw new Error('not kept');
    expect((await photos.list('bag', 'one')).map(({ step }) => step)).toEqual([null, 'line']);
    expect(await photos.setRemoved(photo.id, true)).toBe(true);
    expect((await photos.list('bag', 'one')).map(({ step }) => step)).toEqual(['line']);
    expect(await photos.picture(photo.id, 'whole')).not.toBeNull();
    await photos.setRemoved(photo.id, false);
    expect(await photos.list('bag', 'one')).toHaveLength(2);
    expect(await photos.setRemoved(photoIdSchema.parse('none'), true)).toBe(false);
  });

  it('are as many as there is room for, and no more', async () => {
    const { photos } = at.store;
    const kept = await pictures();
    for (let count = 0; count < MOST_PHOTOS; count += 1) expect(await photos.add(place, kept)).not.toBeNull();
    expect(await photos.add(place, kept)).toBeNull();
  });

  it('of which a file is left over without a row is swept away once it is a day old; those that were taken out long ago go', async () => {
    const { photos } = at.store;
    const stays = await photos.add(place, await pictures());
    const goes = await photos.add(place, await pictures());
    if (!stays || !goes) throw new Error('not kept');
    await photos.setRemoved(goes.id, true);
    for (const name of ['left.whole.jpg', 'fresh.small.jpg.part']) writeFileSync(join(photos.folder, name), 'x');
    const longAgo = Date.now() / 1000 - 100_000;
    utimesSync(join(photos.folder, 'left.whole.jpg'), longAgo, longAgo);
    await photos.sweep(Date.now());
    expect(readdirSync(photos.folder)).toContain('fresh.small.jpg.part');
    expect(readdirSync(photos.folder)).not.toContain('left.whole.jpg');
    expect(readdirSync(photos.folder)).toContain(`${goes.id}.whole.jpg`);
    const inFortyDays = Date.now() + 40 * 24 * 3_600_000;
    await photos.sweep(inFortyDays);
    expect(readdirSync(photos.folder).sort()).toEqual([`${stays.id}.small.jpg`, `${stays.id}.whole.jpg`]);
    expect(readFileSync(photos.fileOf(stays.id, 'whole')).byteLength).toBe(stays.bytes);
  });
});
