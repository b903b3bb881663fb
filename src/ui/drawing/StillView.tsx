'use client';

import type { ReactNode } from 'react';
import { lengthScale, type Drawing } from '@/drawing';
import { useBag } from '@/ui/bag/BagProvider';
import { clothStyle } from '@/ui/theme/colours';
import { RULER_PX, Ruler } from './Ruler';
import { DrawingDefs, ShapeView } from './ShapeView';
import { useSize } from './useSize';

interface StillViewProps {
  drawing: Drawing;
  label: string;
  /** The height it may take, px. Its width is that of its place. */
  heightPx: number;
  marginPx?: number;
  /** Lays brass rules of lengths along the upper and the right edge. */
  ruled?: boolean;
  /** Whether something of it can be taken hold of. */
  held?: boolean;
  /** More to draw on top, in mm; it is told the scale. */
  children?: (pxPerMm: number) => ReactNode;
}

/** A drawing to scale, as large as its place allows. */
export function StillView({
  drawing,
  label,
  heightPx,
  marginPx = 12,
  ruled = false,
  held = false,
  children,
}: StillViewProps) {
  const [ref, size] = useSize<HTMLDivElement>({ width: 560, height: heightPx });
  const cloth = useBag((state) => state.design.swatch.yarn.colour);
  const selection = useBag((state) => state.selection);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const { x, y, widthMm, heightMm } = drawing.box;
  const edgePx = marginPx + (ruled ? RULER_PX : 0);
  const pxPerMm = Math.min((size.width - 2 * edgePx) / widthMm, (heightPx - 2 * edgePx) / heightMm);
  const left = (size.width - widthMm * pxPerMm) / 2;
  const top = (heightPx - heightMm * pxPerMm) / 2;
  return (
    <div ref={ref} style={{ width: '100%', overflow: 'hidden', ...clothStyle(cloth) }}>
      <svg
        width={size.width}
        height={heightPx}
        role={held ? 'group' : 'img'}
        aria-label={label}
        style={{ display: 'block' }}
      >
        <DrawingDefs />
        {ruled && (
          <>
            <Ruler
              scale={lengthScale(widthMm, unit, pxPerMm)}
              originPx={left}
              pxPerMm={pxPerMm}
              side="top"
              edgePx={top}
              fromPx={left}
              toPx={left + widthMm * pxPerMm}
              title={`Width, ${unit}`}
            />
            <Ruler
              scale={lengthScale(heightMm, unit, pxPerMm)}
              originPx={top + heightMm * pxPerMm}
              pxPerMm={-pxPerMm}
              side="right"
              edgePx={left + widthMm * pxPerMm}
              fromPx={top}
              toPx={top + heightMm * pxPerMm}
              title={`Length, ${unit}`}
            />
          </>
        )}
        <g transform={`translate(${left - x * pxPerMm} ${top - y * pxPerMm}) scale(${pxPerMm})`}>
          {drawing.shapes.map((shape, index) => (
            <ShapeView key={index} shape={shape} lit={shape.mark !== undefined && shape.mark === selection} />
          ))}
          {children?.(pxPerMm)}
        </g>
      </svg>
    </div>
  );
}
