/** Millimetres of an inch. */
const INCH_MM = 25.4;

/**
 * Canvas cut along its bars: so many whole ones as fit, and what they measure.
 *
 * Source: seven bars to the inch is the usual canvas; from memory.
 *
 * @example
 * wholeBars(26, 10) // => { bars: 10, mm: 25.4 }
 */
export function wholeBars(mm: number, barsPerInch: number): { bars: number; mm: number } {
  const pitchMm = INCH_MM / barsPerInch;
  const bars = Math.max(1, Math.floor(mm / pitchMm + 1e-9));
  return { bars, mm: bars * pitchMm };
}

/** A sheet of plastic canvas as it is mostly sold, mm: 10½ by 13½ inches. From memory. */
export const CANVAS_SHEET_MM = { widthMm: 266.7, heightMm: 342.9 } as const;

/**
 * Sheets that some rectangles are cut from: the largest first, in rows across the sheet, either way round where they fit only so.
 *
 * @param room between them, mm
 * @returns null where one is larger than a sheet
 *
 * @example
 * sheetsFor([{ widthMm: 200, heightMm: 150, copies: 3 }], { widthMm: 266.7, heightMm: 342.9 }, 4) // => 2
 */
export function sheetsFor(
  pieces: readonly { widthMm: number; heightMm: number; copies: number }[],
  sheet: { widthMm: number; heightMm: number },
  room: number,
): number | null {
  const each = pieces
    .flatMap(({ widthMm, heightMm, copies }) => {
      const fits = widthMm <= sheet.widthMm && heightMm <= sheet.heightMm;
      const turned = heightMm <= sheet.widthMm && widthMm <= sheet.heightMm;
      const one = fits ? { wide: widthMm, high: heightMm } : turned ? { wide: heightMm, high: widthMm } : null;
      return Array<typeof one>(copies).fill(one);
    })
    .sort((a, b) => (b?.high ?? 0) - (a?.high ?? 0));
  if (each.some((one) => one === null)) return null;
  /** Rows that are begun, on which sheet, how much of them is taken. */
  const rows: { sheet: number; high: number; taken: number }[] = [];
  const used: number[] = [];
  for (const one of each) {
    if (!one) continue;
    const row = rows.find(({ high, taken }) => one.high <= high && taken + one.wide <= sheet.widthMm);
    if (row) {
      row.taken += one.wide + room;
      continue;
    }
    let on = used.findIndex((mm) => mm + one.high <= sheet.heightMm);
    if (on < 0) on = used.push(0) - 1;
    used[on] = (used[on] ?? 0) + one.high + room;
    rows.push({ sheet: on, high: one.high, taken: one.wide + room });
  }
  return used.length;
}
