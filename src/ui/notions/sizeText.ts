import { sizeFieldsOf, type PieceSizes } from '@/core/notions';
import type { LengthUnit } from '@/core/units';
import { formatQuantity } from '@/core/wording';

/**
 * The sizes of a piece in words, in the order of its kind.
 *
 * @param kind the kind whose sizes they are
 */
export const sizeText = (kind: string, sizes: PieceSizes, unit: LengthUnit): string => {
  const fields = sizeFieldsOf(kind).filter(({ field }) => field in sizes);
  const one = ({ field, isCount }: (typeof fields)[number]): string =>
    isCount ? String(sizes[field]) : formatQuantity(sizes[field] ?? 0, 'mm', unit).replace('.0 ', ' ');
  return fields.length === 1
    ? fields.map(one).join('')
    : fields.map((field) => `${one(field)} ${field.label}`).join(', ');
};
