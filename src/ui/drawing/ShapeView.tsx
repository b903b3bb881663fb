import { memo, type SVGProps } from 'react';
import { pathData, type Role, type Shape } from '@/drawing';

/** The drawing conventions: how each role is drawn. Written down for people in docs/look.md. */
const LOOK: Record<Role, SVGProps<SVGElement>> = {
  cloth: { fill: 'var(--cloth)', stroke: 'var(--chakra-colors-ink)', strokeWidth: 1 },
  flap: { fill: 'var(--cloth)', stroke: 'var(--chakra-colors-ink)', strokeWidth: 1.4 },
  fabric: { fill: 'none', stroke: 'var(--cloth)' },
  row: { fill: 'none', stroke: 'var(--thread)', strokeWidth: 0.7 },
  rowPublic: { fill: 'none', stroke: 'var(--thread)', strokeWidth: 1.3 },
  fold: { fill: 'none', stroke: 'var(--cloth-chalk)', strokeWidth: 1.8, strokeDasharray: '9 5' },
  tick: { fill: 'none', stroke: 'var(--chakra-colors-ink)', strokeWidth: 1.2 },
  edge: { fill: 'none', stroke: 'var(--cloth-chalk)', strokeWidth: 2.4 },
  wish: { fill: 'none', stroke: 'var(--cloth-chalk)', strokeWidth: 1.2, strokeDasharray: '2 5' },
  seam: { fill: 'none', stroke: 'var(--cloth-chalk)', strokeWidth: 4, strokeDasharray: '2 4' },
  metal: { fill: '#d9dde0', stroke: '#20282b', strokeWidth: 1.2 },
  metalBehind: { fill: 'none', stroke: '#e6eaec', strokeWidth: 2, strokeDasharray: '4 3' },
  ghost: { fill: 'none', stroke: 'var(--cloth-chalk)', strokeWidth: 1, strokeDasharray: '1 3' },
  foot: { fill: 'url(#hatch)', stroke: 'var(--cloth-chalk)', strokeWidth: 1 },
  lining: { fill: 'none', stroke: '#f1e3c0', strokeWidth: 1.2, strokeDasharray: '12 3 2 3' },
  load: { fill: 'var(--chakra-colors-brass-pale)', stroke: 'var(--chakra-colors-brass-deep)', strokeWidth: 0.8 },
  inside: { fill: 'none', stroke: 'var(--cloth-chalk)', strokeWidth: 1, strokeDasharray: '5 4' },
  thing: {
    fill: 'var(--chakra-colors-brass-pale)',
    fillOpacity: 0.9,
    stroke: 'var(--chakra-colors-ink)',
    strokeWidth: 1,
  },
  press: { fill: 'none', stroke: 'var(--chakra-colors-ink)', strokeWidth: 1.5, strokeDasharray: '9 5' },
  outline: { fill: 'none', stroke: 'var(--cloth)', strokeWidth: 2.5 },
  symbol: { fill: 'none', stroke: 'var(--chakra-colors-ink)', strokeWidth: 1.5, strokeLinecap: 'round' },
  symbolSolid: { fill: 'var(--chakra-colors-ink)', stroke: 'none' },
  rib: { fill: 'none', stroke: 'var(--thread)', strokeWidth: 3.2, strokeLinecap: 'round' },
  bump: { fill: 'var(--thread)', stroke: 'var(--chakra-colors-ink)', strokeWidth: 0.5 },
};

const LIT: SVGProps<SVGElement> = { stroke: 'var(--chakra-colors-brass)', strokeWidth: 4 };

/** One shape in mm, inside a group that is scaled to the screen; lines keep their weight whatever the scale. */
export const ShapeView = memo(function ShapeView({ shape, lit = false }: { shape: Shape; lit?: boolean }) {
  const thick = shape.kind === 'path' && shape.strokeMm !== undefined;
  const look = { ...LOOK[shape.role], ...(lit && !thick ? LIT : {}) };
  const common = {
    ...look,
    ...(thick ? { strokeWidth: shape.strokeMm } : { vectorEffect: 'non-scaling-stroke' }),
    'data-role': shape.role,
    'data-mark': shape.mark,
    'data-lit': lit || undefined,
  };
  switch (shape.kind) {
    case 'rect':
      return (
        <rect
          {...(common as SVGProps<SVGRectElement>)}
          x={shape.x}
          y={shape.y}
          width={shape.widthMm}
          height={shape.heightMm}
        />
      );
    case 'lines':
      return <path {...(common as SVGProps<SVGPathElement>)} d={linesData(shape)} />;
    case 'circle':
      return <circle {...(common as SVGProps<SVGCircleElement>)} cx={shape.x} cy={shape.y} r={shape.radiusMm} />;
    case 'dots':
      return <path {...(common as SVGProps<SVGPathElement>)} d={dotsData(shape)} />;
    case 'path':
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
          <path {...(common as SVGProps<SVGPathElement>)} d={pathData(shape.segments, shape.closed)} />
        </>
      );
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
