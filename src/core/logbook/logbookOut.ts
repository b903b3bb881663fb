import Papa from 'papaparse';
import { guarded } from '@/core/stock';
import type { MadeBag, PlannedAndMade } from './madeBag';

/** A clock's time as a day that tables know (ISO 8601), so that the core needs no calendar of its own. */
type DayOf = (atMs: number) => string;

const number = (value: number | null, decimals: number): string => (value === null ? '' : value.toFixed(decimals));

const pair = (name: string, { planned, plusMinus, made }: PlannedAndMade): [string, string][] => [
  [`${name}_planned`, number(planned, 1)],
  [`${name}_plus_minus`, number(plusMinus, 1)],
  [`${name}_made`, number(made, 1)],
];

/**
 * The logbook as a table of comma-separated values (RFC 4180), one bag a row. Lengths in mm, masses in g.
 *
 * @param dayOf a clock's time as a day
 */
export const logbookCsv = (bags: readonly MadeBag[], dayOf: DayOf): string =>
  Papa.unparse(
    bags.map((bag) =>
      Object.fromEntries([
        ['bag', guarded(bag.name)],
        ['begun', bag.begunMs === null ? '' : dayOf(bag.begunMs)],
        ['finished', bag.finishedMs === null ? '' : dayOf(bag.finishedMs)],
        ['yarn', guarded(bag.yarn)],
        ['hook_mm', String(bag.hookMm)],
        ['stitch', bag.stitch],
        ...pair('width_mm', bag.sizes.widthMm),
        ...pair('height_mm', bag.sizes.heightMm),
        ...pair('depth_mm', bag.sizes.depthMm),
        ...pair('yarn_g', bag.yarnG),
        ['rows', String(bag.rows.worked)],
        ['stitches', String(bag.stitches.worked)],
        ['hours', number(bag.hours, 2)],
        ['rows_per_hour', number(bag.rowsPerHour, 1)],
        ['notes', guarded(bag.notes.join(' / '))],
      ]),
    ),
  );

/** The logbook as open JSON: all that it says of each bag, and what each taught. */
export const logbookJson = (bags: readonly MadeBag[]): string =>
  `${JSON.stringify({ format: 'ruelle-logbook', version: 1, bags }, null, 2)}\n`;
