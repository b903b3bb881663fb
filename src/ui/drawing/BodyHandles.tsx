'use client';

import { useRef } from 'react';
import { bodyHandles, pullBodyEdits, type BodyHandle } from '@/core/body';
import type { PieceId } from '@/core/pieces';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Grip } from './Grip';
import { pointOn, type PieceOnScreen } from './pieceOnScreen';

const NAMES: Record<BodyHandle['size'], string> = {
  depth: 'Depth of the bag',
  radius: 'Radius of the lower corners',
};

/** Grips on what gives the body its form: its depth, and the radius of its corners. */
export function BodyHandles({ places }: { places: ReadonlyMap<PieceId, PieceOnScreen> }) {
  const settled = useBag((state) => state.plan.contents.settled);
  const pouch = useBag((state) => state.plan.pouch);
  const pieces = useBag((state) => state.plan.pieces);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const taken = useRef<BodyHandle | null>(null);
  return bodyHandles(settled, pouch, pieces).map((handle) => {
    const place = places.get(handle.piece);
    if (!place) return null;
    const at = pointOn(place, handle.at.acrossMm, handle.at.alongMm);
    // On a piece that lies on its side, across runs down and along runs right.
    const right = (handle.pulled === 'across') !== place.turned;
    const sign = place.turned && handle.pulled === 'across' ? -1 : 1;
    const stepMm = handle.pulled === 'across' ? pouch.stitchMm : pouch.rowMm;
    const pull = (movedMm: number, isStart: boolean) => {
      if (isStart || taken.current === null) taken.current = handle;
      const from = taken.current;
      store
        .getState()
        .edit(
          NAMES[from.size],
          pullBodyEdits(store.getState().plan.contents.settled, from, sign * movedMm),
          `pull ${from.size}`,
        );
    };
    return (
      <g key={handle.size} data-on={handle.piece}>
        <Grip
          name={NAMES[handle.size]}
          field={`body.${handle.size}`}
          valueMm={handle.valueMm}
          leastMm={handle.leastMm}
          mostMm={handle.mostMm}
          x={at.x}
          y={at.y}
          pulled={right ? 'right' : 'up'}
          pxPerMm={place.pxPerMm}
          unit={unit}
          onPull={pull}
          // Up and right make it larger, whichever way it is pulled.
          onStep={(steps) => pull((sign * steps * stepMm) / handle.perMm, true)}
          onEnd={() => store.getState().endMerge()}
          onFocus={() => store.getState().select(handle.size === 'radius' ? 'corner.radius' : null)}
        />
      </g>
    );
  });
}
