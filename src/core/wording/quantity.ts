import type { Figure, Source, Unit } from '@/core/figures';
import {
  G_PER_OUNCE,
  M_PER_YARD,
  MM_PER_INCH,
  formatLength,
  formatMass,
  formatTolerance,
  massStepG,
  type LengthUnit,
} from '@/core/units';

/** Lengths below this are written finer than a tape reads, since they are thicknesses and hardware, mm. */
const FINE_BELOW_MM = 25;

const COUNTED: Partial<Record<Unit, [string, string]>> = {
  stitch: ['stitch', 'stitches'],
  row: ['row', 'rows'],
  round: ['round', 'rounds'],
  chain: ['chain', 'chains'],
  ball: ['ball', 'balls'],
};

/**
 * Writes a value with its unit, in the maker's units. Lengths over 25 mm as a tape reads them, finer ones to a tenth of
 * a millimetre or a hundredth of an inch.
 *
 * @example
 * formatQuantity(215, 'mm', 'cm') // => '21.5 cm'
 * formatQuantity(2.4, 'mm', 'cm') // => '2.4 mm'
 * formatQuantity(1, 'row', 'cm') // => '1 row'
 * formatQuantity(18, 'row number', 'cm') // => 'row 18'
 * formatQuantity(0.12, 'ratio', 'in') // => '12.0 %'
 * formatQuantity(100, 'm', 'in') // => '109.4 yd'
 * formatQuantity(54.5, 'g', 'in') // => '1.92 oz (55 g)'
 * formatQuantity(4.5, 'money', 'cm') // => '4.50'
 * formatQuantity(12.2, 'h', 'cm') // => '12 h'
 */
export function formatQuantity(value: number, unit: Unit, lengthUnit: LengthUnit): string {
  const words = COUNTED[unit];
  if (words) return `${formatCount(value)} ${value === 1 ? words[0] : words[1]}`;
  switch (unit) {
    case 'row number':
      return `row ${formatCount(value)}`;
    case 'mm':
      return Math.abs(value) < FINE_BELOW_MM ? formatFine(value, lengthUnit) : formatLength(value, lengthUnit);
    case 'mm2':
      return lengthUnit === 'cm' ? `${(value / 100).toFixed(0)} cm²` : `${(value / MM_PER_INCH ** 2).toFixed(1)} in²`;
    case 'mm3':
      return lengthUnit === 'cm' ? `${(value / 1000).toFixed(0)} cm³` : `${(value / MM_PER_INCH ** 3).toFixed(1)} in³`;
    case 'mm/stitch':
    case 'mm/row':
      return lengthUnit === 'cm' ? `${value.toFixed(2)} mm` : `${(value / MM_PER_INCH).toFixed(3)} in`;
    case 'g':
      return formatMass(value, lengthUnit);
    case 'm':
      return lengthUnit === 'cm' ? `${value.toFixed(1)} m` : `${(value / M_PER_YARD).toFixed(1)} yd`;
    case 'm/g':
      return lengthUnit === 'cm'
        ? `${value.toFixed(2)} m/g`
        : `${((value / M_PER_YARD) * G_PER_OUNCE).toFixed(0)} yd/oz`;
    case 'g/m2':
      return lengthUnit === 'cm'
        ? `${value.toFixed(0)} g/m²`
        : `${((value * M_PER_YARD ** 2) / G_PER_OUNCE).toFixed(1)} oz/yd² (${value.toFixed(0)} g/m²)`;
    case 'h':
      return `${value.toFixed(value < 10 ? 1 : 0)} h`;
    case 'money':
      return value.toFixed(2);
    case 'ratio':
      return `${(value * 100).toFixed(1)} %`;
    default:
      return formatCount(value);
  }
}

/**
 * Writes a difference with its sign.
 *
 * @example
 * formatDifference(-1.26, 'mm', 'cm') // => '−1.3 mm'
 * formatDifference(3, 'row', 'cm') // => '+3 rows'
 */
export const formatDifference = (value: number, unit: Unit, lengthUnit: LengthUnit): string =>
  `${value < 0 ? '−' : '+'}${formatQuantity(Math.abs(value), unit, lengthUnit)}`;

/** Writes the ± of a figure in the style of its value, always rounded up; an empty text when it has none. */
export function formatPlusMinus(figure: Pick<Figure, 'value' | 'unit' | 'plusMinus'>, lengthUnit: LengthUnit): string {
  const { plusMinus, unit, value } = figure;
  if (plusMinus === null || plusMinus === 0) return '';
  if (unit === 'mm' && Math.abs(value) >= FINE_BELOW_MM) return formatTolerance(plusMinus, lengthUnit);
  if (unit === 'g') return `± ${massDoubt(plusMinus, value, lengthUnit)}`;
  return `± ${formatQuantity(ceilTo(plusMinus, shownStep(unit, Math.max(value, plusMinus), lengthUnit)), unit, lengthUnit)}`;
}

/** A mass's ± in the steps of the mass itself. */
function massDoubt(plusMinus: number, value: number, lengthUnit: LengthUnit): string {
  const grams = ceilTo(plusMinus, massStepG(Math.max(value, plusMinus)));
  return lengthUnit === 'cm' && Math.max(value, plusMinus) >= 10
    ? `${grams.toFixed(0)} g`
    : formatMass(grams, lengthUnit, { up: true });
}

/** The words for where a rule comes from. */
export function formatSource(source: Source): string {
  switch (source.kind) {
    case 'published':
      return `Published: ${source.reference}`;
    case 'geometry':
      return 'Geometry and arithmetic';
    case 'common-practice':
      return 'Common practice, no source';
    case 'memory':
      return 'From memory; change it if you know better';
    case 'measured':
      return 'You measured it';
    case 'chosen':
      return 'You chose it';
  }
}

function formatFine(mm: number, lengthUnit: LengthUnit): string {
  return lengthUnit === 'cm' ? `${mm.toFixed(1)} mm` : `${(mm / MM_PER_INCH).toFixed(2)} in`;
}

function formatCount(value: number): string {
  return Number.isInteger(value) ? String(value) : String(Math.round(value * 100) / 100);
}

/** The smallest step that the printed form of a unit can show. */
function shownStep(unit: Unit, value: number, lengthUnit: LengthUnit): number {
  switch (unit) {
    case 'mm':
      return lengthUnit === 'cm' ? 0.1 : 0.01 * MM_PER_INCH;
    case 'mm/stitch':
    case 'mm/row':
      return lengthUnit === 'cm' ? 0.01 : 0.001 * MM_PER_INCH;
    case 'm':
      return lengthUnit === 'cm' ? 0.1 : 0.1 * M_PER_YARD;
    case 'h':
      return value < 10 ? 0.1 : 1;
    case 'ratio':
      return 0.001;
    default:
      return 1;
  }
}

const ceilTo = (value: number, step: number): number => Math.ceil(value / step - 1e-9) * step;
