import { STITCHES } from './catalogue';
import type { StitchPattern } from './stitch';

/**
 * The plain stitch that goes with a pattern, for straps and foundations: itself where it is one, else what it is based on.
 *
 * @example
 * plainStitchOf(STITCHES['bobble-field']).id // => 'sc'
 * plainStitchOf(STITCHES.hdc).id // => 'hdc'
 */
export function plainStitchOf(pattern: StitchPattern): StitchPattern {
  if (pattern.setupRows.length + pattern.rows.length === 1 && pattern.repeatStitches === 1) return pattern;
  return (STITCHES as Record<string, StitchPattern>)[pattern.base] ?? STITCHES.sc;
}
