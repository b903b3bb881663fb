'use client';

import { useState } from 'react';
import { PIECE_NAMES } from '@/core/wording';
import { foldedDrawing, pieceDrawing, sectionDrawing, type Drawing } from '@/drawing';
import { stitchChart } from '@/drawing/pages';
import { useBagStore } from '@/ui/bag/BagProvider';
import type { BagState } from '@/ui/bag/bagStore';
import { downloadFile, downloadText, fileNameOf } from '@/ui/browser/download';
import { ChoiceField } from '@/ui/fields';
import { pictureLook } from '@/ui/theme/pictureLook';
import { fontsFor } from './fontsFor';
import { LeaveGroup } from './LeaveGroup';
import { pngOf } from './pngOf';

interface Named {
  name: string;
  drawing: Drawing;
}

/** The drawings that can leave, at true size. */
const DRAWINGS = {
  pieces: {
    label: 'Flat pieces',
    of: ({ design, plan }: BagState): Named[] =>
      plan.pieces.map((piece) => ({ name: PIECE_NAMES[piece.id], drawing: pieceDrawing(design, plan, piece) })),
  },
  section: {
    label: 'Cut through',
    of: ({ plan }: BagState): Named[] => [
      { name: 'Empty', drawing: sectionDrawing(plan, 'empty') },
      { name: 'Loaded', drawing: sectionDrawing(plan, 'loaded') },
    ],
  },
  front: {
    label: 'Closed, from the front',
    of: ({ design, plan }: BagState): Named[] => [{ name: design.name, drawing: foldedDrawing(plan) }],
  },
  chart: {
    label: 'Chart of the stitch',
    of: ({ design }: BagState): Named[] => [stitchChart(design)],
  },
} as const;
type What = keyof typeof DRAWINGS;

const OFFERS = [
  ['svg', 'Save as SVG'],
  ['png', 'Save as PNG'],
  ['pdf', 'Save as PDF'],
] as const;
type As = (typeof OFFERS)[number][0];

/** The drawings of a bag as files: to print, to put into a pattern, to show. */
export function DrawingsGroup() {
  const store = useBagStore();
  const [what, setWhat] = useState<What>('pieces');
  return (
    <LeaveGroup
      title="Drawings"
      offers={OFFERS}
      says="As large as the bag itself, in your yarn’s colour; a chart as large as it is on the screen."
      leave={(as) => leaveAs(what, as, store.getState())}
    >
      <ChoiceField
        label="Drawing"
        width="14em"
        value={what}
        choices={Object.entries(DRAWINGS).map(([value, { label }]) => ({ value: value as What, label }))}
        onChange={setWhat}
      />
    </LeaveGroup>
  );
}

/** Makes the file and hands it to the browser; what draws it is loaded only now. */
async function leaveAs(what: What, as: As, bag: BagState): Promise<string> {
  const { pictureOf, pictureSvg } = await import('@/drawing/picture');
  const { design } = bag;
  const { label, of } = DRAWINGS[what];
  const picture = pictureOf(of(bag), pictureLook(design.swatch.yarn.colour));
  const title = `${design.name}: ${label.toLowerCase()}`;
  const name = `${fileNameOf(design.name)}-${what}`;
  if (as === 'svg') {
    downloadText(`${name}.svg`, pictureSvg(picture, title), 'image/svg+xml');
    return 'Saved as a drawing in millimetres.';
  }
  if (as === 'png') {
    const { file, dpi } = await pngOf(pictureSvg(picture, title), picture);
    downloadFile(`${name}.png`, file);
    return `Saved as a picture of ${dpi} dots to the inch.`;
  }
  const words = picture.labels.map(({ text }) => text).join(' ');
  const [{ picturePdf }, fonts] = await Promise.all([import('@/drawing/picture/picturePdf'), fontsFor(words)]);
  const bytes = await picturePdf(picture, fonts, title);
  downloadFile(`${name}.pdf`, new Blob([bytes as BlobPart], { type: 'application/pdf' }));
  return 'Saved as one page, as large as what is on it.';
}
