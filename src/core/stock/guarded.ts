/** A cell that begins so would be reckoned by a spreadsheet: it gets an apostrophe before it, which is taken off again. */
const FORMULA = /^[=+\-@\t\r]/;

/**
 * A text as it stands in a table that a spreadsheet may open: one that looks like a sum is kept from being one.
 *
 * @example
 * guarded('=1+1') // => "'=1+1"
 */
export const guarded = (text: string): string => (FORMULA.test(text) ? `'${text}` : text);

/**
 * The text that such a cell has.
 *
 * @example
 * unguarded("'=1+1") // => '=1+1'
 */
export const unguarded = (text: string): string =>
  text.startsWith("'") && FORMULA.test(text.slice(1)) ? text.slice(1) : text;
