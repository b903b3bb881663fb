'use client';

import type { Figure } from '@/core/figures';
import { useBagBehind } from '@/ui/bag/BagProvider';
import { AskableNumber } from '@/ui/figures/FigureTicket';
import { LedgerTable } from '@/ui/figures/LedgerTable';

const HEADS = ['Size', 'Outside', 'In the walls', 'Inside', 'Needed, with ease', 'Room left, with ease'];

/** Each size as a sum that can be followed: outside, less the sheets, is inside. Beside it what is needed, and the room round what goes in. */
export function InsideTable() {
  const { width, height, depth } = useBagBehind('numbers', (state) => state.plan.pouch.figures);
  const { needsWidth, needsHeight, needsDepth } = useBagBehind('numbers', (state) => state.plan.contents.figures);
  const inside = useBagBehind('numbers', (state) => state.plan.fit.figures);
  const { sheetsAcross, sheetsAlong, sheetsThrough } = inside;
  const hasThings = needsWidth !== null;
  const rows: [name: string, figures: readonly (Figure | null)[]][] = [
    ['Across', [width, sheetsAcross, inside.insideWidth, needsWidth, inside.easeAcross]],
    ['Up', [height, sheetsAlong, inside.insideHeight, needsHeight, inside.easeUp]],
  ];
  if (depth) rows.push(['Front to back', [depth, sheetsThrough, inside.insideDepth, needsDepth, inside.easeThrough]]);
  return (
    <LedgerTable
      label="Outside and inside"
      testId="inside"
      heads={hasThings ? HEADS : HEADS.slice(0, 4)}
      rows={rows.map(([name, figures]) => ({
        key: name,
        cells: [
          name,
          ...figures.flatMap((figure) => (figure ? [<AskableNumber key={figure.id} figure={figure} />] : [])),
        ],
      }))}
    />
  );
}
