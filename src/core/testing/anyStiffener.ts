import fc from 'fast-check';
import type { Stiffener } from '@/core/design';

const from = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });

const stiff = {
  parts: fc.constantFrom('base', 'faces', 'all'),
  smallerMm: from(0, 30),
  cornerMm: from(0, 60),
  thicknessMm: from(0.3, 10),
};

const STIFFENERS: Record<Stiffener['kind'], fc.Arbitrary<unknown>> = {
  canvas: fc.record({ kind: fc.constant('canvas'), ...stiff, barsPerInch: fc.integer({ min: 4, max: 16 }) }),
  board: fc.record({ kind: fc.constant('board'), ...stiff }),
  mesh: fc.record({
    kind: fc.constant('mesh'),
    barsPerInch: fc.integer({ min: 4, max: 16 }),
    thicknessMm: from(0.3, 10),
  }),
};

/** Any stiffener that can be written down. */
export const anyStiffener: fc.Arbitrary<unknown> = fc.oneof(...Object.values(STIFFENERS));
