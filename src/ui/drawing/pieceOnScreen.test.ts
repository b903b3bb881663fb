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
    footY: fc.constantFrom(0, 200),
  })
  .map(({ x, y, turned, widthMm, heightMm, footY }): PlacedPiece => ({
    id: 'gusset',
    copies: 1,
    x,
    y,
    turned,
    // Pieces of rows stand on y = 0, others hang from it.
    drawing: { box: { x: 0, y: footY - heightMm, widthMm, heightMm }, shapes: [] },
  }));
const share = fc.double({ min: 0, max: 1, noNaN: true });

/** A point after an SVG transform of the kinds that pieces are put on the screen with. */
function transformed(transform: string, { x, y }: { x: number; y: number }): { x: number; y: number } {
  const number = String.raw`(-?[\d.e-]+)`;
  const read = new RegExp(`^translate\\(${number} ${number}\\)( rotate\\(90\\))? scale\\(${number}\\)$`).exec(
    transform,
  );
  if (!read) throw new Error(transform);
  const [right, down, scale] = [Number(read[1]), Number(read[2]), Number(read[4])];
  return read[3] ? { x: right - y * scale, y: down + x * scale } : { x: right + x * scale, y: down + y * scale };
}

test('a point of a piece is where the sheet has it, upright or on its side', () => {
  fc.assert(
    fc.property(placed, share, share, fc.double({ min: 0.2, max: 6, noNaN: true }), (piece, across, along, pxPerMm) => {
      const on = pieceOnScreen(piece, 40, 30, pxPerMm);
      const { y: topY, widthMm, heightMm } = piece.drawing.box;
      const [acrossMm, alongMm] = [across * widthMm, along * heightMm];
      // On the piece's own paper y runs down from its last row.
      const paper = { x: acrossMm, y: topY + heightMm - alongMm };
      const sheet = onSheet(piece, paper);
      const screen = pointOn(on, acrossMm, alongMm);
      expect(transformed(on.transform, paper).x).toBeCloseTo(screen.x, 6);
      expect(transformed(on.transform, paper).y).toBeCloseTo(screen.y, 6);
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
