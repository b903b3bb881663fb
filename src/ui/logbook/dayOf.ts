import { format } from 'date-fns';

/**
 * A clock's time as a day (ISO 8601), by this device's own time zone.
 *
 * @example
 * dayOf(new Date(2026, 9, 12, 20).getTime()) // => '2026-10-12'
 */
export const dayOf = (atMs: number): string => format(atMs, 'yyyy-MM-dd');

/**
 * The same as one says it.
 *
 * @example
 * dayInWords(new Date(2026, 9, 12, 20).getTime()) // => '12 October 2026'
 */
export const dayInWords = (atMs: number): string => format(atMs, 'd MMMM yyyy');
