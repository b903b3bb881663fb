import type { Flap } from '@/core/design';
import type { FlapShape } from './shape';

/** One curve from side to side: half a circle at the end of straight sides, or half an ellipse where the flap is shorter than that. */
export const round: FlapShape<Extract<Flap, { kind: 'round' }>> = {
  halfWidthMm: (_, { widthMm, lengthMm }) => {
    const depthMm = Math.min(widthMm / 2, lengthMm);
    return (downMm) => {
      const intoCurve = Math.min(1, Math.max(0, downMm - (lengthMm - depthMm)) / depthMm);
      return (widthMm / 2) * Math.sqrt(1 - intoCurve ** 2);
    };
  },
  handle: () => null,
};
