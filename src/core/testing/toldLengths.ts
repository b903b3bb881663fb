/** A length as words print it in centimetres or millimetres: its number and its unit, as two groups of a regular expression. */
export const TOLD_LENGTH = String.raw`([\d.]+) (mm|cm)`;

/**
 * A told length in mm.
 *
 * @example
 * toldMm('13.4', 'cm') // => 134
 */
export const toldMm = (value = '', unit = ''): number => Number(value) * (unit === 'cm' ? 10 : 1);

/** By how much a told length can be off, mm: it is printed to a millimetre, or to a tenth of one where it is short. */
export const PRINTED_MM = 0.5001;
