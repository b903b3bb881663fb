import { SEWING_TAIL_MM } from '@/core/defaults';
import { shapedRows } from '@/core/shaping';
import type { WorkedStrapStage } from '@/core/strap';
import { turnedRowsLines } from '../rowsText';
import { inPlainStitch, patternText } from '../rowText';
import type { FittingWords } from './words';

type Bag = Parameters<FittingWords<WorkedStrapStage>['materials']>[1];

/** A worked strap, row by row. */
export function strapLines(stage: WorkedStrapStage, { design, length }: Bag): string[] {
  const { figures, nature, stitch, stitchCount, rowCount } = stage;
  const chain = figures.startingChain.value;
  const tail = `leaving a tail of ${length(SEWING_TAIL_MM)} to sew with`;
  const begin = chain > 0 ? [`Ch ${chain}.`] : [];
  if (!nature.rowByRow)
    return [
      ...begin,
      ...patternText(stitch, stitchCount, design.settings, rowCount),
      nature.lie === 'round'
        ? `Sl st in next st, fasten off, ${tail}: draw it through the stitches of the last round and pull them together. Close the beginning the same way.`
        : `Fasten off, ${tail}.`,
    ];
  // The last row of a band for a tube joins its long edges.
  const open = nature.layers === 2 ? rowCount - 1 : rowCount;
  return [
    ...begin,
    ...turnedRowsLines(
      nature.stitch === null ? inPlainStitch(design) : { ...design, stitch: nature.stitch, plainEdge: 0 },
      {
        from: 1,
        rows: shapedRows(stitchCount, Array<number>(open).fill(stitchCount)),
        startStitches: stitchCount,
        after: new Map(),
        over: 'beginning',
      },
    ),
    ...(nature.layers === 2
      ? [
          `Row ${rowCount}: fold the band lengthwise, wrong sides together; sl st through each st of row ${open} and the loop of the beginning below it, to the end. (${stitchCount} sl st)`,
        ]
      : []),
    `Fasten off, ${tail}.`,
  ];
}
