'use client';

import { useDrag } from '@use-gesture/react';
import { memo, useRef, type KeyboardEvent } from 'react';
import { formatLength, type LengthUnit } from '@/core/units';
import { arrowSteps } from './arrowSteps';

const GRIP_PX = 7;
const REACH_PX = 14;
/** By less than so much to the other side a pull goes one way. */
const STRAY_PX = 5;

/** What a grip looks like, px, about its middle: with room round it for a finger. */
export const GripShape = () => (
  <>
    <circle r={REACH_PX} fill="transparent" />
    <rect
      x={-GRIP_PX}
      y={-GRIP_PX}
      width={2 * GRIP_PX}
      height={2 * GRIP_PX}
      transform="rotate(45)"
      fill="var(--chakra-colors-paper)"
      stroke="var(--chakra-colors-ink)"
      strokeWidth="1.5"
    />
  </>
);

interface GripProps {
  /** What it is called, and the field that tells it from others. */
  name: string;
  field: string;
  valueMm: number;
  leastMm: number;
  mostMm: number;
  x: number;
  y: number;
  /** The way it is pulled on the screen: to the right, or upwards. */
  pulled: 'right' | 'up';
  pxPerMm: number;
  unit: LengthUnit;
  /** Pulled by so much from where it was when it was taken hold of. */
  onPull: (movedMm: number, isStart: boolean) => void;
  /** Moved by so many steps of the arrow keys. */
  onStep: (steps: number) => void;
  /** The other way on the screen, of what can be moved both ways: pulled so far, and moved by so many steps of those arrow keys. */
  across?: { onPull: (movedMm: number, isStart: boolean) => void; onStep: (steps: number) => void } | undefined;
  onEnd: () => void;
  onFocus: () => void;
}

/** A grip on an outline: pulled, or moved by the arrow keys. */
export const Grip = memo(function Grip(props: GripProps) {
  const { name, field, valueMm, leastMm, mostMm, x, y, pulled, pxPerMm, unit, onPull, onStep, onEnd, onFocus, across } =
    props;
  const slides = useRef(false);
  const bindDrag = useDrag(
    ({ first, last, movement: [rightPx, downPx] }) => {
      const [rightMm, upMm] = [rightPx / pxPerMm, -downPx / pxPerMm];
      onPull(pulled === 'right' ? rightMm : upMm, first);
      // A hand that pulls one way trembles the other way.
      const strayPx = Math.abs(pulled === 'right' ? downPx : rightPx);
      const begins = !slides.current && strayPx > STRAY_PX;
      if (first) slides.current = false;
      if (begins) slides.current = true;
      if (across && slides.current) across.onPull(pulled === 'right' ? upMm : rightMm, begins);
      if (last) onEnd();
    },
    { pointer: { touch: true }, eventOptions: { passive: false } },
  );
  const onKeyDown = (event: KeyboardEvent) => {
    const step = arrowSteps(event.key, 5);
    if (step === 0) return;
    event.preventDefault();
    const isSideways = event.key === 'ArrowLeft' || event.key === 'ArrowRight';
    if (across && isSideways !== (pulled === 'right') && !event.key.startsWith('Page')) across.onStep(step);
    else onStep(step);
  };
  return (
    <g
      {...bindDrag()}
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuemin={Math.round(leastMm)}
      aria-valuemax={Math.round(mostMm)}
      aria-valuenow={Math.round(valueMm)}
      aria-valuetext={formatLength(valueMm, unit)}
      onKeyDown={onKeyDown}
      onKeyUp={onEnd}
      onFocus={onFocus}
      data-handle={field}
      transform={`translate(${x} ${y})`}
      style={{ cursor: across ? 'move' : pulled === 'right' ? 'ew-resize' : 'ns-resize', touchAction: 'none' }}
    >
      <title>{name}</title>
      <GripShape />
    </g>
  );
});
