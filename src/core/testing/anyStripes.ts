import fc from 'fast-check';
import type { ColourRow } from '@/core/design';

/** Stripes of either of two further yarns, of whole bags or of one piece, once or again and again. */
export const anyStripes: fc.Arbitrary<ColourRow[]> = fc.array(
  fc.record({
    yarn: fc.integer({ min: 0, max: 1 }),
    fromRow: fc.integer({ min: 1, max: 90 }),
    rows: fc.integer({ min: 1, max: 9 }),
    everyRows: fc.option(fc.integer({ min: 10, max: 40 })),
    piece: fc.constantFrom<ColourRow['piece']>('all', 'panel', 'gusset'),
  }),
  { maxLength: 5 },
);
