'use client';

import { useRef } from 'react';
import { flapHandles, pullFlapEdits, type FlapHandle } from '@/core/flap';
import { trackAlongMm } from '@/core/pieces';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Grip } from './Grip';
import { pointOn, type PieceOnScreen } from './pieceOnScreen';

const NAMES: Record<FlapHandle['field'], string> = {
  widthMm: 'Width of the flap',
  edgeWidthMm: 'Width at the flap’s edge',
  pointMm: 'Depth of the point',
  radiusMm: 'Radius of the corners',
  depthMm: 'Depth of the scallops',
};

/** Grips on the flap's outline: pulled, or moved by the arrow keys, the shape follows and every count with it. */
export function FlapHandles({ place }: { place: PieceOnScreen }) {
  const flap = useBag((state) => state.design.flap);
  const pouch = useBag((state) => state.plan.pouch);
  const stage = useBag((state) => state.plan.flap);
  const track = useBag((state) => state.plan.tracks.flap);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const taken = useRef<FlapHandle | null>(null);
  if (!track) return null;
  const startMm = stage.bridgeRows * pouch.rowMm;
  return flapHandles(flap, pouch, stage).map((handle) => {
    const alongMm = trackAlongMm(track, startMm + handle.at.downMm, pouch.rowMm);
    const at = pointOn(place, place.widthMm / 2 + handle.at.acrossMm, alongMm);
    const pull = (movedMm: number, isStart: boolean) => {
      if (isStart || taken.current === null) taken.current = handle;
      const from = taken.current;
      // Up on the screen is down the flap where the strip runs upwards.
      const down = from.pulled === 'down' ? track.step * movedMm : movedMm;
      store.getState().edit(NAMES[from.field], pullFlapEdits(from, down), `pull ${from.field}`);
    };
    return (
      <Grip
        key={handle.field}
        name={NAMES[handle.field]}
        field={handle.field}
        valueMm={handle.valueMm}
        leastMm={handle.leastMm}
        mostMm={handle.mostMm}
        x={at.x}
        y={at.y}
        pulled={handle.pulled === 'across' ? 'right' : 'up'}
        pxPerMm={place.pxPerMm}
        unit={unit}
        onPull={pull}
        onStep={(steps) => pull(steps * (handle.pulled === 'across' ? pouch.stitchMm : pouch.rowMm), true)}
        onEnd={() => store.getState().endMerge()}
        onFocus={() => store.getState().select('flap.outline')}
      />
    );
  });
}
