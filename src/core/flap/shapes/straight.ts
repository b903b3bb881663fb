import type { Flap } from '@/core/design';
import type { FlapShape } from './shape';

/** As wide at its edge as where it starts. */
export const straight: FlapShape<Extract<Flap, { kind: 'straight' }>> = {
  halfWidthMm:
    (_, { widthMm }) =>
    () =>
      widthMm / 2,
  handle: () => null,
};
