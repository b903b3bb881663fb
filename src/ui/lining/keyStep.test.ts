import { expect, it } from 'vitest';
import { keyStep } from './keyStep';

const STEPS = { shortMm: 2, longMm: 20 };

it.each([
  ['ArrowUp', false, { xMm: 0, yMm: 2 }],
  ['ArrowDown', true, { xMm: 0, yMm: -20 }],
  ['ArrowRight', false, { xMm: 2, yMm: 0 }],
  ['Tab', false, null],
])('%s, with Shift %s', (key, shiftKey, step) => {
  expect(keyStep({ key, shiftKey }, STEPS)).toEqual(step);
});
