import fontkit from '@pdf-lib/fontkit';
import type { PDFDocument, PDFFont, PDFPage } from 'pdf-lib';

/** Words on the pages of a PDF, in whatever letters its fonts have between them. */
export interface Writer {
  /** How wide a text is, in the units of its size. */
  widthOf(text: string, size: number): number;
  /** Writes from (x, y) on, in points from the lower left corner. */
  write(page: PDFPage, text: string, at: { x: number; y: number; size: number }): void;
}

/** What stands for a letter that no font has. */
const MISSING = '?';

/**
 * A fraction that is one sign, in signs that any font has.
 *
 * @param after the sign before it
 */
function spelledFraction(letter: string, after: string): string | null {
  const [, over, under] = /^(\d+)\u2044(\d+)$/.exec(letter.normalize('NFKD')) ?? [];
  return over === undefined ? null : `${/\d/.test(after) ? ' ' : ''}${over}/${under}`;
}

interface Run {
  face: PDFFont;
  text: string;
}

/**
 * A writer with some fonts, of which only the letters that are used are put into the file. Every letter is set in the first font that has it.
 *
 * @param fonts font files, the usual one first
 * @throws RangeError without a font
 */
export async function writerOf(document: PDFDocument, fonts: readonly Uint8Array[]): Promise<Writer> {
  document.registerFontkit(fontkit);
  const faces: { face: PDFFont; has: ReadonlySet<number> }[] = [];
  for (const font of fonts) {
    const face = await document.embedFont(font, { subset: true });
    faces.push({ face, has: new Set(face.getCharacterSet()) });
  }
  const [usual] = faces;
  if (!usual) throw new RangeError('a writer needs a font');
  const runs = (text: string): Run[] => {
    const all: Run[] = [];
    let before = '';
    for (const letter of text) {
      const found = faces.find(({ has }) => has.has(letter.codePointAt(0) ?? 0));
      const { face } = found ?? usual;
      const set = found ? letter : (spelledFraction(letter, before) ?? MISSING);
      before = letter;
      const last = all.at(-1);
      if (last?.face === face) last.text += set;
      else all.push({ face, text: set });
    }
    return all;
  };
  return {
    widthOf: (text, size) => runs(text).reduce((sum, run) => sum + run.face.widthOfTextAtSize(run.text, size), 0),
    write: (page, text, { x, y, size }) => {
      let at = x;
      for (const run of runs(text)) {
        page.drawText(run.text, { x: at, y, size, font: run.face });
        at += run.face.widthOfTextAtSize(run.text, size);
      }
    },
  };
}
