import type { SettledDesign } from '@/core/contents';
import type { PieceSet } from '@/core/pieces';
import type { PouchStage } from '@/core/stages';
import { chainFigure } from './constructions/sizeFigures';

/**
 * A pouch with the starting chain that its first piece is really begun with: a strip worked from the flap's edge begins with as many
 * stitches as that has, which is known only once the flap is planned.
 */
export function begunAsPieces(pouch: PouchStage, { pieces, workedFrom }: PieceSet, design: SettledDesign): PouchStage {
  const [first] = pieces;
  if (workedFrom !== 'flap-edge' || first?.kind !== 'rows' || pouch.figures.startingChain === null) return pouch;
  return {
    ...pouch,
    figures: {
      ...pouch.figures,
      startingChain: chainFigure(design, first.startStitches, pouch.figures.stitches),
    },
  };
}
