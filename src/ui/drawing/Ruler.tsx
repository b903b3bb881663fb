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
export const Ruler = memo(function Ruler({ ticks, originPx, pxPerMm, side, edgePx, fromPx, toPx, title }: RulerProps) {
  const upright = side === 'left' || side === 'right';
  const outward = side === 'left' || side === 'top' ? -1 : 1;
  const start = Math.min(fromPx, toPx);
  const length = Math.abs(toPx - fromPx);
  const near = Math.min(edgePx, edgePx + outward * RULER_PX);
  const strokes = { originPx, pxPerMm, upright, edgePx, outward };
  return (
    <g role="img" aria-label={title}>
      <rect
        x={upright ? near : start}
        y={upright ? start : near}
        width={upright ? RULER_PX : length}
        height={upright ? length : RULER_PX}
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
        const along = originPx + tick.atMm * pxPerMm;
        const label = edgePx + outward * 20;
        return (
          <text
            key={tick.label}
            x={upright ? label : along}
            y={upright ? along : label}
            fill="#2c2208"
            textAnchor="middle"
            dominantBaseline="central"
            style={LABEL}
          >
            {tick.label}
          </text>
        );
      })}
    </g>
  );
});

const LABEL = { fontSize: 11, fontVariantNumeric: 'tabular-nums' } as const;

const isHeavy = ({ weight }: Tick): boolean => weight > 0.6;

interface Strokes {
  originPx: number;
  pxPerMm: number;
  upright: boolean;
  edgePx: number;
  outward: number;
}

/** The `d` of many ticks: one path for all, since a rule of three hundred rows would else be as many elements. */
const ticksData = (ticks: readonly Tick[], { originPx, pxPerMm, upright, edgePx, outward }: Strokes): string =>
  ticks
    .map(({ atMm, weight }) => {
      const along = tenth(originPx + atMm * pxPerMm);
      const reach = tenth(outward * 11 * weight);
      return upright ? `M${edgePx} ${along}h${reach}` : `M${along} ${edgePx}v${reach}`;
    })
    .join('');

const tenth = (px: number): number => Math.round(px * 10) / 10;
