import { patternOf } from '@/core/design';
import { stitchesInAll } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import type { Costs } from './criteria';
import { foldsOff } from './foldsOff';

/** What a whole plan comes to, by the same criteria as the search weighs. */
export function planCosts(plan: Plan): Costs {
  const { pouch, flap, pieces, yarn, workedFrom, contents } = plan;
  const { figures } = pouch;
  const bridgeOffMm = Math.abs(flap.bridgeRows * pouch.rowMm - flap.bridgeMm.loaded);
  return {
    size:
      Math.abs(figures.widthOff.value) +
      Math.abs(figures.heightOff.value) +
      Math.abs(pouch.backRows - pouch.frontRows) * pouch.rowMm,
    doubt: (figures.width.plusMinus ?? 0) + (figures.height.plusMinus ?? 0),
    flap: flap.hasFlap ? Math.abs(flap.figures.dropOff.value) + bridgeOffMm : 0,
    texture: foldsOff(patternOf(contents.settled))({
      isStrip: figures.baseFold !== null,
      fromFront: workedFrom === 'front-edge',
      front: pouch.frontRows,
      back: pouch.backRows,
      bridge: flap.bridgeRows,
      total: pouch.frontRows + pouch.backRows + flap.bridgeRows + flap.flapRows,
    }),
    yarn: yarn.figures?.mass.value ?? 0,
    work: pieces.reduce((sum, piece) => sum + piece.copies * stitchesInAll(piece), 0),
  };
}
