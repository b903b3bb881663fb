import type { Triangles } from './triangles';

/** What is seen at every point of a part of a picture: which triangle, and how near it is; −1 where there is none. */
export interface Visible {
  columns: number;
  rows: number;
  triangle: Int32Array;
  depth: Float32Array;
}

/** A part of a picture, cut into points: how many of them to a pixel each way, and which rows of pixels. */
export interface Points {
  widthPx: number;
  fromPx: number;
  toPx: number;
  perPx: number;
}

/**
 * The nearest triangle at every point of a part of a picture. Each point is looked at in its middle.
 *
 * Source: the depth buffer, with edge functions as in Pineda, A Parallel Algorithm for Polygon Rasterization, SIGGRAPH 1988.
 */
export function visibleAt({ count, at }: Triangles, { widthPx, fromPx, toPx, perPx }: Points): Visible {
  const columns = widthPx * perPx;
  const rows = (toPx - fromPx) * perPx;
  const triangle = new Int32Array(columns * rows).fill(-1);
  const depth = new Float32Array(columns * rows).fill(-Infinity);
  for (let index = 0; index < count; index += 1) {
    const k = 9 * index;
    const ax = (at[k] as number) * perPx;
    const ay = ((at[k + 1] as number) - fromPx) * perPx;
    const bx = (at[k + 3] as number) * perPx;
    const by = ((at[k + 4] as number) - fromPx) * perPx;
    const cx = (at[k + 6] as number) * perPx;
    const cy = ((at[k + 7] as number) - fromPx) * perPx;
    const top = Math.max(0, Math.ceil(Math.min(ay, by, cy) - 0.5));
    const bottom = Math.min(rows - 1, Math.floor(Math.max(ay, by, cy) - 0.5));
    if (top > bottom) continue;
    const left = Math.max(0, Math.ceil(Math.min(ax, bx, cx) - 0.5));
    const right = Math.min(columns - 1, Math.floor(Math.max(ax, bx, cx) - 0.5));
    if (left > right) continue;
    const whole = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
    const [da, db, dc] = [at[k + 2] as number, at[k + 5] as number, at[k + 8] as number];
    for (let row = top; row <= bottom; row += 1) {
      const y = row + 0.5;
      const x = left + 0.5;
      let toA = ((bx - x) * (cy - y) - (by - y) * (cx - x)) / whole;
      let toB = ((cx - x) * (ay - y) - (cy - y) * (ax - x)) / whole;
      const stepA = (by - cy) / whole;
      const stepB = (cy - ay) / whole;
      let place = row * columns + left;
      for (let column = left; column <= right; column += 1, place += 1) {
        const toC = 1 - toA - toB;
        if (toA >= -1e-9 && toB >= -1e-9 && toC >= -1e-9) {
          const near = toA * da + toB * db + toC * dc;
          if (near > (depth[place] as number)) {
            depth[place] = near;
            triangle[place] = index;
          }
        }
        toA += stepA;
        toB += stepB;
      }
    }
  }
  return { columns, rows, triangle, depth };
}
