import { Op, type ModelStatic } from 'sequelize';
import type { z } from 'zod';
import type { LibraryRow } from './models';

/** Something of the maker's that is kept apart from any bag and used again. */
interface Kept {
  id: string;
  name: string;
}

export type KeepResult = { ok: true } | { ok: false; reason: 'name-taken'; freeName: string };

/** How many of a kind are listed at most, the last changed first. */
const MOST_LISTED = 300;

/** A shelf of one kind of thing that is used again: swatches, things to carry, patterns of her own. */
export class Library<T extends Kept> {
  constructor(
    protected readonly rows: ModelStatic<LibraryRow>,
    private readonly schema: z.ZodType<T>,
  ) {}

  /** Keeps something, or what it has become. A name that another one has already is refused, with one that is free. */
  async keep(one: T): Promise<KeepResult> {
    const names = new Set(
      (await this.rows.findAll({ attributes: ['name'], where: { id: { [Op.ne]: one.id } } })).map(({ name }) =>
        name.toLowerCase(),
      ),
    );
    if (names.has(one.name.toLowerCase()))
      return { ok: false, reason: 'name-taken', freeName: freeName(one.name, names) };
    await this.rows.upsert({ id: one.id, name: one.name, document: JSON.stringify(one) });
    return { ok: true };
  }

  /** Every one that can still be read. One that can't is left out, not thrown over. */
  async list(): Promise<T[]> {
    const rows = await this.rows.findAll({ order: [['updatedAt', 'DESC']], limit: MOST_LISTED });
    return rows.flatMap((row) => {
      const parsed = this.schema.safeParse(JSON.parse(row.document));
      return parsed.success ? [parsed.data] : [];
    });
  }

  /** Forgets one. Tells whether there was one. */
  async remove(id: string): Promise<boolean> {
    return (await this.rows.destroy({ where: { id } })) > 0;
  }
}

/**
 * The name with the first number that makes it a name of its own.
 *
 * @param taken names in lower case
 *
 * @example
 * freeName('Pencil', new Set(['pencil', 'pencil 2'])) // => 'Pencil 3'
 */
export function freeName(name: string, taken: ReadonlySet<string>): string {
  const stem = name.replace(/ \d+$/, '');
  for (let number = 2; ; number += 1) {
    const candidate = `${stem} ${number}`;
    if (!taken.has(candidate.toLowerCase())) return candidate;
  }
}
