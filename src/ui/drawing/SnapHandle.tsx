'use client';

import { useRef } from 'react';
import { moveSnapEdits, snapReach } from '@/core/closure';
import type { PieceId } from '@/core/pieces';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Grip } from './Grip';
import { pointOn, type PieceOnScreen } from './pieceOnScreen';

/** A grip on the snap's half: pulled, or moved by the arrow keys, along the flap; its mate goes with it. */
export function SnapHandle({ places }: { places: ReadonlyMap<PieceId, PieceOnScreen> }) {
  const snap = useBag((state) => state.plan.snap);
  const chosen = useBag((state) => state.design.closures[0]);
  const flap = useBag((state) => state.plan.flap);
  const pouch = useBag((state) => state.plan.pouch);
  const track = useBag((state) => state.plan.tracks.flap);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const taken = useRef(0);
  const [half] = snap?.halves ?? [];
  const place = half && places.get(half.piece);
  if (!snap || !chosen || !place) return null;
  const at = pointOn(place, half.acrossMm, half.alongMm);
  const { leastMm, mostMm } = snapReach(flap, pouch);
  // Along the piece is towards the flap's edge where the piece runs as the flap does.
  const step = track?.step ?? 1;
  const pull = (movedMm: number, isStart: boolean) => {
    if (isStart) taken.current = store.getState().design.closures[0]?.insetMm ?? 0;
    store.getState().edit('Move: Snap', moveSnapEdits(flap, pouch, taken.current, step * movedMm), 'move snap');
  };
  return (
    <g data-on={half.piece}>
      <Grip
        name="Snap, in from the flap’s edge"
        field="snap.insetMm"
        valueMm={snap.figures.halfInset.value}
        leastMm={leastMm}
        mostMm={mostMm}
        x={at.x}
        y={at.y}
        pulled={place.turned ? 'right' : 'up'}
        pxPerMm={place.pxPerMm}
        unit={unit}
        onPull={pull}
        onStep={(steps) => pull(steps * pouch.rowMm, true)}
        onEnd={() => store.getState().endMerge()}
        onFocus={() => store.getState().select('snap.half')}
      />
    </g>
  );
}
