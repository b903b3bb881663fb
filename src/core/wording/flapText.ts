import type { Plan } from '@/core/plan';
import type { FlapStage } from '@/core/stages';

/** Whether a flap is as wide as the back all the way, so that its rows go on as those before it. */
const isPlainFlap = ({ leftEachSide, rows }: Pick<FlapStage, 'leftEachSide' | 'rows'>): boolean =>
  leftEachSide === 0 && rows.every(({ by }) => by === 'nothing');

/** How the flap is shaped, in a few words, for a step: from where it starts, or from its edge where it is worked the other way. */
export function shapedFlapNote({ flap }: Plan, turned = false): string {
  if (isPlainFlap(flap)) return '';
  const edge = flap.rows.at(-1)?.stitches ?? flap.startStitches;
  const back = flap.startStitches + 2 * flap.leftEachSide;
  if (turned)
    return ` ${edge} stitches to begin with, ${flap.startStitches} where the flap ends${flap.leftEachSide > 0 ? `, and ${back} from the back on` : ''}, as the rows are written.`;
  const left = flap.leftEachSide > 0 ? `${flap.leftEachSide} stitches left unworked at each side; ` : '';
  if (flap.scallops)
    return ` ${left}${flap.startStitches} stitches, then ${flap.scallops.count} scallops of ${flap.scallops.stitchesEach}, each on its own, as the rows are written.`;
  return ` ${left}${flap.startStitches} stitches to begin with, ${edge} at the edge, as the rows are written.`;
}
