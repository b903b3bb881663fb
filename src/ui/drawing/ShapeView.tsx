import { memo } from 'react';
import { pathData, pointsData, type Shape } from '@/drawing';

/** One shape in mm, inside a group that is scaled to the screen. How it is drawn follows from its role (`theme/strokes.ts`). */
export const ShapeView = memo(function ShapeView({ shape, lit = false }: { shape: Shape; lit?: boolean }) {
  const thick = shape.kind === 'path' && shape.strokeMm !== undefined;
  const common = {
    'data-role': shape.role,
    'data-mark': shape.mark,
    'data-lit': lit || undefined,
    ...(thick ? { 'data-true': true, strokeWidth: shape.strokeMm } : {}),
  };
  switch (shape.kind) {
    case 'rect':
      return <rect {...common} x={shape.x} y={shape.y} width={shape.widthMm} height={shape.heightMm} />;
    case 'lines':
      return <path {...common} d={linesData(shape)} />;
    case 'circle':
      return <circle {...common} cx={shape.x} cy={shape.y} r={shape.radiusMm} />;
    case 'dots':
      return <path {...common} d={dotsData(shape)} />;
    case 'path': {
      // What a browser reads as points is not gone through as style, which a path is each time it changes.
      const points = thick ? null : pointsData(shape.segments);
      if (points !== null) {
        return shape.closed ? <polygon {...common} points={points} /> : <polyline {...common} points={points} />;
      }
      return (
        <>
          {thick && lit && (
            <path
              d={pathData(shape.segments, shape.closed)}
              fill="none"
              stroke="var(--chakra-colors-brass)"
              strokeWidth={(shape.strokeMm ?? 0) + 1.6}
            />
          )}
          <path {...common} d={pathData(shape.segments, shape.closed)} />
        </>
      );
    }
  }
});

/** The `d` of evenly spaced level lines. */
function linesData({ x, y, lengthMm, stepMm, count }: Extract<Shape, { kind: 'lines' }>): string {
  const right = round(lengthMm);
  return Array.from({ length: count }, (_, index) => `M${round(x)} ${round(y + index * stepMm)}h${right}`).join('');
}

/** The `d` of many round spots. */
function dotsData({ at, radiusMm }: Extract<Shape, { kind: 'dots' }>): string {
  const r = round(radiusMm);
  const half = `a${r} ${r} 0 0 1`;
  return at.map(({ x, y }) => `M${round(x - r)} ${round(y)}${half} ${2 * r} 0${half} ${-2 * r} 0`).join('');
}

const round = (mm: number): number => Math.round(mm * 100) / 100;

/** The patterns that shapes refer to. Once in every SVG that draws them. */
export const DrawingDefs = memo(function DrawingDefs() {
  return (
    <defs>
      <pattern id="hatch" width="3" height="3" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line x1="0" y1="0" x2="0" y2="3" stroke="var(--cloth-chalk)" strokeWidth="0.7" />
      </pattern>
    </defs>
  );
});
