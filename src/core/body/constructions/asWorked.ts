import type { Body } from '@/core/design';
import type { Borders } from '@/core/borders';

/** Why a gusset or a band can't be joined as it is worked, though that is wished; null where it can, or where it is to be sewn in. */
export function notAsWorked(body: Body, { bandMm }: Pick<Borders, 'bandMm'>): 'lengthwise' | 'bordered' | null {
  if (!('bandJoined' in body) || body.bandJoined === 'sewn') return null;
  // Long rows lie along the edges: none of them ends there.
  if ('gussetWorked' in body && body.gussetWorked === 'lengthwise') return 'lengthwise';
  return bandMm > 0 ? 'bordered' : null;
}

/** Whether a gusset or a band is joined to the edges on both its sides as it is worked. */
export const isAsWorked = (body: Body, borders: Pick<Borders, 'bandMm'>): boolean =>
  'bandJoined' in body && body.bandJoined === 'as-worked' && notAsWorked(body, borders) === null;

/**
 * The rows that come nearest to so many. Joined as it is worked, a row ends now at the one edge, now at the other: then there are as many at
 * both only where they are an even number.
 *
 * @example
 * bandRows(6.8, false) // => 7
 * bandRows(6.8, true) // => 6
 * bandRows(7.2, true) // => 8
 */
export const bandRows = (rows: number, asWorked: boolean): number =>
  asWorked ? 2 * Math.round(rows / 2) : Math.round(rows);
