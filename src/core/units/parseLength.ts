import { MM_PER_INCH } from './conversion';

/** The two systems a maker can read and write lengths in. Inside the program everything is mm. */
export type LengthUnit = 'cm' | 'in';

type ParsedLength = { ok: true; mm: number } | { ok: false; code: 'empty' | 'not-a-length' | 'zero-denominator' };

const VULGAR_FRACTIONS: Record<string, string> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

const MM_PER_UNIT: ReadonlyMap<string, number> = new Map(
  Object.entries({
    mm: 1,
    cm: 10,
    m: 1000,
    in: MM_PER_INCH,
    inch: MM_PER_INCH,
    inches: MM_PER_INCH,
    '"': MM_PER_INCH,
  }),
);

const NUMBER = /^(-?)(?:(\d+(?:[.,]\d+)?|[.,]\d+)(?:[ -]+(?=\d+\/))?)?(?:(\d+)\/(\d+))?\s*([a-z"]*)$/;

/**
 * Reads a length as a maker writes it and gives it in mm.
 *
 * Accepts decimals with a point or a comma, whole inches with a fraction ("8 1/2", "8-1/2", "8½"),
 * and the units mm, cm, m, in, inch, inches and the double prime. Without a unit the number is taken
 * to be in `defaultUnit`. A minus sign is read, so that the field's own limits can answer it.
 *
 * @param text what was typed
 * @param defaultUnit the unit of a bare number
 * @returns the length in mm, or a code for what could not be read; it never throws
 * Source: an inch is exactly 25.4 mm (international yard and pound agreement, 1959).
 *
 * @example
 * parseLength('21,5 cm', 'in') // => { ok: true, mm: 215 }
 * parseLength('8 1/2', 'in') // => { ok: true, mm: 215.9 }
 * parseLength('8½"', 'cm') // => { ok: true, mm: 215.9 }
 * parseLength('a hand', 'cm') // => { ok: false, code: 'not-a-length' }
 */
export function parseLength(text: string, defaultUnit: LengthUnit | 'mm'): ParsedLength {
  const plain = text
    .trim()
    .toLowerCase()
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (glyph) => ` ${VULGAR_FRACTIONS[glyph]}`)
    .replace(/[″”“]|''|′′/g, '"')
    .replace(/⁄/g, '/')
    .replace(/\u2212/g, '-')
    .replace(/\s+/g, ' ')
    .replace(/^(-?) /, '$1')
    .trim();
  if (plain === '') return { ok: false, code: 'empty' };

  const match = NUMBER.exec(plain);
  if (match === null) return { ok: false, code: 'not-a-length' };
  const [, sign, whole, numerator, denominator, unitText] = match;
  if (whole === undefined && numerator === undefined) return { ok: false, code: 'not-a-length' };

  const unit = unitText === '' ? defaultUnit : (unitText as string);
  const mmPerUnit = MM_PER_UNIT.get(unit);
  if (mmPerUnit === undefined) return { ok: false, code: 'not-a-length' };
  if (denominator !== undefined && Number(denominator) === 0) return { ok: false, code: 'zero-denominator' };

  const fraction = numerator === undefined ? 0 : Number(numerator) / Number(denominator);
  const value = Number((whole ?? '0').replace(',', '.')) + fraction;
  const mm = roundAwayNoise(value * mmPerUnit);
  return { ok: true, mm: sign === '-' ? -mm : mm };
}

/** Removes the binary dust of a decimal product (215.89999999999998 → 215.9), far below any tape. */
function roundAwayNoise(mm: number): number {
  return Math.round(mm * 1e6) / 1e6;
}
