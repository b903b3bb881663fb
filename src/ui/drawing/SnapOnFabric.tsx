'use client';

import { useDrag } from '@use-gesture/react';
import { moveSnapEdits } from '@/core/hardware';
import { useBagStore } from '@/ui/bag/BagProvider';
import { alongFabricMm } from './alongFabric';

interface SnapOnFabricProps {
  mark: 'snap.half' | 'snap.mate';
  at: { x: number; y: number };
  radiusPx: number;
  /** How far a millimetre further along the fabric lies on the screen, px. */
  wayPx: { x: number; y: number };
  onHold: (isHeld: boolean) => void;
}

/** A half of the snap on the folded fabric, to be dragged along it; the other half goes with it. By keys it is moved on the flat piece. */
export function SnapOnFabric({ mark, at, radiusPx, wayPx, onHold }: SnapOnFabricProps) {
  const store = useBagStore();
  const bindDrag = useDrag(
    ({ first, last, tap, movement, memo }) => {
      const { design, plan, select, edit, endMerge } = store.getState();
      const [snap] = design.hardware;
      if (first || tap) select(mark);
      if (tap || !snap) return memo;
      const from = (first ? undefined : memo) ?? { insetMm: snap.insetMm, wayPx };
      if (first) onHold(true);
      const movedMm = alongFabricMm(movement, from.wayPx);
      edit('Move: Snap', moveSnapEdits(plan.flap, plan.pouch, from.insetMm, movedMm), 'move snap');
      if (last) {
        endMerge();
        onHold(false);
      }
      return from;
    },
    { filterTaps: true, pointer: { touch: true }, eventOptions: { passive: false } },
  );
  return (
    <circle
      {...bindDrag()}
      cx={at.x}
      cy={at.y}
      r={Math.max(9, radiusPx)}
      fill="transparent"
      data-fabric-snap={mark}
      data-mark={mark}
      style={{ cursor: 'grab', touchAction: 'none', pointerEvents: 'all' }}
    >
      <title>Snap</title>
    </circle>
  );
}
