import type { Worn } from '../fabric';
import type { Rgb } from '../fabric/paint';
import type { Solid, Stuff } from '../solid';
import { shadows, type LightOn } from './shadows';
import { trianglesOf, type RasterView, type Skin, type Triangles } from './triangles';
import { visibleAt, type Visible } from './visible';

/** A face of a piece as pixels, row by row from above: its look in four numbers each, and in one how far out it lies, from 0 to 255. */
export interface Surface {
  widthPx: number;
  heightPx: number;
  look: Uint8ClampedArray;
  height: Uint8ClampedArray;
  /** How much further out what is white lies than what is black, mm. */
  reliefMm: number;
}

/** What the bag's parts look like. */
export interface Skins {
  /** The fabric of a face; null where it could not be painted. */
  surfaceOf: (worn: Worn, face: 'outer' | 'inner') => Surface | null;
  colourOf: (stuff: Stuff) => Rgb;
}

/** So many rows of pixels are made at a time. */
const BAND_PX = 48;
/** Points to a pixel each way: the share of them that is covered makes its edge smooth. */
const PER_PX = 2;
/** Light from everywhere, and from over the left shoulder at most, as shares of a colour. */
const AROUND = 0.8;
const FROM_LAMP = 0.62;
/** Where the lamp is as the bag is seen, 1 mm long. */
const LAMP = { x: -0.35, y: 0.75, depth: Math.sqrt(1 - 0.35 ** 2 - 0.75 ** 2) };

/**
 * The bag as a picture in pixels, lit, with shadows, each piece in its fabric: made from above downward, a band of rows at a time, so that a picture of any size needs
 * little room and can be stopped.
 *
 * @returns bands from the top: four numbers to a pixel, red, green, blue and how much of it is covered, all 0 to 255
 */
export function* rasterBands(solids: readonly Solid[], view: RasterView, skins: Skins): Generator<Uint8ClampedArray> {
  const triangles = trianglesOf(solids, view);
  const lightOn = shadows(solids, view, view.middle, LAMP);
  const shade = new Shade(triangles, view, skins, lightOn);
  for (let fromPx = 0; fromPx < view.heightPx; fromPx += BAND_PX) {
    const toPx = Math.min(view.heightPx, fromPx + BAND_PX);
    const visible = visibleAt(triangles, { widthPx: view.widthPx, fromPx, toPx, perPx: PER_PX });
    yield bandOf(visible, shade, view.widthPx, fromPx);
  }
}

/** A band's pixels from its points: one that shows a single skin is shaded once, in its middle; at an edge every point is. */
function bandOf(visible: Visible, shade: Shade, widthPx: number, fromPx: number): Uint8ClampedArray {
  const rows = visible.rows / PER_PX;
  const pixels = new Uint8ClampedArray(4 * widthPx * rows);
  const points = PER_PX * PER_PX;
  const found = new Int32Array(points);
  for (let row = 0; row < rows; row += 1)
    for (let column = 0; column < widthPx; column += 1) {
      let covered = 0;
      let isOne = true;
      for (let k = 0; k < points; k += 1) {
        const y = row * PER_PX + Math.floor(k / PER_PX);
        const index = visible.triangle[y * visible.columns + column * PER_PX + (k % PER_PX)] as number;
        found[k] = index;
        if (index >= 0) covered += 1;
        if (index < 0 || shade.skinOf(index) !== shade.skinOf(found[0] as number)) isOne = false;
      }
      if (covered === 0) continue;
      const place = 4 * (row * widthPx + column);
      if (isOne) {
        shade.at(found[0] as number, column + 0.5, fromPx + row + 0.5);
        pixels.set([shade.red, shade.green, shade.blue, 255], place);
        continue;
      }
      let [red, green, blue] = [0, 0, 0];
      for (let k = 0; k < points; k += 1) {
        const index = found[k] as number;
        if (index < 0) continue;
        const x = column + ((k % PER_PX) + 0.5) / PER_PX;
        shade.at(index, x, fromPx + row + (Math.floor(k / PER_PX) + 0.5) / PER_PX);
        red += shade.red;
        green += shade.green;
        blue += shade.blue;
      }
      pixels.set([red / covered, green / covered, blue / covered, (255 * covered) / points], place);
    }
  return pixels;
}

/** What a point of a triangle looks like. It says so in its own three numbers, so that a picture of many million points leaves nothing behind it. */
class Shade {
  red = 0;
  green = 0;
  blue = 0;
  private readonly surfaces = new Map<number, Surface | null>();

  constructor(
    private readonly triangles: Triangles,
    private readonly view: RasterView,
    private readonly skins: Skins,
    private readonly lightOn: LightOn,
  ) {}

  skinOf(triangle: number): number {
    return this.triangles.skin[triangle] as number;
  }

  /** Shades the point of a triangle that is seen at a place of the picture, px. */
  at(triangle: number, xPx: number, yPx: number): void {
    const { at, out, uv, skin, skins } = this.triangles;
    const k = 9 * triangle;
    const n = (list: { readonly [index: number]: number }, index: number) => list[index] as number;
    const [ax, ay, bx, by, cx, cy] = [n(at, k), n(at, k + 1), n(at, k + 3), n(at, k + 4), n(at, k + 6), n(at, k + 7)];
    const whole = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
    const a = ((bx - xPx) * (cy - yPx) - (by - yPx) * (cx - xPx)) / whole;
    const b = ((cx - xPx) * (ay - yPx) - (cy - yPx) * (ax - xPx)) / whole;
    const c = 1 - a - b;
    let outX = a * n(out, k) + b * n(out, k + 3) + c * n(out, k + 6);
    let outY = a * n(out, k + 1) + b * n(out, k + 4) + c * n(out, k + 7);
    let outZ = a * n(out, k + 2) + b * n(out, k + 5) + c * n(out, k + 8);
    const number = skin[triangle] as number;
    const wears = skins[number] as Skin;
    const surface = wears.kind === 'fabric' ? this.surface(number, wears) : null;
    if (surface) {
      const j = 6 * triangle;
      const u = a * n(uv, j) + b * n(uv, j + 2) + c * n(uv, j + 4);
      const v = a * n(uv, j + 1) + b * n(uv, j + 3) + c * n(uv, j + 5);
      const [slopeU, slopeV] = this.look(surface, u, v);
      // How far one gets on the picture and towards the eye along the fabric's two ways, of all of it, mm.
      const perMm = 1 / this.view.pxPerMm;
      const [ub, vb] = [n(uv, j + 2) - n(uv, j), n(uv, j + 3) - n(uv, j + 1)];
      const [uc, vc] = [n(uv, j + 4) - n(uv, j), n(uv, j + 5) - n(uv, j + 1)];
      const turn = ub * vc - uc * vb;
      if (Math.abs(turn) > 1e-12) {
        const [px, py, pz] = [(bx - ax) * perMm, -(by - ay) * perMm, n(at, k + 5) - n(at, k + 2)];
        const [qx, qy, qz] = [(cx - ax) * perMm, -(cy - ay) * perMm, n(at, k + 8) - n(at, k + 2)];
        const [tx, ty, tz] = [(px * vc - qx * vb) / turn, (py * vc - qy * vb) / turn, (pz * vc - qz * vb) / turn];
        const [sx, sy, sz] = [(qx * ub - px * uc) / turn, (qy * ub - py * uc) / turn, (qz * ub - pz * uc) / turn];
        // A slope of so many mm over the whole way, of that way's length squared: by as much the way out leans back.
        const leanU = slopeU / (tx * tx + ty * ty + tz * tz);
        const leanV = slopeV / (sx * sx + sy * sy + sz * sz);
        outX -= leanU * tx + leanV * sx;
        outY -= leanU * ty + leanV * sy;
        outZ -= leanU * tz + leanV * sz;
      }
    } else {
      const [red, green, blue] = this.skins.colourOf(wears.kind === 'colour' ? wears.stuff : 'cloth');
      [this.red, this.green, this.blue] = [red, green, blue];
    }
    const length = Math.hypot(outX, outY, outZ) || 1;
    const falls = Math.max(0, (outX * LAMP.x + outY * LAMP.y + outZ * LAMP.depth) / length);
    const depth = a * n(at, k + 2) + b * n(at, k + 5) + c * n(at, k + 8);
    const [xMm, yMm] = [
      (xPx - this.view.widthPx / 2) / this.view.pxPerMm,
      (this.view.heightPx / 2 - yPx) / this.view.pxPerMm,
    ];
    const light = AROUND + (falls > 0 ? FROM_LAMP * falls * this.lightOn(xMm, yMm, depth) : 0);
    this.red = Math.min(255, this.red * light);
    this.green = Math.min(255, this.green * light);
    this.blue = Math.min(255, this.blue * light);
  }

  private surface(number: number, { worn, face }: Extract<Skin, { kind: 'fabric' }>): Surface | null {
    const known = this.surfaces.get(number);
    if (known !== undefined) return known;
    const made = this.skins.surfaceOf(worn, face);
    this.surfaces.set(number, made);
    return made;
  }

  /** Takes the fabric's colour at a place, and tells how steeply it rises over the whole of it, either way, mm. */
  private look({ widthPx, heightPx, look, height, reliefMm }: Surface, u: number, v: number): [number, number] {
    // Row 1 is below; what lies beyond its last stitch is met again at its first.
    const x = (((u % 1) + 1) % 1) * widthPx - 0.5;
    const y = (1 - (((v % 1) + 1) % 1)) * heightPx - 0.5;
    const [left, top] = [Math.floor(x), Math.floor(y)];
    const [right, down] = [x - left, y - top];
    const x0 = Math.max(0, left);
    const x1 = Math.min(widthPx - 1, left + 1);
    const y0 = Math.max(0, top);
    const y1 = Math.min(heightPx - 1, top + 1);
    const k00 = 4 * (y0 * widthPx + x0);
    const k10 = 4 * (y0 * widthPx + x1);
    const k01 = 4 * (y1 * widthPx + x0);
    const k11 = 4 * (y1 * widthPx + x1);
    const [w00, w10, w01, w11] = [(1 - right) * (1 - down), right * (1 - down), (1 - right) * down, right * down];
    const mix = (list: Uint8ClampedArray, add: number) =>
      w00 * (list[k00 + add] as number) +
      w10 * (list[k10 + add] as number) +
      w01 * (list[k01 + add] as number) +
      w11 * (list[k11 + add] as number);
    this.red = mix(look, 0);
    this.green = mix(look, 1);
    this.blue = mix(look, 2);
    const h00 = height[k00 / 4] as number;
    const h10 = height[k10 / 4] as number;
    const h01 = height[k01 / 4] as number;
    const h11 = height[k11 / 4] as number;
    const perGrey = reliefMm / 255;
    const alongU = ((1 - down) * (h10 - h00) + down * (h11 - h01)) * widthPx * perGrey;
    const alongV = ((1 - right) * (h00 - h01) + right * (h10 - h11)) * heightPx * perGrey;
    return [alongU, alongV];
  }
}
