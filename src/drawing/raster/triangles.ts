import { vec, type Vec } from '@/core/fold';
import type { Worn } from '../fabric';
import { seen, type View } from '../axonometry';
import type { Solid, Stuff } from '../solid';

/** How the bag is looked at, and how large: its middle lies in that of the picture. */
export interface RasterView extends View {
  middle: Vec;
  pxPerMm: number;
  widthPx: number;
  heightPx: number;
}

/** What a part of a solid shows: a face of a piece, or one colour. */
export type Skin = { kind: 'fabric'; worn: Worn; face: 'outer' | 'inner' } | { kind: 'colour'; stuff: Stuff };

/**
 * The triangles that face the eye, as they lie on the picture. Every list has its numbers triangle by triangle, corner by corner.
 */
export interface Triangles {
  count: number;
  /** px to the right, px down, and mm towards the eye. */
  at: Float64Array;
  /** The way out of the solid as it is seen, 1 mm long: right, up, towards the eye. */
  out: Float32Array;
  /** Where it lies on its piece's fabric, in shares of it. */
  uv: Float32Array;
  /** Which of the skins each triangle has. */
  skin: Uint16Array;
  skins: Skin[];
}

/** Triangles of less than this on the picture are not seen, px². */
const DUST_PX2 = 1e-9;

/** The triangles of solids as they are seen, those that face away left out. */
export function trianglesOf(solids: readonly Solid[], view: RasterView): Triangles {
  const most = solids.reduce((sum, { indices }) => sum + indices.length / 3, 0);
  const at = new Float64Array(9 * most);
  const out = new Float32Array(9 * most);
  const uv = new Float32Array(6 * most);
  const skin = new Uint16Array(most);
  const skins: Skin[] = [];
  let count = 0;
  for (const solid of solids) {
    const { positions, normals, indices, fabric, stuff } = solid;
    const corners = positions.length / 3;
    const [x, y, depth] = [new Float64Array(corners), new Float64Array(corners), new Float64Array(corners)];
    for (let k = 0; k < corners; k += 1) {
      const point = seen(vec3(positions, k), view, view.middle);
      x[k] = view.widthPx / 2 + point.x * view.pxPerMm;
      y[k] = view.heightPx / 2 - point.y * view.pxPerMm;
      depth[k] = point.depth;
    }
    const turned = { ...view, upMm: 0 };
    const first = skins.length;
    if (fabric)
      skins.push(
        { kind: 'fabric', worn: fabric.worn, face: 'outer' },
        { kind: 'fabric', worn: fabric.worn, face: 'inner' },
      );
    skins.push({ kind: 'colour', stuff });
    for (let i = 0; i < indices.length; i += 3) {
      const [a, b, c] = [indices[i] as number, indices[i + 1] as number, indices[i + 2] as number];
      const [ax, ay] = [x[a] as number, y[a] as number];
      // Counter-clockwise from outside, with y downward: what faces the eye has a negative area.
      const twice =
        ((x[b] as number) - ax) * ((y[c] as number) - ay) - ((y[b] as number) - ay) * ((x[c] as number) - ax);
      if (twice > -DUST_PX2) continue;
      [a, b, c].forEach((k, corner) => {
        at.set([x[k] as number, y[k] as number, depth[k] as number], 9 * count + 3 * corner);
        const way = seen(vec3(normals, k), turned, ORIGIN);
        out.set([way.x, way.y, way.depth], 9 * count + 3 * corner);
        if (fabric) uv.set(fabric.places.subarray(2 * k, 2 * k + 2), 6 * count + 2 * corner);
      });
      skin[count] = first + (fabric ? partOf(i, fabric) : 0);
      count += 1;
    }
  }
  return { count, at, out, uv, skin, skins };
}

/** The outer face, the inner one, or the rims. */
const partOf = (index: number, { outer, inner }: { outer: number; inner: number }): 0 | 1 | 2 =>
  index < outer ? 0 : index < outer + inner ? 1 : 2;

const ORIGIN = vec(0, 0, 0);

const vec3 = (list: Float32Array, k: number): Vec =>
  vec(list[3 * k] as number, list[3 * k + 1] as number, list[3 * k + 2] as number);
