import { swatchSchema, type Swatch } from '@/core/design';
import type { Access } from './access';
import { Library, freeName } from './library';

/** The swatches that were measured, the last changed first, and the bags that are planned from them. */
export class SwatchRepository extends Library<Swatch> {
  constructor(access: Access) {
    super(access, 'Swatch', swatchSchema);
  }

  /** A name that no swatch of the library has: the one given, or that with a number. */
  async nameOfItsOwn(name: string): Promise<string> {
    const rows = await this.access.read.Swatch.findAll({ attributes: ['name'] });
    const taken = new Set(rows.map((row) => row.name.toLowerCase()));
    return taken.has(name.toLowerCase()) ? freeName(name, taken) : name;
  }

  /** The names of the bags that are planned from some swatches, by the swatch's id. */
  async usedBy(ids: readonly string[]): Promise<Map<string, string[]>> {
    const bags = await this.access.read.Bag.findAll({
      attributes: ['name', 'swatchId'],
      where: { swatchId: [...ids] },
      order: [['name', 'ASC']],
    });
    const used = new Map<string, string[]>();
    for (const { name, swatchId } of bags)
      if (swatchId !== null) used.set(swatchId, [...(used.get(swatchId) ?? []), name]);
    return used;
  }
}
