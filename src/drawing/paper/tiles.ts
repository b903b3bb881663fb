/** Paper that pieces are printed on, mm, upright. Source: ISO 216; ANSI/ASME Y14.1 for Letter. */
export const PAPERS = {
  a4: { widthMm: 210, heightMm: 297 },
  a3: { widthMm: 297, heightMm: 420 },
  letter: { widthMm: 215.9, heightMm: 279.4 },
} as const;
export type PaperName = keyof typeof PAPERS;

/** Left white round each page, since few printers reach the edge; and what two pages have in common, to be glued, mm. */
export const PAGE_MARGIN_MM = 10;
export const OVERLAP_MM = 10;

/** One page of a tiled sheet: its place among the pages, and what of the sheet it shows, mm. */
export interface Tile {
  row: number;
  column: number;
  name: string;
  x: number;
  y: number;
  widthMm: number;
  heightMm: number;
}

/**
 * Cuts a sheet into pages that overlap by a strip to be glued. Pages are named by row and column: A1, A2, B1.
 *
 * @param widthMm of the sheet
 * @param landscape whether the paper lies on its side
 *
 * @example
 * tiles({ widthMm: 300, heightMm: 200 }, 'a4').map(({ name }) => name) // => ['A1', 'A2']
 */
export function tiles(
  { widthMm, heightMm }: { widthMm: number; heightMm: number },
  paper: PaperName,
  landscape = false,
): Tile[] {
  const { widthMm: wide, heightMm: high } = shownOn(paper, landscape);
  const along = (size: number, page: number) =>
    Math.max(1, Math.ceil((size - OVERLAP_MM - 1e-9) / (page - OVERLAP_MM)));
  const [columns, rows] = [along(widthMm, wide), along(heightMm, high)];
  return Array.from({ length: rows * columns }, (_, index) => {
    const [row, column] = [Math.floor(index / columns), index % columns];
    return {
      row,
      column,
      name: `${rowName(row)}${column + 1}`,
      x: column * (wide - OVERLAP_MM),
      y: row * (high - OVERLAP_MM),
      widthMm: wide,
      heightMm: high,
    };
  });
}

/** A, B, … Z, AA, AB, … */
function rowName(row: number): string {
  const letter = String.fromCharCode(65 + (row % 26));
  return row < 26 ? letter : rowName(Math.floor(row / 26) - 1) + letter;
}

/** What of a page is printed on. */
export function shownOn(paper: PaperName, landscape: boolean): { widthMm: number; heightMm: number } {
  const { widthMm, heightMm } = PAPERS[paper];
  const [wide, high] = landscape ? [heightMm, widthMm] : [widthMm, heightMm];
  return { widthMm: wide - 2 * PAGE_MARGIN_MM, heightMm: high - 2 * PAGE_MARGIN_MM };
}

/** The way that a paper lies for the fewest pages: upright where both need as many. */
export const fewestPages = (sheet: { widthMm: number; heightMm: number }, paper: PaperName): boolean =>
  tiles(sheet, paper, true).length < tiles(sheet, paper, false).length;
