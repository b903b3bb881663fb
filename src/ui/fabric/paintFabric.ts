import { YARN_TO_STITCH, layersOfLook, lookBounds, type Fabric, type StrandLayer } from '@/drawing/fabric';
import { SHADE, mixed, type YarnLook } from './yarnLook';

const LAYERS: readonly StrandLayer[] = ['behind', 'middle', 'before'];

/** Yarn thinner than this shows no twist, px. */
const TWIST_FROM_PX = 3.4;

/** A stitch painted once, and where its column and the foot of its row lie on it, px. */
interface Sprite {
  canvas: HTMLCanvasElement;
  originX: number;
  originY: number;
}

/** What is painted: the yarn as it looks in the light, or how far out it lies, for light that falls otherwise. */
export type PaintedAs = 'look' | 'height';

/** How large a fabric is painted: a stitch and a row in px of the canvas. */
export interface FabricScale {
  stitchPx: number;
  rowPx: number;
}

/** Paints stitches of one fabric at one scale, each kind of stitch once for all. */
export class FabricPainter {
  private readonly sprites = new Map<string, Sprite | null>();

  constructor(
    readonly fabric: Fabric,
    readonly yarns: readonly YarnLook[],
    readonly scale: FabricScale,
    private readonly as: PaintedAs = 'look',
  ) {}

  /**
   * Paints the rows that lie on the canvas, layer by layer.
   *
   * @param left where the left edge of the first column is, px; `bottom`: where row 1 begins
   */
  paint(context: CanvasRenderingContext2D, left: number, bottom: number): void {
    const { stitchPx, rowPx } = this.scale;
    const { width, height } = context.canvas;
    const reach = 3 * rowPx;
    for (const layer of LAYERS)
      this.fabric.rows.forEach(({ yarn, stitches }, index) => {
        const y = bottom - index * rowPx;
        if (y + reach < 0 || y - rowPx - reach > height) return;
        for (const { look, column } of stitches) {
          const x = left + column * stitchPx;
          if (x + 3 * stitchPx < 0 || x - 3 * stitchPx > width) continue;
          const sprite = this.spriteOf(look, yarn, layer);
          if (sprite) context.drawImage(sprite.canvas, x - sprite.originX, y - sprite.originY);
        }
      });
  }

  private spriteOf(look: number, yarn: number, layer: StrandLayer): Sprite | null {
    const name = `${look} ${this.as === 'height' ? 0 : yarn} ${layer}`;
    const known = this.sprites.get(name);
    if (known !== undefined) return known;
    const sprite = this.spriteOfLook(look, yarn, layer);
    this.sprites.set(name, sprite);
    return sprite;
  }

  private spriteOfLook(look: number, yarn: number, layer: StrandLayer): Sprite | null {
    const strands = this.fabric.looks[look] ?? [];
    const layers = layersOfLook(strands);
    if (layers[layer].length === 0) return null;
    const { stitchPx, rowPx } = this.scale;
    const yarnPx = YARN_TO_STITCH * stitchPx;
    const { left, right, low, high } = lookBounds(strands);
    const beside = yarnPx + 2;
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.ceil((right - left) * stitchPx + 2 * beside));
    canvas.height = Math.max(1, Math.ceil((high - low) * rowPx + 2 * beside));
    const context = canvas.getContext('2d');
    if (!context) return null;
    const originX = beside - left * stitchPx;
    const originY = beside + high * rowPx;
    const at = ([x, y]: readonly [number, number, number]): [number, number] => [
      originX + x * stitchPx,
      originY - y * rowPx,
    ];
    const brush = this.yarns[yarn] ?? (this.yarns[0] as YarnLook);
    context.lineCap = 'round';
    context.lineJoin = 'round';
    for (const { points, z } of layers[layer]) {
      const path = smoothPath(points.map(at));
      if (this.as === 'height') paintHeight(context, path, yarnPx, z);
      else paintYarn(context, path, yarnPx, z, brush);
    }
    return { canvas, originX, originY };
  }
}

/** A smooth way through points, as a list of many. */
function smoothPath(points: readonly [number, number][]): [number, number][] {
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
  context: CanvasRenderingContext2D,
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
function paintYarn(
  context: CanvasRenderingContext2D,
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
function paintTwist(
  context: CanvasRenderingContext2D,
  path: readonly [number, number][],
  yarnPx: number,
  style: string,
): void {
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
function paintHeight(
  context: CanvasRenderingContext2D,
  path: readonly [number, number][],
  yarnPx: number,
  z: number,
): void {
  const middle = 120 + 34 * Math.max(-2.4, Math.min(2.4, z));
  for (const [share, add] of [
    [1, -30],
    [0.75, 0],
    [0.5, 22],
    [0.25, 34],
  ] as const)
    stroke(context, path, yarnPx * share, grey(middle + add));
}

const grey = (value: number): string => {
  const shade = Math.round(Math.max(0, Math.min(255, value)));
  return `rgb(${shade} ${shade} ${shade})`;
};
