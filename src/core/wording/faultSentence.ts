import type { FieldFault } from '@/core/design';
import type { LengthUnit } from '@/core/units';
import { formatQuantity } from './quantity';

/**
 * A fault's sentence with its limits in the maker's unit.
 *
 * @example
 * faultSentence({ path: [], sentence: 'This must be at least {mm:50}.' }, 'cm') // => 'This must be at least 5.0 cm.'
 */
export const faultSentence = (fault: FieldFault, unit: LengthUnit): string =>
  fault.sentence.replace(/\{mm:([\d.]+)\}/g, (_, mm: string) => formatQuantity(Number(mm), 'mm', unit));
