import fc from 'fast-check';
import { expect, test } from 'vitest';
import { onSheet, type PlacedPiece } from '@/drawing';
import { pieceOnScreen, pointOn } from './pieceOnScreen';

const placed = fc
  .record({
    x: fc.double({ min: 0, max: 500, noNaN: true }),
    y: fc.double({ min: 0, max: 500, noNaN: true }),
    turned: fc.boolean(),
    widthMm: fc.double({ min: 10, max: 400, noNaN: true }),
    heightMm: fc.double({ min: 10, max: 400, noNaN: true }),
  })
  .map(({ x, y, turned, widthMm, heightMm }): PlacedPiece => ({
    id: 'gusset',
    copies: 1,
    x,
    y,
    turned,
    drawing: { box: { x: 0, y: 0, widthMm, heightMm }, shapes: [] },
  }));
const share = fc.double({ min: 0, max: 1, noNaN: true });

test('a point of a piece is where the sheet has it, upright or on its side', () => {
  fc.assert(
    fc.property(placed, share, share, fc.double({ min: 0.2, max: 6, noNaN: true }), (piece, across, along, pxPerMm) => {
      const on = pieceOnScreen(piece, 40, 30, pxPerMm);
      const { widthMm, heightMm } = piece.drawing.box;
      const [acrossMm, alongMm] = [across * widthMm, along * heightMm];
      // On the piece's own paper y runs down from its last row.
      const sheet = onSheet(piece, { x: acrossMm, y: heightMm - alongMm });
      const screen = pointOn(on, acrossMm, alongMm);
      expect(screen.x).toBeCloseTo(40 + sheet.x * pxPerMm, 6);
      expect(screen.y).toBeCloseTo(30 + sheet.y * pxPerMm, 6);
      expect(screen.x).toBeGreaterThanOrEqual(on.left - 1e-6);
      expect(screen.x).toBeLessThanOrEqual(on.right + 1e-6);
      expect(screen.y).toBeGreaterThanOrEqual(on.top - 1e-6);
      expect(screen.y).toBeLessThanOrEqual(on.bottom + 1e-6);
    }),
  );
});

test('row 1 lies at the bottom of an upright piece and at the left of one on its side', () => {
  const drawing = { box: { x: 0, y: 0, widthMm: 50, heightMm: 200 }, shapes: [] };
  const on = (turned: boolean) => pieceOnScreen({ id: 'gusset', copies: 1, x: 0, y: 0, turned, drawing }, 0, 0, 2);
  expect(pointOn(on(false), 0, 0)).toEqual({ x: 0, y: 400 });
  expect(pointOn(on(true), 0, 0)).toEqual({ x: 0, y: 0 });
  expect(pointOn(on(true), 0, 200)).toEqual({ x: 400, y: 0 });
});
