import { swatchSchema, type Swatch } from '@/core/design';
import type { Models } from './models';

/** The swatches that were measured, newest first. */
export class SwatchRepository {
  constructor(private readonly models: Models) {}

  /** Keeps a swatch of its own in the library, apart from any bag. One of the same id is replaced. */
  async keep(swatch: Swatch): Promise<void> {
    await this.models.Swatch.upsert({ id: swatch.id, name: swatch.name, document: JSON.stringify(swatch) });
  }

  /** Every swatch that can still be read. One that can't is left out, not thrown over. */
  async list(): Promise<Swatch[]> {
    const rows = await this.models.Swatch.findAll({ order: [['updatedAt', 'DESC']], limit: 200 });
    return rows.flatMap((row) => {
      const parsed = swatchSchema.safeParse(JSON.parse(row.document));
      return parsed.success ? [parsed.data] : [];
    });
  }
}
