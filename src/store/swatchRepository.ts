import { swatchSchema, type Swatch } from '@/core/design';
import { Library, freeName } from './library';
import type { Models } from './models';

/** The swatches that were measured, the last changed first, and the bags that are planned from them. */
export class SwatchRepository extends Library<Swatch> {
  constructor(private readonly models: Models) {
    super(models.Swatch, swatchSchema);
  }

  /** A name that no swatch of the library has: the one given, or that with a number. */
  async nameOfItsOwn(name: string): Promise<string> {
    const rows = await this.models.Swatch.findAll({ attributes: ['name'] });
    const taken = new Set(rows.map((row) => row.name.toLowerCase()));
    return taken.has(name.toLowerCase()) ? freeName(name, taken) : name;
  }

  /** The names of the bags that are planned from each swatch, by the swatch's id. */
  async usedBy(): Promise<Record<string, string[]>> {
    const bags = await this.models.Bag.findAll({ attributes: ['name', 'swatchId'], order: [['name', 'ASC']] });
    const used: Record<string, string[]> = {};
    for (const { name, swatchId } of bags) if (swatchId !== null) (used[swatchId] ??= []).push(name);
    return used;
  }
}
