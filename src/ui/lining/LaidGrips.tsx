'use client';

import { useDrag } from '@use-gesture/react';
import type { KeyboardEvent } from 'react';
import type { LaidOut } from '@/core/layout';
import { formatLength } from '@/core/units';
import type { LayoutDrawing } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { isThumb } from '@/ui/drawing/isThumb';
import { KEY_STEPS, keyStep } from './keyStep';
import type { useClothLayout } from './useClothLayout';

/** Every piece on the cloth can be taken hold of: pulled, moved by the arrow keys, and turned. */
export function LaidGrips({
  laid,
  places,
  pxPerMm,
  move,
  onHold,
}: {
  laid: LaidOut;
  places: LayoutDrawing['places'];
  pxPerMm: number;
  move: ReturnType<typeof useClothLayout>['move'];
  /** Told which piece she has taken hold of, or tapped. */
  onHold: (id: string) => void;
}) {
  return places.map((place, index) => <LaidGrip key={index} {...{ laid, index, place, pxPerMm, move, onHold }} />);
}

function LaidGrip({
  laid,
  index,
  place: { x, y, widthMm, heightMm },
  pxPerMm,
  move,
  onHold,
}: {
  laid: LaidOut;
  index: number;
  place: LayoutDrawing['places'][number];
  pxPerMm: number;
  move: ReturnType<typeof useClothLayout>['move'];
  onHold: (id: string) => void;
}) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const one = laid.laid[index];
  const piece = one && laid.pieces[one.piece];
  const end = () => store.getState().endMerge();
  const bindDrag = useDrag(
    ({ tap, last, movement: [rightPx, downPx], memo, event }) => {
      if (tap && piece) onHold(piece.id);
      if (tap || isThumb({ event, tap })) return memo as unknown;
      const from = (memo as LaidOut | undefined) ?? laid;
      move(from, index, { xMm: rightPx / pxPerMm, yMm: -downPx / pxPerMm });
      if (last) end();
      return from;
    },
    { filterTaps: true },
  );
  if (!one || !piece) return null;
  const onKeyDown = (event: KeyboardEvent) => {
    const step = keyStep(event, KEY_STEPS);
    const isTurn = event.key === 'r' || event.key === 'R' || event.key === 'Enter' || event.key === ' ';
    if (!step && !isTurn) return;
    event.preventDefault();
    move(laid, index, step ?? 'turn');
  };
  const where = `${formatLength(one.xMm, unit)} across, ${formatLength(one.yMm, unit)} up`;
  return (
    <g
      {...bindDrag()}
      role="button"
      tabIndex={0}
      aria-label={`${piece.name}, ${where}. Arrow keys move it, R turns it.`}
      data-laid={piece.id}
      onFocus={() => onHold(piece.id)}
      onKeyDown={onKeyDown}
      onKeyUp={end}
      style={{ cursor: 'move', touchAction: 'pan-y' }}
    >
      <rect x={x - widthMm / 2} y={y - heightMm / 2} width={widthMm} height={heightMm} fill="transparent" />
    </g>
  );
}
