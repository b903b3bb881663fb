'use client';

import { useState } from 'react';
import { patternOf } from '@/core/design';
import { PIECE_NAMES, patternAsMarkdown, patternAsText, writePattern } from '@/core/wording';
import { chartDrawing, foldedDrawing, pieceDrawing, type Drawing } from '@/drawing';
import type { PatternPicture } from '@/drawing/pages';
import type { PaperName } from '@/drawing/paper';
import { useBagStore } from '@/ui/bag/BagProvider';
import type { BagState } from '@/ui/bag/bagStore';
import { downloadFile, downloadText, fileNameOf } from '@/ui/browser/download';
import { ChoiceField } from '@/ui/fields';
import { fontsFor } from '@/ui/paper/fontsFor';
import { LeaveGroup } from '@/ui/paper/LeaveGroup';
import { pictureLook } from '@/ui/theme/pictureLook';

const OFFERS = [
  ['pdf', 'Save as PDF'],
  ['html', 'Save as a web page'],
  ['zip', 'Save all of it as one ZIP'],
] as const;
type As = (typeof OFFERS)[number][0];

const LANGUAGES = { us: 'en-US', uk: 'en-GB' } as const;
/** A chart is drawn with as many repeats as have so many stitches. */
const CHART_STITCHES = 8;

/** The pattern as somebody would buy it: with its drawings, boxes to tick, and all of it in one file. */
export function WholePattern() {
  const store = useBagStore();
  const [paper, setPaper] = useState<PaperName>('a4');
  return (
    <LeaveGroup
      title="The whole pattern"
      offers={OFFERS}
      says="With its drawings, and a box to tick beside every row. The ZIP holds text, web page, PDF, drawings and the bag itself."
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

/** The drawings that stand in a pattern. */
function drawingsOf({ design, plan }: BagState): { before: string; label: string; name: string; drawing: Drawing }[] {
  const pattern = patternOf(design);
  return [
    {
      before: 'about',
      label: `${design.name}, closed, from the front`,
      name: 'Closed, from the front',
      drawing: foldedDrawing(plan),
    },
    ...(pattern.setupRows.length + pattern.rows.length > 1
      ? [
          {
            before: 'gauge',
            label: 'Chart of the stitch; row 1 is the lowest',
            name: 'Row 1 is the lowest',
            drawing: chartDrawing(
              pattern,
              Math.ceil(CHART_STITCHES / pattern.repeatStitches),
              design.settings.hand,
              design.settings.turningChain,
            ),
          },
        ]
      : []),
    ...plan.pieces.map((piece) => ({
      before: piece.id,
      label: `${PIECE_NAMES[piece.id]}, lying flat`,
      name: PIECE_NAMES[piece.id],
      drawing: pieceDrawing(design, plan, piece),
    })),
  ];
}

/** Makes the file and hands it to the browser; what makes it is loaded only now. */
async function leaveAs(as: As, paper: PaperName, bag: BagState): Promise<string> {
  const { design, plan } = bag;
  const [{ pictureOf, pictureSvg }, { patternBlocks, patternHtml }] = await Promise.all([
    import('@/drawing/picture'),
    import('@/drawing/pages'),
  ]);
  const pattern = writePattern(design, plan);
  const look = pictureLook(design.swatch.yarn.colour);
  const pictures = drawingsOf(bag).map(({ before, label, name, drawing }): PatternPicture => ({
    before,
    label,
    picture: pictureOf([{ name, drawing }], look),
  }));
  const language = LANGUAGES[design.settings.terms];
  const svgs = pictures.map(({ before, label, picture }) => ({ before, label, svg: pictureSvg(picture, label) }));
  const name = fileNameOf(design.name);
  if (as === 'html') {
    downloadText(`${name}.html`, patternHtml(pattern, svgs, language), 'text/html');
    return 'Saved as one page that needs nothing else.';
  }
  const { blocks, pictures: placed } = patternBlocks(pattern, pictures);
  const words = [
    patternAsText(pattern),
    ...pictures.flatMap(({ picture }) => picture.labels.map(({ text }) => text)),
  ].join(' ');
  const [{ patternPdf }, fonts] = await Promise.all([import('@/drawing/pages/patternPdf'), fontsFor(words)]);
  const pdf = await patternPdf(
    {
      ...{ title: pattern.title, blocks, pictures: placed, paper, language },
      pageWords: (page, of) => `${pattern.title}, page ${page} of ${of}`,
    },
    fonts,
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
  svgs.forEach(({ before, svg }, index) => {
    files[`drawings/${index + 1}-${before === 'about' ? 'front' : before === 'gauge' ? 'chart' : before}.svg`] =
      strToU8(svg);
  });
  downloadFile(`${name}.zip`, new Blob([zipSync(files) as BlobPart], { type: 'application/zip' }));
  return 'Saved as one ZIP.';
}
