import { ringBounds } from '@/core/cutting';
import type { Design } from '@/core/design';
import { ringAt, sheetOf, type LaidOut, type LaidPiece } from '@/core/layout';
import type { LengthUnit } from '@/core/units';
import { formatQuantity } from '../quantity';
import type { DrawnText } from './drawnText';

/**
 * Pieces on the cloth in words, for whoever doesn't see them: the cloth, and every piece that is laid on it or on what was left over, from where to where it goes
 * across and up, and how far it is turned. Across is measured from where cloth may be cut, up from the first cut.
 *
 * @param layout null where nothing is laid yet
 */
export function laidText(
  layout: Pick<LaidOut, 'pieces' | 'laid' | 'lengthMm'> | null,
  cloth: Design['cloth'],
  unit: LengthUnit,
): DrawnText[] {
  const length = (mm: number) => formatQuantity(mm, 'mm', unit);
  const { pieces, laid, lengthMm } = layout ?? { pieces: [], laid: [], lengthMm: 0 };
  const edge = cloth.folded ? 'the fold' : 'the left selvedge';
  const lineOf = (one: LaidPiece, from: string): string => {
    const { leftMm, rightMm, lowMm, highMm } = ringBounds(ringAt(pieces, one));
    const turned = one.turn === 0 ? '' : `, turned by ${one.turn}°`;
    return `${pieces[one.piece]?.name ?? 'piece'}: ${length(leftMm)} to ${length(rightMm)} from ${from}, ${length(lowMm)} to ${length(highMm)} up${turned}`;
  };
  const onCloth = laid.filter(({ remnant }) => remnant === null);
  return [
    ...(lengthMm > 0
      ? [
          {
            name: `The cloth: ${length(sheetOf(cloth).widthMm)} between ${cloth.folded ? 'fold and selvedge' : 'its selvedges'}, ${length(lengthMm)} of it`,
            lines: onCloth.map((one) => lineOf(one, edge)),
          },
        ]
      : []),
    ...cloth.remnants.map(({ outline }, index) => {
      const { leftMm, lowMm, widthMm, heightMm } = ringBounds(outline);
      return {
        name: `Left over, ${index + 1}: ${length(widthMm)} by ${length(heightMm)}`,
        lines: laid
          .filter(({ remnant }) => remnant === index)
          .map((one) => lineOf({ ...one, xMm: one.xMm - leftMm, yMm: one.yMm - lowMm }, 'its left edge')),
      };
    }),
  ];
}
