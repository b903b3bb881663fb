/** The sheets that a bag's side is made of, mm thick. A bag without lining has a lining of 0. */
export interface Sheets {
  fabricMm: number;
  liningMm: number;
}

/** What lies between the outside and the inside of a bag, mm: two sides across, and the base up; the mouth is open. */
export const sheetsAcrossMm = ({ fabricMm, liningMm }: Sheets): number => 2 * (fabricMm + liningMm);
export const sheetsUpMm = ({ fabricMm, liningMm }: Sheets): number => fabricMm + liningMm;

/**
 * The inside that a lot needs of a flat bag, mm: it wraps what it holds, so the load's thickness is needed across besides its
 * width, and half of it up.
 * Source: geometry; the ease is common practice.
 *
 * @example
 * insideNeeded({ widthMm: 70, heightMm: 140, thicknessMm: 10 }, 15) // => { widthMm: 95, heightMm: 160 }
 */
export const insideNeeded = (
  lot: { widthMm: number; heightMm: number; thicknessMm: number },
  easeMm: number,
): { widthMm: number; heightMm: number } => ({
  widthMm: lot.widthMm + lot.thicknessMm + easeMm,
  heightMm: lot.heightMm + lot.thicknessMm / 2 + easeMm,
});
