import type { Replanned, YarnLasts } from '@/core/bench';
import type { ZoneId } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { G_PER_OUNCE, formatMass, type LengthUnit } from '@/core/units';
import { formatDifference, formatPlusMinus, formatQuantity } from './quantity';

const ZONES: Record<ZoneId, string> = {
  front: 'Front',
  back: 'Back',
  bridge: 'Over the top',
  flap: 'Flap',
  hem: 'Hem',
  sides: 'Sides',
  gusset: 'Gusset',
  band: 'Band',
};

/** A line of what a new plan changes: what, as it was, as it will be. */
export interface ReplanLine {
  what: string;
  before: string;
  after: string;
  /** Worked already, so nothing of it changes. */
  isWorked: boolean;
}

/** What a new plan changes: the rows of each part, then the sizes that come of it. */
export function replanLines(before: Plan, { plan, zones }: Replanned, unit: LengthUnit): ReplanLine[] {
  const rows = zones.map(({ zone, rowsBefore, rowsAfter, worked }): ReplanLine => ({
    what: `${ZONES[zone]}, rows`,
    before: String(rowsBefore),
    after: worked > 0 && worked < rowsAfter ? `${rowsAfter}, of which ${rowsAfter - worked} to go` : String(rowsAfter),
    isWorked: worked >= rowsBefore,
  }));
  const sizes = (['height', 'width'] as const).map((size): ReplanLine => {
    const [was, is] = [before.pouch.figures[size], plan.pouch.figures[size]];
    const said = (figure: typeof was) => `${formatQuantity(figure.value, 'mm', unit)} ${formatPlusMinus(figure, unit)}`;
    return { what: is.label, before: said(was), after: said(is), isWorked: false };
  });
  return [...rows, ...sizes];
}

/**
 * How the piece differs from its swatch, in words.
 *
 * @example
 * pieceAgainstSwatch(0.04, 'row') // => 'Rows come out 4 % higher than on the swatch.'
 * pieceAgainstSwatch(-0.002, 'row') // => 'Rows come out as on the swatch.'
 */
export function pieceAgainstSwatch(share: number, of: 'row' | 'stitch'): string {
  const named = of === 'row' ? 'Rows' : 'Stitches';
  const percent = Math.round(Math.abs(share) * 100);
  if (percent === 0) return `${named} come out as on the swatch.`;
  const [more, less] = of === 'row' ? ['higher', 'lower'] : ['wider', 'narrower'];
  return `${named} come out ${percent} % ${share > 0 ? more : less} than on the swatch.`;
}

/**
 * Whether the ball is enough, and if not, to which row it lasts; all of it from when it was weighed last.
 *
 * @example
 * yarnLastsText({ gPerRow: 1, weighedAtRow: 30, leftG: 20, lastsToRow: 50, rowsLeft: 30, neededG: 30 }, 'cm') // => 'A row takes 1.00 g. After row 30 this piece still took 30 g, and only 20 g were left: it lasts to row 50.'
 */
export function yarnLastsText(
  { gPerRow, weighedAtRow, neededG, leftG, lastsToRow, rowsLeft }: YarnLasts,
  unit: LengthUnit,
): string {
  const perRow = unit === 'cm' ? '' : `${(gPerRow / G_PER_OUNCE).toFixed(3)} oz, `;
  const needs = `A row takes ${perRow}${gPerRow.toFixed(2)} g. After row ${weighedAtRow} this piece still took ${formatMass(Math.ceil(neededG - 1e-9), unit)}`;
  return lastsToRow >= weighedAtRow + rowsLeft
    ? `${needs}, and ${formatMass(Math.floor(leftG), unit)} were left: it is enough.`
    : `${needs}, and only ${formatMass(Math.floor(leftG), unit)} were left: it lasts to row ${lastsToRow}.`;
}

/** Signed, for a table of measured against planned. */
export const offText = (mm: number, unit: LengthUnit): string => formatDifference(mm, 'mm', unit);
