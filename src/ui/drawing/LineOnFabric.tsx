'use client';

import { useDrag } from '@use-gesture/react';
import { memo } from 'react';
import { moveLineEdits, panelLines, type PanelLineId } from '@/core/body';
import { lineStation } from '@/core/fold';
import { useBagStore } from '@/ui/bag/BagProvider';
import { alongFabricMm } from './alongFabric';
import { LINE_NAMES } from './lineNames';

const REACH_PX = 16;

interface LineOnFabricProps {
  id: PanelLineId;
  /** The line where it is seen, as SVG lists points, px. */
  points: string;
  /** How far a millimetre further along the fabric lies on the screen, px. */
  wayPx: { x: number; y: number };
  /** Told when a hand takes hold of it, and when it lets go. */
  onHold: (isHeld: boolean) => void;
}

/**
 * A fold or an edge on the folded fabric, to be dragged along it. By keys it is moved on the flat piece, where its row can be read; here
 * it has no stop of its own.
 */
export const LineOnFabric = memo(function LineOnFabric({ id, points, wayPx, onHold }: LineOnFabricProps) {
  const store = useBagStore();
  const bindDrag = useDrag(
    ({ first, last, tap, movement, memo }) => {
      const { plan, select, edit, endMerge } = store.getState();
      if (first || tap) select(id);
      if (tap) return memo;
      const line = panelLines(plan).find((one) => one.id === id);
      const station = lineStation(plan, id);
      if (!line || !station) return memo;
      // Held by where it was taken: the fabric turns under the hand while it is moved.
      const from = (first ? undefined : memo) ?? { row: line.afterRow, wayPx };
      if (first) onHold(true);
      const movedMm = alongFabricMm(movement, from.wayPx);
      const row = from.row + station.rowStep * Math.round(movedMm / plan.pouch.rowMm);
      edit(`Move: ${LINE_NAMES[id]}`, moveLineEdits(plan, id, row), `move ${id}`);
      if (last) {
        endMerge();
        onHold(false);
      }
      return from;
    },
    { filterTaps: true, pointer: { touch: true }, eventOptions: { passive: false } },
  );
  return (
    <polyline
      {...bindDrag()}
      points={points}
      fill="none"
      stroke="transparent"
      strokeWidth={REACH_PX}
      strokeLinecap="round"
      data-fabric-line={id}
      data-mark={id}
      style={{ cursor: 'grab', touchAction: 'none', pointerEvents: 'stroke' }}
    >
      <title>{LINE_NAMES[id]}</title>
    </polyline>
  );
}, isSame);

/** Lines that stay where they are hold still while another one is dragged. */
function isSame(one: LineOnFabricProps, other: LineOnFabricProps): boolean {
  return (
    one.id === other.id &&
    one.points === other.points &&
    one.wayPx.x === other.wayPx.x &&
    one.wayPx.y === other.wayPx.y &&
    one.onHold === other.onHold
  );
}
