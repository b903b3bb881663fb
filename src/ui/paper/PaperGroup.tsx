'use client';

import { useState } from 'react';
import { pageWords, piecesToCut } from '@/core/wording';
import { useBagStore } from '@/ui/bag/BagProvider';
import type { BagState } from '@/ui/bag/bagStore';
import { ChoiceField } from '@/ui/fields';
import { fontsFor } from './fontsFor';
import { LeaveGroup } from './LeaveGroup';
import { downloadFile, downloadText, fileNameOf } from '@/ui/browser/download';

/** A sheet of pieces is laid out this wide before it is cut into pages, mm. */
const SHEET_MM = 760;

type Paper = 'a4' | 'a3' | 'letter';

/** The pieces of lining and stiffener leave at true size: as pages to print, as a drawing, or for a cutter. */
export function PaperGroup() {
  const store = useBagStore();
  const [paper, setPaper] = useState<Paper>('a4');
  return (
    <LeaveGroup
      title="On paper, at true size"
      offers={OFFERS}
      says="The first page has a square to measure: it tells whether your printer kept the size."
      leave={(as) => leaveAs(as, store.getState(), paper)}
    >
      <ChoiceField
        label="Paper"
        width="9em"
        value={paper}
        choices={[
          { value: 'a4', label: 'A4' },
          { value: 'a3', label: 'A3' },
          { value: 'letter', label: 'Letter' },
        ]}
        onChange={setPaper}
      />
    </LeaveGroup>
  );
}

const OFFERS = [
  ['pdf', 'Pages to print (PDF)'],
  ['svg', 'Drawing in mm (SVG)'],
  ['dxf', 'For a cutter (DXF)'],
] as const;

/** Makes the file and hands it to the browser; what draws it is loaded only now. */
async function leaveAs(as: 'pdf' | 'svg' | 'dxf', { design, plan }: BagState, paper: Paper): Promise<string> {
  const { paperSheet, svgOf } = await import('@/drawing/paper');
  const sheet = paperSheet(piecesToCut(design, plan), SHEET_MM);
  const name = `${fileNameOf(design.name)}-pieces`;
  if (as === 'svg') {
    downloadText(`${name}.svg`, svgOf(sheet, design.name), 'image/svg+xml');
    return 'Saved as a drawing in millimetres.';
  }
  if (as === 'dxf') {
    const { dxfOf } = await import('@/drawing/paper/dxfOf');
    downloadText(`${name}.dxf`, dxfOf(sheet), 'image/vnd.dxf');
    return 'Saved for a cutter: lines to cut, seams, marks and holes on layers of their own.';
  }
  const words = [design.name, ...sheet.labels.map(({ text }) => text)].join(' ');
  const [{ pdfOf, tilesOf }, fonts] = await Promise.all([import('@/drawing/paper/pdfOf'), fontsFor(words)]);
  const bytes = await pdfOf(sheet, paper, fonts, pageWords(design));
  downloadFile(`${name}.pdf`, new Blob([bytes as BlobPart], { type: 'application/pdf' }));
  const pages = tilesOf(sheet, paper).length;
  return `Saved: ${pages === 1 ? 'one page' : `${pages} pages`}, and one to measure by.`;
}
