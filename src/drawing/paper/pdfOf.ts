import {
  PDFDocument,
  clip,
  closePath,
  concatTransformationMatrix,
  endPath,
  lineTo,
  moveTo,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  setDashPattern,
  setLineWidth,
  setStrokingRgbColor,
  stroke,
  type PDFOperator,
  type PDFPage,
} from 'pdf-lib';
import { paperLook } from './paperLooks';
import { paperPaths, type PaperPath } from './paperPaths';
import type { Label, PaperSheet } from './paperSheet';
import { writerOf, type Writer } from './writer';
import { OVERLAP_MM, PAGE_MARGIN_MM, PAPERS, fewestPages, tiles, type PaperName, type Tile } from './tiles';

/** Points of a millimetre: there are 72 to the inch. */
export const PT = 72 / 25.4;
/** The square by which a printed page is measured, mm. */
export const TEST_SQUARE_MM = 50;

export interface PdfWords {
  title: string;
  /** Beside the test square, and above the plan of the pages. */
  measure: string;
  glue: string;
  page: (name: string) => string;
}

/**
 * A sheet as a PDF of pages at true size: first a page with a square to measure by and the plan of the pages, then the pages, each with its name and
 * crosses where they meet.
 *
 * @param fonts font files, the usual one first, of which the letters that are used are put in
 */
export async function pdfOf(
  sheet: PaperSheet,
  paper: PaperName,
  fonts: readonly Uint8Array[],
  words: PdfWords,
): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.setTitle(words.title);
  const writer = await writerOf(document, fonts);
  const landscape = fewestPages(sheet.box, paper);
  const all = tilesOf(sheet, paper);
  const paths = sheet.shapes.flatMap(paperPaths);
  firstPage(document, writer, sheet, all, paper, words);
  for (const tile of all) tilePage(document, writer, { sheet, paths, tile, paper, landscape, words });
  return document.save();
}

/** The pages of a sheet, lying the way that takes the fewest. */
export const tilesOf = ({ box }: Pick<PaperSheet, 'box'>, paper: PaperName): Tile[] =>
  tiles(box, paper, fewestPages(box, paper));

/** A page whose millimetres run to the right and down from inside its margin. */
function pageOf(document: PDFDocument, paper: PaperName, landscape: boolean): PDFPage {
  const { widthMm, heightMm } = PAPERS[paper];
  const [wide, high] = landscape ? [heightMm, widthMm] : [widthMm, heightMm];
  return document.addPage([wide * PT, high * PT]);
}

/** What turns millimetres, down from the upper edge, into points, up from the lower. */
const inMm = (page: PDFPage, offX: number, offY: number): PDFOperator[] => [
  pushGraphicsState(),
  concatTransformationMatrix(PT, 0, 0, -PT, offX * PT, page.getHeight() - offY * PT),
];

const drawn = ({ role, points, closed }: PaperPath): PDFOperator[] => {
  const { strokeMm, dashMm } = paperLook(role);
  const [first, ...rest] = points;
  if (!first) return [];
  return [
    setLineWidth(strokeMm),
    setStrokingRgbColor(0, 0, 0),
    setDashPattern([...dashMm], 0),
    moveTo(first.x, first.y),
    ...rest.map(({ x, y }) => lineTo(x, y)),
    ...(closed ? [closePath()] : []),
    stroke(),
  ];
};

const square = (x: number, y: number, widthMm: number, heightMm: number): PaperPath => ({
  role: 'tick',
  closed: true,
  points: [
    { x, y },
    { x: x + widthMm, y },
    { x: x + widthMm, y: y + heightMm },
    { x, y: y + heightMm },
  ],
});

/** Words on a page, in mm from its upper left corner. */
function write(page: PDFPage, writer: Writer, { x, y, text, sizeMm, align }: Label): void {
  const size = sizeMm * PT;
  const wide = align === 'middle' ? writer.widthOf(text, size) / 2 : 0;
  writer.write(page, text, { x: x * PT - wide, y: page.getHeight() - y * PT, size });
}

/** The square to measure by, and the pages as they lie beside each other. */
function firstPage(
  document: PDFDocument,
  writer: Writer,
  sheet: PaperSheet,
  all: readonly Tile[],
  paper: PaperName,
  words: PdfWords,
): void {
  const page = pageOf(document, paper, false);
  const m = PAGE_MARGIN_MM;
  const roomMm = PAPERS[paper].widthMm - 2 * m;
  // A long line is written smaller, so that all of it is on the page.
  const fitting = (text: string, sizeMm: number, wideMm: number) =>
    Math.min(sizeMm, (sizeMm * wideMm * PT) / Math.max(1, writer.widthOf(text, sizeMm * PT)));
  const left = (text: string, y: number, sizeMm: number) =>
    write(page, writer, { x: m, y, text, sizeMm: fitting(text, sizeMm, roomMm), align: 'left' });
  left(words.title, m + 8, 7);
  page.pushOperators(
    ...inMm(page, 0, 0),
    ...drawn(square(m, m + 16, TEST_SQUARE_MM, TEST_SQUARE_MM)),
    popGraphicsState(),
  );
  write(page, writer, {
    x: m + TEST_SQUARE_MM + 6,
    y: m + 16 + TEST_SQUARE_MM / 2,
    text: words.measure,
    sizeMm: fitting(words.measure, 4, roomMm - TEST_SQUARE_MM - 6),
    align: 'left',
  });
  const top = m + 16 + TEST_SQUARE_MM + 14;
  left(words.glue, top, 4);
  const { widthMm, heightMm } = PAPERS[paper];
  const last = all.at(-1) as Tile;
  const [wide, high] = [last.x + last.widthMm, last.y + last.heightMm];
  const share = Math.min((widthMm - 2 * m) / wide, (heightMm - top - 10 - m) / high);
  const offY = top + 6;
  page.pushOperators(
    ...inMm(page, m, offY),
    concatTransformationMatrix(share, 0, 0, share, 0, 0),
    ...sheet.shapes.flatMap(paperPaths).flatMap(drawn),
    ...all.flatMap((tile) => drawn(square(tile.x, tile.y, tile.widthMm, tile.heightMm))),
    popGraphicsState(),
  );
  for (const tile of all)
    write(page, writer, {
      x: m + share * (tile.x + tile.widthMm / 2),
      y: offY + share * (tile.y + tile.heightMm / 2) + 2,
      text: tile.name,
      sizeMm: Math.min(6, share * 40),
      align: 'middle',
    });
}

interface TilePage {
  sheet: PaperSheet;
  paths: readonly PaperPath[];
  tile: Tile;
  paper: PaperName;
  landscape: boolean;
  words: PdfWords;
}

/** One page at true size: what lies on it, clipped to what is printed; crosses where it meets its neighbours, and its name. */
function tilePage(
  document: PDFDocument,
  writer: Writer,
  { sheet, paths, tile, paper, landscape, words }: TilePage,
): void {
  const page = pageOf(document, paper, landscape);
  const m = PAGE_MARGIN_MM;
  const seen = ({ x, y }: { x: number; y: number }) =>
    x >= tile.x - 1 && x <= tile.x + tile.widthMm + 1 && y >= tile.y - 1 && y <= tile.y + tile.heightMm + 1;
  const near = paths.filter(({ points }) => points.some(seen) || crosses(points, tile));
  page.pushOperators(
    ...inMm(page, m - tile.x, m - tile.y),
    rectangle(tile.x, tile.y, tile.widthMm, tile.heightMm),
    clip(),
    endPath(),
    ...near.flatMap(drawn),
    ...meetingCrosses(tile).flatMap(drawn),
    popGraphicsState(),
  );
  for (const label of sheet.labels)
    if (seen(label)) write(page, writer, { ...label, x: label.x - tile.x + m, y: label.y - tile.y + m });
  write(page, writer, { x: m, y: m - 3, text: words.page(tile.name), sizeMm: 3.5, align: 'left' });
}

/** Whether a run of lines passes through a page none of whose points lies on it. */
function crosses(points: PaperPath['points'], { x, y, widthMm, heightMm }: Tile): boolean {
  const [left, right] = [Math.min(...points.map((p) => p.x)), Math.max(...points.map((p) => p.x))];
  const [top, bottom] = [Math.min(...points.map((p) => p.y)), Math.max(...points.map((p) => p.y))];
  return left <= x + widthMm && right >= x && top <= y + heightMm && bottom >= y;
}

/** A cross in the middle of every overlap's ends: those of two pages lie on each other. */
function meetingCrosses({ x, y, widthMm, heightMm }: Tile): PaperPath[] {
  const half = OVERLAP_MM / 2;
  const at = [x + half, x + widthMm - half].flatMap((cx) =>
    [y + half, y + heightMm - half].map((cy) => [cx, cy] as const),
  );
  return at.flatMap(([cx, cy]) => [
    {
      role: 'tick' as const,
      closed: false,
      points: [
        { x: cx - 3, y: cy },
        { x: cx + 3, y: cy },
      ],
    },
    {
      role: 'tick' as const,
      closed: false,
      points: [
        { x: cx, y: cy - 3 },
        { x: cx, y: cy + 3 },
      ],
    },
  ]);
}
