import type { BareBag } from '@/core/fittings';
import type { SpanName } from './joinMap';

/**
 * The mouth of a bag from anchor to anchor, in stitches: front, and where there is a depth of its own a side, back, and the other side. None of a round purse,
 * whose mouth is between two discs.
 */
export function mouthSpans({ pouch, set }: Pick<BareBag, 'pouch' | 'set'>): { name: SpanName; bag: number }[] {
  if (pouch.kind === 'round-purse') return [];
  const strip = set.pieces.find(({ id }) => id === 'gusset' || id === 'band');
  const side = strip ? Math.max(1, Math.round(pouch.depthMm / pouch.stitchMm)) : 0;
  const faces = pouch.topStitches;
  const between = side > 0 ? [{ name: 'side' as const, bag: side }] : [];
  return [{ name: 'front', bag: faces }, ...between, { name: 'back', bag: faces }, ...between];
}
