const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const;

/** Inches as a tape has them: whole ones and eighths. */
export function eighths(mm: number): string {
  const all = Math.round((mm / 25.4) * 8);
  const whole = Math.floor(all / 8);
  const part = EIGHTHS[all % 8] ?? '';
  if (whole === 0) return part === '' ? '0' : part;
  return part === '' ? String(whole) : `${whole} ${part}`;
}

const FRACTIONS: Readonly<Record<string, number>> = {
  '½': 0.5,
  '¼': 0.25,
  '¾': 0.75,
  '⅛': 0.125,
  '⅜': 0.375,
  '⅝': 0.625,
  '⅞': 0.875,
};
/** Millimetres of a unit; of any other it is inches. */
export const MM_PER: Readonly<Record<string, number>> = { cm: 10, mm: 1 };

/**
 * A length in words, mm.
 *
 * @example
 * lengthInMm('4 ½', 'in') // => 114.3
 */
export function lengthInMm(number: string, unit: string): number {
  const sign = /[½¼¾⅛⅜⅝⅞]/.exec(number)?.[0];
  const ratio = /(\d)\/(\d)/.exec(number);
  const whole = Number(/^\d+(?:[.,]\d+)?/.exec(number)?.[0].replace(',', '.') ?? 0);
  const part = sign ? (FRACTIONS[sign] ?? 0) : ratio ? Number(ratio[1]) / Number(ratio[2]) : 0;
  return (whole + part) * (MM_PER[unit.toLowerCase()] ?? 25.4);
}
