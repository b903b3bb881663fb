'use client';

import { useState } from 'react';
import { LANGUAGES } from '@/core/language';
import { pageWords, patternAsMarkdown, patternAsText, piecesToCut, writtenPattern } from '@/core/wording';
import type { PaperName } from '@/drawing/paper';
import { useBagStore } from '@/ui/bag/BagProvider';
import type { BagState } from '@/ui/bag/bagStore';
import { downloadFile, downloadText, fileNameOf } from '@/ui/browser/download';
import { ChoiceField } from '@/ui/fields';
import { fontsFor, headingFontsFor } from '@/ui/paper/fontsFor';
import { LeaveGroup } from '@/ui/paper/LeaveGroup';
import { bytesOf, pngOf } from '@/ui/paper/pngOf';
import { pictureLook } from '@/ui/theme/pictureLook';

const OFFERS = [
  ['pdf', 'Save as PDF'],
  ['html', 'Save as a web page'],
  ['zip', 'Save all of it as one ZIP'],
] as const;
type As = (typeof OFFERS)[number][0];

const TAGS = { us: 'en-US', uk: 'en-GB' } as const;
/** What leaves as a picture too, to be shown beside a pattern that is for sale. */
const AS_PNG: ReadonlySet<string> = new Set(['front', 'chart']);
/** A sheet of pieces is laid out this wide before it is cut into pages, mm. */
const SHEET_MM = 760;

/** The pattern as somebody would buy it: with its drawings, boxes to tick, and all of it in one file. */
export function WholePattern() {
  const store = useBagStore();
  const [paper, setPaper] = useState<PaperName>('a4');
  return (
    <LeaveGroup
      title="The whole pattern"
      offers={OFFERS}
      says="With its drawings, and a box to tick beside every row. The ZIP holds text, web page, PDF, drawings, pieces to cut, and the bag itself."
      leave={(as) => leaveAs(as, paper, store.getState())}
    >
      <ChoiceField
        label="Paper"
        width="9em"
        value={paper}
        choices={[
          { value: 'a4', label: 'A4' },
          { value: 'letter', label: 'Letter' },
        ]}
        onChange={(value) => setPaper(value as PaperName)}
      />
    </LeaveGroup>
  );
}

/** Makes the file and hands it to the browser; what makes it is loaded only now. */
async function leaveAs(as: As, paper: PaperName, bag: BagState): Promise<string> {
  const { design, plan } = bag;
  const [{ lettersFor, pictureOf, pictureSvg }, { patternBlocks, patternDrawings, patternHtml }] = await Promise.all([
    import('@/drawing/picture'),
    import('@/drawing/pages'),
  ]);
  const pattern = writtenPattern(design, plan);
  const look = pictureLook(design.swatch.yarn.colour);
  const pictures = patternDrawings(design, plan).map(({ before, file, label, drawings, notes }) => ({
    before,
    file,
    label,
    notes,
    picture: pictureOf(drawings, look, { lettersMm: lettersFor(drawings) }),
  }));
  const { language: own } = design.written;
  const language = own === 'en' ? TAGS[design.settings.terms] : LANGUAGES[own].tag;
  const svgs = pictures.map(({ picture, ...one }) => ({ ...one, svg: pictureSvg(picture, one.label) }));
  const name = fileNameOf(design.name);
  if (as === 'html') {
    downloadText(`${name}.html`, patternHtml(pattern, svgs, language), 'text/html');
    return 'Saved as one page that needs nothing else.';
  }
  const { blocks, pictures: placed } = patternBlocks(pattern, pictures);
  const words = [
    patternAsText(pattern),
    ...pictures.flatMap(({ picture, notes }) => [...notes, ...picture.labels.map(({ text }) => text)]),
  ].join(' ');
  const headings = [pattern.title, ...pattern.sections.map(({ heading }) => heading)].join(' ');
  const [{ patternPdf }, fonts, headingFonts] = await Promise.all([
    import('@/drawing/pages/patternPdf'),
    fontsFor(words),
    headingFontsFor(headings),
  ]);
  const pdf = await patternPdf(
    {
      ...{ title: pattern.title, blocks, pictures: placed, paper, language },
      pageWords: (page, of) => `${pattern.title}, page ${page} of ${of}`,
    },
    fonts,
    headingFonts,
  );
  if (as === 'pdf') {
    downloadFile(`${name}.pdf`, new Blob([pdf as BlobPart], { type: 'application/pdf' }));
    return 'Saved as a PDF.';
  }
  const { strToU8, zipSync } = await import('fflate');
  const files: Record<string, Uint8Array> = {
    [`${name}.txt`]: strToU8(patternAsText(pattern)),
    [`${name}.md`]: strToU8(patternAsMarkdown(pattern)),
    [`${name}.html`]: strToU8(patternHtml(pattern, svgs, language)),
    [`${name}.pdf`]: pdf,
    [`${name}.ruelle.json`]: strToU8(`${JSON.stringify(design, null, 2)}\n`),
  };
  for (const [index, { file, svg }] of svgs.entries()) {
    files[`drawings/${index + 1}-${file}.svg`] = strToU8(svg);
    const { picture } = pictures[index] as (typeof pictures)[number];
    if (AS_PNG.has(file)) files[`drawings/${index + 1}-${file}.png`] = await bytesOf((await pngOf(svg, picture)).file);
  }
  const cut = piecesToCut(design, plan);
  if (cut.length > 0) {
    const [{ paperSheet, svgOf }, { dxfOf }, { pdfOf }] = await Promise.all([
      import('@/drawing/paper'),
      import('@/drawing/paper/dxfOf'),
      import('@/drawing/paper/pdfOf'),
    ]);
    const sheet = paperSheet(cut, SHEET_MM);
    const letters = await fontsFor([design.name, ...sheet.labels.map(({ text }) => text)].join(' '));
    files['pieces/pieces.svg'] = strToU8(svgOf(sheet, design.name));
    files['pieces/pieces.dxf'] = strToU8(dxfOf(sheet));
    files['pieces/pieces.pdf'] = await pdfOf(sheet, paper, letters, pageWords(design));
  }
  downloadFile(`${name}.zip`, new Blob([zipSync(files) as BlobPart], { type: 'application/zip' }));
  return 'Saved as one ZIP.';
}
