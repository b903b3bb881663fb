import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Design } from '@/core/design';
import type { Plan } from '@/core/plan';
import { laidStrap } from '@/core/strap';
import { fullDesign, planOf, plannableDesign } from '@/core/testing/designs';
import {
  countScale,
  foldedDrawing,
  lengthScale,
  liningDrawing,
  pieceDrawing,
  pathData,
  sectionDrawing,
  strapDrawing,
  swatchDrawing,
  type Drawing,
  type Shape,
} from '.';

/** Every point that a shape is made of; circles and rects by their corners. */
function pointsOf(shape: Shape): { x: number; y: number }[] {
  if (shape.kind === 'lines')
    return Array.from({ length: shape.count }, (_, index) => index).flatMap((index) => [
      { x: shape.x, y: shape.y + index * shape.stepMm },
      { x: shape.x + shape.lengthMm, y: shape.y + index * shape.stepMm },
    ]);
  if (shape.kind === 'path') return shape.segments;
  if (shape.kind === 'dots')
    return shape.at.flatMap(({ x, y }) => [
      { x: x - shape.radiusMm, y: y - shape.radiusMm },
      { x: x + shape.radiusMm, y: y + shape.radiusMm },
    ]);
  if (shape.kind === 'circle')
    return [
      { x: shape.x - shape.radiusMm, y: shape.y - shape.radiusMm },
      { x: shape.x + shape.radiusMm, y: shape.y + shape.radiusMm },
    ];
  return [
    { x: shape.x, y: shape.y },
    { x: shape.x + shape.widthMm, y: shape.y + shape.heightMm },
  ];
}

const marked = (drawing: Drawing, mark: string) => drawing.shapes.filter((shape) => shape.mark === mark);

describe('every drawing', () => {
  it('is finite, for any design', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const plan = planOf(design);
        const drawings = [
          panelOf(design, plan),
          foldedDrawing(plan),
          sectionDrawing(plan, 'empty'),
          sectionDrawing(plan, 'loaded'),
          swatchDrawing(design.swatch, plan.pouch.stitchMm, plan.pouch.rowMm),
          liningDrawing(plan),
          ...plan.straps.map((stage) => strapDrawing(laidStrap(stage))),
        ];
        const points = drawings.flatMap((drawing) => drawing?.shapes.flatMap(pointsOf) ?? []);
        expect(points.every(({ x, y }) => Number.isFinite(x) && Number.isFinite(y))).toBe(true);
      }),
    );
  });

  it('stays in its box', () => {
    const dust = 1e-6;
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const plan = planOf({ ...design, closures: [] });
        for (const { box, shapes } of [panelOf(design, plan), foldedDrawing(plan), sectionDrawing(plan, 'loaded')]) {
          const outside = shapes
            .flatMap(pointsOf)
            .map(({ x, y }) => ({ x: x - box.x, y: y - box.y }))
            .filter(({ x, y }) => x < -dust || y < -dust || x > box.widthMm + dust || y > box.heightMm + dust);
          expect(outside).toEqual([]);
        }
      }),
    );
  });
});

/** The one piece of a strip, or the first of several. */
function panelOf(design: Design, plan: Plan): Drawing {
  return pieceDrawing(design, plan, plan.pieces[0] as Plan['pieces'][number]);
}

describe('the panel', () => {
  const design = fullDesign();
  const plan = planOf(design);
  const drawing = panelOf(design, plan);

  it('is as large as the panel', () => {
    expect(drawing.box.widthMm).toBe(plan.pouch.figures.panelWidth.value);
    expect(drawing.box.heightMm).toBe(plan.flap.figures.panelLength.value);
  });

  it('has row 1 at the bottom: the base fold lies its length above it', () => {
    const [fold] = marked(drawing, 'fold.base');
    const y = fold?.kind === 'path' ? fold.segments[0]?.y : NaN;
    expect(-(y ?? NaN)).toBeCloseTo(plan.pouch.figures.baseFold?.value ?? NaN, 9);
  });

  it('draws a line between every two rows', () => {
    const rows = drawing.shapes.filter(({ layer }) => layer === 'rows').flatMap(pointsOf);
    const heights = [...new Set(rows.map(({ y }) => Math.round(-y / plan.pouch.rowMm)))];
    expect(heights.sort((a, b) => a - b)).toEqual(
      Array.from({ length: plan.flap.totalRows - 1 }, (_, index) => index + 1),
    );
  });

  it('is the mirror image for the other hand', () => {
    const pair = { ...design, closures: design.closures.map((snap) => ({ ...snap, layout: 'pair' as const })) };
    const centres = (hand: 'left' | 'right') =>
      marked(panelOf({ ...pair, settings: { ...pair.settings, hand } }, planOf(pair)), 'snap.half').map((shape) =>
        shape.kind === 'circle' ? shape.x : NaN,
      );
    const mirrored = centres('right').map((x) => drawing.box.widthMm - x);
    centres('left').forEach((x, index) => expect(x).toBeCloseTo(mirrored[index] as number, 9));
  });

  it('hatches four strap feet of equal size about the middle', () => {
    const feet = marked(drawing, 'strap.feet');
    expect(feet).toHaveLength(4);
    const middles = feet.map((foot) => (foot.kind === 'rect' ? foot.x + foot.widthMm / 2 : NaN));
    expect(middles.reduce((sum, x) => sum + x, 0) / 4).toBeCloseTo(drawing.box.widthMm / 2, 9);
  });
});

describe('the section', () => {
  it('draws the four parts, as thick as the fabric', () => {
    const plan = planOf(fullDesign());
    const parts = sectionDrawing(plan, 'loaded').shapes.filter(({ mark }) => mark?.startsWith('part.'));
    expect(parts.map(({ mark }) => mark)).toEqual(['part.front', 'part.back', 'part.bridge', 'part.flap']);
    for (const part of parts) expect(part.kind === 'path' && part.strokeMm).toBe(plan.pouch.layers.fabricMm);
  });

  it('is deeper by the load', () => {
    const plan = planOf(fullDesign());
    const depth = (state: 'empty' | 'loaded') => sectionDrawing(plan, state).box.widthMm;
    expect(depth('loaded') - depth('empty')).toBeCloseTo(fullDesign().contents.thicknessMm ?? NaN, 6);
  });
});

describe('rulers', () => {
  it('have a number on every inch when there is room', () => {
    expect(lengthScale(25.4 * 3, 'in', 4).numbers.map(({ text }) => text)).toEqual(['0', '1', '2', '3']);
  });

  it('have fewer numbers when they would touch', () => {
    const numbers = (pxPerMm: number) => countScale(200, 2, pxPerMm).numbers;
    expect(numbers(0.5).length).toBeLessThan(numbers(3).length);
    for (const scale of [0.3, 0.7, 1, 2, 5]) {
      const at = numbers(scale);
      expect(((at[1]?.atMm ?? 0) - (at[0]?.atMm ?? 0)) * scale).toBeGreaterThanOrEqual(24);
    }
  });

  it('have a tick for each row, longer where the numbers stand, and none past the end', () => {
    const { ticks, numbers } = countScale(47, 3, 4);
    expect(ticks[0]).toMatchObject({ everyMm: 3, count: 48 });
    const longest = ticks.at(-1);
    expect(numbers.every(({ atMm }) => Math.abs(atMm % (longest?.everyMm ?? NaN)) < 1e-9)).toBe(true);
    for (const { everyMm, count } of [...ticks, ...lengthScale(100, 'in', 2).ticks])
      expect((count - 1) * everyMm).toBeLessThanOrEqual(47 * 3);
    // 100 mm are three inches and a bit, in quarters.
    expect(lengthScale(100, 'in', 2).ticks[0]?.count).toBe(16);
  });
});

it('turns an arc into the path that SVG knows', () => {
  const d = pathData(
    [
      { to: 'move', x: 0, y: 0 },
      { to: 'arc', radiusMm: 5, sweep: true, large: false, x: 10, y: 0 },
    ],
    false,
  );
  expect(d).toBe('M0 0A5 5 0 0 1 10 0');
});
