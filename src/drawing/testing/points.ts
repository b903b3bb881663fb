import { expect } from 'vitest';
import type { Drawing, Point, Shape } from '@/drawing';

/** The points that a shape is drawn through, or the corners of its box. */
export const pointsOf = (shape: Shape): Point[] => {
  switch (shape.kind) {
    case 'path':
      return shape.segments.map(({ x, y }) => ({ x, y }));
    case 'lines':
      return [
        { x: shape.x, y: shape.y },
        { x: shape.x + shape.lengthMm, y: shape.y + (shape.count - 1) * shape.stepMm },
      ];
    case 'rect':
      return [
        { x: shape.x, y: shape.y },
        { x: shape.x + shape.widthMm, y: shape.y + shape.heightMm },
      ];
    case 'circle':
      return [
        { x: shape.x - shape.radiusMm, y: shape.y - shape.radiusMm },
        { x: shape.x + shape.radiusMm, y: shape.y + shape.radiusMm },
      ];
    case 'dots':
      return shape.at;
  }
};

/** Expects all of a drawing to lie in its box. */
export function expectWithin({ box, shapes }: Drawing): void {
  for (const { x, y } of shapes.flatMap(pointsOf)) {
    expect(x).toBeGreaterThanOrEqual(box.x - 1e-9);
    expect(x).toBeLessThanOrEqual(box.x + box.widthMm + 1e-9);
    expect(y).toBeGreaterThanOrEqual(box.y - 1e-9);
    expect(y).toBeLessThanOrEqual(box.y + box.heightMm + 1e-9);
  }
}
