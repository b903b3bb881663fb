'use client';

import { memo, useRef } from 'react';
import { shallow } from 'zustand/shallow';
import { moveMarkEdits, type FabricMark, type FittingGroup, type MarkMove } from '@/core/fittings';
import type { PieceId } from '@/core/pieces';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Grip } from './Grip';
import { pointOn, type PieceOnScreen } from './pieceOnScreen';
import { gripWords } from './gripWords';

/** A grip on everything put on the bag that can be moved: pulled, or moved by the arrow keys, along its piece or across it; what belongs to it goes with it. */
export function MarkHandles({
  places,
  groups,
}: {
  places: ReadonlyMap<PieceId, PieceOnScreen>;
  /** Of some groups only; all without. */
  groups?: readonly FittingGroup[] | undefined;
}) {
  const marks = useBag((state) => state.plan.marks);
  return marks
    .filter(({ move, of }) => move?.isGripped && (groups === undefined || groups.includes(of.group)))
    .map((mark) => {
      const place = places.get(mark.piece);
      return place && mark.move ? <MarkHandle key={mark.mark} mark={mark} move={mark.move} place={place} /> : null;
    });
}

interface MarkHandleProps {
  mark: FabricMark;
  move: MarkMove;
  place: PieceOnScreen;
}

/** Every plan makes its marks anew: a grip whose own is as before is not drawn again. */
const sameHandle = (one: MarkHandleProps, other: MarkHandleProps): boolean =>
  one.place === other.place &&
  one.mark.mark === other.mark.mark &&
  one.mark.piece === other.mark.piece &&
  one.mark.acrossMm === other.mark.acrossMm &&
  one.mark.alongMm === other.mark.alongMm &&
  shallow(one.move, { ...other.move, path: one.move.path }) &&
  one.move.path.join() === other.move.path.join() &&
  one.mark.slide?.setMm === other.mark.slide?.setMm &&
  one.mark.slide?.valueMm === other.mark.slide?.valueMm &&
  one.mark.slide?.mostMm === other.mark.slide?.mostMm;

const MarkHandle = memo(function MarkHandle({ mark, move, place }: MarkHandleProps) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const hand = useBag((state) => state.design.settings.hand);
  const store = useBagStore();
  const slide = mark.slide ?? null;
  const taken = useRef({ move: move.valueMm, slide: slide?.valueMm ?? 0 });
  const words = useBag((state) => gripWords(state.plan.fittings, mark));
  if (!words) return null;
  // Across is counted from the edge of the working hand; a turned piece has its across down the screen.
  const across = hand === 'right' ? -mark.acrossMm : mark.acrossMm;
  const at = pointOn(place, place.widthMm / 2 + across, mark.alongMm);
  const wayOf = ({ way, alongPiece }: MarkMove): number =>
    way === 'along' ? alongPiece : (hand === 'right' ? -1 : 1) * (place.turned ? -1 : 1);
  const pull = (by: MarkMove, movedMm: number, isStart: boolean) => {
    const which = by === slide ? 'slide' : 'move';
    if (isStart) taken.current[which] = by.valueMm;
    const from = { ...by, valueMm: taken.current[which] };
    store.getState().edit(words.moved, moveMarkEdits(from, wayOf(by) * movedMm), `move ${mark.mark}`);
  };
  return (
    <g data-on={mark.piece}>
      <Grip
        name={words.name}
        field={move.path.join('.')}
        valueMm={move.setMm}
        leastMm={move.leastMm}
        mostMm={move.mostMm}
        x={at.x}
        y={at.y}
        pulled={place.turned === (move.way === 'along') ? 'right' : 'up'}
        pxPerMm={place.pxPerMm}
        unit={unit}
        onPull={(movedMm, isStart) => pull(move, movedMm, isStart)}
        onStep={(steps) => pull(move, steps * move.stepMm, true)}
        across={
          slide
            ? {
                onPull: (movedMm, isStart) => pull(slide, movedMm, isStart),
                onStep: (steps) => pull(slide, steps * slide.stepMm, true),
              }
            : undefined
        }
        onEnd={() => store.getState().endMerge()}
        onFocus={() => store.getState().select(mark.mark)}
      />
    </g>
  );
}, sameHandle);
