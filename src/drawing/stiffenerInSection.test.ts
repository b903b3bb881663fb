import { describe, expect, it } from 'vitest';
import { ringBounds } from '@/core/cutting';
import { usualBoard, type Design } from '@/core/design';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { sectionDrawing } from './sectionDrawing';
import type { Shape } from './shape';

const stiffened = (
  kind: 'gusset' | 'oval-base' | 'side-bands' | 'boxed-corners',
  change: Partial<Design> = {},
): Design => {
  const bag = bagOf(kind);
  return { ...bag, stiffener: { ...usualBoard(bag), parts: 'base', thicknessMm: 2 }, ...change };
};
const pointsOf = (shape: Shape) =>
  shape.kind === 'path' ? shape.segments.map(({ x, y }): [number, number] => [x, y]) : [];

describe.each(['gusset', 'oval-base', 'side-bands', 'boxed-corners'] as const)('a stiff base in %s', (kind) => {
  const plan = planOf(stiffened(kind));
  const base = plan.stiffener?.pieces.find(({ id }) => id === 'base');

  it('lies in the section as long as it is from front to back, and as thick as it is', () => {
    const boards = sectionDrawing(plan, 'empty').shapes.filter(({ role }) => role === 'boardSheet');
    expect(boards).toHaveLength(1);
    const { widthMm, heightMm } = ringBounds(pointsOf(boards[0] as Shape));
    expect(widthMm).toBeCloseTo(base?.height.value ?? NaN, 6);
    expect(heightMm).toBeCloseTo(2, 6);
  });
});
