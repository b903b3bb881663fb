import type { Flap } from '@/core/design';
import { within, type FlapShape } from './shape';

/** Straight sides, its edge in scallops, each half an ellipse. Between scallops the flap ends higher up. */
export const scalloped: FlapShape<Extract<Flap, { kind: 'scalloped' }>> = {
  halfWidthMm:
    (_, { widthMm }) =>
    () =>
      widthMm / 2,
  handle: ({ depthMm }, { widthMm, lengthMm }) => {
    const valueMm = within(depthMm, lengthMm);
    return {
      field: 'depthMm',
      valueMm,
      leastMm: 5,
      mostMm: lengthMm,
      at: { acrossMm: widthMm / 2, downMm: lengthMm - valueMm },
      pulled: 'down',
      perMm: -1,
    };
  },
  edge: ({ scallops, depthMm }, { widthMm, lengthMm }, steps) => {
    const depth = within(depthMm, lengthMm);
    const eachMm = widthMm / scallops;
    return Array.from({ length: scallops }, (_, scallop) =>
      Array.from({ length: steps + 1 }, (__, step) => {
        const angle = Math.PI * (step / steps);
        return {
          x: -widthMm / 2 + eachMm * (scallop + 0.5 - Math.cos(angle) / 2),
          y: lengthMm - depth + depth * Math.sin(angle),
        };
      }),
    ).flat();
  },
};
