/** Millimetres in an inch, exact. Source: international yard and pound agreement, 1959. */
export const MM_PER_INCH = 25.4;

/** Metres in a yard, exact. Source: international yard and pound agreement, 1959. */
export const M_PER_YARD = 0.9144;

/** Grams in an ounce (avoirdupois), exact to the digits given. Same source. */
export const G_PER_OUNCE = 28.349523125;
