import fc from 'fast-check';
import { unit } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { G_PER_OUNCE, M_PER_YARD, MM_PER_INCH, formatLength, formatTolerance, parseLength } from '.';

const mmOf = (text: string, bare: 'cm' | 'in' | 'mm' = 'cm') => {
  const parsed = parseLength(text, bare);
  return parsed.ok ? parsed.mm : parsed.code;
};

describe('unit conversion agrees with mathjs, which takes them from the 1959 international agreement', () => {
  it('for the constants', () => {
    expect(MM_PER_INCH).toBeCloseTo(unit(1, 'inch').toNumber('mm'), 10);
    expect(M_PER_YARD).toBeCloseTo(unit(1, 'yard').toNumber('m'), 10);
    expect(G_PER_OUNCE).toBeCloseTo(unit(1, 'ounce').toNumber('g'), 6);
  });

  it('for any length, in every unit that can be typed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 100_000 }), fc.constantFrom('mm', 'cm', 'm', 'in'), (thousandths, name) => {
        const value = thousandths / 1000;
        expect(mmOf(`${value} ${name}`)).toBeCloseTo(unit(value, name === 'in' ? 'inch' : name).toNumber('mm'), 5);
      }),
    );
  });
});

describe('parseLength reads what makers write', () => {
  it.each([
    ['21,5 cm', 215],
    ['21.5', 215],
    [' 215 mm ', 215],
    ['0.215m', 215],
    ['8 1/2 in', 215.9],
    ['8-1/2"', 215.9],
    ['8½″', 215.9],
    ['8½ inches', 215.9],
    ['1/2 inch', 12.7],
    ['⅛”', 3.175],
    ['.5 cm', 5],
    ['-3 cm', -30],
  ])('%s', (text, mm) => expect(mmOf(text)).toBeCloseTo(mm, 9));

  it('takes a bare number in the unit of the field', () => {
    expect(mmOf('2', 'in')).toBe(50.8);
    expect(mmOf('2', 'mm')).toBe(2);
  });

  it.each([
    ['', 'empty'],
    ['   ', 'empty'],
    ['a hand', 'not-a-length'],
    ['8 1/0', 'zero-denominator'],
    ['NaN', 'not-a-length'],
    ['Infinity', 'not-a-length'],
    ['1e5', 'not-a-length'],
    ['8 1/2 stones', 'not-a-length'],
    ['1.2.3', 'not-a-length'],
    ['cm', 'not-a-length'],
    ['8½½', 'not-a-length'],
  ])('answers %j with %s', (text, code) => expect(mmOf(text)).toBe(code));

  it('never throws, and what it reads is finite', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const parsed = parseLength(text, 'cm');
        expect(!parsed.ok || Number.isFinite(parsed.mm)).toBe(true);
      }),
    );
  });
});

describe('formatLength', () => {
  it('is read back to within half of what it can show', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 5000, noNaN: true }),
        fc.constantFrom('cm' as const, 'in' as const),
        fc.boolean(),
        (mm, lengthUnit, plain) => {
          const half = lengthUnit === 'cm' ? 0.5 : MM_PER_INCH / 16;
          const back = mmOf(formatLength(mm, lengthUnit, { plain }));
          expect(Math.abs((back as number) - mm)).toBeLessThanOrEqual(half + 1e-6);
        },
      ),
    );
  });

  it.each([
    [0, 'in', '0 in'],
    [MM_PER_INCH, 'in', '1 in'],
    [MM_PER_INCH * 1.999, 'in', '2 in'],
    [-12.7, 'in', '-½ in'],
    [-0.2, 'cm', '0.0 cm'],
  ] as const)('%d mm in %s is %s', (mm, lengthUnit, text) => expect(formatLength(mm, lengthUnit)).toBe(text));

  it('refuses what is no number', () => {
    expect(() => formatLength(NaN, 'cm')).toThrow(RangeError);
    expect(() => formatLength(Infinity, 'in')).toThrow(RangeError);
  });

  it('never prints a doubt smaller than it is', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 90, noNaN: true }),
        fc.constantFrom('cm' as const, 'in' as const),
        (mm, lengthUnit) => {
          const printed = mmOf(formatTolerance(mm, lengthUnit).slice(2)) as number;
          expect(printed).toBeGreaterThanOrEqual(mm - 1e-6);
        },
      ),
    );
  });
});

describe('published sizes, printed in inches', () => {
  // ISO/IEC 7810 gives ID-1 as 85.60 × 53.98 mm (3.370 × 2.125 in); ISO 216 gives A4 as 210 × 297 and A6 as 105 × 148 mm.
  it.each([
    ['ID-1, width', 85.6, '3⅜ in'],
    ['ID-1, height', 53.98, '2⅛ in'],
    ['A4, width', 210, '8¼ in'],
    ['A4, height', 297, '11¾ in'],
    ['A6, width', 105, '4⅛ in'],
    ['A6, height', 148, '5⅞ in'],
  ])('%s', (_, mm, inches) => expect(formatLength(mm, 'in')).toBe(inches));

  it('has A6 twice in A5 and four times in A4, as ISO 216 halves its formats', () => {
    const [a4, a6] = ['297 mm', '14,8 cm'].map((text) => mmOf(text) as number);
    expect(Math.floor((a4 ?? 0) / 2)).toBe(a6);
  });
});
