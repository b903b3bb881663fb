import { G_PER_OUNCE } from './conversion';
import type { LengthUnit } from './parseLength';

type ParsedMass = { ok: true; massG: number } | { ok: false; code: 'empty' | 'not-a-mass' };

const G_PER_UNIT: ReadonlyMap<string, number> = new Map(
  Object.entries({
    g: 1,
    gram: 1,
    grams: 1,
    kg: 1000,
    oz: G_PER_OUNCE,
    ounce: G_PER_OUNCE,
    ounces: G_PER_OUNCE,
    lb: 16 * G_PER_OUNCE,
  }),
);

/** The unit that masses are written in beside lengths of a unit. */
export const massUnitOf = (lengthUnit: LengthUnit): 'g' | 'oz' => (lengthUnit === 'cm' ? 'g' : 'oz');

/**
 * Reads a mass as a maker writes it and gives it in g. Without a unit the number is taken to be in grams, or beside inches in ounces.
 *
 * Source: international avoirdupois pound of 1959, 453.59237 g, by sixteen.
 *
 * @example
 * parseMass('54,5', 'cm') // => { ok: true, massG: 54.5 }
 * parseMass('2 oz', 'cm') // => { ok: true, massG: 56.699 }
 * parseMass('1 lb', 'in') // => { ok: true, massG: 453.592 }
 * parseMass('2', 'in') // => { ok: true, massG: 56.699 }
 * parseMass('a handful', 'cm') // => { ok: false, code: 'not-a-mass' }
 */
export function parseMass(text: string, beside: LengthUnit): ParsedMass {
  const plain = text
    .trim()
    .toLowerCase()
    .replace(',', '.')
    .replace(/\u2212/g, '-');
  if (plain === '') return { ok: false, code: 'empty' };
  const match = /^(-?(?:\d+\.?\d*|\.\d+))\s*([a-z]*)$/.exec(plain);
  const gPerUnit = match && G_PER_UNIT.get(match[2] || massUnitOf(beside));
  // To a thousandth of a gram: far below any scale.
  return match && gPerUnit !== undefined && gPerUnit !== null
    ? { ok: true, massG: Math.round(Number(match[1]) * gPerUnit * 1000) / 1000 }
    : { ok: false, code: 'not-a-mass' };
}

/** Lighter than this a mass is written to a tenth of a gram. */
const FINE_BELOW_G = 10;

/** The step that a mass is written in, g. */
export const massStepG = (massG: number): number => (massG < FINE_BELOW_G ? 0.1 : 1);

/**
 * Writes a mass: in grams, or beside inches in ounces with the grams after it, as scales and ball bands have both.
 *
 * @param up whether it is never written smaller than it is
 *
 * @example
 * formatMass(54.5, 'cm') // => '55 g'
 * formatMass(4.25, 'cm') // => '4.3 g'
 * formatMass(54.5, 'in') // => '1.92 oz (55 g)'
 * formatMass(54.5, 'in', { up: true }) // => '1.93 oz (55 g)'
 */
export function formatMass(massG: number, beside: LengthUnit, { up = false }: { up?: boolean } = {}): string {
  const rounded = (value: number, step: number) =>
    (up ? Math.ceil(value / step - 1e-9) : Math.round(value / step)) * step;
  const step = massStepG(massG);
  const grams = `${rounded(massG, step).toFixed(step < 1 ? 1 : 0)} g`;
  return beside === 'cm' ? grams : `${rounded(massG / G_PER_OUNCE, 0.01).toFixed(2)} oz (${grams})`;
}

/**
 * A mass as she told it, to the last figure.
 *
 * @example
 * toldMass(58.5, 'cm') // => '58.5 g'
 */
export const toldMass = (massG: number, beside: LengthUnit): string =>
  `${bareMass(massG, beside)} ${massUnitOf(beside)}`;

/**
 * A mass as a bare number for its field: grams, or ounces beside inches.
 *
 * @example
 * bareMass(50, 'cm') // => '50'
 * bareMass(50, 'in') // => '1.76'
 */
export const bareMass = (massG: number, beside: LengthUnit): string =>
  String(beside === 'cm' ? Math.round(massG * 1000) / 1000 : Math.round((massG / G_PER_OUNCE) * 100) / 100);
