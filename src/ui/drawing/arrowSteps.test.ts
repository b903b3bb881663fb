import { expect, test } from 'vitest';
import { arrowSteps } from './arrowSteps';

test.each([
  ['ArrowUp', 1],
  ['ArrowRight', 1],
  ['ArrowDown', -1],
  ['ArrowLeft', -1],
  ['PageUp', 5],
  ['PageDown', -5],
  ['Tab', 0],
  ['a', 0],
])('%s moves by %i', (key, steps) => {
  expect(arrowSteps(key, 5)).toBe(steps);
});
