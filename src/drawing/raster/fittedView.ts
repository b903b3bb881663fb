import type { Vec } from '@/core/fold';
import { seen, type View } from '../axonometry';
import type { Solid } from '../solid';
import type { RasterView } from './triangles';

/**
 * The view at which solids fill a picture, with a margin round them.
 *
 * @param turned how the bag is turned
 * @param marginShare of the picture's shorter side
 */
export function fittedView(
  solids: readonly Pick<Solid, 'positions'>[],
  turned: Omit<View, 'upMm'>,
  middle: Vec,
  { widthPx, heightPx }: { widthPx: number; heightPx: number },
  marginShare = 0.06,
): RasterView {
  const level = { ...turned, upMm: 0 };
  let [left, right, low, high] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const { positions } of solids)
    for (let k = 0; k < positions.length; k += 3) {
      const point = { x: positions[k] as number, y: positions[k + 1] as number, z: positions[k + 2] as number };
      const { x, y } = seen(point, level, middle);
      left = Math.min(left, x);
      right = Math.max(right, x);
      low = Math.min(low, y);
      high = Math.max(high, y);
    }
  const margin = 2 * marginShare * Math.min(widthPx, heightPx);
  const pxPerMm = Math.min((widthPx - margin) / (right - left), (heightPx - margin) / (high - low));
  // The middle of the picture is that of what is seen: it is turned about a point to the side of the bag's own.
  const aside = (left + right) / 2;
  const { yawRad } = turned;
  return {
    ...turned,
    upMm: (low + high) / 2,
    middle: { x: middle.x - aside * Math.sin(yawRad), y: middle.y, z: middle.z + aside * Math.cos(yawRad) },
    pxPerMm,
    widthPx,
    heightPx,
  };
}
