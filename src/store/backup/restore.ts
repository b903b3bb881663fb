import { Op } from 'sequelize';
import { isMeasured, readDesignText, type Design } from '@/core/design';
import type { MakingEvent } from '@/core/bench';
import { nanoid } from 'nanoid';
import type { Access } from '../access';
import type { Models } from '../models';
import { freeName } from '../library';
import type { PhotoRepository, Pictures } from '../photoRepository';
import { LIBRARIES, LIBRARY_NAMES, type Besides, type LibraryName, type PhotoInBackup } from './backupShape';

/** A bag of a copy, as far as it can be read here. */
export interface BagInBackup {
  id: string;
  design: Design;
  besides: Omit<Besides, 'making'> & { making: MakingEvent[] };
}

/** Something of a library, in a copy. */
export interface KeptInBackup {
  id: string;
  name: string;
}

/** A copy of everything, as it was read. */
export interface BackupContents {
  madeAt: string;
  bags: BagInBackup[];
  libraries: Record<LibraryName, KeptInBackup[]>;
  photos: PhotoInBackup[];
  /** What of it can't be read here, by its path. */
  unreadable: string[];
}

/** What bringing a copy in would do with one kind of things. */
export interface RestoreLine {
  kind: 'bags' | LibraryName;
  /** Names of those that aren't here. */
  missing: string[];
  /** Names of those that are otherwise here. */
  different: string[];
  same: number;
  /** How many are here that the copy doesn't have: they stay. */
  onlyHere: number;
}

/** What bringing a copy in would do. */
export interface RestoreChanges {
  madeAt: string;
  lines: RestoreLine[];
  /** Rows, notes and the like of makings that aren't here. */
  told: number;
  photos: number;
  unreadable: string[];
}

/** Of what is otherwise here, whether the copy’s takes its place, or what is here stays. */
export type RestoreWay = 'add' | 'replace';

/**
 * Brings a copy in. Nothing that is here is ever taken away: what isn't here is added; of what is otherwise here, the copy's takes its place only where she says so, and a
 * bag as it stood is then kept beside it. What was told of makings is put together from both.
 */
export class Restore {
  constructor(
    private readonly access: Access,
    private readonly photos: PhotoRepository,
  ) {}

  /** What it would do, without doing it. */
  async changes(copy: BackupContents): Promise<RestoreChanges> {
    const { read } = this.access;
    const bags = await read.Bag.findAll({ attributes: ['id', 'design'] });
    const here = new Map(bags.map(({ id, design }) => [id, design]));
    const lines: RestoreLine[] = [
      compared(
        'bags',
        copy.bags.map(({ id, design }) => ({ id, name: design.name, text: JSON.stringify(design) })),
        new Map([...here].map(([id, text]) => [id, current(text)])),
      ),
    ];
    for (const kind of LIBRARY_NAMES) {
      const rows = await read[LIBRARIES[kind].table].findAll({ attributes: ['id', 'document'] });
      lines.push(
        compared(
          kind,
          copy.libraries[kind].map((one) => ({ ...one, text: sorted(one) })),
          new Map(rows.map(({ id, document }) => [id, sortedText(document)])),
        ),
      );
    }
    const told = await missingEvents(copy, read);
    return {
      madeAt: copy.madeAt,
      lines,
      told: told.size,
      photos: (await this.missingPhotos(copy)).length,
      unreadable: copy.unreadable,
    };
  }

  /**
   * Does it, whole or not at all.
   *
   * @param picture reads a picture of the copy; null where it isn't one
   */
  async bringIn(
    copy: BackupContents,
    way: RestoreWay,
    picture: (id: string) => Promise<Pictures | null>,
  ): Promise<void> {
    for (const photo of await this.missingPhotos(copy)) {
      const pictures = await picture(photo.id);
      // Pictures are on the disk before their rows are; those that no row comes to know of are swept away.
      if (pictures) await this.photos.bring(photo, pictures);
    }
    const { writer } = this.access;
    await writer.write(async () => {
      for (const kind of LIBRARY_NAMES) await this.bringLibrary(kind, copy.libraries[kind], way);
      for (const bag of copy.bags) await this.bringBag(bag, way);
      const told = await missingEvents(copy, this.access.written);
      for (const { bagId, event } of told.values())
        await this.access.written.MakingEvent.create({ id: event.id, bagId, document: JSON.stringify(event) });
    });
  }

  private async bringLibrary(kind: LibraryName, ones: readonly KeptInBackup[], way: RestoreWay): Promise<void> {
    const rows = this.access.written[LIBRARIES[kind].table];
    for (const one of ones) {
      const before = await rows.findByPk(one.id);
      if (before && (way === 'add' || sortedText(before.document) === sorted(one))) continue;
      const others = await rows.findAll({ attributes: ['name'], where: { id: { [Op.ne]: one.id } } });
      const names = new Set(others.map(({ name }) => name.toLowerCase()));
      const name = names.has(one.name.toLowerCase()) ? freeName(one.name, names) : one.name;
      await rows.upsert({ id: one.id, name, document: JSON.stringify({ ...one, name }) });
    }
  }

  private async bringBag({ id, design, besides }: BagInBackup, way: RestoreWay): Promise<void> {
    const { Bag, History, RefusedSave, Swatch } = this.access.written;
    const text = JSON.stringify(design);
    const before = await Bag.findByPk(id);
    const hasSwatch = isMeasured(design.swatch) && (await Swatch.count({ where: { id: design.swatch.id } })) > 0;
    const swatchId = hasSwatch ? design.swatch.id : null;
    if (!before) {
      await Bag.create({
        id,
        name: design.name,
        design: text,
        swatchId,
        archivedAt: besides.archived ? new Date(besides.updatedAt) : null,
        createdAt: new Date(besides.createdAt),
      });
      if (besides.history !== null)
        await History.create({ bagId: id, document: JSON.stringify(besides.history), updatedAt: new Date() });
    } else if (way === 'replace' && current(before.design) !== text) {
      await RefusedSave.create({ id: nanoid(12), bagId: id, baseRevision: before.revision, design: before.design });
      await Bag.update(
        { name: design.name, design: text, swatchId, revision: before.revision + 1, lastSaveId: null },
        { where: { id } },
      );
    }
    for (const refused of besides.refused)
      if ((await RefusedSave.count({ where: { id: refused.id } })) === 0)
        await RefusedSave.create({ ...refused, bagId: id, createdAt: new Date(refused.createdAt) });
  }

  private async missingPhotos({ photos }: BackupContents): Promise<PhotoInBackup[]> {
    const known = await this.access.read.Photo.findAll({ attributes: ['id'] });
    const ids = new Set(known.map(({ id }) => id));
    return photos.filter(({ id }) => !ids.has(id));
  }
}

/** So many names are asked for at once. */
const MOST_ASKED = 500;

/** What of the copy's makings isn't here, by its name. */
async function missingEvents(
  { bags }: BackupContents,
  { MakingEvent: Told }: Pick<Models, 'MakingEvent'>,
): Promise<Map<string, { bagId: string; event: MakingEvent }>> {
  const all = bags.flatMap(({ id: bagId, besides }) => besides.making.map((event) => ({ bagId, event })));
  const missing = new Map(all.map((one) => [one.event.id, one]));
  const ids = [...missing.keys()];
  for (let from = 0; from < ids.length; from += MOST_ASKED) {
    const known = await Told.findAll({ attributes: ['id'], where: { id: ids.slice(from, from + MOST_ASKED) } });
    for (const { id } of known) missing.delete(id);
  }
  return missing;
}

/** A design as this version writes it; a text that it can't read as it stands. */
function current(text: string): string {
  const read = readDesignText(text);
  return read.ok ? JSON.stringify(read.design) : text;
}

/** A document with its fields in one order, so that two can be compared. */
const sorted = (document: unknown): string =>
  JSON.stringify(document, (_, value: unknown) =>
    value !== null && typeof value === 'object' && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([one], [other]) => (one < other ? -1 : 1)))
      : value,
  );

function sortedText(text: string): string {
  try {
    return sorted(JSON.parse(text));
  } catch {
    return text;
  }
}

function compared(
  kind: RestoreLine['kind'],
  ones: readonly { id: string; name: string; text: string }[],
  here: ReadonlyMap<string, string>,
): RestoreLine {
  const known = ones.filter(({ id }) => here.has(id));
  const different = known.filter(({ id, text }) => here.get(id) !== text);
  return {
    kind,
    missing: ones.filter(({ id }) => !here.has(id)).map(({ name }) => name),
    different: different.map(({ name }) => name),
    same: known.length - different.length,
    onlyHere: here.size - known.length,
  };
}
