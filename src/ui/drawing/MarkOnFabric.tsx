'use client';

import { moveMarkEdits, type FabricMark } from '@/core/fittings';
import { useBagStore } from '@/ui/bag/BagProvider';
import { gripWords } from './gripWords';
import { useDragOnFabric } from './useDragOnFabric';

interface MarkOnFabricProps {
  mark: FabricMark;
  at: { x: number; y: number };
  radiusPx: number;
  /** How far a millimetre further along the fabric lies on the screen, px. */
  wayPx: { x: number; y: number };
  onHold: (isHeld: boolean) => void;
}

/** Something put on the folded bag, to be dragged along the fabric; what belongs to it goes with it. By keys it is moved on the flat piece. */
export function MarkOnFabric({ mark, at, radiusPx, wayPx, onHold }: MarkOnFabricProps) {
  const store = useBagStore();
  const words = gripWords(store.getState().plan.fittings, mark);
  /** The drawing that it lies on may be a frame behind the bag. */
  const moveNow = () => store.getState().plan.marks.find((one) => one.mark === mark.mark)?.move ?? null;
  const bindDrag = useDragOnFabric({
    wayPx,
    onHold,
    mark: mark.mark,
    begin: moveNow,
    move: (from, movedMm) => {
      // What it can be moved to follows the bag as it is now; where it was taken hold of stays.
      const edits = moveMarkEdits({ ...(moveNow() ?? from), valueMm: from.valueMm }, movedMm);
      store.getState().edit(words?.moved ?? '', edits, `move ${mark.mark}`);
    },
  });
  if (!mark.move || !words) return null;
  return (
    <circle
      {...bindDrag()}
      cx={at.x}
      cy={at.y}
      r={Math.max(9, radiusPx)}
      fill="transparent"
      data-fabric-mark={mark.mark}
      data-mark={mark.mark}
      style={{ cursor: 'grab', touchAction: 'none', pointerEvents: 'all' }}
    >
      <title>{words.name}</title>
    </circle>
  );
}
