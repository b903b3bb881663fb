/** The most stitches or rows that are planned for one section. More would be a blanket. */
export const MOST_COUNT = 600;

/** The most stitches that are planned round a rim, or along the edge of half a disc. */
export const MOST_RIM = 2000;

/** The most rows, or stitches, along a gusset or a band. */
export const MOST_STRIP = 4000;
