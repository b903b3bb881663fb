import { factsOf, type BodyKind, type Swatch } from '@/core/design';

/**
 * The piece that a swatch has to be a trial of for a body: rounds work up differently from rows that are turned.
 *
 * @example
 * pieceOfBody('gusset') // => 'panel'
 */
export const pieceOfBody = (kind: BodyKind): Swatch['standsFor'] =>
  ['rounds', 'discs'].includes(factsOf(kind).faces) ? 'rounds' : 'panel';
