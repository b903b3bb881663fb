import Flatten from '@flatten-js/core';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import type { Design } from '@/core/design';
import { flapOutlinePoints, flapSize } from '@/core/flap';
import { areaMm2, flatSize, type RowsPiece } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { bagOf, withBody } from '@/core/testing/bodies';
import { anyDesignOf } from '@/core/testing/anyDesign';
import { planBag } from '@/core/plan';
import { planOf } from '@/core/testing/designs';
import {
  foldedDrawing,
  onSheet,
  pieceDrawing,
  heldLayout,
  sheetDrawing,
  sheetLayout,
  type SheetLayout,
  type Drawing,
  type Point,
} from '.';

const ROOM = { widthPx: 500, heightPx: 620, gapPx: 70 };

/** The outline of a piece as it is drawn, as a polygon of the geometry library. */
function polygonOf({ shapes }: Drawing): Flatten.Polygon {
  const [cloth] = shapes.filter(({ role }) => role === 'cloth');
  if (cloth?.kind === 'rect') {
    const { x, y, widthMm, heightMm } = cloth;
    return new Flatten.Polygon([
      [x, y],
      [x + widthMm, y],
      [x + widthMm, y + heightMm],
      [x, y + heightMm],
    ] as never);
  }
  if (cloth?.kind !== 'path') throw new Error('no cloth');
  const points: Point[] = [];
  let at: Point = { x: 0, y: 0 };
  for (const segment of cloth.segments) {
    if (segment.to === 'arc') {
      // Every arc that is drawn is a quarter of a circle: its points by turning about its middle.
      const middle = arcMiddle(at, segment, segment.radiusMm);
      const from = Math.atan2(at.y - middle.y, at.x - middle.x);
      for (let step = 1; step <= 64; step += 1) {
        const angle = from + ((segment.sweep ? 1 : -1) * (Math.PI / 2) * step) / 64;
        points.push({
          x: middle.x + segment.radiusMm * Math.cos(angle),
          y: middle.y + segment.radiusMm * Math.sin(angle),
        });
      }
    } else points.push({ x: segment.x, y: segment.y });
    at = { x: segment.x, y: segment.y };
  }
  const distinct = points.filter(
    ({ x, y }, index) =>
      Math.hypot(x - (points[index - 1]?.x ?? Infinity), y - (points[index - 1]?.y ?? Infinity)) > 1e-7,
  );
  return new Flatten.Polygon(distinct.map(({ x, y }) => [x, y]) as never);
}

/** The middle of a quarter circle that turns clockwise on paper from one point to another. */
function arcMiddle(from: Point, to: Point, radiusMm: number): Point {
  const half = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  const chord = { x: to.x - from.x, y: to.y - from.y };
  const long = Math.hypot(chord.x, chord.y);
  const reach = Math.sqrt(Math.max(0, radiusMm ** 2 - (long / 2) ** 2));
  return { x: half.x - (reach * chord.y) / long, y: half.y + (reach * chord.x) / long };
}

const drawingOf = (design: Design, plan: Plan, id: string) =>
  pieceDrawing(design, plan, plan.pieces.find((piece) => piece.id === id) as Plan['pieces'][0]);

describe('the area of what is drawn, by a geometry library', () => {
  it('is that of the stitches, but for the slopes of shaped rows', () => {
    for (const kind of BODY_KINDS) {
      const design: Design = {
        ...bagOf(kind),
        flap: { kind: 'rounded-corners', dropMm: 80, widthMm: null, hemMm: null, radiusMm: 30 },
      };
      const plan = planOf(design);
      for (const piece of plan.pieces) {
        if (piece.kind !== 'rows') continue;
        const area = Math.abs(polygonOf(pieceDrawing(design, plan, piece)).area());
        const cell = piece.stitchMm * piece.rowMm;
        // A sloped row is drawn from one width to the other, so it differs by half of what it changes by.
        const slopes = piece.rows.reduce(
          (sum, { by, changeEachSide }) =>
            sum - (by === 'increasing' || by === 'decreasing' ? changeEachSide * cell : 0),
          0,
        );
        const oneFace = piece.rows.reduce((sum, { stitches }) => sum + stitches * cell, 0);
        expect(area, `${kind} ${piece.id}`).toBeCloseTo(oneFace + slopes, 4);
      }
    }
  });

  it('of a disc, half a disc and an oval is that of the circle, and near that of their stitches', () => {
    const half: Design = {
      ...bagOf('gusset'),
      flap: { kind: 'half-disc', dropMm: 60, widthMm: null, hemMm: null, increases: 'as-needed' },
    };
    const asNeeded = { increases: 'as-needed' };
    for (const [design, id] of [
      [withBody(bagOf('round-purse'), asNeeded), 'disc'],
      [half, 'half-disc'],
      [withBody(bagOf('oval-base'), asNeeded), 'base'],
    ] as const) {
      const plan = planOf(design);
      const piece = plan.pieces.find((one) => one.id === id) as Exclude<Plan['pieces'][0], RowsPiece>;
      const area = Math.abs(polygonOf(drawingOf(design, plan, id)).area());
      const r = piece.counts.length * piece.rowMm;
      const straight = piece.kind === 'oval' ? piece.straightStitches * piece.stitchMm : 0;
      const exact = (piece.kind === 'half-disc' ? Math.PI / 2 : Math.PI) * r ** 2 + 2 * r * straight;
      expect(area / exact).toBeCloseTo(1, 3);
      // Each round is counted at its outer edge: half a round more than its middle.
      expect(Math.abs(areaMm2(piece) / exact - 1)).toBeLessThan(1.5 / piece.counts.length);
    }
  });

  it('of the perimeter of a level piece is twice its sides', () => {
    const plan = planOf(bagOf('gusset'));
    const { widthMm, lengthMm } = flatSize(plan.pieces[2] as Plan['pieces'][0]);
    const polygon = polygonOf(drawingOf(bagOf('gusset'), plan, 'gusset'));
    const perimeter = [...polygon.edges].reduce((sum: number, edge: { length: number }) => sum + edge.length, 0);
    expect(perimeter).toBeCloseTo(2 * (widthMm + lengthMm), 6);
  });
});

describe('the outline of a shaped flap', () => {
  it('is no further from the wished one, by polygon distance, than is said', () => {
    const shapes: Design['flap'][] = [
      { kind: 'round', dropMm: 90, widthMm: null, hemMm: null },
      { kind: 'rounded-corners', dropMm: 90, widthMm: null, hemMm: null, radiusMm: 50 },
      { kind: 'tapered', dropMm: 90, widthMm: null, hemMm: null, edgeWidthMm: 90 },
    ];
    for (const flap of shapes) {
      const design: Design = { ...bagOf('fold-over-strip', { stitchMm: 4, rowMm: 4.4 }), flap };
      const plan = planOf(design);
      const wished = new Flatten.Polygon(
        flapOutlinePoints(flap, flapSize(plan.pouch, plan.flap), 4000).map(({ x, y }) => [x, y]) as never,
      );
      const said = plan.flap.figures.outlineOff.value * plan.pouch.stitchMm;
      plan.flap.rows.forEach(({ stitches }, index) => {
        const end = new Flatten.Point((stitches / 2) * plan.pouch.stitchMm, (index + 0.5) * plan.pouch.rowMm);
        const [distance] = wished.distanceTo(end);
        expect(distance).toBeLessThanOrEqual(said + 0.05);
      });
    }
  });
});

describe('the sheet', () => {
  it.each(BODY_KINDS)('%s: pieces lie within it and never on each other', (kind) => {
    fc.assert(
      fc.property(anyDesignOf(kind), fc.integer({ min: 250, max: 900 }), (design, widthPx) => {
        const result = planBag(design);
        fc.pre(result.ok);
        const { plan } = result as { ok: true; plan: Plan };
        fc.pre(plan.pieces.every((piece) => (piece.kind === 'rows' ? piece.rows.length : piece.counts.length) < 400));
        const sheet = sheetDrawing(design, plan, sheetLayout(plan.pieces, { ...ROOM, widthPx }));
        const boxes = sheet.pieces.map((placed) => {
          const { x, y, widthMm, heightMm } = placed.drawing.box;
          const [a, b] = [onSheet(placed, { x, y }), onSheet(placed, { x: x + widthMm, y: y + heightMm })];
          return { x0: Math.min(a.x, b.x), y0: Math.min(a.y, b.y), x1: Math.max(a.x, b.x), y1: Math.max(a.y, b.y) };
        });
        const dust = 1e-6 * (1 + sheet.box.widthMm + sheet.box.heightMm);
        boxes.forEach((box, index) => {
          expect(Math.min(box.x0, box.y0)).toBeGreaterThanOrEqual(-dust);
          expect(box.x1).toBeLessThanOrEqual(sheet.box.widthMm + dust);
          expect(box.y1).toBeLessThanOrEqual(sheet.box.heightMm + dust);
          for (const other of boxes.slice(index + 1))
            expect(
              box.x1 <= other.x0 + dust ||
                other.x1 <= box.x0 + dust ||
                box.y1 <= other.y0 + dust ||
                other.y1 <= box.y0 + dust,
            ).toBe(true);
        });
      }),
      { numRuns: 25 },
    );
  });

  it.each(BODY_KINDS)('%s: held, a change keeps every piece on its foot and in its middle', (kind) => {
    const before = planOf(bagOf(kind));
    const grown = bagOf(kind);
    const after = planOf({
      ...grown,
      body: { ...grown.body, widthMm: grown.body.widthMm + 24, heightMm: grown.body.heightMm + 35 },
    });
    const laid = sheetLayout(before.pieces, ROOM);
    const held = heldLayout(laid, after.pieces);
    expect(held.box).toEqual(laid.box);
    expect(heldLayout(laid, before.pieces)).toEqual(laid);
    expect(held.sizes).not.toEqual(laid.sizes);
    /** Where row 1 begins: the middle of a piece's foot; of one on its side, of its left end. */
    const foot = ({ places, sizes }: SheetLayout, index: number) => {
      const { x, y, turned } = places[index] as SheetLayout['places'][number];
      const { widthMm, lengthMm } = sizes[index] as SheetLayout['sizes'][number];
      return turned ? { x, y: y + widthMm / 2 } : { x: x + widthMm / 2, y: y + lengthMm };
    };
    laid.places.forEach((_, index) => {
      expect(foot(held, index).x).toBeCloseTo(foot(laid, index).x, 9);
      expect(foot(held, index).y).toBeCloseTo(foot(laid, index).y, 9);
    });
  });

  it('draws fewer lines where rows are too fine to be told apart, each after a row that is counted in easily', () => {
    const design = bagOf('gusset');
    const plan = planOf(design);
    const back = plan.pieces.find(({ id }) => id === 'back');
    if (back?.kind !== 'rows') throw new Error('no back');
    const heights = (finestMm: number) => {
      const { shapes } = pieceDrawing(design, plan, back, finestMm);
      return shapes
        .flatMap((shape) => {
          if (shape.layer !== 'rows') return [];
          if (shape.kind === 'lines')
            return Array.from({ length: shape.count }, (_, at) => shape.y + at * shape.stepMm);
          return shape.kind === 'path' ? shape.segments.map(({ y }) => y) : [];
        })
        .map((y) => Math.round(-y / back.rowMm));
    };
    const all = new Set(heights(0));
    expect(all.size).toBe(back.rows.length - 1);
    const few = new Set(heights(4.5 * back.rowMm));
    expect(few).toEqual(new Set([...all].filter((row) => row % 5 === 0)));
  });

  it('drawn piece by piece, has every piece and every letter that it has as a whole', () => {
    const design = bagOf('gusset');
    const plan = planOf(design);
    const layout = sheetLayout(plan.pieces, ROOM);
    const whole = sheetDrawing(design, plan, layout);
    const parts = [
      sheetDrawing(design, plan, layout, 0, (id) => id === 'back'),
      sheetDrawing(design, plan, layout, 0, (id) => id !== 'back'),
    ];
    const sorted = (list: readonly unknown[]) => list.map((one) => JSON.stringify(one)).sort();
    expect(sorted(parts.flatMap(({ pieces }) => pieces))).toEqual(sorted(whole.pieces));
    expect(sorted(parts.flatMap(({ marks }) => marks))).toEqual(sorted(whole.marks));
    expect(parts[0]?.marks.length).toBeGreaterThan(0);
  });

  it('marks both edges of every join with the same letter, on the edge of the piece', () => {
    for (const kind of ['gusset', 'round-purse', 'oval-base'] as const) {
      const design = bagOf(kind);
      const plan = planOf(design);
      const sheet = sheetDrawing(design, plan, sheetLayout(plan.pieces, ROOM));
      for (const join of plan.joins) {
        const letters = sheet.marks.filter((mark) => mark.join === join.id);
        expect(letters.length).toBeGreaterThanOrEqual(2);
        expect(new Set(letters.map(({ letter }) => letter)).size).toBe(1);
      }
    }
  });
});

describe('the folded bag', () => {
  it('shows every scallop of its flap, none below the flap’s edge', () => {
    const design: Design = {
      ...bagOf('around-chain'),
      flap: { kind: 'scalloped', dropMm: 80, widthMm: null, hemMm: null, scallops: 5, depthMm: 20 },
    };
    const plan = planOf(design);
    const [flap] = foldedDrawing(plan).shapes.filter(({ role }) => role === 'flap');
    if (flap?.kind !== 'path') throw new Error('no flap');
    const lowest = Math.max(...flap.segments.map(({ y }) => y));
    expect(lowest).toBeCloseTo(plan.flap.dropMm.loaded, 6);
    // Each scallop reaches down to the edge once, on a run of points of its own.
    const down = flap.segments.map(({ y }) => Math.abs(y - lowest) < 1e-6);
    expect(down.filter((is, index) => is && !down[index - 1])).toHaveLength(5);
  });
});
