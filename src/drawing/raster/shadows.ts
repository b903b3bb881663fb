import { between, type Vec } from '@/core/fold';
import { seen, unseen, type View } from '../axonometry';
import type { Solid } from '../solid';
import { trianglesOf } from './triangles';
import { visibleAt } from './visible';

/** A shadow map has so many points each way. */
const MAP_PX = 1024;
/** What lies further from the light than this behind what is nearest to it, is in shade, mm. */
const BEHIND_MM = 2.2;
/** A shadow's edge is as soft as this many points of the map. */
const SOFT_POINTS = 2;

/** How much of the light reaches a point, from 0 to 1; the point as it is seen: mm right, up, towards the eye. */
export type LightOn = (x: number, y: number, depth: number) => number;

/** A way as it is seen: right, up, towards the eye. */
export interface SeenWay {
  x: number;
  y: number;
  depth: number;
}

/**
 * Which points of a bag the light falls on: the bag is looked at from where the light is, and what isn't seen from there is in shade.
 *
 * @param light where it comes from as the bag is seen, 1 mm long
 *
 * Source: Williams, Casting Curved Shadows on Curved Surfaces, SIGGRAPH 1978.
 */
export function shadows(solids: readonly Solid[], view: View, middle: Vec, light: SeenWay): LightOn {
  const origin = unseen({ x: 0, y: 0, depth: 0 }, view, middle);
  const way = between(origin, unseen(light, view, middle));
  // Away from the eye is x, so that towards it is less of it.
  const fromLight: View = { yawRad: Math.atan2(-way.z, -way.x), pitchRad: Math.asin(way.y), upMm: 0 };
  const inLight = (x: number, y: number, depth: number) =>
    seen(unseen({ x, y, depth }, view, middle), fromLight, middle);
  const pxPerMm = (MAP_PX / 2 - 2 * SOFT_POINTS) / farthest(solids, middle);
  const map = { ...fromLight, middle, pxPerMm, widthPx: MAP_PX, heightPx: MAP_PX };
  const { depth } = visibleAt(trianglesOf(solids, map), { widthPx: MAP_PX, fromPx: 0, toPx: MAP_PX, perPx: 1 });
  // From the eye to the light all is straight: three steps and a beginning tell every place.
  const at = inLight(0, 0, 0);
  const [toRight, toUp, toEye] = [inLight(1, 0, 0), inLight(0, 1, 0), inLight(0, 0, 1)].map((one) => ({
    x: one.x - at.x,
    y: one.y - at.y,
    depth: one.depth - at.depth,
  })) as [SeenWay, SeenWay, SeenWay];
  return (x, y, near) => {
    const right = at.x + x * toRight.x + y * toUp.x + near * toEye.x;
    const up = at.y + x * toRight.y + y * toUp.y + near * toEye.y;
    const own = at.depth + x * toRight.depth + y * toUp.depth + near * toEye.depth + BEHIND_MM;
    const column = Math.floor(MAP_PX / 2 + right * pxPerMm);
    const row = Math.floor(MAP_PX / 2 - up * pxPerMm);
    let lit = 0;
    for (let dy = -SOFT_POINTS; dy <= SOFT_POINTS; dy += SOFT_POINTS)
      for (let dx = -SOFT_POINTS; dx <= SOFT_POINTS; dx += SOFT_POINTS)
        if (own >= (depth[(row + dy) * MAP_PX + column + dx] as number)) lit += 1;
    return lit / 9;
  };
}

/** How far from the middle of the bag anything of it lies, mm. */
function farthest(solids: readonly Solid[], middle: Vec): number {
  let most = 1;
  for (const { positions } of solids)
    for (let k = 0; k < positions.length; k += 3) {
      const [x, y, z] = [positions[k] as number, positions[k + 1] as number, positions[k + 2] as number];
      most = Math.max(most, Math.hypot(x - middle.x, y - middle.y, z - middle.z));
    }
  return most;
}
