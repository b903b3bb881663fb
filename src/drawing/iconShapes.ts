import { polyline, type Point, type Role, type Shape } from './shape';

/** Pictures to choose a fitting by are so large, mm, and their middle is here. */
export const ICON_MM = { wide: 34, high: 26, middle: 17 } as const;

export const p = (x: number, y: number): Point => ({ x, y });

/** A closed piece of cloth, or of crochet. */
export const cloth = (points: readonly Point[], role: Role = 'cloth'): Shape => ({
  kind: 'path',
  role,
  layer: 'cloth',
  closed: true,
  segments: polyline(points),
});

/** The piece of a front that something is shown on: all of the picture. */
export const front = (): Shape =>
  cloth([p(0, 0), p(ICON_MM.wide, 0), p(ICON_MM.wide, ICON_MM.high), p(0, ICON_MM.high)]);

export const disc = (x: number, y: number, radiusMm: number, role: Role = 'metal'): Shape => ({
  kind: 'circle',
  role,
  layer: 'hardware',
  x,
  y,
  radiusMm,
});

export const rect = (x: number, y: number, widthMm: number, heightMm: number, role: Role = 'metal'): Shape => ({
  kind: 'rect',
  role,
  layer: 'hardware',
  x,
  y,
  widthMm,
  heightMm,
});
