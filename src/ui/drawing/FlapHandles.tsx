'use client';

import { useDrag } from '@use-gesture/react';
import { memo, type KeyboardEvent } from 'react';
import { flapHandles, pullFlapEdits, type FlapHandle } from '@/core/flap';
import { formatLength, type LengthUnit } from '@/core/units';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { arrowSteps } from './arrowSteps';

const NAMES: Record<FlapHandle['field'], string> = {
  widthMm: 'Width of the flap',
  edgeWidthMm: 'Width at the flap’s edge',
  pointMm: 'Depth of the point',
  radiusMm: 'Radius of the corners',
};

const GRIP_PX = 7;
const REACH_PX = 14;

interface FlapHandlesProps {
  /** The middle of the flap, and where it starts, on the screen. */
  middlePx: number;
  startPx: number;
  pxPerMm: number;
}

/** Grips on the flap's outline: pulled, or moved by the arrow keys, the shape follows and every count with it. */
export function FlapHandles({ middlePx, startPx, pxPerMm }: FlapHandlesProps) {
  const flap = useBag((state) => state.design.flap);
  const pouch = useBag((state) => state.plan.pouch);
  const stage = useBag((state) => state.plan.flap);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  return flapHandles(flap, pouch, stage).map((handle) => (
    <Grip
      key={handle.field}
      handle={handle}
      x={middlePx + handle.at.acrossMm * pxPerMm}
      y={startPx - handle.at.downMm * pxPerMm}
      pxPerMm={pxPerMm}
      stepMm={handle.pulled === 'across' ? pouch.stitchMm : pouch.rowMm}
      unit={unit}
    />
  ));
}

interface GripProps {
  handle: FlapHandle;
  x: number;
  y: number;
  pxPerMm: number;
  /** How far one press of an arrow key pulls: a stitch across, or a row. */
  stepMm: number;
  unit: LengthUnit;
}

const Grip = memo(function Grip({ handle, x, y, pxPerMm, stepMm, unit }: GripProps) {
  const store = useBagStore();
  const pull = (from: FlapHandle, movedMm: number) =>
    store.getState().edit(NAMES[from.field], pullFlapEdits(from, movedMm), `pull ${from.field}`);
  const bindDrag = useDrag(
    ({ first, last, movement: [rightPx, downPx], memo: from }) => {
      const start = first || from === undefined ? handle : (from as FlapHandle);
      // On the screen the strip runs upwards, so that down the flap is up.
      pull(start, (handle.pulled === 'across' ? rightPx : -downPx) / pxPerMm);
      if (last) store.getState().endMerge();
      return start;
    },
    { pointer: { touch: true }, eventOptions: { passive: false } },
  );
  const onKeyDown = (event: KeyboardEvent) => {
    const step = arrowSteps(event.key, 5);
    if (step === 0) return;
    event.preventDefault();
    pull(handle, step * stepMm);
  };
  return (
    <g
      {...bindDrag()}
      role="slider"
      tabIndex={0}
      aria-label={NAMES[handle.field]}
      aria-valuemin={Math.round(handle.leastMm)}
      aria-valuemax={Math.round(handle.mostMm)}
      aria-valuenow={Math.round(handle.valueMm)}
      aria-valuetext={formatLength(handle.valueMm, unit)}
      onKeyDown={onKeyDown}
      onKeyUp={() => store.getState().endMerge()}
      onFocus={() => store.getState().select('flap.outline')}
      data-handle={handle.field}
      style={{ cursor: handle.pulled === 'across' ? 'ew-resize' : 'ns-resize', touchAction: 'none' }}
    >
      <title>{NAMES[handle.field]}</title>
      <circle cx={x} cy={y} r={REACH_PX} fill="transparent" />
      <rect
        x={x - GRIP_PX}
        y={y - GRIP_PX}
        width={2 * GRIP_PX}
        height={2 * GRIP_PX}
        transform={`rotate(45 ${x} ${y})`}
        fill="var(--chakra-colors-paper)"
        stroke="var(--chakra-colors-ink)"
        strokeWidth="1.5"
      />
    </g>
  );
});
