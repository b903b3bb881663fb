import {
  PDFDocument,
  closePath,
  concatTransformationMatrix,
  fill,
  fillAndStroke,
  lineTo,
  moveTo,
  popGraphicsState,
  pushGraphicsState,
  setDashPattern,
  setFillingRgbColor,
  setLineWidth,
  setStrokingRgbColor,
  stroke,
  type PDFOperator,
} from 'pdf-lib';
import { PT } from '../paper/pdfOf';
import { writerOf } from '../paper/writer';
import { leftShare, type Picture, type PicturePath } from './picture';

/** The parts of a colour that is written as the web writes it, over white, each from 0 to 1. */
function rgb(colour: string, opacity = 1): [number, number, number] {
  const [red = 0, green = 0, blue = 0] = (/^#(..)(..)(..)$/.exec(colour) ?? [])
    .slice(1)
    .map((hex) => parseInt(hex, 16));
  const over = (part: number) => 1 - opacity * (1 - part / 255);
  return [over(red), over(green), over(blue)];
}

/** A path of a picture, in its own millimetres. */
export function drawnPath({ points, closed, look }: PicturePath): PDFOperator[] {
  const [first, ...rest] = points;
  if (!first || (look.fill === null && look.stroke === null)) return [];
  return [
    ...(look.fill === null ? [] : [setFillingRgbColor(...rgb(look.fill, look.fillOpacity))]),
    ...(look.stroke === null
      ? []
      : [setLineWidth(look.strokeMm), setStrokingRgbColor(...rgb(look.stroke)), setDashPattern([...look.dashMm], 0)]),
    moveTo(first.x, first.y),
    ...rest.map(({ x, y }) => lineTo(x, y)),
    ...(closed ? [closePath()] : []),
    look.fill === null ? stroke() : look.stroke === null ? fill() : fillAndStroke(),
  ];
}

/**
 * A picture as a PDF of one page that is as large as it is.
 *
 * @param fonts font files, the usual one first, of which the letters that are used are put in
 */
export async function picturePdf(picture: Picture, fonts: readonly Uint8Array[], title: string): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.setTitle(title);
  const writer = await writerOf(document, fonts);
  const page = document.addPage([picture.widthMm * PT, picture.heightMm * PT]);
  page.pushOperators(
    pushGraphicsState(),
    // Millimetres down from the upper edge into points up from the lower.
    concatTransformationMatrix(PT, 0, 0, -PT, 0, page.getHeight()),
    ...picture.paths.flatMap(drawnPath),
    popGraphicsState(),
  );
  for (const label of picture.labels) {
    const { x, y, text, sizeMm } = label;
    const size = sizeMm * PT;
    writer.write(page, text, {
      x: x * PT - leftShare(label) * writer.widthOf(text, size),
      y: page.getHeight() - y * PT,
      size,
    });
  }
  return document.save();
}
