/** What each weight class is called on labels. Source: Craft Yarn Council, Standard Yarn Weight System; from memory. */
const NAMES = ['lace', 'super fine', 'fine', 'light', 'medium', 'bulky', 'super bulky', 'jumbo'] as const;

/**
 * The weight classes that a label can name, each with its number and its name.
 *
 * @example
 * YARN_CLASS_LABELS[3] // => { value: 3, label: '3, light' }
 */
export const YARN_CLASS_LABELS: readonly { value: number; label: string }[] = NAMES.map((name, value) => ({
  value,
  label: `${value}, ${name}`,
}));
