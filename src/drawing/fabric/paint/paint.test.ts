import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PANEL_STITCH_IDS, STITCHES } from '@/core/stitches';
import { RecordedCanvas, withRecordedCanvases } from '../../testing/recordedCanvas';
import { swatchFabric, type Fabric } from '..';
import { smoothPath, type Painting } from './brush';
import { FabricPainter } from './fabricPainter';
import { paintedFace } from './paintedFace';
import { colourOf, mixed, rgbOf, yarnLook } from './yarnLook';

const SCALE = { stitchPx: 10, rowPx: 8 };
const BLUE = yarnLook({ cloth: '#2f5d73', thread: '#9fc0d0' });
const RED = yarnLook({ cloth: '#a03028', thread: '#e0a8a0' });

const fabricOfStitch = (stitch: (typeof PANEL_STITCH_IDS)[number], columns = 12, rows = 10): Fabric =>
  swatchFabric(STITCHES[stitch], columns, rows, true);

/** What is painted of a fabric, as it lies on a canvas as large as it is. */
function painted(fabric: Fabric, sight?: { top: number; bottom: number }): RecordedCanvas {
  const canvas = new RecordedCanvas(fabric.columns * SCALE.stitchPx, fabric.rows.length * SCALE.rowPx);
  const { width: right, height: bottom } = canvas;
  new FabricPainter(fabric, [BLUE, RED], SCALE).paint(canvas.getContext() as unknown as Painting, 0, bottom, {
    ...{ left: 0, right, top: 0, bottom },
    ...sight,
  });
  return canvas;
}

describe('the way of a yarn', () => {
  it('goes through every point that it is told, and on without a jump', () => {
    const px = fc.double({ min: -50, max: 50, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.tuple(px, px), { minLength: 2, maxLength: 8 }), (points) => {
        const path = smoothPath(points);
        for (const [x, y] of points)
          expect(Math.min(...path.map(([atX, atY]) => Math.hypot(atX - x, atY - y)))).toBeLessThan(1e-9);
        const steps = (way: readonly (readonly [number, number])[]) =>
          way.slice(1).map(([x, y], index) => {
            const [fromX, fromY] = way[index] ?? [NaN, NaN];
            return Math.hypot(x - fromX, y - fromY);
          });
        expect(Math.max(...steps(path))).toBeLessThanOrEqual(Math.max(...steps(points)) + 1e-9);
      }),
    );
  });
});

describe('a fabric that is painted', () => {
  it('has each kind of stitch painted once, however many rows there are', () => {
    const canvases = (rows: number) =>
      withRecordedCanvases(() => {
        painted(fabricOfStitch('sc', 12, rows));
        return RecordedCanvas.made.length;
      });
    expect(canvases(40)).toBe(canvases(10));
  });

  it.each(PANEL_STITCH_IDS)('%s: lies within its rows and columns, but for what reaches over', (stitch) => {
    const fabric = fabricOfStitch(stitch);
    const onto = withRecordedCanvases(() => painted(fabric).done.filter(({ does }) => does === 'drawImage'));
    expect(onto.length).toBeGreaterThan(0);
    for (const { numbers, drawn } of onto) {
      const [x = NaN, y = NaN] = numbers;
      expect(x).toBeGreaterThan(-6 * SCALE.stitchPx);
      expect(x + (drawn?.width ?? NaN)).toBeLessThan((fabric.columns + 6) * SCALE.stitchPx);
      expect(y + (drawn?.height ?? NaN)).toBeGreaterThan(0);
      expect(y).toBeLessThan(fabric.rows.length * SCALE.rowPx);
    }
  });

  it('shows no gap between the yarn of single crochet: shade lies under every stitch', () => {
    const fabric = fabricOfStitch('sc');
    const shades = withRecordedCanvases(() => painted(fabric).done.filter(({ does }) => does === 'fillRect'));
    const isShaded = (x: number, y: number) =>
      shades.some(
        ({ numbers: [left = NaN, top = NaN, wide = NaN, high = NaN] }) =>
          x >= left && x <= left + wide && y >= top && y <= top + high,
      );
    for (let x = 0.5; x < fabric.columns * SCALE.stitchPx; x += 3)
      for (let y = 0.5; y < fabric.rows.length * SCALE.rowPx; y += 3) expect(isShaded(x, y), `${x} ${y}`).toBe(true);
  });

  it('lets one look through mesh: less shade lies under it than under single crochet', () => {
    const shareOf = (fabric: Fabric) => {
      const shades = withRecordedCanvases(() => painted(fabric).done.filter(({ does }) => does === 'fillRect'));
      const area = shades.reduce((sum, { numbers: [, , wide = 0, high = 0] }) => sum + wide * high, 0);
      return area / (fabric.columns * SCALE.stitchPx * fabric.rows.length * SCALE.rowPx);
    };
    expect(shareOf(fabricOfStitch('cluster-mesh'))).toBeLessThan(0.85 * shareOf(fabricOfStitch('sc')));
  });

  it('is painted row by row in the yarn of the row', () => {
    const plain = fabricOfStitch('sc');
    const striped: Fabric = { ...plain, rows: plain.rows.map((row, index) => ({ ...row, yarn: index % 2 })) };
    const coloursOf = (fabric: Fabric) =>
      new Set(
        withRecordedCanvases(() =>
          painted(fabric)
            .everything()
            .filter(({ does }) => does === 'stroke')
            .map(({ colour }) => colour),
        ),
      );
    const [one, both] = [coloursOf(plain), coloursOf(striped)];
    const rim = (look: typeof BLUE) => mixed(look.body, [12, 16, 18], 0.6);
    expect([one.has(rim(BLUE)), one.has(rim(RED))]).toEqual([true, false]);
    expect([both.has(rim(BLUE)), both.has(rim(RED))]).toEqual([true, true]);
  });

  it('costs only what is in sight', () => {
    const fabric = fabricOfStitch('sc', 12, 60);
    const drawn = (sight?: { top: number; bottom: number }) =>
      withRecordedCanvases(() => painted(fabric, sight).done.filter(({ does }) => does === 'drawImage').length);
    expect(drawn({ top: 0, bottom: 40 })).toBeLessThan(drawn() / 3);
  });

  it('as a face is no larger than it may be, its stitches no wider', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 90 }), fc.integer({ min: 2, max: 90 }), (columns, rows) => {
        const fabric = fabricOfStitch('sc', columns, rows);
        const face = withRecordedCanvases(() => paintedFace(fabric, [BLUE], { stitchPx: 16, sidePx: 300 }));
        if (!face) throw new Error('nothing painted');
        expect(face.stitchPx).toBeLessThanOrEqual(16);
        expect(Math.max(face.look.width, face.look.height)).toBeLessThanOrEqual(300);
        expect([face.height.width, face.height.height]).toEqual([face.look.width, face.look.height]);
        // As long as it is wide, as its rows and stitches are.
        const proportion = (rows * fabric.rowMm) / (columns * fabric.stitchMm);
        expect(Math.abs(face.look.height - proportion * face.look.width)).toBeLessThan(1 + proportion);
      }),
      { numRuns: 30 },
    );
  });
});

it('a colour is read, written and mixed as it is', () => {
  const byte = fc.nat(255);
  fc.assert(
    fc.property(byte, byte, byte, fc.double({ min: 0, max: 1, noNaN: true }), (red, green, blue, share) => {
      const hex = `#${[red, green, blue].map((value) => value.toString(16).padStart(2, '0')).join('')}`;
      expect(rgbOf(hex)).toEqual([red, green, blue]);
      expect(mixed([red, green, blue], [0, 0, 0], 0)).toBe(colourOf([red, green, blue]));
      expect(mixed([red, green, blue], [red, green, blue], share)).toBe(colourOf([red, green, blue]));
      expect(mixed([red, 0, 0], [0, green, 0], 1)).toBe(colourOf([0, green, 0]));
    }),
  );
});
