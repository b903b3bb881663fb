import { swatchSchema, type Swatch } from '@/core/design';
import { Library } from './library';
import type { Models } from './models';

/** The swatches that were measured, the last changed first, and the bags that are planned from them. */
export class SwatchRepository extends Library<Swatch> {
  constructor(private readonly models: Models) {
    super(models.Swatch, swatchSchema);
  }

  /** The names of the bags that are planned from each swatch, by the swatch's id. */
  async usedBy(): Promise<Record<string, string[]>> {
    const bags = await this.models.Bag.findAll({ attributes: ['name', 'swatchId'], order: [['name', 'ASC']] });
    const used: Record<string, string[]> = {};
    for (const { name, swatchId } of bags) if (swatchId !== null) (used[swatchId] ??= []).push(name);
    return used;
  }
}
