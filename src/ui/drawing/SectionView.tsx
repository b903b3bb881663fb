'use client';

import { useMemo } from 'react';
import type { LoadState } from '@/core/contents';
import { sectionDrawing } from '@/drawing';
import { useBagSection, useBagStore } from '@/ui/bag/BagProvider';
import { clothStyle } from '@/ui/theme/system';
import { DrawingDefs, ShapeView } from './ShapeView';
import { useSharedDrawings } from './useShared';

const STATES: { state: LoadState; label: string }[] = [
  { state: 'empty', label: 'Empty' },
  { state: 'loaded', label: 'Loaded' },
];

/** The bag cut through from front to back, empty and loaded side by side, to one scale. */
export function SectionView({ heightPx, widthPx }: { heightPx: number; widthPx: number }) {
  const cloth = useBagSection((state) => state.design.swatch.yarn.colour);
  const plan = useBagSection((state) => state.plan);
  const selection = useBagSection((state) => state.selection);
  const store = useBagStore();
  const drawings = useSharedDrawings(useMemo(() => STATES.map(({ state }) => sectionDrawing(plan, state)), [plan]));
  const tallest = Math.max(...drawings.map(({ box }) => box.heightMm));
  const both = drawings.reduce((sum, { box }) => sum + box.widthMm, 0);
  const labelPx = 22;
  const gapPx = 30;
  const scale = Math.min((heightPx - labelPx - 8) / tallest, (widthPx - gapPx * 2) / both);

  /** The left edge of a section: those before it, and a gap after each. */
  const leftOf = (index: number) =>
    gapPx / 2 + drawings.slice(0, index).reduce((sum, { box }) => sum + box.widthMm * scale + gapPx, 0);
  return (
    <svg
      width={widthPx}
      height={heightPx}
      role="img"
      aria-label="Section through the folded bag, empty and loaded"
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
          <g key={STATES[index]?.state}>
            <g transform={`translate(${at} ${top}) scale(${scale})`}>
              {drawing.shapes.map((shape, shapeIndex) => (
                <ShapeView key={shapeIndex} shape={shape} lit={shape.mark !== undefined && shape.mark === selection} />
              ))}
            </g>
            <text
              style={{ fontSize: 13 }}
              x={at + (drawing.box.widthMm * scale) / 2}
              y={heightPx - 5}
              textAnchor="middle"
              fill="var(--chakra-colors-ink)"
            >
              {STATES[index]?.label}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
