import {
  PDFDocument,
  PDFName,
  PDFNumber,
  PDFOperator,
  PDFHexString,
  concatTransformationMatrix,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  setLineWidth,
  setStrokingRgbColor,
  stroke,
  type PDFOperatorNames,
  type PDFPage,
  type PDFRef,
} from 'pdf-lib';
import { PT } from '../paper/pdfOf';
import { PAPERS, type PaperName } from '../paper/tiles';
import { writerOf, type Writer } from '../paper/writer';
import { leftShare, type Picture } from '../picture/picture';
import { drawnPath } from '../picture/picturePdf';
import { layPages, type Block, type Page, type Placed } from './layPages';

const MARGIN_MM = 18;
const PAGE_NUMBER_MM = 3.2;

/** What each kind of block is to somebody who has it read to them (ISO 14289-1: every piece of content is tagged, or said to be none). */
const TAGS: Readonly<Record<Block['kind'], string>> = {
  title: 'H1',
  heading: 'H2',
  line: 'P',
  row: 'P',
  picture: 'Figure',
};

export interface PatternPdfInput {
  title: string;
  blocks: readonly Block[];
  /** The pictures, by the number of their block. */
  pictures: ReadonlyMap<number, Picture>;
  paper: PaperName;
  /** The language of its words, as BCP 47 has it. */
  language: string;
  /** “Page 2 of 5”. */
  pageWords: (page: number, of: number) => string;
}

/**
 * A pattern as a PDF: text in letters of which only those that are used are put in, drawings as lines, each block tagged as what it is.
 *
 * @param fonts font files, the usual one first
 * @param headingFonts those of title and headings, likewise; without, they are set in the others
 */
export async function patternPdf(
  { title, blocks, pictures, paper, language, pageWords }: PatternPdfInput,
  fonts: readonly Uint8Array[],
  headingFonts: readonly Uint8Array[] = [],
): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.setTitle(title, { showInWindowTitleBar: true });
  document.setLanguage(language);
  const writer = await writerOf(document, fonts);
  const heads = await writerOf(document, [...headingFonts, ...fonts]);
  const writers = (kind: Block['kind']) => (kind === 'title' || kind === 'heading' ? heads : writer);
  const { widthMm, heightMm } = PAPERS[paper];
  const pages = layPages(blocks, { widthMm, heightMm, marginMm: MARGIN_MM }, (text, sizeMm, kind) =>
    writers(kind).widthOf(text, sizeMm),
  );
  const tags = new Tags(document);
  pages.forEach((page, index) => {
    const sheet = document.addPage([widthMm * PT, heightMm * PT]);
    tags.page(sheet);
    drawPage(sheet, page, { writers, pictures, blocks, tags });
    const number = pageWords(index + 1, pages.length);
    artifact(sheet, () => {
      const size = PAGE_NUMBER_MM * PT;
      writer.write(sheet, number, { x: (widthMm * PT - writer.widthOf(number, size)) / 2, y: 9 * PT, size });
    });
  });
  tags.done();
  return document.save();
}

interface Drawing {
  writers: (kind: Block['kind']) => Writer;
  pictures: ReadonlyMap<number, Picture>;
  blocks: readonly Block[];
  tags: Tags;
}

function drawPage(sheet: PDFPage, page: Page, { writers, pictures, blocks, tags }: Drawing): void {
  for (const { block, kind, items } of page.blocks) {
    const boxes = items.filter((item) => item.kind === 'box');
    artifact(sheet, () => boxes.forEach((item) => box(sheet, item)));
    const alt = kind === 'picture' ? (blocks[block] as Extract<Block, { kind: 'picture' }>).label : null;
    tags.marked(sheet, TAGS[kind], alt, () => {
      for (const item of items) {
        if (item.kind === 'text')
          writers(kind).write(sheet, item.text, {
            x: item.x * PT,
            y: sheet.getHeight() - item.y * PT,
            size: item.sizeMm * PT,
          });
        if (item.kind === 'picture') picture(sheet, writers(kind), item, pictures.get(block));
      }
    });
  }
}

/** A box to tick. */
function box(sheet: PDFPage, { x, y, sizeMm }: Extract<Placed, { kind: 'box' }>): void {
  sheet.pushOperators(
    pushGraphicsState(),
    setLineWidth(0.7),
    setStrokingRgbColor(0, 0, 0),
    rectangle(x * PT, sheet.getHeight() - (y + sizeMm) * PT, sizeMm * PT, sizeMm * PT),
    stroke(),
    popGraphicsState(),
  );
}

function picture(
  sheet: PDFPage,
  writer: Writer,
  { x, y, scale }: Extract<Placed, { kind: 'picture' }>,
  drawn: Picture | undefined,
): void {
  if (!drawn) return;
  const each = PT * scale;
  sheet.pushOperators(
    pushGraphicsState(),
    // Millimetres of the picture, down from its upper edge, into points up from the lower edge of the page.
    concatTransformationMatrix(each, 0, 0, -each, x * PT, sheet.getHeight() - y * PT),
    ...drawn.paths.flatMap(drawnPath),
    popGraphicsState(),
  );
  for (const label of drawn.labels) {
    const size = label.sizeMm * each;
    writer.write(sheet, label.text, {
      x: x * PT + label.x * each - leftShare(label) * writer.widthOf(label.text, size),
      y: sheet.getHeight() - y * PT - label.y * each,
      size,
    });
  }
}

const operator = (name: string, ...args: string[]): PDFOperator => PDFOperator.of(name as PDFOperatorNames, args);

/** What says nothing: lines to tick, page numbers. */
function artifact(sheet: PDFPage, draw: () => void): void {
  sheet.pushOperators(operator('BMC', '/Artifact'));
  draw();
  sheet.pushOperators(operator('EMC'));
}

/** The tree of what is on the pages (ISO 32000-1, 14.7): headings, lines and figures in their order. */
class Tags {
  private readonly root: PDFRef;
  private readonly whole: PDFRef;
  private readonly all: PDFRef[] = [];
  private readonly byPage: PDFRef[][] = [];

  constructor(private readonly document: PDFDocument) {
    const { context } = document;
    this.root = context.nextRef();
    this.whole = context.nextRef();
  }

  page(sheet: PDFPage): void {
    sheet.node.set(PDFName.of('StructParents'), PDFNumber.of(this.byPage.length));
    sheet.node.set(PDFName.of('Tabs'), PDFName.of('S'));
    this.byPage.push([]);
  }

  /** What is drawn meanwhile is one thing of a kind. */
  marked(sheet: PDFPage, tag: string, alt: string | null, draw: () => void): void {
    const own = this.byPage.at(-1) as PDFRef[];
    sheet.pushOperators(operator('BDC', `/${tag}`, `<</MCID ${own.length}>>`));
    draw();
    sheet.pushOperators(operator('EMC'));
    const { context } = this.document;
    const element = context.obj({ Type: 'StructElem', S: tag, P: this.whole, Pg: sheet.ref, K: own.length });
    if (alt !== null) element.set(PDFName.of('Alt'), PDFHexString.fromText(alt));
    const ref = context.register(element);
    own.push(ref);
    this.all.push(ref);
  }

  done(): void {
    const { context, catalog } = this.document;
    context.assign(this.whole, context.obj({ Type: 'StructElem', S: 'Document', P: this.root, K: this.all }));
    const nums = this.byPage.flatMap((refs, page) => [page, refs]);
    context.assign(
      this.root,
      context.obj({
        Type: 'StructTreeRoot',
        K: [this.whole],
        ParentTree: context.obj({ Nums: nums }),
        ParentTreeNextKey: this.byPage.length,
      }),
    );
    catalog.set(PDFName.of('StructTreeRoot'), this.root);
    catalog.set(PDFName.of('MarkInfo'), context.obj({ Marked: true }));
  }
}
