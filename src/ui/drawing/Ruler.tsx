import { memo } from 'react';
import type { Tick } from '@/drawing';

/** How deep a brass rule is, px. */
export const RULER_PX = 30;

interface RulerProps {
  ticks: readonly Tick[];
  /** Where 0 is on the screen, and the px of one mm along the rule; negative runs up or to the left. */
  originPx: number;
  pxPerMm: number;
  /** The side of the cloth it lies on. */
  side: 'left' | 'right' | 'top' | 'bottom';
  /** The edge of the rule that touches the cloth, px. */
  edgePx: number;
  fromPx: number;
  toPx: number;
  title: string;
}

/** A brass rule let into the counter along one edge of the cloth, its ticks on the cloth's side. */
export function Ruler({ ticks, originPx, pxPerMm, side, edgePx, fromPx, toPx, title }: RulerProps) {
  const upright = side === 'left' || side === 'right';
  return (
    <g
      role="img"
      aria-label={title}
      transform={upright ? `translate(${edgePx} ${originPx})` : `translate(${originPx} ${edgePx})`}
    >
      <RulerMarks
        ticks={ticks}
        pxPerMm={pxPerMm}
        side={side}
        startPx={tenth(Math.min(fromPx, toPx) - originPx)}
        lengthPx={tenth(Math.abs(toPx - fromPx))}
      />
    </g>
  );
}

interface RulerMarksProps extends Pick<RulerProps, 'ticks' | 'pxPerMm' | 'side'> {
  /** Where the rule begins, from its 0, and how long it is. */
  startPx: number;
  lengthPx: number;
}

/** What is on a rule, about its 0 at the cloth's edge: it holds still while the rule is moved. */
const RulerMarks = memo(function RulerMarks({ ticks, pxPerMm, side, startPx, lengthPx }: RulerMarksProps) {
  const upright = side === 'left' || side === 'right';
  const outward = side === 'left' || side === 'top' ? -1 : 1;
  const near = Math.min(0, outward * RULER_PX);
  const strokes = { pxPerMm, upright, outward };
  return (
    <>
      <rect
        x={upright ? near : startPx}
        y={upright ? startPx : near}
        width={upright ? RULER_PX : lengthPx}
        height={upright ? lengthPx : RULER_PX}
        fill="var(--chakra-colors-brass)"
      />
      <path d={ticksData(ticks.filter(isHeavy), strokes)} stroke="#2c2208" strokeWidth={1} />
      <path
        d={ticksData(
          ticks.filter((tick) => !isHeavy(tick)),
          strokes,
        )}
        stroke="#2c2208"
        strokeWidth={0.6}
      />
      {ticks.map((tick) => {
        if (tick.label === null) return null;
        const along = tick.atMm * pxPerMm;
        return (
          <text
            key={tick.label}
            x={upright ? outward * 20 : along}
            y={upright ? along : outward * 20}
            fill="#2c2208"
            textAnchor="middle"
            dominantBaseline="central"
            style={LABEL}
          >
            {tick.label}
          </text>
        );
      })}
    </>
  );
});

const LABEL = { fontSize: 11, fontVariantNumeric: 'tabular-nums' } as const;

const isHeavy = ({ weight }: Tick): boolean => weight > 0.6;

interface Strokes {
  pxPerMm: number;
  upright: boolean;
  outward: number;
}

/** The `d` of many ticks: one path for all, since a rule of three hundred rows would else be as many elements. */
const ticksData = (ticks: readonly Tick[], { pxPerMm, upright, outward }: Strokes): string =>
  ticks
    .map(({ atMm, weight }) => {
      const along = tenth(atMm * pxPerMm);
      const reach = tenth(outward * 11 * weight);
      return upright ? `M0 ${along}h${reach}` : `M${along} 0v${reach}`;
    })
    .join('');

const tenth = (px: number): number => Math.round(px * 10) / 10;
