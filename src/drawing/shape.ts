/** Shapes in mm on paper: x to the right, y down. Pure data, for the screen and for every export alike. */
export interface Point {
  x: number;
  y: number;
}

export type Segment =
  | { to: 'move' | 'line'; x: number; y: number }
  /** A circular arc from where the path is to (x, y). `sweep` true turns clockwise on paper. */
  | { to: 'arc'; radiusMm: number; sweep: boolean; large: boolean; x: number; y: number };

/** What a shape stands for. The look (weight, colour, dashes) is decided from it, in one place. */
export type Role =
  | 'cloth'
  | 'row'
  | 'rowPublic'
  | 'fold'
  | 'crease'
  | 'opening'
  | 'tick'
  | 'edge'
  | 'wish'
  | 'seam'
  | 'metal'
  | 'cord'
  | 'metalBehind'
  | 'board'
  | 'boardSheet'
  | 'vinyl'
  | 'ghost'
  | 'foot'
  | 'border'
  | 'lining'
  | 'liningSheet'
  | 'meshSheet'
  | 'load'
  | 'inside'
  | 'thing'
  | 'fabric'
  | 'flap'
  | 'press'
  | 'outline'
  | 'symbol'
  | 'symbolSolid'
  | 'rib'
  | 'bump'
  | 'bolt'
  | 'clash'
  | 'clashEdge'
  | 'unworked'
  | 'unworkedRounds'
  | 'rowNow'
  | 'roundNow'
  | 'dimension'
  | 'tag';

export type Layer = 'cloth' | 'rows' | 'lining' | 'folds' | 'seams' | 'feet' | 'hardware' | 'load';

interface Base {
  role: Role;
  layer: Layer;
  /** The thing it belongs to, for the one selection that all views share. */
  mark?: string;
}

export type Shape = Base &
  (
    | { kind: 'path'; segments: Segment[]; closed: boolean; strokeMm?: number }
    /** `count` level lines of one length, the first at (x, y), each `stepMm` below the one before. */
    | { kind: 'lines'; x: number; y: number; lengthMm: number; stepMm: number; count: number }
    | { kind: 'rect'; x: number; y: number; widthMm: number; heightMm: number }
    | { kind: 'circle'; x: number; y: number; radiusMm: number }
    /** Many spots of one size, drawn as one. */
    | { kind: 'dots'; at: Point[]; radiusMm: number }
  );

/** A drawing: its shapes and the box that holds them, mm. */
export interface Drawing {
  box: { x: number; y: number; widthMm: number; heightMm: number };
  shapes: Shape[];
}

/**
 * The `d` of an SVG path, rounded to a thousandth of a millimetre.
 *
 * @example
 * pathData([{ to: 'move', x: 0, y: 1 }, { to: 'line', x: 2.00049, y: 1 }], true) // => 'M0 1L2 1Z'
 */
export function pathData(segments: readonly Segment[], closed: boolean): string {
  const parts = segments.map((segment) => {
    const end = `${short(segment.x)} ${short(segment.y)}`;
    if (segment.to !== 'arc') return `${segment.to === 'move' ? 'M' : 'L'}${end}`;
    const r = short(segment.radiusMm);
    return `A${r} ${r} 0 ${segment.large ? 1 : 0} ${segment.sweep ? 1 : 0} ${end}`;
  });
  return parts.join('') + (closed ? 'Z' : '');
}

/**
 * The points of a path that is one run of straight lines, as SVG lists them; null of any other path.
 *
 * @example
 * pointsData([{ to: 'move', x: 0, y: 1 }, { to: 'line', x: 2.00049, y: 1 }]) // => '0,1 2,1'
 */
export function pointsData(segments: readonly Segment[]): string | null {
  const isOneRun = segments.every(({ to }, index) => to === (index === 0 ? 'move' : 'line'));
  return isOneRun ? segments.map(({ x, y }) => `${short(x)},${short(y)}`).join(' ') : null;
}

const short = (mm: number): number => Math.round(mm * 1000) / 1000;

/** A straight line as a path. */
export const lineSegments = (from: Point, to: Point): Segment[] => [
  { to: 'move', ...from },
  { to: 'line', ...to },
];

/** Points joined by straight lines, as a path. */
export const polyline = (points: readonly Point[]): Segment[] =>
  points.map(({ x, y }, index) => ({ to: index === 0 ? 'move' : 'line', x, y }));
