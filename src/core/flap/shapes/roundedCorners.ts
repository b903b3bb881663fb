import type { Flap } from '@/core/design';
import { within, type FlapShape } from './shape';

/** The largest radius that both corners have room for, mm. */
const mostRadiusMm = ({ widthMm, lengthMm }: { widthMm: number; lengthMm: number }): number =>
  Math.min(widthMm / 2, lengthMm);

/** Straight sides and a straight edge, each corner a quarter of a circle. */
export const roundedCorners: FlapShape<Extract<Flap, { kind: 'rounded-corners' }>> = {
  halfWidthMm: ({ radiusMm }, size) => {
    const radius = within(radiusMm, mostRadiusMm(size));
    return (downMm) => {
      const intoCorner = Math.min(radius, Math.max(0, downMm - (size.lengthMm - radius)));
      return size.widthMm / 2 - radius + Math.sqrt(radius ** 2 - intoCorner ** 2);
    };
  },
  handle: ({ radiusMm }, size) => {
    const valueMm = within(radiusMm, mostRadiusMm(size));
    return {
      field: 'radiusMm',
      valueMm,
      leastMm: 5,
      mostMm: mostRadiusMm(size),
      at: { acrossMm: size.widthMm / 2, downMm: size.lengthMm - valueMm },
      pulled: 'down',
      perMm: -1,
    };
  },
};
