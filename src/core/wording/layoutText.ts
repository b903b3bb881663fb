import type { LaidOut, LayingNames } from '@/core/layout';
import { LINING_NAMES } from '@/core/lining';
import { pocketPart } from './paperWords';

/** What pieces are called where they are laid on cloth. */
export const LAYING_NAMES: LayingNames = { lining: (id) => LINING_NAMES[id], pocket: ({ at }) => pocketPart(at) };

/**
 * A layout in a sentence or two: how many pieces, whether a shorter one is possible, and what of it lies badly.
 *
 * @example
 * layoutText({ pieces: [], laid: [], isProven: true, clashes: [], beyond: [] }, false) // => 'Nothing is to be cut.'
 */
export function layoutText(
  { pieces, laid, isProven, clashes, beyond }: Pick<LaidOut, 'pieces' | 'laid' | 'isProven' | 'clashes' | 'beyond'>,
  isByHand: boolean,
): string {
  if (laid.length === 0) return 'Nothing is to be cut.';
  const name = (index: number) => pieces[laid[index]?.piece ?? -1]?.name ?? '';
  const left = laid.filter(({ remnant }) => remnant !== null).length;
  const onCloth = laid.length - left;
  const how = isByHand
    ? 'as you have laid them.'
    : isProven
      ? 'cut from the lower edge up; no layout is shorter.'
      : 'cut from the lower edge up; the shortest that was found.';
  const parts = [
    onCloth === 0
      ? 'All of it comes from what was left over: no cloth is needed.'
      : `${onCloth} ${onCloth === 1 ? 'piece' : 'pieces'}, ${how}`,
    ...(left > 0 && onCloth > 0 ? [`${left} more from what was left over.`] : []),
    ...clashes.map(([one, other]) => `The ${name(one)} and the ${name(other)} lie on each other, or too near.`),
    ...beyond.map((index) => `The ${name(index)} lies beyond the edge.`),
  ];
  return parts.join(' ');
}
