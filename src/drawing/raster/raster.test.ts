import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { foldBag, vec, type Vec } from '@/core/fold';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { USUAL_VIEW, middleOf, seen, unseen } from '../axonometry';
import { foldedMesh } from '../foldedMesh';
import { BETWEEN_ROWS, type Solid } from '../solid';
import { fittedView } from './fittedView';
import { rasterBands, type Skins, type Surface } from './rasterBands';
import { shadows } from './shadows';
import { trianglesOf, type RasterView } from './triangles';
import { visibleAt } from './visible';

const LEVEL = { yawRad: 0, pitchRad: 0, upMm: 0 };
const MIDDLE = vec(0, 0, 0);

/** A picture of so many px either way, a millimetre so many of them. */
const square = (sidePx: number, pxPerMm: number, turned = LEVEL): RasterView => ({
  ...turned,
  middle: MIDDLE,
  pxPerMm,
  widthPx: sidePx,
  heightPx: sidePx,
});

/** A plate that faces the eye, as it is seen: from left to right, from below to above, so near; the fabric's ways are right and up. */
function plate([left, right]: [number, number], [low, high]: [number, number], near: number, worn = true): Solid {
  const corners = [
    [left, low],
    [right, low],
    [right, high],
    [left, high],
  ] as const;
  return {
    mark: 'plate',
    stuff: 'cloth',
    positions: new Float32Array(corners.flatMap(([x, y]) => [-near, y, x])),
    normals: new Float32Array(corners.flatMap(() => [-1, 0, 0])),
    rows: new Float32Array(4).fill(BETWEEN_ROWS),
    indices: new Uint32Array([0, 1, 2, 0, 2, 3]),
    fabric: worn ? { worn: 'panel', places: new Float32Array([0, 0, 1, 0, 1, 1, 0, 1]), outer: 6, inner: 0 } : null,
  };
}

const GREY: Skins = { colourOf: () => [120, 120, 120], surfaceOf: () => null };

function pixelsOf(solids: readonly Solid[], view: RasterView, skins: Skins) {
  const all: number[] = [];
  for (const band of rasterBands(solids, view, skins)) all.push(...band);
  return (x: number, y: number) => all.slice(4 * (y * view.widthPx + x), 4 * (y * view.widthPx + x) + 4);
}

it('a point that is seen at a place is the one that is there', () => {
  const mm = fc.double({ min: -400, max: 400, noNaN: true });
  const rad = fc.double({ min: -3, max: 3, noNaN: true });
  fc.assert(
    fc.property(mm, mm, mm, rad, rad, mm, (x, y, z, yawRad, pitchRad, upMm) => {
      const view = { yawRad, pitchRad, upMm };
      const back = unseen(seen(vec(x, y, z), view, vec(3, -5, 9)), view, vec(3, -5, 9));
      expect(Math.hypot(back.x - x, back.y - y, back.z - z)).toBeLessThan(1e-9 * 1000);
    }),
  );
});

describe('what is nearest', () => {
  it.each(BODY_KINDS)('of a folded bag, at every point, is what a straight look meets first: %s', (kind) => {
    const bag = foldBag(planOf(bagOf(kind)), { state: 'loaded', flap: 1 });
    const { solids, box } = foldedMesh(bag, 0.4);
    const view = fittedView(solids, USUAL_VIEW, middleOf(box), { widthPx: 120, heightPx: 90 });
    const triangles = trianglesOf(solids, view);
    const visible = visibleAt(triangles, { widthPx: 120, fromPx: 0, toPx: 90, perPx: 1 });
    let met = 0;
    for (let y = 4; y < 90; y += 7)
      for (let x = 3; x < 120; x += 5) {
        // By areas of the three triangles that a point makes with the corners, all of them looked through.
        const near = nearestBy(triangles.at, triangles.count, x + 0.5, y + 0.5);
        const found = visible.depth[y * 120 + x] as number;
        if (near === null) expect(found).toBe(-Infinity);
        else {
          met += 1;
          expect(found).toBeCloseTo(near, 3);
        }
      }
    expect(met).toBeGreaterThan(40);
  });

  it('fills the picture, up to its margin', () => {
    const bag = foldBag(planOf(bagOf('fold-over-strip')), { state: 'loaded', flap: 1 });
    const { solids, box } = foldedMesh(bag, 0);
    for (const yawRad of [-0.5, 0, 1.2]) {
      const size = { widthPx: 200, heightPx: 120 };
      const view = fittedView(solids, { yawRad, pitchRad: 0.4 }, middleOf(box), size, 0.05);
      const visible = visibleAt(trianglesOf(solids, view), { widthPx: 200, fromPx: 0, toPx: 120, perPx: 1 });
      const columns = [...visible.triangle].flatMap((at, k) => (at < 0 ? [] : [k % 200]));
      const rows = [...visible.triangle].flatMap((at, k) => (at < 0 ? [] : [Math.floor(k / 200)]));
      const [left, right] = [Math.min(...columns), Math.max(...columns)];
      const [top, bottom] = [Math.min(...rows), Math.max(...rows)];
      expect(Math.min(left, 199 - right, top, 119 - bottom)).toBeGreaterThanOrEqual(5);
      expect(Math.min(left, top)).toBeLessThanOrEqual(7);
      expect(Math.abs(left - (199 - right))).toBeLessThanOrEqual(2);
      expect(Math.abs(top - (119 - bottom))).toBeLessThanOrEqual(2);
    }
  });
});

function nearestBy(at: Float64Array, count: number, x: number, y: number): number | null {
  const area = (ax: number, ay: number, bx: number, by: number, cx: number, cy: number) =>
    Math.abs(ax * (by - cy) + bx * (cy - ay) + cx * (ay - by)) / 2;
  let best: number | null = null;
  for (let k = 0; k < count; k += 1) {
    const [ax, ay, ad, bx, by, bd, cx, cy, cd] = at.subarray(9 * k, 9 * k + 9) as unknown as number[] as [
      ...[number, number, number, number, number, number, number, number, number],
    ];
    const whole = area(ax, ay, bx, by, cx, cy);
    const [a, b, c] = [area(x, y, bx, by, cx, cy), area(ax, ay, x, y, cx, cy), area(ax, ay, bx, by, x, y)];
    if (a + b + c > whole * (1 + 1e-9) + 1e-12) continue;
    const depth = (a * ad + b * bd + c * cd) / whole;
    if (best === null || depth > best) best = depth;
  }
  return best;
}

it('how much of a pixel is covered is its share: the picture of a plate has the plate’s area', () => {
  // 7.3 by 4.1 mm at 10 px to the mm; turned by 60 degrees it is half as wide.
  for (const [yawRad, share] of [
    [0, 1],
    [Math.PI / 3, 0.5],
  ] as const) {
    const view = square(100, 10, { ...LEVEL, yawRad });
    const pixel = pixelsOf([plate([-3.65, 3.65], [-2.05, 2.05], 0)], view, GREY);
    let covered = 0;
    for (let y = 0; y < 100; y += 1) for (let x = 0; x < 100; x += 1) covered += (pixel(x, y)[3] as number) / 255;
    expect(covered / (73 * 41 * share)).toBeCloseTo(1, 1);
  }
});

describe('the fabric of a plate', () => {
  /** Four quarters: red and green below, blue and white above. */
  const quarters = (): Surface => {
    const [widthPx, heightPx] = [20, 20];
    const look = new Uint8ClampedArray(4 * widthPx * heightPx);
    for (let y = 0; y < heightPx; y += 1)
      for (let x = 0; x < widthPx; x += 1) {
        const isRight = x >= 10;
        const isAbove = y < 10;
        look.set(
          isAbove ? (isRight ? [200, 200, 200, 255] : [0, 0, 200, 255]) : isRight ? [0, 200, 0, 255] : [200, 0, 0, 255],
          4 * (y * widthPx + x),
        );
      }
    const height = new Uint8ClampedArray(widthPx * heightPx).fill(100);
    return { widthPx, heightPx, look, height, reliefMm: 1 };
  };

  it('lies as it is told: its first stitch at the left, row 1 below', () => {
    const pixel = pixelsOf([plate([-4, 4], [-4, 4], 0)], square(100, 10), { ...GREY, surfaceOf: quarters });
    const [belowLeft, belowRight] = [pixel(25, 75), pixel(75, 75)];
    const [aboveLeft, aboveRight] = [pixel(25, 25), pixel(75, 25)];
    expect([belowLeft[0], belowLeft[1], belowLeft[2]].map((value) => (value as number) > 60)).toEqual([
      true,
      false,
      false,
    ]);
    expect([belowRight[0], belowRight[1], belowRight[2]].map((value) => (value as number) > 60)).toEqual([
      false,
      true,
      false,
    ]);
    expect([aboveLeft[0], aboveLeft[1], aboveLeft[2]].map((value) => (value as number) > 60)).toEqual([
      false,
      false,
      true,
    ]);
    expect(Math.min(...aboveRight)).toBeGreaterThan(60);
  });

  it('is lighter where it leans towards the lamp, over the left shoulder, and darker where it leans away', () => {
    /** A ridge upright in the middle. */
    const ridge = (): Surface => {
      const surface = quarters();
      surface.look.fill(120);
      for (let k = 0; k < surface.height.length; k += 1)
        surface.height[k] = 255 * (1 - Math.abs((k % surface.widthPx) - 9.5) / 10);
      return { ...surface, reliefMm: 3 };
    };
    const pixel = pixelsOf([plate([-4, 4], [-4, 4], 0)], square(100, 10), { ...GREY, surfaceOf: ridge });
    expect(pixel(30, 50)[0]).toBeGreaterThan((pixel(70, 50)[0] as number) + 20);
  });
});

it('a plate before another throws its shadow away from the lamp, as far as it is before it', () => {
  // Source: geometry. The lamp is at (−0.35, 0.75, 0.56) of the eye's right, up and near: 8 mm before, a shadow falls 5 mm to the right and 10.7 mm down.
  const light = { x: -0.35, y: 0.75, depth: Math.sqrt(1 - 0.35 ** 2 - 0.75 ** 2) };
  const solids = [plate([-30, 30], [-30, 30], 0), plate([-3, 3], [-3, 3], 8)];
  for (const turned of [LEVEL, { yawRad: 0.6, pitchRad: -0.3, upMm: 4 }]) {
    // The plates lie as they are seen, however the bag is turned.
    const asSeen = solids.map((solid) => ({
      ...solid,
      positions: new Float32Array(
        [0, 1, 2, 3].flatMap((k) => {
          const [x, y, z] = solid.positions.subarray(3 * k, 3 * k + 3) as unknown as [number, number, number];
          const point: Vec = unseen({ x: z, y, depth: -x }, turned, MIDDLE);
          return [point.x, point.y, point.z];
        }),
      ),
    }));
    const lightOn = shadows(asSeen, turned, MIDDLE, light);
    const [right, down] = [(8 * 0.35) / light.depth, (8 * 0.75) / light.depth];
    expect(lightOn(right, -down, 0)).toBe(0);
    expect(lightOn(right + 5, -down, 0)).toBe(1);
    expect(lightOn(-right, down, 0)).toBe(1);
    expect(lightOn(0, 0, 8)).toBe(1);
  }
});
