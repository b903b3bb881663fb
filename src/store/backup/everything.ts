import { readFile } from 'node:fs/promises';
import type { Models } from '../models';
import type { PhotoRepository } from '../photoRepository';
import { LIBRARIES, LIBRARY_NAMES, PATHS, type Besides } from './backupShape';

/** A file of a copy. */
export interface BackupFile {
  path: string;
  bytes: Uint8Array;
  /** A picture is as small as it gets already. */
  isPacked: boolean;
}

/** So many bags are read at a time. */
const PART = 50;

const encoder = new TextEncoder();
const json = (path: string, document: unknown): BackupFile => ({
  path,
  bytes: encoder.encode(`${JSON.stringify(document, null, 1)}\n`),
  isPacked: false,
});

/**
 * All that she has, file by file.
 *
 * @param models of a database that nobody writes meanwhile: all files are of one moment
 * @param photos where the pictures lie
 */
export async function* everythingIn(models: Models, photos: PhotoRepository): AsyncGenerator<BackupFile> {
  for (const name of LIBRARY_NAMES) {
    const rows = await models[LIBRARIES[name].table].findAll({ order: [['id', 'ASC']] });
    yield json(
      PATHS.library(name),
      rows.map(({ document }) => parsed(document)),
    );
  }
  for (let offset = 0; ; offset += PART) {
    const bags = await models.Bag.findAll({ include: 'kept', order: [['id', 'ASC']], limit: PART, offset });
    for (const bag of bags) {
      yield { path: PATHS.design(bag.id), bytes: encoder.encode(bag.design), isPacked: false };
      const [events, refused] = await Promise.all([
        models.MakingEvent.findAll({ where: { bagId: bag.id }, order: [['place', 'ASC']] }),
        models.RefusedSave.findAll({ where: { bagId: bag.id }, order: [['createdAt', 'ASC']] }),
      ]);
      yield json(PATHS.besides(bag.id), {
        archived: bag.archivedAt !== null,
        createdAt: bag.createdAt.toISOString(),
        updatedAt: bag.updatedAt.toISOString(),
        making: events.map(({ document }) => parsed(document)),
        history: bag.kept ? parsed(bag.kept.document) : null,
        refused: refused.map(({ id, baseRevision, design, createdAt }) => ({
          id,
          baseRevision,
          design,
          createdAt: createdAt.toISOString(),
        })),
      } satisfies Besides);
    }
    if (bags.length < PART) break;
  }
  const rows = await models.Photo.findAll({ where: { removedAt: null }, order: [['id', 'ASC']] });
  yield json(
    PATHS.photos,
    rows.map(({ id, of, ownerId, step, createdAt }) => ({ id, of, ownerId, step, createdAt: createdAt.toISOString() })),
  );
  for (const { id } of rows) {
    const picture = await readFile(photos.fileOf(id, 'whole')).catch(() => null);
    if (picture) yield { path: PATHS.picture(id), bytes: picture, isPacked: true };
  }
}

/** A document as it stands; one that is damaged as the text it is, so that nothing is left out. */
function parsed(document: string): unknown {
  try {
    return JSON.parse(document);
  } catch {
    return document;
  }
}
