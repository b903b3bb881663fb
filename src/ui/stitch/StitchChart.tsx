'use client';

import { Box } from '@chakra-ui/react';
import { useMemo } from 'react';
import type { StitchPattern, TurningChainSchool } from '@/core/stitches';
import { chartDrawing, type ChartWay } from '@/drawing';
import { ShapeView } from '@/ui/drawing/ShapeView';
import { useSize } from '@/ui/drawing/useSize';

/** The chart's own margin for row numbers, mm of the chart. */
const MARGIN_MM = 19;
/** From the edge to the row's number: the turning chain stands between them, mm. */
const TURN_MM = 10;
/** No symbol is drawn larger than this, px a stitch. */
const MOST_PX_A_STITCH = 44;
const MM_A_STITCH = 10;

interface StitchChartProps {
  pattern: StitchPattern;
  hand: 'left' | 'right';
  school: TurningChainSchool;
  heightPx: number;
  /** How many repeats across. */
  repeats: number;
  /** In rows, or how rounds follow one another. */
  way: ChartWay;
  label: string;
}

/** The symbol chart on squared paper: rows upwards, each numbered on the side it is read from. */
export function StitchChart({ pattern, hand, school, heightPx, repeats, way, label }: StitchChartProps) {
  const [ref, size] = useSize<HTMLDivElement>({ width: 520, height: heightPx });
  const drawing = useMemo(
    () => chartDrawing(pattern, repeats, hand, school, way),
    [pattern, repeats, hand, school, way],
  );
  const { widthMm, heightMm } = drawing.box;
  const scale = Math.min(
    size.width / (widthMm + 2 * MARGIN_MM),
    heightPx / (heightMm + MARGIN_MM),
    MOST_PX_A_STITCH / MM_A_STITCH,
  );
  const left = (size.width - widthMm * scale) / 2;
  const top = (heightPx - heightMm * scale) / 2;
  const { fromX, toX, y, stitches } = drawing.repeat;
  const text = { fontSize: 3.8, fontFamily: 'var(--chakra-fonts-heading)' } as const;
  return (
    <Box ref={ref} width="full" bg="paper" border="1px solid" borderColor="paperEdge">
      <svg
        width={size.width}
        height={heightPx}
        role="img"
        aria-label={label}
        data-testid="chart"
        style={{ display: 'block' }}
      >
        <g transform={`translate(${left} ${top}) scale(${scale})`}>
          <rect
            x={fromX}
            y={0}
            width={toX - fromX}
            height={y - 3}
            fill="var(--chakra-colors-brass-pale)"
            fillOpacity="0.55"
          />
          {drawing.shapes.map((shape, index) => (
            <ShapeView key={index} shape={shape} />
          ))}
          {drawing.rows.map(({ row, isLast, at, side }) => (
            <text
              key={row}
              x={at.x + (side === 'right' ? TURN_MM : -TURN_MM)}
              y={at.y}
              textAnchor={side === 'right' ? 'start' : 'end'}
              dominantBaseline="central"
              fill="var(--chakra-colors-ink)"
              style={text}
            >
              {side === 'right' ? `← ${isLast ? 'last' : row}` : `${isLast ? 'last' : row} →`}
            </text>
          ))}
          <text x={(fromX + toX) / 2} y={y + 2} textAnchor="middle" fill="var(--chakra-colors-ink)" style={text}>
            {stitches} {stitches === 1 ? 'st' : 'sts'}
          </text>
        </g>
      </svg>
    </Box>
  );
}
