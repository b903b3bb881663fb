import type { Flap } from '@/core/design';
import { within, type FlapShape } from './shape';

/** Straight sides, then two straight edges to a point in the middle. */
export const pointed: FlapShape<Extract<Flap, { kind: 'pointed' }>> = {
  halfWidthMm: ({ pointMm }, { widthMm, lengthMm }) => {
    const point = within(pointMm, lengthMm);
    return (downMm) => (widthMm / 2) * Math.min(1, Math.max(0, lengthMm - downMm) / point);
  },
  handle: ({ pointMm }, { widthMm, lengthMm }) => {
    const valueMm = within(pointMm, lengthMm);
    return {
      field: 'pointMm',
      valueMm,
      leastMm: 5,
      mostMm: lengthMm,
      at: { acrossMm: widthMm / 2, downMm: lengthMm - valueMm },
      pulled: 'down',
      perMm: -1,
    };
  },
};
