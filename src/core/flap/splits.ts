import type { SettledDesign } from '@/core/contents';
import { LEAST_DROP_MM, MOST_SIZE_MM, SNAP_INSET_MM } from '@/core/defaults';
import { COMMON_PRACTICE, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { DesignEdit } from '@/core/problems';
import type { PouchStage, FlapStage } from '@/core/stages';

export type SplitId = 'thirds' | 'two-thirds' | 'nearly-half' | 'to-the-closure';

/** A way makers split a strip into front, back and flap, with the drop that it comes to here. */
export interface Split {
  id: SplitId;
  drop: Figure;
  isPlanned: boolean;
  /** What beginning from it changes. */
  edits: DesignEdit[];
}

/** Front and back together as a share of the strip: a little more than two thirds, and nearly all of it. Common practice; figures ours. */
const FOLDED_SHARE = { 'two-thirds': 0.7, 'nearly-half': 0.9 } as const;

/**
 * The splits that makers use, worked out for this bag: thirds; a little more than two thirds folded up, the rest flap; nearly halves
 * and a short flap; or a flap measured to a closure halfway down the front. Those that the front has no room for are left out.
 *
 * @param closesAtMm how far in from the flap's edge its closure is wished, mm; null where it has none
 */
export function flapSplits(
  design: SettledDesign,
  pouch: PouchStage,
  flap: FlapStage,
  closesAtMm: number | null,
): Split[] {
  const frontMm = pouch.sectionMm.front;
  const bridgeMm = flap.bridgeMm.loaded;
  const insetMm = closesAtMm ?? SNAP_INSET_MM;
  const beyond: Record<SplitId, number> = {
    thirds: frontMm,
    'two-thirds': ((1 - FOLDED_SHARE['two-thirds']) / FOLDED_SHARE['two-thirds']) * 2 * frontMm,
    'nearly-half': ((1 - FOLDED_SHARE['nearly-half']) / FOLDED_SHARE['nearly-half']) * 2 * frontMm,
    'to-the-closure': frontMm / 2 + insetMm + bridgeMm,
  };
  const most = Math.min(MOST_SIZE_MM, design.body.sizesFrom === 'contents' ? MOST_SIZE_MM : design.wishedMm.heightMm);
  return (Object.keys(beyond) as SplitId[])
    .map((id): Split => {
      const dropMm = Math.floor(beyond[id] - bridgeMm);
      return {
        id,
        drop: makeFigure(`split.${id}`, 'Flap drop', dropMm, 'mm', {
          rule: RULES[id],
          inputs: [
            input('Front, from the mouth to the base', frontMm, 'mm'),
            inputFrom(flap.figures.bridgeLoaded),
            ...(id === 'to-the-closure' ? [input('Closure from the flap’s edge', insetMm, 'mm')] : []),
          ],
          source: COMMON_PRACTICE,
        }),
        isPlanned: Math.abs(design.flap.dropMm - dropMm) < 0.5,
        edits: [
          { path: ['flap', 'dropMm'], value: dropMm },
          { path: ['body', 'chosenRows', 'bridge'], value: null },
          { path: ['body', 'chosenRows', 'flap'], value: null },
        ],
      };
    })
    .filter(({ drop }) => drop.value >= LEAST_DROP_MM && drop.value <= most);
}

const RULES: Record<SplitId, string> = {
  thirds: 'As much strip beyond the back as the front has, less the bridge over the top.',
  'two-thirds': 'Front and back take 70 % of the strip; the rest is bridge and flap.',
  'nearly-half': 'Front and back take 90 % of the strip; the rest is bridge and a short flap.',
  'to-the-closure':
    'Half the front, plus how far the closure sits in from the flap’s edge: it then closes in the middle of the front.',
};
