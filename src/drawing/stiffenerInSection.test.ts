import { describe, expect, it } from 'vitest';
import { ringBounds } from '@/core/cutting';
import { usualBoard, usualEdging, usualLining, usualMesh, type Design } from '@/core/design';
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

  it('is not in the bag that lies flat', () => {
    if (plan.section.flat === null) return expect(sectionDrawing(plan, 'loaded').shapes.length).toBeGreaterThan(0);
    expect(sectionDrawing(plan, 'flat').shapes.filter(({ role }) => role === 'boardSheet')).toEqual([]);
  });
});

it('a mesh goes with the fabric everywhere, and the lining within it', () => {
  const bag = bagOf('fold-over-strip');
  const plan = planOf({
    ...bag,
    edgings: [{ ...usualEdging('single', 'strip'), rounds: 2 }],
    stiffener: { ...usualMesh(), thicknessMm: 1.2 },
    lining: { ...usualLining(), thicknessMm: 0.4 },
  });
  const sheets = sectionDrawing(plan, 'loaded').shapes.flatMap((shape) =>
    shape.kind === 'path' && (shape.role === 'meshSheet' || shape.role === 'liningSheet') ? [shape] : [],
  );
  expect(sheets.map(({ role, strokeMm }) => [role, strokeMm])).toEqual([
    ['meshSheet', 1.2],
    ['liningSheet', 0.4],
  ]);
  // Where the front's mouth is, the middles lie half of both thicknesses apart.
  const [mesh, lining] = sheets.map(({ segments }) => segments[0]);
  expect(Math.hypot((mesh?.x ?? 0) - (lining?.x ?? 0), (mesh?.y ?? 0) - (lining?.y ?? 0))).toBeCloseTo(0.8, 6);
});
