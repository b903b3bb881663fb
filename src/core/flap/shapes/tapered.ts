import type { Flap } from '@/core/design';
import { within, type FlapShape } from './shape';

/** Narrower towards its edge, the sides straight. */
export const tapered: FlapShape<Extract<Flap, { kind: 'tapered' }>> = {
  halfWidthMm: ({ edgeWidthMm }, { widthMm, lengthMm }) => {
    const edgeMm = within(edgeWidthMm, widthMm);
    return (downMm) => (widthMm + (edgeMm - widthMm) * Math.min(1, downMm / lengthMm)) / 2;
  },
  handle: ({ edgeWidthMm }, { widthMm, lengthMm }) => {
    const valueMm = within(edgeWidthMm, widthMm);
    return {
      field: 'edgeWidthMm',
      valueMm,
      leastMm: 5,
      mostMm: widthMm,
      at: { acrossMm: valueMm / 2, downMm: lengthMm },
      pulled: 'across',
      perMm: 2,
    };
  },
};
