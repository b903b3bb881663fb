import type { Flap } from '@/core/design';
import type { FlapShape } from './shape';

/** Half a disc from where it is sewn on; where the flap starts, beyond the bridge, some of it lies over the top already. */
export const halfDisc: FlapShape<Extract<Flap, { kind: 'half-disc' }>> = {
  halfWidthMm:
    (_, { widthMm, lengthMm }) =>
    (downMm) => {
      const radius = widthMm / 2;
      const fromMiddle = Math.max(0, radius - lengthMm) + downMm;
      return Math.sqrt(Math.max(0, radius ** 2 - fromMiddle ** 2));
    },
  handle: () => null,
};
