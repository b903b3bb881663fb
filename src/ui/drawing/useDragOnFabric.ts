import { useDrag } from '@use-gesture/react';
import { useBagStore } from '@/ui/bag/BagProvider';
import { alongFabricMm } from './alongFabric';
import { isThumb } from './isThumb';

interface OnFabric<From> {
  /** How far a millimetre further along the fabric lies on the screen, px. */
  wayPx: { x: number; y: number };
  /** Told when a hand takes hold of it, and when it lets go. */
  onHold: (isHeld: boolean) => void;
  /** The mark that is lit when it is pressed. */
  mark: string;
  /** Where it is when it is taken hold of; null where it can't be moved. */
  begin: () => From | null;
  /** A line all across the drawing is taken by a mouse only: a thumb that scrolls over it must move nothing. */
  byMouseOnly?: boolean;
  /** Moves it so many mm of fabric on from where it was taken hold of. */
  move: (from: From, movedMm: number) => void;
}

/** Something on the folded fabric that is dragged along it. One drag is one thing to undo. */
export function useDragOnFabric<From>({ wayPx, onHold, mark, begin, move, byMouseOnly = false }: OnFabric<From>) {
  const store = useBagStore();
  return useDrag(
    ({ first, last, tap, movement, memo, event }) => {
      if (byMouseOnly && isThumb({ event, tap })) return memo;
      const { select, endMerge } = store.getState();
      if (first || tap) select(mark);
      if (tap) return memo;
      // Held by where it was taken: the fabric turns under the hand while it is moved.
      const held = ((first ? undefined : memo) as
        { from: From | null; wayPx: OnFabric<From>['wayPx'] } | undefined) ?? {
        from: begin(),
        wayPx,
      };
      if (held.from === null) return memo;
      if (first) onHold(true);
      move(held.from, alongFabricMm(movement, held.wayPx));
      if (last) {
        endMerge();
        onHold(false);
      }
      return held;
    },
    byMouseOnly
      ? { filterTaps: true }
      : { filterTaps: true, pointer: { touch: true }, eventOptions: { passive: false } },
  );
}
