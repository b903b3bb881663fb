import type { PartToWork } from '@/core/bench';
import type { Corrected, Selling } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, MEMORY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { USUAL_PACE_HOURS, USUAL_PACE_SHARE, workCounted } from '@/core/logbook';

/** Of a bag's hours its rows are so much; seams, cloth, hardware and ends are the rest. From memory: a third of the work comes after the last row. */
export const ROWS_SHARE_OF_WORK = 2 / 3;

/** What a bag would be sold for, and the hours in it. */
export interface SellingPrice {
  hours: Figure;
  /** Null before she says what an hour is worth, or where it rests on the price of the materials and none of them has one. */
  price: Figure | null;
}

/**
 * The hours in a bag: as she says, or from its stitches and her pace; and its price, as she makes it: materials and hours, or so many times the materials.
 *
 * @param materials what its materials cost; null where no price is known
 */
export function sellingPrice(
  selling: Selling,
  parts: readonly PartToWork[],
  pace: Corrected['pace'],
  materials: Figure | null,
): SellingPrice {
  const hours = selling.hours === null ? reckonedHours(parts, pace) : saidHours(selling.hours);
  return { hours, price: priceOf(selling, hours, materials) };
}

const saidHours = (hours: number): Figure =>
  makeFigure('selling.hours', 'Hours in it', hours, 'h', {
    rule: 'As you say.',
    inputs: [],
    source: { kind: 'measured' },
  });

function reckonedHours(parts: readonly PartToWork[], pace: Corrected['pace']): Figure {
  const stitches = workCounted(parts, { rows: new Map(), steps: new Map() }).stitches.all;
  const each = pace?.value ?? USUAL_PACE_HOURS;
  const hours = ((stitches / 1000) * each) / ROWS_SHARE_OF_WORK;
  return makeFigure(
    'selling.hours',
    'Hours in it',
    hours,
    'h',
    {
      rule: `Stitches of all that is worked by rows, times hours for 1,000 of them, divided by the share that rows are of all the work.${pace ? '' : ' The pace is what is usual, to a factor of two: time some rows at the bench, and take your own from the logbook.'}`,
      inputs: [
        input('Stitches', stitches, 'stitch'),
        input('Hours for 1,000 stitches', each, 'h'),
        ...(pace ? [input('Bags that it rests on', pace.bags, 'count')] : []),
        input('Rows, of all the work', ROWS_SHARE_OF_WORK, 'ratio'),
      ],
      source: MEMORY,
    },
    hours * (pace?.plusMinus ?? USUAL_PACE_SHARE),
  );
}

function priceOf({ by, perHour, times, besides }: Selling, hours: Figure, materials: Figure | null): Figure | null {
  const beside = besides > 0 ? [input('Besides', besides, 'money' as const)] : [];
  if (by === 'hours') {
    // Before she says so, no price is one.
    if (perHour === 0) return null;
    const value = (materials?.value ?? 0) + hours.value * perHour + besides;
    return makeFigure(
      'selling.price',
      'A price for it',
      value,
      'money',
      {
        rule: `${materials ? 'What its materials cost' : 'No material has a price in your stores, so none is counted'}, plus its hours times what an hour is worth to you${besides > 0 ? ', plus what comes besides' : ''}.`,
        inputs: [
          ...(materials ? [inputFrom(materials)] : []),
          inputFrom(hours),
          input('An hour', perHour, 'money'),
          ...beside,
        ],
        source: GEOMETRY,
      },
      (hours.plusMinus ?? 0) * perHour,
    );
  }
  if (materials === null) return null;
  return makeFigure('selling.price', 'A price for it', times * materials.value + besides, 'money', {
    rule: `What its materials cost, so many times${besides > 0 ? ', plus what comes besides' : ''}.`,
    inputs: [inputFrom(materials), input('Times', times, 'count'), ...beside],
    source: COMMON_PRACTICE,
  });
}
