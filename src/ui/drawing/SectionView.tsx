'use client';

import { useMemo, useState } from 'react';
import { panelLines, type PanelLineId } from '@/core/body';
import type { FabricMark } from '@/core/fittings';
import type { FoldState } from '@/core/fold';
import { sectionDrawing, type Shape } from '@/drawing';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { clothStyle } from '@/ui/theme/colours';
import { FoldedTwin } from './FoldedTwin';
import { LineOnFabric } from './LineOnFabric';
import { MarkOnFabric } from './MarkOnFabric';
import { DrawingDefs, ShapeView } from './ShapeView';
import { useSharedDrawings } from './useShared';

const STATES: { state: FoldState; label: string }[] = [
  { state: 'flat', label: 'Flat' },
  { state: 'empty', label: 'Empty' },
  { state: 'loaded', label: 'Loaded' },
];

/** The bag cut through from front to back, laid flat where it can be, empty and loaded side by side, to one scale. */
export function SectionView({ heightPx, widthPx }: { heightPx: number; widthPx: number }) {
  const cloth = useBagBehind('section', (state) => state.design.swatch.yarn.colour);
  const [isHeld, setHeld] = useState(false);
  // While one of its lines is dragged, the section follows the hand; else it follows a painted frame behind.
  const live = useBag((state) => (isHeld ? state.plan : null));
  const behind = useBagBehind('section', (state) => state.plan);
  const plan = live ?? behind;
  const selection = useBagBehind('section', (state) => state.selection);
  const store = useBagStore();
  const movable = useMemo(() => new Set<string>(panelLines(plan).map(({ id }) => id)), [plan]);
  const movableMarks = useMemo(
    () => new Map(plan.marks.flatMap((mark) => (mark.move?.way === 'along' ? [[mark.mark, mark] as const] : []))),
    [plan],
  );
  const states = useMemo(() => STATES.filter(({ state }) => plan.section[state] !== null), [plan]);
  const drawings = useSharedDrawings(
    useMemo(() => states.map(({ state }) => sectionDrawing(plan, state)), [plan, states]),
  );
  const tallest = Math.max(...drawings.map(({ box }) => box.heightMm));
  const both = drawings.reduce((sum, { box }) => sum + box.widthMm, 0);
  const labelPx = 22;
  const gapPx = 30;
  const scale = Math.min((heightPx - labelPx - 8) / tallest, (widthPx - gapPx * drawings.length) / both);

  /** The left edge of a section: those before it, and a gap after each. */
  const leftOf = (index: number) =>
    gapPx / 2 + drawings.slice(0, index).reduce((sum, { box }) => sum + box.widthMm * scale + gapPx, 0);
  return (
    <>
      <svg
        width={widthPx}
        height={heightPx}
        role="group"
        aria-label={`Section through the folded bag: ${states.map(({ label }) => label.toLowerCase()).join(', ')}`}
        data-testid="section"
        style={{ ...clothStyle(cloth), contain: 'strict' }}
        onClick={(event) => {
          const mark = (event.target as Element).getAttribute('data-mark');
          store.getState().select(mark);
        }}
      >
        <DrawingDefs />
        {drawings.map((drawing, index) => {
          const at = leftOf(index);
          const top = heightPx - labelPx - drawing.box.heightMm * scale;
          return (
            <g key={states[index]?.state}>
              <g transform={`translate(${at} ${top}) scale(${scale})`}>
                {drawing.shapes.map((shape, shapeIndex) => (
                  <ShapeView
                    key={shapeIndex}
                    shape={shape}
                    lit={shape.mark !== undefined && shape.mark === selection}
                  />
                ))}
              </g>
              {drawing.shapes.map((shape, shapeIndex) =>
                shape.role === 'tick' && shape.mark && movable.has(shape.mark) ? (
                  <TickHold key={shapeIndex} tick={shape} left={at} top={top} scale={scale} onHold={setHeld} />
                ) : (
                  <MarkHold
                    key={shapeIndex}
                    shape={shape}
                    mark={movableMarks.get(shape.mark ?? '')}
                    left={at}
                    top={top}
                    scale={scale}
                    onHold={setHeld}
                  />
                ),
              )}
              <text
                style={{ fontSize: 13 }}
                x={at + (drawing.box.widthMm * scale) / 2}
                y={heightPx - 5}
                textAnchor="middle"
                fill="var(--chakra-colors-ink)"
              >
                {states[index]?.label}
              </text>
            </g>
          );
        })}
      </svg>
      <FoldedTwin label="The section in words" states={states.map(({ state }) => state)} />
    </>
  );
}

interface TickHoldProps {
  tick: Shape;
  left: number;
  top: number;
  scale: number;
  onHold: (isHeld: boolean) => void;
}

/** A fold's tick, to be dragged along the fabric that it crosses. */
function TickHold({ tick, left, top, scale, onHold }: TickHoldProps) {
  if (tick.kind !== 'path') return null;
  const [inner, outer] = tick.segments.map(({ x, y }) => ({ x: left + x * scale, y: top + y * scale }));
  if (!inner || !outer) return null;
  const far = Math.hypot(outer.x - inner.x, outer.y - inner.y) || 1;
  // The tick points out of the bag; the fabric runs on to its left.
  const wayPx = { x: ((outer.y - inner.y) / far) * scale, y: (-(outer.x - inner.x) / far) * scale };
  return (
    <LineOnFabric
      id={tick.mark as PanelLineId}
      points={`${inner.x},${inner.y} ${outer.x},${outer.y}`}
      wayPx={wayPx}
      onHold={onHold}
    />
  );
}

/** Something put on, to be dragged along the fabric that it lies on. */
function MarkHold({
  shape,
  mark,
  left,
  top,
  scale,
  onHold,
}: Omit<TickHoldProps, 'tick'> & { shape: Shape; mark: FabricMark | undefined }) {
  if (shape.kind !== 'path' || !mark) return null;
  const [near, far, farBeyond, nearBeyond] = shape.segments.map(({ x, y }) => ({
    x: left + x * scale,
    y: top + y * scale,
  }));
  if (!near || !far || !farBeyond || !nearBeyond) return null;
  // Its corners run along the fabric, first on one side of it.
  const [alongX, alongY] = [nearBeyond.x - near.x, nearBeyond.y - near.y];
  const along = Math.hypot(alongX, alongY) || 1;
  return (
    <MarkOnFabric
      mark={mark}
      at={{ x: (near.x + farBeyond.x) / 2, y: (near.y + farBeyond.y) / 2 }}
      radiusPx={0}
      wayPx={{ x: (alongX / along) * scale, y: (alongY / along) * scale }}
      onHold={onHold}
    />
  );
}
