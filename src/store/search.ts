import { finder } from '@/core/stock';
import type { Model, ModelStatic, Order, WhereOptions } from 'sequelize';

/** Which part of a list is asked for. */
export interface Part {
  /** Only those in whose names all of these words are. */
  search?: string | undefined;
  offset?: number | undefined;
  limit?: number | undefined;
}

/** How many are given at a time where nothing else is asked for. */
const USUAL_PART = 100;

/** The last changed first; of those that were changed in the same instant always the same one. */
const ORDER: Order = [
  ['updatedAt', 'DESC'],
  ['id', 'ASC'],
];

/**
 * A part of the rows that are searched for, the last changed first, and how many there are of them in all.
 *
 * @param where which rows it is about
 */
export async function readPart<R extends Model & { id: string; name: string }>(
  table: ModelStatic<R>,
  { search = '', offset = 0, limit = USUAL_PART }: Part,
  where: WhereOptions = {},
): Promise<{ rows: R[]; total: number }> {
  if (search.trim() === '') {
    const [rows, total] = await Promise.all([
      table.findAll({ where, order: ORDER, offset, limit }),
      table.count({ where }),
    ]);
    return { rows, total };
  }
  // SQLite knows nothing of accents, and of capitals only the plain ones: the names are looked through here.
  const named = await table.findAll({ attributes: ['id', 'name'], where, order: ORDER });
  const found = finder(named, ({ name }) => name)(search).map(({ id }) => id);
  const here: WhereOptions = { id: found.slice(offset, offset + limit) };
  return { rows: await table.findAll({ where: here, order: ORDER }), total: found.length };
}
