import type { Basis } from '@/core/figures';

/** The plain mark on a number that nobody measured. */
export const BASIS_WORDS: Record<Basis, string> = { rough: 'not measured yet', foretold: 'foretold' };

/** The same in a sentence, with what is to be done. */
export const BASIS_SENTENCES: Record<Basis, string> = {
  rough: 'It rests on rough figures: nothing of it was measured yet. Work a swatch and measure it.',
  foretold:
    'It is foretold from a swatch (or a strip) in another stitch, or for another piece. One of its own makes it sure.',
};

/** The sign before a number that nobody measured; its words stand where there is room for them. */
export const BASIS_SIGN = '≈';
