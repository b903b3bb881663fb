import { nanoid } from 'nanoid';
import { Op, Transaction, type Sequelize } from 'sequelize';
import { z } from 'zod';
import { isMeasured, readDesign, readDesignText, type Design } from '@/core/design';
import type { BagRow, Models } from './models';

export const bagIdSchema = z
  .string()
  .regex(/^[\w-]{1,40}$/)
  .brand<'BagId'>();
export type BagId = z.infer<typeof bagIdSchema>;

/** What can be undone and redone. The store keeps it and does not look inside. */
export interface StoredHistory {
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

export type SaveResult =
  | { ok: true; revision: number }
  | { ok: false; reason: 'missing' }
  | { ok: false; reason: 'moved-on'; current: StoredBag; refusedId: string };

const NO_HISTORY: StoredHistory = { undo: [], redo: [] };

/** The bags: the only code that reads and writes them. Every method is one transaction or one statement. */
export class BagRepository {
  constructor(
    private readonly sequelize: Sequelize,
    private readonly models: Models,
  ) {}

  /**
   * Bags of the shelf (or put away), the last changed first; `unreadable` names those of this part whose document this
   * version can't read. They stay as they are.
   */
  async list(options: {
    archived: boolean;
    offset: number;
    limit: number;
  }): Promise<{ bags: StoredBag[]; total: number; unreadable: string[] }> {
    const where = { archivedAt: options.archived ? { [Op.not]: null } : null };
    const [rows, total] = await Promise.all([
      this.models.Bag.findAll({
        where,
        order: [
          ['updatedAt', 'DESC'],
          ['id', 'ASC'],
        ],
        offset: options.offset,
        limit: options.limit,
      }),
      this.models.Bag.count({ where }),
    ]);
    const read = rows.map((row) => ({ name: row.name, bag: storedBag(row) }));
    return {
      bags: read.flatMap(({ bag }) => bag ?? []),
      total,
      unreadable: read.flatMap(({ name, bag }) => (bag === null ? [name] : [])),
    };
  }

  /** A bag with its history and the saves that were refused, or null when there is none of that id. */
  async open(id: BagId): Promise<OpenedBag | null> {
    const row = await this.models.Bag.findByPk(id);
    const bag = row && storedBag(row);
    if (!bag) return null;
    const history = await this.models.History.findByPk(id);
    const refused = await this.models.RefusedSave.findAll({ where: { bagId: id }, order: [['createdAt', 'DESC']] });
    return {
      ...bag,
      history: history ? (JSON.parse(history.document) as StoredHistory) : NO_HISTORY,
      refused: refused.flatMap((save) => {
        const read = readDesign(JSON.parse(save.design));
        return read.ok
          ? [
              {
                id: save.id,
                baseRevision: save.baseRevision,
                design: read.design,
                createdAt: save.createdAt.toISOString(),
              },
            ]
          : [];
      }),
    };
  }

  async create(design: Design): Promise<BagId> {
    const id = bagIdSchema.parse(nanoid(12));
    await this.inTransaction(async (transaction) => {
      await this.keepSwatch(design, transaction);
      await this.models.Bag.create(
        {
          id,
          name: design.name,
          design: JSON.stringify(design),
          swatchId: isMeasured(design.swatch) ? design.swatch.id : null,
        },
        { transaction },
      );
    });
    return id;
  }

  /**
   * Saves a bag if nobody has saved it since `baseRevision`. Otherwise the bag is left as it is, and what
   * should have been saved is kept beside it.
   */
  async save(id: BagId, save: { baseRevision: number; design: Design; history: StoredHistory }): Promise<SaveResult> {
    return this.inTransaction(async (transaction): Promise<SaveResult> => {
      const row = await this.models.Bag.findByPk(id, { transaction });
      if (!row) return { ok: false, reason: 'missing' };
      if (row.revision !== save.baseRevision) {
        const current = storedBag(row);
        if (!current) return { ok: false, reason: 'missing' };
        const refusedId = await this.keepRefused(id, save, transaction);
        return { ok: false, reason: 'moved-on', current, refusedId };
      }
      const { swatchId, isNew } = this.librarySwatch(row, save.design);
      if (isNew) await this.keepSwatch(save.design, transaction);
      const revision = row.revision + 1;
      await row.update(
        { name: save.design.name, design: JSON.stringify(save.design), swatchId, revision },
        { transaction },
      );
      await this.models.History.upsert({ bagId: id, document: JSON.stringify(save.history) }, { transaction });
      return { ok: true, revision };
    });
  }

  /** Puts a bag away or back on the shelf. Tells whether there was one. */
  async setArchived(id: BagId, archived: boolean): Promise<boolean> {
    const [changed] = await this.models.Bag.update({ archivedAt: archived ? new Date() : null }, { where: { id } });
    return changed > 0;
  }

  /** Forgets a refused save, once the maker has decided. */
  async dropRefused(id: BagId, refusedId: string): Promise<boolean> {
    return (await this.models.RefusedSave.destroy({ where: { id: refusedId, bagId: id } })) > 0;
  }

  /** The same refused design is kept once, however often a tab tries again. */
  private async keepRefused(
    bagId: BagId,
    save: { baseRevision: number; design: Design },
    transaction: Transaction,
  ): Promise<string> {
    const design = JSON.stringify(save.design);
    const same = await this.models.RefusedSave.findOne({ where: { bagId, design }, transaction });
    if (same) return same.id;
    const id = nanoid(12);
    await this.models.RefusedSave.create({ id, bagId, baseRevision: save.baseRevision, design }, { transaction });
    return id;
  }

  /**
   * The swatch of the library that a bag is planned from after a save, and whether this save says anything new of it. What was
   * not changed here is left as it is: another bag may have measured it again. One that was taken out of the library stays out.
   */
  private librarySwatch(row: BagRow, { swatch }: Design): { swatchId: string | null; isNew: boolean } {
    const before = storedBag(row)?.design.swatch;
    if (!isMeasured(swatch)) return { swatchId: null, isNew: false };
    const wasTakenOut = row.swatchId === null && before?.id === swatch.id && isMeasured(before);
    if (wasTakenOut) return { swatchId: null, isNew: false };
    return { swatchId: swatch.id, isNew: JSON.stringify(before) !== JSON.stringify(swatch) };
  }

  /** Rough figures never enter the library: only a swatch that was measured does. */
  private async keepSwatch({ swatch }: Design, transaction: Transaction): Promise<void> {
    if (!isMeasured(swatch)) return;
    await this.models.Swatch.upsert(
      { id: swatch.id, name: swatch.name, document: JSON.stringify(swatch) },
      { transaction },
    );
  }

  private inTransaction<T>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
    return this.sequelize.transaction({ type: Transaction.TYPES.IMMEDIATE }, work);
  }
}

/** A row as a bag; null when its document can no longer be read. */
function storedBag(row: BagRow): StoredBag | null {
  const read = readDesignText(row.design);
  if (!read.ok) return null;
  return {
    id: bagIdSchema.parse(row.id),
    revision: row.revision,
    design: read.design,
    archived: row.archivedAt !== null,
    updatedAt: row.updatedAt.toISOString(),
  };
}
