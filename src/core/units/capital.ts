/**
 * A sentence's first letter made large.
 *
 * @example
 * capital('side') // => 'Side'
 */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
