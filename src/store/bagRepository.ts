import { nanoid } from 'nanoid';
import { Op } from 'sequelize';
import { z } from 'zod';
import { isMeasured, readDesignText, type Design, type WrittenSave } from '@/core/design';
import type { Access } from './access';
import { bySchema, readDocument } from './documents';
import type { BagRow } from './models';
import { SaveStatements, type Standing } from './saveStatements';
import { readPart, type Part } from './search';

export const bagIdSchema = z
  .string()
  .regex(/^[\w-]{1,40}$/)
  .brand<'BagId'>();
export type BagId = z.infer<typeof bagIdSchema>;

/** What can be undone and redone, and the version of the design it is of. The store keeps it and does not look inside. */
interface StoredHistory {
  version?: number | undefined;
  undo: unknown[];
  redo: unknown[];
}

export interface StoredBag {
  id: BagId;
  revision: number;
  design: Design;
  archived: boolean;
  updatedAt: string;
}

/** A bag as the shelf lists it. Its document is read only where it is asked for: most were read before, and what was made of them is kept. */
export interface ListedBag extends Omit<StoredBag, 'id' | 'design'> {
  id: string;
  name: string;
  /** Its design; null where this version can't read it. It stays as it is. */
  read: () => Design | null;
}

export interface OpenedBag extends StoredBag {
  history: StoredHistory;
  refused: RefusedSave[];
}

/** A save that came too late, kept whole. */
export interface RefusedSave {
  id: string;
  baseRevision: number;
  design: Design;
  createdAt: string;
}

/** Which part of the shelf, or of what was put away, is asked for. */
export type WhichBags = Part & { archived: boolean };

type SaveResult =
  | { ok: true; revision: number }
  | { ok: false; reason: 'missing' }
  | { ok: false; reason: 'moved-on'; current: StoredBag; refusedId: string };

const historySchema = z.object({
  version: z.number().optional(),
  undo: z.array(z.unknown()),
  redo: z.array(z.unknown()),
});

const NO_HISTORY: StoredHistory = { undo: [], redo: [] };

/** The bags: the only code that reads and writes them. What a method writes is written whole or not at all. */
export class BagRepository {
  private readonly statements: SaveStatements;

  constructor(private readonly access: Access) {
    this.statements = new SaveStatements(access.connection);
  }

  /** A part of the bags of the shelf (or put away) that are searched for, the last changed first. */
  async list({ archived, ...part }: WhichBags): Promise<{ bags: ListedBag[]; total: number }> {
    const { rows, total } = await readPart(this.access.read.Bag, part, {
      archivedAt: archived ? { [Op.not]: null } : null,
    });
    return { bags: rows.map(listedBag), total };
  }

  /**
   * A bag with its history and the saves that were refused, or null when there is none of that id. A history that can't be read any more is
   * left out, and stays as it is until the next save.
   */
  async open(id: BagId): Promise<OpenedBag | null> {
    const { Bag, RefusedSave } = this.access.read;
    const row = await Bag.findByPk(id, { include: 'kept' });
    const bag = row && storedBag(row);
    if (!bag) return null;
    const refused = await RefusedSave.findAll({ where: { bagId: id }, order: [['createdAt', 'DESC']] });
    return {
      ...bag,
      history: (row.kept && readDocument(row.kept.document, bySchema(historySchema))) ?? NO_HISTORY,
      refused: refused.flatMap(({ id: refusedId, baseRevision, design: text, createdAt }) => {
        const read = readDesignText(text);
        return read.ok
          ? [{ id: refusedId, baseRevision, design: read.design, createdAt: createdAt.toISOString() }]
          : [];
      }),
    };
  }

  async create(design: Design): Promise<BagId> {
    const id = bagIdSchema.parse(nanoid(12));
    const { writer, written } = this.access;
    await writer.write(async () => {
      await this.keepSwatch(design);
      await written.Bag.create({
        id,
        name: design.name,
        design: JSON.stringify(design),
        swatchId: isMeasured(design.swatch) ? design.swatch.id : null,
      });
    });
    return id;
  }

  /**
   * Saves a bag if nobody else has saved it since `baseRevision`. Otherwise the bag is left as it is, and what
   * should have been saved is kept beside it. A save of this very window whose answer was lost is no one else's.
   */
  save(id: BagId, save: WrittenSave): Promise<SaveResult> {
    const { writer, written } = this.access;
    return writer.write(async (): Promise<SaveResult> => {
      const standing = await this.statements.standing(id, save);
      if (!standing) return { ok: false, reason: 'missing' };
      const { revision, lastSaveId, isSame } = standing;
      if (revision !== save.baseRevision && !isSame && !isOwn(lastSaveId, save)) {
        const current = await this.written(id);
        if (!current) return { ok: false, reason: 'missing' };
        return { ok: false, reason: 'moved-on', current, refusedId: await this.keepRefused(id, save) };
      }
      // It has arrived before: there is nothing new in it.
      if (save.saveId !== undefined && lastSaveId === save.saveId) return { ok: true, revision };
      const { swatchId, isNew } = await this.librarySwatch(id, standing, save);
      if (isNew && save.swatch) await written.Swatch.upsert(save.swatch);
      await this.statements.write(id, save, swatchId);
      if (save.settles?.length) await written.RefusedSave.destroy({ where: { bagId: id, id: [...save.settles] } });
      return { ok: true, revision: revision + 1 };
    });
  }

  /** The bag as it stands on the connection that is written on; null when it can't be read. */
  private async written(id: BagId): Promise<StoredBag | null> {
    const row = await this.access.written.Bag.findByPk(id);
    return row && storedBag(row);
  }

  /** Puts a bag away or back on the shelf. Tells whether there was one. */
  async setArchived(id: BagId, archived: boolean): Promise<boolean> {
    const { writer, written } = this.access;
    const archivedAt = archived ? new Date() : null;
    const [changed] = await writer.write(() => written.Bag.update({ archivedAt }, { where: { id } }));
    return changed > 0;
  }

  /** Forgets a refused save, once the maker has decided. */
  async dropRefused(id: BagId, refusedId: string): Promise<boolean> {
    const { writer, written } = this.access;
    return (await writer.write(() => written.RefusedSave.destroy({ where: { id: refusedId, bagId: id } }))) > 0;
  }

  /** The same refused design is kept once, however often a tab tries again. */
  private async keepRefused(bagId: BagId, { baseRevision, design }: WrittenSave): Promise<string> {
    const { RefusedSave } = this.access.written;
    const same = await RefusedSave.findOne({ where: { bagId, design } });
    if (same) return same.id;
    const id = nanoid(12);
    await RefusedSave.create({ id, bagId, baseRevision, design });
    return id;
  }

  /**
   * The swatch of the library that a bag is planned from after a save, and whether this save says anything new of it. What was
   * not changed here is left as it is: another bag may have measured it again. One that was taken out of the library stays out.
   */
  private async librarySwatch(
    id: BagId,
    standing: Standing,
    { swatch }: WrittenSave,
  ): Promise<{ swatchId: string | null; isNew: boolean }> {
    if (swatch === null) return { swatchId: null, isNew: false };
    // Mostly it is the very same, and the bag need not be read.
    if (standing.swatchId === swatch.id && standing.hasSwatch) return { swatchId: swatch.id, isNew: false };
    const before = (await this.written(id))?.design.swatch;
    const wasTakenOut = standing.swatchId === null && before?.id === swatch.id && isMeasured(before);
    if (wasTakenOut) return { swatchId: null, isNew: false };
    return { swatchId: swatch.id, isNew: JSON.stringify(before) !== swatch.document };
  }

  /** Rough figures never enter the library: only a swatch that was measured does. */
  private async keepSwatch({ swatch }: Design): Promise<void> {
    if (!isMeasured(swatch)) return;
    const { id, name } = swatch;
    await this.access.written.Swatch.upsert({ id, name, document: JSON.stringify(swatch) });
  }
}

/** Whether the last save of a bag is one of the window that saves now, though it never heard of it. */
const isOwn = (lastSaveId: string | null, { saveId, unanswered = [] }: WrittenSave): boolean =>
  lastSaveId !== null && (lastSaveId === saveId || unanswered.includes(lastSaveId));

const listedBag = (row: BagRow): ListedBag => ({
  id: row.id,
  name: row.name,
  revision: row.revision,
  archived: row.archivedAt !== null,
  updatedAt: Number.isNaN(row.updatedAt.getTime()) ? '' : row.updatedAt.toISOString(),
  read: () => storedBag(row)?.design ?? null,
});

/** A row as a bag; null when it can no longer be read. */
function storedBag(row: BagRow): StoredBag | null {
  const id = bagIdSchema.safeParse(row.id);
  const read = readDesignText(row.design);
  if (!id.success || !read.ok || Number.isNaN(row.updatedAt.getTime())) return null;
  return {
    id: id.data,
    revision: row.revision,
    design: read.design,
    archived: row.archivedAt !== null,
    updatedAt: row.updatedAt.toISOString(),
  };
}
