import type { Fabric, FabricRow, FabricStitch } from '../fabricRows';
import type { RoundPlace } from '../roundPlaces';
import { layersOfLook, lookBounds, type StrandLayer } from '../strandLayers';
import { YARN_TO_STITCH } from '../strands';
import { grey, paintHeight, paintYarn, smoothPath, softContext, type Painting } from './brush';
import { SHADE, mixed, type YarnLook } from './yarnLook';

const LAYERS: readonly StrandLayer[] = ['behind', 'middle', 'before'];

/** A row wider than this is painted stitch by stitch, as far as it is in sight, px. */
const WIDEST_ROW_PX = 2400;

/** How far out what lies behind the yarn is, as grey: further back than any yarn. */
export const GROUND_HEIGHT = 60;

/** A stitch painted once, and where its column and the foot of its row lie on it, px. */
interface Sprite {
  canvas: OffscreenCanvas;
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

/** All of a canvas. */
export const wholeOf = ({ width, height }: { width: number; height: number }): Sight => ({
  left: 0,
  top: 0,
  right: width,
  bottom: height,
});

/** Where a row is painted: its left edge, its foot, and what is in sight, px. */
interface RowPlace {
  left: number;
  y: number;
  sight: Sight;
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
  paint(context: Painting, left: number, bottom: number, sight: Sight): void {
    const { rowPx } = this.scale;
    const reach = 3 * rowPx;
    const seen = this.fabric.rows
      .map((row, index) => ({ row, y: bottom - index * rowPx }))
      .filter(({ y }) => y + reach >= sight.top && y - rowPx - reach <= sight.bottom);
    for (const { row, y } of seen) this.paintGround(context, row, left, y);
    for (const layer of LAYERS) for (const { row, y } of seen) this.paintRow(context, row, layer, { left, y, sight });
  }

  /** How a yarn looks; one that isn't there looks like the swatch's own. */
  private lookOf(yarn: number): YarnLook {
    return this.yarns[yarn] ?? (this.yarns[0] as YarnLook);
  }

  private groundOf(yarn: number): string {
    return this.as === 'height' ? grey(GROUND_HEIGHT) : mixed(this.lookOf(yarn).body, SHADE, 0.5);
  }

  /** What is seen between the yarn of a dense fabric: more of it, in shade. */
  private paintGround(context: Painting, { yarn, stitches }: FabricRow, left: number, y: number): void {
    const { stitchPx, rowPx } = this.scale;
    context.fillStyle = this.groundOf(yarn);
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
  private paintRow(context: Painting, row: FabricRow, layer: StrandLayer, at: RowPlace): void {
    const { stitchPx } = this.scale;
    if ((this.used.get(row.stitches) ?? 0) > 2 && this.fabric.columns * stitchPx < WIDEST_ROW_PX) {
      const strip = this.stripOf(row, layer);
      if (strip) context.drawImage(strip.canvas, at.left - strip.originX, at.y - strip.originY);
      return;
    }
    this.paintStitches(context, row, layer, at);
  }

  private paintStitches(
    context: Painting,
    { yarn, stitches }: FabricRow,
    layer: StrandLayer,
    { left, y, sight }: RowPlace,
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
    const [originX, originY] = [2 * stitchPx, 2 * rowPx + 2];
    const canvas = new OffscreenCanvas(
      Math.ceil(this.fabric.columns * stitchPx + 2 * originX),
      Math.ceil(originY + 2 * rowPx + 2),
    );
    const context = softContext(canvas);
    const hasAny = row.stitches.some(({ look }) => this.spriteOf(look, row.yarn, layer) !== null);
    if (context && hasAny)
      this.paintStitches(context, row, layer, { left: originX, y: originY, sight: wholeOf(canvas) });
    const strip = context && hasAny ? { canvas, originX, originY } : null;
    strips.set(name, strip);
    return strip;
  }

  /**
   * Paints rounds that lie flat, each stitch turned its own way.
   *
   * @param places where the stitches of every round lie, px
   */
  paintRounds(context: Painting, places: readonly (readonly RoundPlace[])[]): void {
    const { stitchPx, rowPx } = this.scale;
    const before = context.getTransform();
    this.fabric.rows.forEach(({ yarn }, round) => {
      context.fillStyle = this.groundOf(yarn);
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
    const canvas = new OffscreenCanvas(
      Math.max(1, Math.ceil((right - left) * stitchPx + 2 * beside)),
      Math.max(1, Math.ceil((high - low) * rowPx + 2 * beside)),
    );
    const context = softContext(canvas);
    if (!context) return null;
    const originX = beside - left * stitchPx;
    const originY = beside + high * rowPx;
    const at = ([x, y]: readonly [number, number, number]): [number, number] => [
      originX + x * stitchPx,
      originY - y * rowPx,
    ];
    const inLight = this.lookOf(yarn);
    context.lineCap = 'round';
    context.lineJoin = 'round';
    for (const { points, z } of layers[layer]) {
      const path = smoothPath(points.map(at));
      if (this.as === 'height') paintHeight(context, path, yarnPx, z);
      else paintYarn(context, path, yarnPx, z, inLight);
    }
    return { canvas, originX, originY };
  }
}
