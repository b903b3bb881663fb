import type { BodyKind, Swatch } from '@/core/design';

/**
 * The piece that a swatch has to be a trial of for a body: rounds work up differently from rows that are turned.
 *
 * @example
 * pieceOfBody('gusset') // => 'panel'
 */
export const pieceOfBody = (kind: BodyKind): Swatch['standsFor'] =>
  kind === 'around-chain' || kind === 'oval-base' || kind === 'round-purse' ? 'rounds' : 'panel';
