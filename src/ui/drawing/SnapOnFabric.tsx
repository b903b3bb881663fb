'use client';

import { moveSnapEdits } from '@/core/closure';
import { useBagStore } from '@/ui/bag/BagProvider';
import { useDragOnFabric } from './useDragOnFabric';

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
  const bindDrag = useDragOnFabric({
    wayPx,
    onHold,
    mark,
    begin: () => store.getState().design.closures[0]?.insetMm ?? null,
    move: (fromInsetMm, movedMm) => {
      const { plan, edit } = store.getState();
      edit('Move: Snap', moveSnapEdits(plan.flap, plan.pouch, fromInsetMm, movedMm), 'move snap');
    },
  });
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
