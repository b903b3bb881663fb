import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { RowsPiece } from '@/core/pieces';
import { designAt, planOf } from '@/core/testing/designs';
import { STITCHES, STITCH_IDS, workPattern, type StitchId, type StitchPattern } from '@/core/stitches';
import { chartDrawing, pieceDrawing, pathData, type Drawing, type Shape } from '.';

const CELL_MM = 10;
const inRow = (drawing: Drawing, row: number) => drawing.shapes.filter(({ mark }) => mark === `row${row}`);

describe('the symbol chart', () => {
  test('has one symbol for every stitch and chain of every row, for any pattern, width and hand', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...STITCH_IDS),
        fc.integer({ min: 1, max: 5 }),
        fc.constantFrom('left' as const, 'right' as const),
        (id, repeats, hand) => {
          const pattern: StitchPattern = STITCHES[id];
          const drawing = chartDrawing(pattern, repeats, hand);
          const count = pattern.edgeStitches + repeats * pattern.repeatStitches;
          expect(inRow(drawing, 0)).toHaveLength(count);
          for (const { row } of drawing.rows) expect(inRow(drawing, row)).toHaveLength(count);
          for (const shape of drawing.shapes)
            if (shape.kind === 'path') expect(pathData(shape.segments, false)).not.toMatch(/NaN|undefined/);
          expect(drawing.box.widthMm).toBe(count * CELL_MM);
        },
      ),
    );
  });

  test('a left-handed chart is the right-handed one seen in a mirror: its rows begin at the other side', () => {
    const sides = (hand: 'left' | 'right') => chartDrawing(STITCHES.linen, 3, hand).rows.map(({ side }) => side);
    expect(sides('right')).toEqual(['right', 'left', 'right']);
    expect(sides('left')).toEqual(['left', 'right', 'left']);
  });

  test('rounds are all read from the working hand’s side, each stitch over the one that it is worked into', () => {
    for (const [hand, side] of [
      ['right', 'right'],
      ['left', 'left'],
    ] as const) {
      const drawing = chartDrawing(STITCHES['spiral-tube'], 6, hand);
      expect(drawing.rows.map((row) => row.side)).toEqual([side, side]);
      for (const shape of [...inRow(drawing, 1), ...inRow(drawing, 2)]) {
        if (shape.kind !== 'path') throw new Error('no path');
        const xs = shape.segments.map(({ x }) => x);
        expect(Math.max(...xs) - Math.min(...xs)).toBeLessThan(CELL_MM);
      }
    }
  });

  test('joined rounds begin with their chain and end with a slip stitch, all from one side; turned ones from either', () => {
    const beside = (drawing: Drawing, mark: string) => drawing.shapes.filter((shape) => shape.mark === mark);
    const xOf = (shape: Shape | undefined) => {
      if (shape?.kind !== 'path') throw new Error('no symbol');
      return (shape.segments[0] as { x: number }).x;
    };
    const joined = chartDrawing(STITCHES.hdc, 6, 'right', 'counts', 'joined');
    expect(joined.rows.map(({ side }) => side)).toEqual(['right', 'right']);
    const turned = chartDrawing(STITCHES['bobble-field'], 3, 'right', 'does-not-count', 'turned');
    expect(turned.rows.map(({ side }) => side)).toEqual(['right', 'left', 'right', 'left']);
    // A round has whole repeats: no stitch beside them.
    expect(turned.box.widthMm).toBe(12 * CELL_MM);
    for (const drawing of [joined, turned])
      for (const { row, side } of drawing.rows) {
        const [chain] = beside(drawing, `turn${row}`);
        const [close, ...more] = beside(drawing, `close${row}`);
        expect(more).toEqual([]);
        const fromRight = side === 'right';
        expect(xOf(chain) > drawing.box.widthMm).toBe(fromRight);
        expect(xOf(close) < 0).toBe(fromRight);
      }
    const spiral = chartDrawing(STITCHES.sc, 6, 'right', 'counts', 'spiral');
    expect(spiral.shapes.filter(({ mark }) => /^(turn|close)/.test(mark ?? ''))).toEqual([]);
  });

  test('bobbles of two rounds stand between each other, as they do in rows', () => {
    const { shapes, rows } = chartDrawing(STITCHES['bobble-field'], 3, 'right', 'does-not-count', 'turned');
    const columns = rows.map(({ row }) =>
      shapes
        .filter((shape) => shape.kind === 'path' && shape.mark === `row${row}` && shape.segments.length > 8)
        .map((shape) => Math.round((shape.kind === 'path' ? (shape.segments[0] as { x: number }).x : 0) / CELL_MM)),
    );
    const [odd, first, plain, second] = columns.map((at) => [...at].sort((a, b) => a - b));
    expect([odd, plain]).toEqual([[], []]);
    expect(first).toHaveLength(3);
    expect(second?.map((at, index) => Math.abs(at - (first?.[index] ?? 0)))).toEqual([2, 2, 2]);
  });

  test('a cord is one row, and what closes double fabric stands on top', () => {
    expect(chartDrawing(STITCHES['chain-cord'], 9, 'right').rows.map(({ row, isLast }) => [row, isLast])).toEqual([
      [1, false],
    ]);
    const closed = chartDrawing(STITCHES['double-thickness'], 8, 'right');
    expect(closed.rows.map(({ isLast }) => isLast)).toEqual([false, false, true]);
    expect(inRow(closed, 3)).toHaveLength(8);
    expect(inRow(closed, 3)).not.toEqual(inRow(closed, 2));
  });

  test('a chain stands over the stitch that it leaves out', () => {
    const drawing = chartDrawing(STITCHES.linen, 2, 'right');
    const middles = (row: number) =>
      inRow(drawing, row).map((shape) => {
        if (shape.kind !== 'path') throw new Error('no path');
        const xs = shape.segments.map(({ x }) => x);
        return {
          kind: shape.segments.some(({ to }) => to === 'arc') ? 'chain' : 'sc',
          x: (Math.min(...xs) + Math.max(...xs)) / 2,
        };
      });
    // Row 1 from the right: sc, ch, sc, ch, sc.
    expect(middles(1)).toEqual(
      [
        { kind: 'sc', x: 45 },
        { kind: 'chain', x: 35 },
        { kind: 'sc', x: 25 },
        { kind: 'chain', x: 15 },
        { kind: 'sc', x: 5 },
      ].map(({ kind, x }) => ({ kind, x: expect.closeTo(x, 6) })),
    );
  });

  test('a cluster stands on as many stitches as it joins', () => {
    const pattern: StitchPattern = STITCHES['cluster-mesh'];
    const drawing = chartDrawing(pattern, 1, 'right');
    const worked = workPattern(pattern, 6, 2);
    if (!worked.ok) throw new Error('does not come out');
    const at = worked.rows[1]?.findIndex((cell) => cell.made === 'stitch' && cell.step.over === 4) as number;
    const shape = inRow(drawing, 2)[at];
    if (shape?.kind !== 'path') throw new Error('no cluster');
    const lowest = Math.max(...shape.segments.map(({ y }) => y));
    const feet = new Set(shape.segments.filter(({ y }) => y > lowest - 0.01).map(({ x }) => x));
    expect([...feet].sort((a, b) => a - b)).toEqual([15, 25, 35, 45]);
  });
});

describe('texture on the panel', () => {
  const drawn = (stitch: StitchId) => {
    const design = designAt(5, 5, 2, (d) => ({ ...d, stitch, swatch: { ...d.swatch, stitch } }));
    return {
      design,
      plan: planOf(design),
      drawing: pieceDrawing(design, planOf(design), planOf(design).pieces[0] as RowsPiece),
    };
  };

  test('a plain fabric has none', () => {
    const { drawing } = drawn('sc');
    expect(drawing.shapes.filter(({ role }) => role === 'rib' || role === 'bump')).toEqual([]);
  });

  test('bobbles lie on the rows and stitches that the pattern sets them on, as many as are worked', () => {
    const { plan, drawing } = drawn('bobble-field');
    const [bumps] = drawing.shapes.filter(({ role }) => role === 'bump');
    if (bumps?.kind !== 'dots') throw new Error('no bobbles');
    const worked = workPattern(STITCHES['bobble-field'], plan.pouch.stitchCount, plan.flap.totalRows);
    if (!worked.ok) throw new Error('does not come out');
    const bobbles = worked.rows.flat().filter((cell) => cell.made === 'stitch' && cell.step.work === 'bobble');
    expect(bumps.at).toHaveLength(bobbles.length);
    const rows = bumps.at.map(({ y }) => -y / 5 + 0.5);
    expect(new Set(rows.map((row) => Math.round(row) % 2))).toEqual(new Set([0]));
  });

  test('a drop reaches over two rows', () => {
    const { drawing } = drawn('raised-drops');
    const [ribs] = drawing.shapes.filter(({ role }) => role === 'rib');
    if (ribs?.kind !== 'path') throw new Error('no drops');
    const [from, to] = ribs.segments;
    expect(Math.abs((from?.y ?? 0) - (to?.y ?? 0))).toBeCloseTo(10, 6);
  });
});
