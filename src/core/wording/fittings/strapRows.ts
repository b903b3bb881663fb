import { shapedRows } from '@/core/shaping';
import type { WorkedStrapStage } from '@/core/strap';
import { turnedRowWords, withoutNumber } from '../rowsText';
import { patternRowWords } from '../rowText';
import { term } from '../terms';
import { iCordRowLines, joiningRowLine, longEdgeLines, workedIn } from './strapLines';
import type { FittingWords } from './words';

type Bag = Parameters<FittingWords<WorkedStrapStage>['materials']>[1];

const CALLED: Readonly<Record<string, string>> = {
  strap: 'Strap',
  'short-loop': 'Short loop of the strap',
  'long-edges': 'Long edges of the strap',
};

/** What is counted of a strap, and the words of every row of it. */
export const STRAP_BESIDE: NonNullable<FittingWords<WorkedStrapStage>['beside']> = {
  called: (name) => CALLED[name] ?? 'Strap',
  rows: (stage, name, bag) => {
    const { beside, figures } = stage;
    const counts = beside.find((one) => one.name === name)?.counts ?? [];
    if (name === 'long-edges')
      return longEdgeLines(figures.border?.value ?? 0, term('sc', bag.design.settings.terms)).map(withoutNumber);
    return strapRowWords(stage, counts, bag);
  },
};

function strapRowWords(
  { nature, stitch, stitchCount, choice }: WorkedStrapStage,
  counts: readonly number[],
  { design }: Bag,
): string[] {
  const rows = counts.length;
  if (nature.written === 'i-cord')
    return Array.from({ length: rows }, (_, index) =>
      withoutNumber(iCordRowLines(stitchCount, rows)[index === 0 ? 0 : 1] as string),
    );
  if (nature.written === 'by-repeat') return patternRowWords(stitch, stitchCount, design.settings, rows);
  const open = nature.layers === 2 ? rows - 1 : rows;
  return [
    ...turnedRowWords(workedIn(nature, design), {
      from: 1,
      rows: shapedRows(stitchCount, counts.slice(0, open)),
      startStitches: stitchCount,
      over: choice.ends.kind === 'grown' ? 'rounds' : 'beginning',
    }),
    ...(nature.layers === 2 ? [withoutNumber(joiningRowLine(rows, stitchCount))] : []),
  ];
}
