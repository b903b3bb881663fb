import { expect, test } from 'vitest';
import { alongFabricMm } from './alongFabric';

test('a hand moves along the fabric by what of its way lies along it', () => {
  // Two pixels a millimetre, downwards: 20 px down are 10 mm, and what goes aside counts nothing.
  expect(alongFabricMm([7, 20], { x: 0, y: 2 })).toBe(10);
  expect(alongFabricMm([30, 0], { x: -1.5, y: 0 })).toBe(-20);
  // Fabric that runs towards the eye moves at most four millimetres a pixel.
  expect(Math.abs(alongFabricMm([1, 1], { x: 0.001, y: 0 }))).toBeLessThanOrEqual(4);
});
