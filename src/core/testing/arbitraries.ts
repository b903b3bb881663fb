import fc from 'fast-check';

/** Something, or nothing chosen. */
export const orNull = <T>(arbitrary: fc.Arbitrary<T>): fc.Arbitrary<T | null> => fc.option(arbitrary, { nil: null });

/** Where rounds that lie flat grow. */
export const INCREASES = ['staggered', 'stacked', 'as-needed'] as const;

/** Settings of every school, in either unit and either set of terms. */
export const anySettings = fc.record({
  lengthUnit: fc.constantFrom('cm', 'in'),
  terms: fc.constantFrom('us', 'uk'),
  hand: fc.constantFrom('left', 'right'),
  turningChain: fc.constantFrom('counts', 'does-not-count'),
  foundation: fc.constantFrom('chain', 'foundation-stitches'),
});
