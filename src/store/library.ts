import { Op } from 'sequelize';
import type { z } from 'zod';
import type { Access } from './access';
import { bySchema, readDocument } from './documents';
import { readPart, type Part } from './search';

/** Something of the maker's that is kept apart from any bag and used again. */
interface Kept {
  id: string;
  name: string;
}

export type KeepResult = { ok: true } | { ok: false; reason: 'name-taken'; freeName: string };

/** The tables of things that are kept apart from any bag. */
type LibraryTable = 'Swatch' | 'Thing' | 'OwnStitch' | 'Notion' | 'Stock';

/** A part of a library: those that can be read, and the names of those that can't. They stay as they are. */
export interface Listed<T> {
  kept: T[];
  unreadable: string[];
  /** How many there are of those that were asked for, in this part and in all others. */
  total: number;
}

/** A shelf of one kind of thing that is used again: swatches, things to carry, patterns of her own, pieces. */
export class Library<T extends Kept> {
  constructor(
    protected readonly access: Access,
    private readonly table: LibraryTable,
    private readonly schema: z.ZodType<T>,
  ) {}

  /** Keeps something, or what it has become. A name that another one has already is refused, with one that is free. */
  keep(one: T): Promise<KeepResult> {
    const { writer, written } = this.access;
    return writer.write(async (): Promise<KeepResult> => {
      const rows = written[this.table];
      const others = await rows.findAll({ attributes: ['name'], where: { id: { [Op.ne]: one.id } } });
      const names = new Set(others.map(({ name }) => name.toLowerCase()));
      if (names.has(one.name.toLowerCase()))
        return { ok: false, reason: 'name-taken', freeName: freeName(one.name, names) };
      await rows.upsert({ id: one.id, name: one.name, document: JSON.stringify(one) });
      return { ok: true };
    });
  }

  /** A part of those that are searched for, the last changed first. */
  async list(part: Part = {}): Promise<Listed<T>> {
    const { rows, total } = await readPart(this.access.read[this.table], part);
    const read = rows.map(({ name, document }) => ({ name, one: readDocument(document, bySchema(this.schema)) }));
    return {
      kept: read.flatMap(({ one }) => one ?? []),
      unreadable: read.flatMap(({ name, one }) => (one === null ? [name] : [])),
      total,
    };
  }

  /** One of them; null where there is none, or it can't be read any more. */
  async find(id: string): Promise<T | null> {
    const row = await this.access.read[this.table].findByPk(id);
    return row && readDocument(row.document, bySchema(this.schema));
  }

  /** Forgets one. Tells whether there was one. */
  async remove(id: string): Promise<boolean> {
    const { writer, written } = this.access;
    return (await writer.write(() => written[this.table].destroy({ where: { id } }))) > 0;
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
