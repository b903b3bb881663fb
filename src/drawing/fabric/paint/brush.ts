import { SHADE, mixed, type YarnLook } from './yarnLook';

/** What is painted on: a canvas of the page, or one away from it. */
export type Painting = CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D;

/** What is painted small and read back or drawn again is kept in memory: fetched from a graphics card it takes far longer than it took to paint. */
export const softContext = (canvas: OffscreenCanvas): OffscreenCanvasRenderingContext2D | null =>
  canvas.getContext('2d', { willReadFrequently: true });

/** Yarn thinner than this shows no twist, px. */
const TWIST_FROM_PX = 3.4;

/** A smooth way through points, as a list of many. */
export function smoothPath(points: readonly [number, number][]): [number, number][] {
  const path: [number, number][] = [];
  const point = (index: number) => points[Math.max(0, Math.min(points.length - 1, index))] as [number, number];
  for (let index = 0; index + 1 < points.length; index += 1) {
    const [a, b, c, d] = [point(index - 1), point(index), point(index + 1), point(index + 2)];
    for (let step = 0; step < 6; step += 1) {
      const t = step / 6;
      // Catmull and Rom's curve: it goes through every point.
      const value = (axis: 0 | 1) =>
        0.5 *
        (2 * b[axis] +
          (c[axis] - a[axis]) * t +
          (2 * a[axis] - 5 * b[axis] + 4 * c[axis] - d[axis]) * t * t +
          (3 * b[axis] - a[axis] - 3 * c[axis] + d[axis]) * t * t * t);
      path.push([value(0), value(1)]);
    }
  }
  path.push(point(points.length - 1));
  return path;
}

function stroke(
  context: Painting,
  path: readonly [number, number][],
  widthPx: number,
  style: string,
  [dx, dy]: readonly [number, number] = [0, 0],
): void {
  context.beginPath();
  path.forEach(([x, y], index) => (index === 0 ? context.moveTo(x + dx, y + dy) : context.lineTo(x + dx, y + dy)));
  context.lineWidth = widthPx;
  context.strokeStyle = style;
  context.stroke();
}

/** Yarn in the light from over the left shoulder: its shaded rim, itself, the twist of its plies, and the light along it. */
export function paintYarn(
  context: Painting,
  path: readonly [number, number][],
  yarnPx: number,
  z: number,
  { body, light }: YarnLook,
): void {
  // What lies further back is darker.
  const depth = Math.max(0, Math.min(0.5, 0.16 - 0.16 * z));
  stroke(context, path, yarnPx, mixed(body, SHADE, 0.6));
  stroke(context, path, yarnPx * 0.8, mixed(body, SHADE, depth));
  if (yarnPx >= TWIST_FROM_PX) paintTwist(context, path, yarnPx, mixed(body, SHADE, 0.34 + depth / 2));
  const lit = mixed(light, SHADE, depth);
  context.globalAlpha = 0.75;
  stroke(context, path, yarnPx * 0.26, lit, [-yarnPx * 0.1, -yarnPx * 0.12]);
  context.globalAlpha = 1;
}

/** Plies lie slantwise round the yarn, all the same way. */
function paintTwist(context: Painting, path: readonly [number, number][], yarnPx: number, style: string): void {
  context.lineWidth = Math.max(0.6, yarnPx * 0.1);
  context.strokeStyle = style;
  context.beginPath();
  let left = yarnPx * 0.3;
  for (let index = 0; index + 1 < path.length; index += 1) {
    const [x, y] = path[index] as [number, number];
    const [toX, toY] = path[index + 1] as [number, number];
    const length = Math.hypot(toX - x, toY - y);
    if (length === 0) continue;
    const [ux, uy] = [(toX - x) / length, (toY - y) / length];
    for (; left < length; left += yarnPx * 0.48) {
      const [cx, cy] = [x + ux * left, y + uy * left];
      // Across the yarn, leaning along it.
      const [ax, ay] = [0.36 * yarnPx * (-uy + 0.75 * ux), 0.36 * yarnPx * (ux + 0.75 * uy)];
      context.moveTo(cx - ax, cy - ay);
      context.lineTo(cx + ax, cy + ay);
    }
    left -= length;
  }
  context.stroke();
}

/** How far out the yarn lies, as grey: round across, and further out where it is lighter. */
export function paintHeight(context: Painting, path: readonly [number, number][], yarnPx: number, z: number): void {
  const middle = 120 + 34 * Math.max(-2.4, Math.min(2.4, z));
  for (const [share, add] of [
    [1, -30],
    [0.75, 0],
    [0.5, 22],
    [0.25, 34],
  ] as const)
    stroke(context, path, yarnPx * share, grey(middle + add));
}

export const grey = (value: number): string => {
  const shade = Math.round(Math.max(0, Math.min(255, value)));
  return `rgb(${shade} ${shade} ${shade})`;
};
