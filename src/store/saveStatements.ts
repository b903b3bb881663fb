import { QueryTypes, type Sequelize } from 'sequelize';
import type { WrittenSave } from '@/core/design';

/**
 * What a save asks and writes, as statements of its own: it is what is done most often, and a model of each row would take three times as long as
 * the row. They run on the connection that is written on, inside a write.
 */
export class SaveStatements {
  constructor(private readonly connection: Sequelize) {}

  /** What a save has to know of the bag as it stands; null where there is none of that id. */
  async standing(id: string, { design, swatch }: WrittenSave): Promise<Standing | null> {
    const [row] = await this.connection.query<StandingRow>(STANDING, {
      type: QueryTypes.SELECT,
      // Within a word the signs could not stand like this.
      bind: { id, design, swatch: `"swatch":${swatch?.document ?? ''}` },
    });
    return row ? { ...row, isSame: row.isSame === 1, hasSwatch: swatch !== null && row.hasSwatch === 1 } : null;
  }

  /** Writes a save in place of what stood there. */
  async write(id: string, { name, design, history, saveId }: WrittenSave, swatchId: string | null): Promise<void> {
    await this.connection.query(BAG, {
      type: QueryTypes.UPDATE,
      bind: { id, name, design, swatchId, saveId: saveId ?? null },
    });
    await this.connection.query(HISTORY, { type: QueryTypes.UPDATE, bind: { id, history } });
  }
}

/** A bag as a save finds it. */
export interface Standing {
  revision: number;
  lastSaveId: string | null;
  swatchId: string | null;
  /** Whether its design is the very same. */
  isSame: boolean;
  /** Whether its swatch is. */
  hasSwatch: boolean;
}
type StandingRow = Omit<Standing, 'isSame' | 'hasSwatch'> & { isSame: number; hasSwatch: number };

const STANDING = `
  SELECT revision, lastSaveId, swatchId, design = $design AS isSame, instr(design, $swatch) > 0 AS hasSwatch
  FROM bags WHERE id = $id`;

/** This moment, as Sequelize writes it. */
const NOW = `strftime('%Y-%m-%d %H:%M:%f +00:00', 'now')`;

const BAG = `
  UPDATE bags SET name = $name, design = $design, swatchId = $swatchId, lastSaveId = $saveId, revision = revision + 1,
    updatedAt = ${NOW}
  WHERE id = $id`;

const HISTORY = `
  INSERT INTO bag_histories (bagId, document, updatedAt) VALUES ($id, $history, ${NOW})
  ON CONFLICT (bagId) DO UPDATE SET document = excluded.document, updatedAt = excluded.updatedAt`;
