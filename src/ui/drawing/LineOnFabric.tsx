'use client';

import { memo } from 'react';
import { moveLineEdits, panelLines, type PanelLineId } from '@/core/body';
import { lineStation } from '@/core/fold';
import { useBagStore } from '@/ui/bag/BagProvider';
import { LINE_NAMES } from './lineNames';
import { useDragOnFabric } from './useDragOnFabric';

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
  const bindDrag = useDragOnFabric({
    wayPx,
    onHold,
    mark: id,
    byMouseOnly: true,
    begin: () => panelLines(store.getState().plan).find((one) => one.id === id)?.afterRow ?? null,
    move: (fromRow, movedMm) => {
      const { plan, edit } = store.getState();
      const station = lineStation(plan, id);
      if (!station) return;
      const row = fromRow + station.rowStep * Math.round(movedMm / plan.pouch.rowMm);
      edit(`Move: ${LINE_NAMES[id]}`, moveLineEdits(plan, id, row), `move ${id}`);
    },
  });
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
      style={{ cursor: 'grab', pointerEvents: 'stroke' }}
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
