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
  return (
    <g role="img" aria-label={title}>
      <rect
        x={upright ? near : start}
        y={upright ? start : near}
        width={upright ? RULER_PX : length}
        height={upright ? length : RULER_PX}
        fill="var(--chakra-colors-brass)"
      />
      {ticks.map((tick) => {
        const along = originPx + tick.atMm * pxPerMm;
        const reach = edgePx + outward * 11 * tick.weight;
        const label = edgePx + outward * 20;
        return (
          <g key={tick.atMm} stroke="#2c2208" strokeWidth={tick.weight > 0.6 ? 1 : 0.6}>
            {upright ? (
              <line x1={edgePx} x2={reach} y1={along} y2={along} />
            ) : (
              <line y1={edgePx} y2={reach} x1={along} x2={along} />
            )}
            {tick.label !== null && (
              <text
                x={upright ? label : along}
                y={upright ? along : label}
                fill="#2c2208"
                stroke="none"
                textAnchor="middle"
                dominantBaseline="central"
                style={{ fontSize: 11, fontVariantNumeric: 'tabular-nums' }}
              >
                {tick.label}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
});
