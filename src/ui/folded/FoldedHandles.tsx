'use client';

import { useDrag } from '@use-gesture/react';
import type { KeyboardEvent } from 'react';
import { panelLines, type PanelLineId } from '@/core/body';
import { lineStation, sectionOf, stations, plus, turnedTail, vec, type Vec } from '@/core/fold';
import type { Plan } from '@/core/plan';
import { sectionPointAt } from '@/core/section';
import { seen, type Folded, type View } from '@/drawing';
import { arrowSteps } from '@/ui/drawing/arrowSteps';
import { LineOnFabric } from '@/ui/drawing/LineOnFabric';
import { MarkOnFabric } from '@/ui/drawing/MarkOnFabric';

interface FoldedHandlesProps {
  plan: Plan;
  folded: Folded;
  view: View;
  pxPerMm: number;
  size: { width: number; height: number };
  /** How far the flap is open: 1 closed, −1 thrown back. Not there where the flap is left away. */
  flap: number | null;
  onFlap: (flap: number) => void;
  /** Told when the flap, or a line, is taken hold of and let go. */
  onFlapHold: (isHeld: boolean) => void;
  onHold: (isHeld: boolean) => void;
}

/** A line is taken hold of where it faces the eye. */
const FACING = -0.2;

const KEY_STEP = 0.05;
/** How far the flap may go at one step of the pointer: it does not jump through itself. */
const NEAR = 0.4;
const TRIES = 48;

/** What can be taken hold of on the folded bag: its folds and edges, and the flap by its edge. */
export function FoldedHandles(props: FoldedHandlesProps) {
  const { plan, folded, view, pxPerMm, size, flap, onFlap, onFlapHold, onHold } = props;
  const { mesh, middle } = folded;
  const onScreen = (point: Vec) => {
    const { x, y } = seen(point, view, middle);
    return { x: size.width / 2 + x * pxPerMm, y: size.height / 2 - y * pxPerMm };
  };
  const movable = new Set<string>(panelLines(plan).map(({ id }) => id));
  return (
    <svg
      width={size.width}
      height={size.height}
      style={{ position: 'absolute', inset: 0, pointerEvents: 'none', overflow: 'visible' }}
    >
      {mesh.lines
        .filter(({ mark }) => movable.has(mark))
        .map(({ mark, points, outward }, index) => {
          const id = mark as PanelLineId;
          const facing = seen(plus(middle, outward), view, middle).depth;
          const wayPx = wayOf(plan, folded, id, onScreen);
          if (facing < FACING || !wayPx) return null;
          return (
            <LineOnFabric
              key={`${id} ${index}`}
              id={id}
              points={points
                .map(onScreen)
                .map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`)
                .join(' ')}
              wayPx={wayPx}
              onHold={onHold}
            />
          );
        })}
      {folded.bag.marks.map(({ mark, point, outward, side, wayAlong }, index) => {
        const facing = seen(plus(middle, outward, side), view, middle).depth;
        // What lies on the flap's inner face is taken hold of through the flap.
        if (mark.face === 'outer' && facing < FACING) return null;
        const at = onScreen(point);
        const beyond = onScreen(plus(point, wayAlong));
        return (
          <MarkOnFabric
            key={`${mark.mark} ${index}`}
            mark={mark}
            at={at}
            radiusPx={(mark.form.kind === 'disc' ? mark.form.radiusMm : 0) * pxPerMm}
            wayPx={{ x: beyond.x - at.x, y: beyond.y - at.y }}
            onHold={onHold}
          />
        );
      })}
      {flap !== null && plan.flap.hasFlap && (
        <FlapGrip
          plan={plan}
          state={folded.bag.state}
          flap={flap}
          onFlap={onFlap}
          onHold={onFlapHold}
          onScreen={onScreen}
        />
      )}
    </svg>
  );
}

/** How far a millimetre further along the fabric lies on the screen, at the middle of a line. */
function wayOf(
  plan: Plan,
  { bag }: Folded,
  id: PanelLineId,
  onScreen: (point: Vec) => { x: number; y: number },
): { x: number; y: number } | null {
  const station = lineStation(plan, id);
  const line = bag.lines.find(({ mark }) => mark === id);
  if (!station || !line) return null;
  const { sheet, alongMm } = line;
  const step = 1;
  const [before, after] = [sheet.at(0, alongMm - step), sheet.at(0, alongMm + step)].map(onScreen);
  if (!before || !after) return null;
  // On a face worked from its base up, a sheet may be told the other way round than the strip runs.
  return { x: (after.x - before.x) / (2 * step), y: (after.y - before.y) / (2 * step) };
}

interface FlapGripProps {
  plan: Plan;
  state: Folded['bag']['state'];
  flap: number;
  onFlap: (flap: number) => void;
  onHold: (isHeld: boolean) => void;
  onScreen: (point: Vec) => { x: number; y: number };
}

/** The flap is opened and closed by its edge. */
function FlapGrip({ plan, state, flap, onFlap, onHold, onScreen }: FlapGripProps) {
  const { backEndMm } = stations(plan.pouch);
  const endMm = backEndMm + (plan.flap.bridgeRows + plan.flap.flapRows) * plan.pouch.rowMm;
  const edgeAt = (share: number) => {
    const { point } = sectionPointAt(turnedTail(sectionOf(plan, state), backEndMm, share), endMm);
    return onScreen(vec(point.x, point.y, 0));
  };
  const bindDrag = useDrag(
    ({ movement: [x, y], first, last, memo }) => {
      if (first) onHold(true);
      const from = (first ? undefined : (memo as { x: number; y: number } | undefined)) ?? edgeAt(flap);
      const hand = { x: from.x + x, y: from.y + y };
      let best = { share: flap, far: Infinity };
      for (let k = -TRIES; k <= TRIES; k += 1) {
        const share = Math.max(-1, Math.min(1, flap + (NEAR * k) / TRIES));
        const at = edgeAt(share);
        const far = Math.hypot(at.x - hand.x, at.y - hand.y);
        if (far < best.far - 0.05) best = { share, far };
      }
      onFlap(best.share);
      if (last) onHold(false);
      return from;
    },
    { pointer: { touch: true }, eventOptions: { passive: false } },
  );
  const onKeyDown = (event: KeyboardEvent) => {
    const steps = arrowSteps(event.key, 5);
    const wished = event.key === 'Home' ? 1 : event.key === 'End' ? -1 : flap - steps * KEY_STEP;
    if (wished === flap) return;
    event.preventDefault();
    onFlap(Math.max(-1, Math.min(1, wished)));
  };
  const { x, y } = edgeAt(flap);
  const openDegrees = Math.round((1 - flap) * 180);
  return (
    <g
      {...bindDrag()}
      role="slider"
      tabIndex={0}
      aria-label="Open or close the flap"
      aria-valuemin={0}
      aria-valuemax={360}
      aria-valuenow={openDegrees}
      aria-valuetext={openDegrees === 0 ? 'closed' : `open by ${openDegrees} degrees`}
      onKeyDown={onKeyDown}
      data-testid="flap-grip"
      transform={`translate(${x} ${y})`}
      style={{ pointerEvents: 'all', cursor: 'grab', touchAction: 'none' }}
    >
      <title>Open or close the flap</title>
      <circle r={16} fill="transparent" />
      <circle r={8} fill="var(--chakra-colors-paper)" stroke="var(--chakra-colors-ink)" strokeWidth={1.5} />
      <path d="M-3.5 2.2L0 -3.2L3.5 2.2" fill="none" stroke="var(--chakra-colors-ink)" strokeWidth={1.6} />
    </g>
  );
}
