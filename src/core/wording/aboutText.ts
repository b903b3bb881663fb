import { partsToWork } from '@/core/bench';
import { patternOf, type Design } from '@/core/design';
import { timeLeft } from '@/core/logbook';
import type { Plan } from '@/core/plan';
import { isPlainRow, patternRowCount, rowOf } from '@/core/stitches';
import { hoursText } from './logbookText';

/** How much a bag asks of who makes it, and what for. */
export interface Difficulty {
  level: 'for a first bag' | 'easy' | 'for practised hands' | 'for skilled hands';
  because: string[];
}

const LEVELS: readonly Difficulty['level'][] = ['for a first bag', 'easy', 'for practised hands', 'for skilled hands'];
/** So many things to know lie between two levels. Ours. */
const A_LEVEL = 2;

/** How difficult a bag is, judged from what it uses: each thing that has to be known counts one. */
export function difficultyOf(design: Design, plan: Plan): Difficulty {
  const pattern = patternOf(design);
  const rows = patternRowCount(pattern);
  const isTextured = Array.from({ length: rows }, (_, index) => rowOf(pattern, index + 1)).some(
    (row) => !isPlainRow(row),
  );
  const isShaped = plan.pieces.some((piece) => piece.kind === 'rows' && piece.rows.some(({ by }) => by !== 'nothing'));
  const has = (group: Plan['fittings'][number]['at']['group']) => plan.fittings.some(({ at }) => at.group === group);
  const found: [boolean, string][] = [
    [rows > 1, `a pattern of ${rows} rows`],
    [isTextured, 'stitches that stand out of the fabric'],
    [isShaped, 'increases or decreases'],
    [plan.pieces.some(({ kind }) => kind !== 'rows'), 'rounds about a middle'],
    [plan.pieces.some((piece) => piece.kind === 'rows' && piece.roundCount > 0), 'rounds without a seam'],
    [plan.pieces.length > 1, 'pieces that are joined count to count'],
    [has('edgings'), 'a border picked up along edges'],
    [has('lining') || has('pockets'), 'a lining or a pocket'],
    [has('closures') || has('hardware'), 'hardware set by count'],
    [plan.straps.length > 0, 'a strap'],
  ];
  const because = found.flatMap(([isSo, what]) => (isSo ? [what] : []));
  const level = LEVELS[Math.min(LEVELS.length - 1, Math.floor(because.length / A_LEVEL))] ?? 'easy';
  return { level, because };
}

/** What stands first in a pattern: how difficult it is, how long it takes, how it is cared for. */
export function aboutLines(design: Design, plan: Plan): string[] {
  const { level, because } = difficultyOf(design, plan);
  const parts = partsToWork(plan);
  const { hours, plusMinus, by } = timeLeft(
    parts,
    { rows: new Map(), steps: new Map(), rowMs: [] },
    design.corrected.pace,
  );
  const hasMetal = plan.fittings.some(({ at }) => at.group === 'closures' || at.group === 'hardware');
  return [
    `Difficulty: ${level}${because.length > 0 ? ` (${because.join(', ')})` : ''}.`,
    `Time: rows and rounds take about ${by === 'usual' ? `${Math.max(1, Math.round(hours))} h at a usual pace, half of that or twice from hand to hand` : `${hoursText(hours)} (± ${hoursText(plusMinus)}) at your own pace`}; seams, cloth and ends come on top.`,
    `Care: as the labels of yarn and cloth say${hasMetal ? '; what is of metal is wiped dry' : ''}. Try it on the swatch first.`,
  ];
}
