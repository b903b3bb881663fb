import { describe, expect, it } from 'vitest';
import { CARRYINGS } from '@/core/design';
import { figureDrawing, type WornBag } from '.';
import { expectWithin } from './testing/points';

const WORN: WornBag = {
  heightMm: 1700,
  hipMm: 1000,
  over: 'on-the-shoulder',
  bagWidthMm: 240,
  bagHeightMm: 200,
  feetMm: 240,
  supportMm: 110,
  emptyMm: 1050,
  fullMm: 1010,
};

describe('a bag on a figure', () => {
  it.each(CARRYINGS)('is drawn to scale where it hangs, empty behind full, within the picture: %s', (over) => {
    const drawing = figureDrawing({ ...WORN, over });
    expectWithin(drawing);
    const bags = drawing.shapes.filter((shape) => shape.kind === 'rect');
    // The floor is at the bottom: the mouth is as far above it as was said.
    expect(bags.map(({ role, y }) => [role, 1700 - y])).toEqual([
      ['ghost', 1050],
      ['cloth', 1010],
    ]);
    expect(bags.map(({ widthMm, heightMm }) => [widthMm, heightMm])).toEqual([
      [240, 200],
      [240, 200],
    ]);
  });

  it('is not drawn where its strap does not go round the figure', () => {
    const drawing = figureDrawing({ ...WORN, emptyMm: null, fullMm: null });
    expect(drawing.shapes.some(({ mark }) => mark === 'figure.bag')).toBe(false);
  });
});
