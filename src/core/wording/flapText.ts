import type { FlapStage } from '@/core/flap';
import type { Plan } from '@/core/plan';

/** Whether a flap is as wide as the back all the way, so that its rows go on as those before it. */
export const isPlainFlap = ({ leftEachSide, rows }: Pick<FlapStage, 'leftEachSide' | 'rows'>): boolean =>
  leftEachSide === 0 && rows.every(({ by }) => by === 'nothing');

/** What the flap's shape asks of the lining, or nothing. */
export const linedFlapNote = (plan: Plan): string =>
  !plan.flap.onPiece || isPlainFlap(plan.flap)
    ? ''
    : ' Lay the crochet on it and trim the flap’s end to its outline, with the same allowance.';

/** How the flap is shaped, in a few words, for a step. */
export function shapedFlapNote({ flap }: Plan): string {
  if (isPlainFlap(flap)) return '';
  const left = flap.leftEachSide > 0 ? `${flap.leftEachSide} stitches left unworked at each side; ` : '';
  if (flap.scallops)
    return ` ${left}${flap.startStitches} stitches, then ${flap.scallops.count} scallops of ${flap.scallops.stitchesEach}, each on its own, as the rows are written.`;
  return ` ${left}${flap.startStitches} stitches to begin with, ${flap.rows.at(-1)?.stitches ?? flap.startStitches} at the edge, as the rows are written.`;
}
