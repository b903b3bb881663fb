import { memo } from 'react';
import type { RulerScale, Ticks } from '@/drawing';

/** How deep a brass rule is, px. */
export const RULER_PX = 30;

interface RulerProps {
  scale: RulerScale;
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
export function Ruler({ scale, originPx, pxPerMm, side, edgePx, fromPx, toPx, title }: RulerProps) {
  const upright = side === 'left' || side === 'right';
  return (
    <g
      role="img"
      aria-label={title}
      transform={upright ? `translate(${edgePx} ${originPx})` : `translate(${originPx} ${edgePx})`}
    >
      <RulerMarks
        scale={scale}
        pxPerMm={pxPerMm}
        side={side}
        startPx={tenth(Math.min(fromPx, toPx) - originPx)}
        lengthPx={tenth(Math.abs(toPx - fromPx))}
      />
    </g>
  );
}

interface RulerMarksProps extends Pick<RulerProps, 'scale' | 'pxPerMm' | 'side'> {
  /** Where the rule begins, from its 0, and how long it is. */
  startPx: number;
  lengthPx: number;
}

/** What is on a rule, about its 0 at the cloth's edge: it holds still while the rule is moved. */
const RulerMarks = memo(function RulerMarks({ scale, pxPerMm, side, startPx, lengthPx }: RulerMarksProps) {
  const upright = side === 'left' || side === 'right';
  const outward = side === 'left' || side === 'top' ? -1 : 1;
  const near = Math.min(0, outward * RULER_PX);
  return (
    <>
      <rect
        x={upright ? near : startPx}
        y={upright ? startPx : near}
        width={upright ? RULER_PX : lengthPx}
        height={upright ? lengthPx : RULER_PX}
        fill="var(--chakra-colors-brass)"
      />
      {scale.ticks.map((ticks) => (
        <TickRow key={ticks.weight} {...ticks} pxPerMm={pxPerMm} upright={upright} outward={outward} />
      ))}
      {scale.numbers.map(({ atMm, text }) => (
        <text
          key={text}
          x={upright ? outward * 20 : atMm * pxPerMm}
          y={upright ? atMm * pxPerMm : outward * 20}
          fill={ENGRAVED}
          textAnchor="middle"
          dominantBaseline="central"
          style={LABEL}
        >
          {text}
        </text>
      ))}
    </>
  );
});

const ENGRAVED = '#2c2208';
const LABEL = { fontSize: 11, fontVariantNumeric: 'tabular-nums' } as const;

/** The longest ticks reach so far in from the cloth, px. */
const REACH_PX = 11;

interface TickRowProps extends Ticks {
  pxPerMm: number;
  upright: boolean;
  outward: number;
}

/** Many even ticks as one dashed line as wide as they are long: a rule of three hundred rows costs no more than one of three. */
function TickRow({ everyMm, count, weight, pxPerMm, upright, outward }: TickRowProps) {
  const thickPx = weight > 0.6 ? 1 : 0.6;
  const reachPx = REACH_PX * weight;
  const everyPx = everyMm * Math.abs(pxPerMm);
  // It begins half a tick before 0 and ends half a tick behind the last.
  const along = Math.sign(pxPerMm);
  const from = -along * (thickPx / 2);
  const to = along * ((count - 1) * everyPx + thickPx / 2);
  const across = (outward * reachPx) / 2;
  return (
    <path
      d={upright ? `M${across} ${from}V${to}` : `M${from} ${across}H${to}`}
      fill="none"
      stroke={ENGRAVED}
      strokeWidth={reachPx}
      strokeDasharray={`${thickPx} ${everyPx - thickPx}`}
    />
  );
}

const tenth = (px: number): number => Math.round(px * 10) / 10;
