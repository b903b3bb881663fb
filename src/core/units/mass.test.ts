import fc from 'fast-check';
import { expect, it } from 'vitest';
import { G_PER_OUNCE } from './conversion';
import { parseLength } from './parseLength';
import { bareMass, formatMass, parseMass, toldMass } from './mass';

const UNITS = ['cm', 'in'] as const;

it('what a field shows is read again as what it was, to half of its last figure', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 50_000, noNaN: true }), fc.constantFrom(...UNITS), (massG, unit) => {
      const read = parseMass(bareMass(massG, unit), unit);
      if (!read.ok) throw new Error('not read');
      expect(Math.abs(read.massG - massG)).toBeLessThanOrEqual(unit === 'cm' ? 0.0011 : 0.005 * G_PER_OUNCE + 0.001);
      expect(parseMass(toldMass(massG, unit), unit === 'cm' ? 'in' : 'cm')).toEqual(read);
    }),
  );
});

it('a mass that is rounded up is never written smaller than it is', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.01, max: 50_000, noNaN: true }), (massG) => {
      const [, ounces = '', grams = ''] =
        /^([\d.]+) oz \(([\d.]+) g\)$/.exec(formatMass(massG, 'in', { up: true })) ?? [];
      expect(Number(grams)).toBeGreaterThanOrEqual(massG - 1e-6);
      expect(Number(ounces) * G_PER_OUNCE).toBeGreaterThanOrEqual(massG - 1e-6);
    }),
  );
});

// Source: international avoirdupois pound of 1959, 453.59237 g, of sixteen ounces.
it.each([
  ['1 lb', 453.592],
  ['16 oz', 453.592],
  ['0,5 kg', 500],
  ['.5 oz', 14.175],
  ['-3', -3],
])('%s is read', (text, massG) => {
  expect(parseMass(text, 'cm')).toEqual({ ok: true, massG });
});

it.each(['', '  '])('nothing written is nothing', (text) => {
  expect(parseMass(text, 'cm')).toEqual({ ok: false, code: 'empty' });
});

it.each(['two balls', '3 mm', '1 2', '5 constructor', '--4'])('%s is no mass', (text) => {
  expect(parseMass(text, 'cm')).toEqual({ ok: false, code: 'not-a-mass' });
});

it('a word that every object knows is no unit', () => {
  expect(parseLength('5 constructor', 'cm')).toEqual({ ok: false, code: 'not-a-length' });
});
