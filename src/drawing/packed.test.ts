import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { USUAL_POCKETS, type Design } from '@/core/design';
import { planOf } from '@/core/testing/designs';
import { holding } from '@/core/testing/holding';
import { chartDrawing, packedDrawing, sectionDrawing, thingMark, type Shape } from '.';
import { STITCHES } from '@/core/stitches';

type Rect = Extract<Shape, { kind: 'rect' }>;

const thingsOf = (shapes: readonly Shape[]) =>
  shapes.filter((shape): shape is Rect => shape.kind === 'rect' && shape.role === 'thing');

const someThings = fc.array(
  fc.tuple(fc.integer({ min: 20, max: 120 }), fc.integer({ min: 20, max: 120 }), fc.integer({ min: 2, max: 18 })),
  { minLength: 1, maxLength: 4 },
);

describe('the packed bag', () => {
  it('shows every thing at its true size, within the lengths that are given', () => {
    fc.assert(
      fc.property(someThings, (sizes) => {
        const plan = planOf(holding(sizes));
        const { shapes, across, up, box, labels } = packedDrawing(plan);
        const things = thingsOf(shapes);
        expect(things.map(({ widthMm, heightMm }) => [widthMm, heightMm]).sort()).toEqual(
          sizes.map(([w, h]) => [w, h]).sort(),
        );
        expect(labels.map(({ name }) => name).sort()).toEqual(sizes.map((_, index) => `Thing ${index}`).sort());
        if (!across || !up) throw new Error('no lengths');
        expect(across.to.x - across.from.x).toBeCloseTo(across.mm, 9);
        expect(up.from.y - up.to.y).toBeCloseTo(up.mm, 9);
        for (const one of things) {
          expect(one.x).toBeGreaterThanOrEqual(across.from.x - 1e-9);
          expect(one.x + one.widthMm).toBeLessThanOrEqual(across.to.x + 1e-9);
          expect(one.y).toBeGreaterThanOrEqual(up.to.y - 1e-9);
          expect(one.y + one.heightMm).toBeLessThanOrEqual(up.from.y + 1e-9);
          expect(one.x >= box.x && one.x + one.widthMm <= box.x + box.widthMm).toBe(true);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('draws what lies in front over what lies behind', () => {
    const plan = planOf(
      holding([
        [80, 80, 5],
        [78, 60, 9],
        [30, 60, 3],
      ]),
    );
    const behind = new Map(plan.contents.placed.map(({ index, behindMm }) => [thingMark(index), behindMm]));
    const depths = thingsOf(packedDrawing(plan).shapes).map(({ mark }) => behind.get(mark ?? '') ?? NaN);
    expect(depths).toEqual([...depths].sort((a, b) => b - a));
  });

  it('writes a name only where its thing can be seen, and as large as it can', () => {
    fc.assert(
      fc.property(someThings, (sizes) => {
        const { shapes, labels } = packedDrawing(planOf(holding(sizes)));
        const things = thingsOf(shapes);
        labels.forEach((label, index) => {
          const own = things[index] as Rect;
          expect(label.mark).toBe(own.mark);
          const room = {
            left: label.at.x - label.widthMm / 2,
            top: label.at.y - label.heightMm / 2,
            right: label.at.x + label.widthMm / 2,
            low: label.at.y + label.heightMm / 2,
          };
          expect(room.left).toBeGreaterThanOrEqual(own.x - 1e-9);
          expect(room.right).toBeLessThanOrEqual(own.x + own.widthMm + 1e-9);
          expect(room.top).toBeGreaterThanOrEqual(own.y - 1e-9);
          expect(room.low).toBeLessThanOrEqual(own.y + own.heightMm + 1e-9);
          const shared = things.slice(index + 1).map((before) => {
            const wide = Math.min(room.right, before.x + before.widthMm) - Math.max(room.left, before.x);
            const high = Math.min(room.low, before.y + before.heightMm) - Math.max(room.top, before.y);
            return Math.max(0, wide) * Math.max(0, high);
          });
          for (const mm2 of shared) expect(mm2).toBeLessThan(1e-6);
          // What nothing covers has its whole face for its name.
          const covered = things
            .slice(index + 1)
            .some(
              (before) =>
                before.x < own.x + own.widthMm &&
                before.x + before.widthMm > own.x &&
                before.y < own.y + own.heightMm &&
                before.y + before.heightMm > own.y,
            );
          if (!covered) expect([label.widthMm, label.heightMm]).toEqual([own.widthMm, own.heightMm]);
        });
      }),
      { numRuns: 60 },
    );
  });

  it('is an empty bag where nothing goes in', () => {
    const drawing = packedDrawing(planOf(holding([], 'outside')));
    expect([thingsOf(drawing.shapes), drawing.labels, drawing.across, drawing.up]).toEqual([[], [], null, null]);
  });
});

it('the section holds each thing as thick and as high as it is, between front and back', () => {
  const plan = planOf(
    holding([
      [90, 70, 12],
      [40, 50, 6],
    ]),
  );
  const things = sectionDrawing(plan, 'loaded').shapes.filter(({ role }) => role === 'thing') as Rect[];
  const sizes = things.map(({ widthMm, heightMm }) => [widthMm, heightMm].map((mm) => Math.round(mm * 1e6) / 1e6));
  expect(sizes.sort()).toEqual(
    [
      [12, 70],
      [6, 50],
    ].sort(),
  );
  expect(sectionDrawing(plan, 'empty').shapes.filter(({ role }) => role === 'thing')).toEqual([]);
});

describe('turning chains on a chart', () => {
  const chains = (school: 'counts' | 'does-not-count') => {
    const drawing = chartDrawing(STITCHES.dc, 5, 'right', school);
    return drawing.shapes.filter(({ mark }) => mark === 'row2');
  };

  it('stand in the place of the first stitch where they count, and beside it where they don’t', () => {
    const counting = chains('counts');
    const beside = chains('does-not-count');
    const xs = (shapes: Shape[]) =>
      shapes.flatMap((shape) => (shape.kind === 'path' ? shape.segments.map(({ x }) => x) : []));
    // Row 2 of a right-handed chart runs from the left: what does not count stands left of all stitches.
    expect(Math.min(...xs(counting))).toBeGreaterThanOrEqual(-1e-9);
    expect(counting).toHaveLength(5);
    expect(beside).toHaveLength(5);
    const all = chartDrawing(STITCHES.dc, 5, 'right', 'does-not-count').shapes;
    expect(Math.min(...xs(all))).toBeLessThan(0);
  });
});

describe('what lies in a pocket, from the front', () => {
  const bag = holding([
    [90, 70, 12],
    [40, 66, 6],
  ]);
  const inPocket = (change: object): Design => ({
    ...bag,
    pockets: [{ ...USUAL_POCKETS.slip, holds: 't1', fromMouthMm: 25, ...change }],
  });

  it('stands in it, as far aside as the pocket, named, and drawn over what is packed only where it is in front', () => {
    for (const on of ['front', 'back'] as const) {
      const plan = planOf(inPocket({ on, acrossMm: 15 }));
      const drawing = packedDrawing(plan);
      const things = thingsOf(drawing.shapes);
      expect(things).toHaveLength(2);
      const [one, other] = things as [Rect, Rect];
      const [own, packed] = on === 'back' ? [one, other] : [other, one];
      expect([own.widthMm, own.heightMm, packed.widthMm]).toEqual([
        expect.closeTo(40, 6) as number,
        expect.closeTo(66, 6) as number,
        90,
      ]);
      const cloth = drawing.shapes.find(({ role }) => role === 'cloth') as Rect;
      expect(own.x + own.widthMm / 2 - (cloth.x + cloth.widthMm / 2)).toBeCloseTo(15, 6);
      // Two thirds of it are in the pocket, whose edge lies 25 mm below the mouth.
      expect(own.y + own.heightMm - cloth.y).toBeCloseTo(25 + (2 / 3) * 66, 0);
      expect(drawing.labels.map(({ name }) => name)).toContain('Thing 1');
    }
  });
});
