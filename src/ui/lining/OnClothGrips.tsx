'use client';

import { useDrag } from '@use-gesture/react';
import type { KeyboardEvent } from 'react';
import type { Remnant } from '@/core/design';
import type { LayoutDrawing, Point } from '@/drawing';
import { formatLength } from '@/core/units';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { GripShape } from '@/ui/drawing/Grip';
import { LaidGrips } from './LaidGrips';
import { KEY_STEPS, keyStep } from './keyStep';
import type { useClothLayout } from './useClothLayout';

/** What can be taken hold of on the cloth: its pieces, and the corners of what was left over of it. */
export function OnClothGrips({
  drawing,
  search: { laid, move, setHeld },
  pxPerMm,
}: {
  drawing: LayoutDrawing;
  search: ReturnType<typeof useClothLayout>;
  pxPerMm: number;
}) {
  const remnants = useBag((state) => state.design.cloth.remnants);
  return (
    <>
      {laid && <LaidGrips laid={laid} places={drawing.places} pxPerMm={pxPerMm} move={move} onHold={setHeld} />}
      {remnants.map((remnant, at) =>
        remnant.outline.map((_, corner) => (
          <CornerGrip
            key={`${at} ${corner}`}
            {...{ remnant, at, corner, pxPerMm }}
            origin={drawing.remnants[at] ?? { x: 0, y: 0 }}
          />
        )),
      )}
    </>
  );
}

/** A corner of a remnant: pulled, or moved by the arrow keys. */
function CornerGrip({
  remnant,
  at,
  corner,
  origin,
  pxPerMm,
}: {
  remnant: Remnant;
  at: number;
  corner: number;
  origin: Point;
  pxPerMm: number;
}) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const [x, y] = remnant.outline[corner] ?? [0, 0];
  const put = (toX: number, toY: number) =>
    store
      .getState()
      .edit(
        `Corner of “${remnant.name}”`,
        [{ path: ['cloth', 'remnants', at, 'outline', corner], value: [Math.round(toX), Math.round(toY)] }],
        `corner ${at} ${corner}`,
      );
  const end = () => store.getState().endMerge();
  const bindDrag = useDrag(
    ({ tap, last, movement: [rightPx, downPx], memo }) => {
      if (tap) return memo as unknown;
      const from = (memo as Point | undefined) ?? { x, y };
      put(from.x + rightPx / pxPerMm, from.y - downPx / pxPerMm);
      if (last) end();
      return from;
    },
    { filterTaps: true, pointer: { touch: true }, eventOptions: { passive: false } },
  );
  const onKeyDown = (event: KeyboardEvent) => {
    const step = keyStep(event, KEY_STEPS);
    if (!step) return;
    event.preventDefault();
    put(x + step.xMm, y + step.yMm);
  };
  return (
    <g
      {...bindDrag()}
      role="button"
      tabIndex={0}
      aria-label={`Corner ${corner + 1} of ${remnant.name}, ${formatLength(x, unit)} across, ${formatLength(y, unit)} up. Arrow keys move it.`}
      data-corner={`${at}.${corner}`}
      onKeyDown={onKeyDown}
      onKeyUp={end}
      transform={`translate(${origin.x + x} ${origin.y - y}) scale(${1 / pxPerMm})`}
      style={{ cursor: 'move', touchAction: 'none' }}
    >
      <GripShape />
    </g>
  );
}
