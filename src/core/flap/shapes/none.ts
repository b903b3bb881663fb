import type { Flap } from '@/core/design';
import type { FlapShape } from './shape';

/** No flap: the strip ends at the back's upper edge, and the bag is open there. */
export const none: FlapShape<Extract<Flap, { kind: 'none' }>> = {
  halfWidthMm:
    (_, { widthMm }) =>
    () =>
      widthMm / 2,
  handle: () => null,
};
