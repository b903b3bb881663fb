import { createHash } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import { open, readFile, readdir, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { nanoid } from 'nanoid';
import { Op } from 'sequelize';
import { z } from 'zod';
import type { Access } from './access';
import type { PhotoRow } from './models';

/** What a photo is of: a bag, or something in store. */
export const PHOTO_OF = ['bag', 'stock'] as const;
export type PhotoOf = (typeof PHOTO_OF)[number];

export const photoIdSchema = z
  .string()
  .regex(/^[\w-]{1,40}$/)
  .brand<'PhotoId'>();
export type PhotoId = z.infer<typeof photoIdSchema>;

/** What a photo belongs to, and at which step of a making it was taken, if at any. */
export interface PhotoPlace {
  of: PhotoOf;
  ownerId: string;
  step: string | null;
}

/** A photo as it is listed; its picture is asked for by its id. */
export interface Photo extends PhotoPlace {
  id: PhotoId;
  width: number;
  height: number;
  /** Of the whole picture. */
  bytes: number;
  sha256: string;
  createdAt: string;
}

/** A picture as it is kept: whole, and small for lists. */
export interface Pictures {
  whole: Uint8Array;
  small: Uint8Array;
  width: number;
  height: number;
}

/** So many photos one bag or one thing can have. */
export const MOST_PHOTOS = 60;

/** What was taken out can be put back for so long, ms. */
const KEPT_MS = 30 * 24 * 3_600_000;

/** A day is left to whatever is being written, ms. */
const FRESH_MS = 24 * 3_600_000;

/** Photos: rows in the database, pictures in a folder beside it. A picture is on the disk before its row is, so that no row is without one. */
export class PhotoRepository {
  constructor(
    private readonly access: Access,
    readonly folder: string,
  ) {}

  /**
   * Keeps a photo.
   *
   * @returns null where there are as many as there can be
   */
  async add(place: PhotoPlace, { whole, small, width, height }: Pictures): Promise<Photo | null> {
    const { of, ownerId } = place;
    if ((await this.access.read.Photo.count({ where: { of, ownerId, removedAt: null } })) >= MOST_PHOTOS) return null;
    const id = photoIdSchema.parse(nanoid(14));
    mkdirSync(this.folder, { recursive: true });
    await writeWhole(this.fileOf(id, 'small'), small);
    await writeWhole(this.fileOf(id, 'whole'), whole);
    const sha256 = createHash('sha256').update(whole).digest('hex');
    const row = await this.access.writer.write(() =>
      this.access.written.Photo.create({ id, ...place, width, height, bytes: whole.byteLength, sha256 }),
    );
    return listed(row);
  }

  /** Brings a photo in by the name it had, from a copy. */
  async bring(
    { id, createdAt, ...place }: PhotoPlace & { id: string; createdAt: string },
    { whole, small, width, height }: Pictures,
  ): Promise<void> {
    mkdirSync(this.folder, { recursive: true });
    await writeWhole(this.fileOf(id, 'small'), small);
    await writeWhole(this.fileOf(id, 'whole'), whole);
    const sha256 = createHash('sha256').update(whole).digest('hex');
    const told = { width, height, bytes: whole.byteLength, sha256, createdAt: new Date(createdAt) };
    await this.access.writer.write(() => this.access.written.Photo.upsert({ id, ...place, ...told }));
  }

  /** Photos of something, the first taken first. */
  async list(of: PhotoOf, ownerId: string): Promise<Photo[]> {
    const rows = await this.access.read.Photo.findAll({
      where: { of, ownerId, removedAt: null },
      order: [
        ['createdAt', 'ASC'],
        ['id', 'ASC'],
      ],
    });
    return rows.map(listed);
  }

  /** Every photo there is, but for what was taken out. */
  async all(): Promise<Photo[]> {
    return (await this.access.read.Photo.findAll({ where: { removedAt: null }, order: [['id', 'ASC']] })).map(listed);
  }

  /** A picture; null where there is none. */
  async picture(id: PhotoId, size: 'whole' | 'small'): Promise<Buffer | null> {
    if ((await this.access.read.Photo.count({ where: { id } })) === 0) return null;
    return readFile(this.fileOf(id, size)).catch(() => null);
  }

  /** Takes a photo out, or puts it back. @returns false where there is none */
  async setRemoved(id: PhotoId, removed: boolean): Promise<boolean> {
    const [changed] = await this.access.writer.write(() =>
      this.access.written.Photo.update({ removedAt: removed ? new Date() : null }, { where: { id } }),
    );
    return changed > 0;
  }

  /** Throws away what was taken out long ago, and files that no row knows of. */
  async sweep(nowMs: number): Promise<void> {
    await this.access.writer.write(() =>
      this.access.written.Photo.destroy({ where: { removedAt: { [Op.lt]: new Date(nowMs - KEPT_MS) } } }),
    );
    const known = new Set((await this.access.read.Photo.findAll({ attributes: ['id'] })).map(({ id }) => id as string));
    const files = await readdir(this.folder).catch(() => []);
    for (const name of files) {
      const [id = ''] = name.split('.');
      if (known.has(id) || nowMs - (await changedMs(join(this.folder, name))) < FRESH_MS) continue;
      await rm(join(this.folder, name), { force: true });
    }
  }

  /** Where a picture lies. */
  fileOf(id: string, size: 'whole' | 'small'): string {
    return join(this.folder, `${id}.${size}.jpg`);
  }
}

/** Writes a file so that it is there whole or not at all. */
export async function writeWhole(path: string, bytes: Uint8Array): Promise<void> {
  const part = `${path}.part`;
  const file = await open(part, 'w');
  try {
    await file.writeFile(bytes);
    await file.sync();
  } finally {
    await file.close();
  }
  await rename(part, path);
}

async function changedMs(path: string): Promise<number> {
  const file = await open(path, 'r').catch(() => null);
  const changed = (await file?.stat())?.mtimeMs ?? 0;
  await file?.close();
  return changed;
}

const listed = ({ id, of, ownerId, step, width, height, bytes, sha256, createdAt }: PhotoRow): Photo => ({
  id: photoIdSchema.parse(id),
  of,
  ownerId,
  step,
  width,
  height,
  bytes,
  sha256,
  createdAt: createdAt.toISOString(),
});
