import {
  YARN_TO_STITCH,
  layersOfLook,
  lookBounds,
  type Fabric,
  type FabricRow,
  type FabricStitch,
  type RoundPlace,
  type StrandLayer,
} from '@/drawing/fabric';
import { SHADE, mixed, type YarnLook } from './yarnLook';

const LAYERS: readonly StrandLayer[] = ['behind', 'middle', 'before'];

/** Yarn thinner than this shows no twist, px. */
const TWIST_FROM_PX = 3.4;

/** A row wider than this is painted stitch by stitch, as far as it is in sight, px. */
const WIDEST_ROW_PX = 2400;

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

/** A part of a canvas, px. */
export interface Sight {
  left: number;
  top: number;
  right: number;
  bottom: number;
}

/** Paints stitches of one fabric at one scale, each kind of stitch once for all. */
export class FabricPainter {
  private readonly sprites = new Map<string, Sprite | null>();
  private readonly strips = new Map<readonly FabricStitch[], Map<string, Sprite | null>>();
  /** How many rows are alike. */
  private readonly used = new Map<readonly FabricStitch[], number>();

  constructor(
    readonly fabric: Fabric,
    readonly yarns: readonly YarnLook[],
    readonly scale: FabricScale,
    private readonly as: PaintedAs = 'look',
  ) {
    for (const { stitches } of fabric.rows) this.used.set(stitches, (this.used.get(stitches) ?? 0) + 1);
  }

  /**
   * Paints the rows that lie in sight, layer by layer.
   *
   * @param left where the left edge of the first column is, px; `bottom`: where row 1 begins
   * @param sight what of the canvas is in sight, in the same px
   */
  paint(context: CanvasRenderingContext2D, left: number, bottom: number, sight: Sight): void {
    const { rowPx } = this.scale;
    const reach = 3 * rowPx;
    const seen = this.fabric.rows
      .map((row, index) => ({ row, y: bottom - index * rowPx }))
      .filter(({ y }) => y + reach >= sight.top && y - rowPx - reach <= sight.bottom);
    for (const { row, y } of seen) this.paintGround(context, row, left, y);
    for (const layer of LAYERS) for (const { row, y } of seen) this.paintRow(context, row, layer, left, y, sight);
  }

  /** What is seen between the yarn of a dense fabric: more of it, in shade. */
  private paintGround(context: CanvasRenderingContext2D, { yarn, stitches }: FabricRow, left: number, y: number): void {
    const { stitchPx, rowPx } = this.scale;
    const { body } = this.yarns[yarn] ?? (this.yarns[0] as YarnLook);
    context.fillStyle = this.as === 'height' ? grey(60) : mixed(body, SHADE, 0.5);
    let [from, to] = [Infinity, -Infinity];
    const fill = () => {
      if (to > from)
        context.fillRect(left + from * stitchPx - 0.5, y - rowPx - 0.5, (to - from) * stitchPx + 1, rowPx + 1);
      [from, to] = [Infinity, -Infinity];
    };
    for (const { look, column } of stitches) {
      if (this.fabric.seenThrough[look]) {
        fill();
        continue;
      }
      from = Math.min(from, column);
      to = Math.max(to, column + 1);
    }
    fill();
  }

  /** A layer of a row; rows that are alike are put together once. */
  private paintRow(
    context: CanvasRenderingContext2D,
    row: FabricRow,
    layer: StrandLayer,
    left: number,
    y: number,
    sight: Sight,
  ): void {
    const { stitchPx } = this.scale;
    if ((this.used.get(row.stitches) ?? 0) > 2 && this.fabric.columns * stitchPx < WIDEST_ROW_PX) {
      const strip = this.stripOf(row, layer);
      if (strip) context.drawImage(strip.canvas, left - strip.originX, y - strip.originY);
      return;
    }
    this.paintStitches(context, row, layer, left, y, sight);
  }

  private paintStitches(
    context: CanvasRenderingContext2D,
    { yarn, stitches }: FabricRow,
    layer: StrandLayer,
    left: number,
    y: number,
    sight: Sight,
  ): void {
    const { stitchPx } = this.scale;
    for (const { look, column } of stitches) {
      const x = left + column * stitchPx;
      if (x + 3 * stitchPx < sight.left || x - 3 * stitchPx > sight.right) continue;
      const sprite = this.spriteOf(look, yarn, layer);
      if (sprite) context.drawImage(sprite.canvas, x - sprite.originX, y - sprite.originY);
    }
  }

  private stripOf(row: FabricRow, layer: StrandLayer): Sprite | null {
    const { stitchPx, rowPx } = this.scale;
    const strips = this.strips.get(row.stitches) ?? new Map<string, Sprite | null>();
    this.strips.set(row.stitches, strips);
    const name = `${row.yarn} ${layer}`;
    const known = strips.get(name);
    if (known !== undefined) return known;
    const canvas = document.createElement('canvas');
    const [originX, originY] = [2 * stitchPx, 2 * rowPx + 2];
    canvas.width = Math.ceil(this.fabric.columns * stitchPx + 2 * originX);
    canvas.height = Math.ceil(originY + 2 * rowPx + 2);
    const context = canvas.getContext('2d');
    const hasAny = row.stitches.some(({ look }) => this.spriteOf(look, row.yarn, layer) !== null);
    if (context && hasAny)
      this.paintStitches(context, row, layer, originX, originY, {
        left: 0,
        top: 0,
        right: canvas.width,
        bottom: canvas.height,
      });
    const strip = context && hasAny ? { canvas, originX, originY } : null;
    strips.set(name, strip);
    return strip;
  }

  /**
   * Paints rounds that lie flat, each stitch turned its own way.
   *
   * @param places where the stitches of every round lie, px
   */
  paintRounds(context: CanvasRenderingContext2D, places: readonly (readonly RoundPlace[])[]): void {
    const { stitchPx } = this.scale;
    const before = context.getTransform();
    const { rowPx } = this.scale;
    this.fabric.rows.forEach(({ yarn }, round) => {
      const { body } = this.yarns[yarn] ?? (this.yarns[0] as YarnLook);
      context.fillStyle = this.as === 'height' ? grey(60) : mixed(body, SHADE, 0.5);
      for (const { x, y, turnRad } of places[round] ?? []) {
        context.setTransform(before);
        context.translate(x, y);
        context.rotate(turnRad);
        context.fillRect(-0.75 * stitchPx, -1.05 * rowPx, 1.5 * stitchPx, 1.15 * rowPx);
      }
    });
    for (const layer of LAYERS)
      this.fabric.rows.forEach(({ yarn, stitches }, round) => {
        stitches.forEach(({ look }, index) => {
          const place = places[round]?.[index];
          const sprite = place && this.spriteOf(look, yarn, layer);
          if (!place || !sprite) return;
          context.setTransform(before);
          context.translate(place.x, place.y);
          context.rotate(place.turnRad);
          context.drawImage(sprite.canvas, -stitchPx / 2 - sprite.originX, -sprite.originY);
        });
      });
    context.setTransform(before);
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
