import { MM_PER_INCH } from './conversion';
import type { LengthUnit } from './parseLength';

const EIGHTH_GLYPHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const;
const EIGHTH_PLAIN = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'] as const;

interface FormatLengthOptions {
  /** Leave the unit off, for a field or a ruler that already shows it. Default false. */
  bare?: boolean;
  /** Write fractions as typed characters ("8 1/2"), for plain text and fields. Default false. */
  plain?: boolean;
}

/**
 * Writes a length in mm as a maker reads it off a tape: centimetres to the nearest millimetre, inches
 * to the nearest eighth. It rounds, so never compute with what it gives.
 *
 * @param mm length in mm; must be finite
 * @throws RangeError when the length is not a finite number, so that NaN can never reach a page
 *
 * @example
 * formatLength(215, 'cm') // => '21.5 cm'
 * formatLength(215.9, 'in') // => '8½ in'
 * formatLength(215.9, 'in', { plain: true }) // => '8 1/2 in'
 * formatLength(3.2, 'in') // => '⅛ in'
 */
export function formatLength(mm: number, unit: LengthUnit, options: FormatLengthOptions = {}): string {
  if (!Number.isFinite(mm)) throw new RangeError('a length to print must be a finite number');
  const suffix = options.bare ? '' : ` ${unit}`;
  if (unit === 'cm') return `${withoutMinusZero((Math.round(mm) / 10).toFixed(1))}${suffix}`;

  const eighths = Math.round((Math.abs(mm) / MM_PER_INCH) * 8);
  const sign = mm < 0 && eighths > 0 ? '-' : '';
  const whole = Math.floor(eighths / 8);
  const part = (options.plain ? EIGHTH_PLAIN : EIGHTH_GLYPHS)[eighths % 8] as string;
  const gap = options.plain && part !== '' && whole > 0 ? ' ' : '';
  const number = whole === 0 && part !== '' ? part : `${whole}${gap}${part}`;
  return `${sign}${number}${suffix}`;
}

/**
 * Writes a ± in mm, rounded *up* to what the unit can show, so that a doubt is never printed as none.
 *
 * @example
 * formatTolerance(3.2, 'cm') // => '± 0.4 cm'
 * formatTolerance(1, 'in') // => '± ⅛ in'
 */
export function formatTolerance(mm: number, unit: LengthUnit): string {
  const step = unit === 'cm' ? 1 : MM_PER_INCH / 8;
  return `± ${formatLength(Math.ceil(mm / step - 1e-9) * step, unit)}`;
}

function withoutMinusZero(text: string): string {
  return text === '-0.0' ? '0.0' : text;
}
