import type { Problem } from '@/core/problems';
import { beginsWithStitch } from '@/core/stitches';
import type { OwnStitch } from './ownStitchSchema';
import { repeatOfOwn } from './patternOf';
import type { Design } from './schema';

/** What is wrong with the rows of a maker's own patterns, found by working them: a row that fits nothing prevents a plan. */
export const ownStitchProblems = ({ ownStitches }: Pick<Design, 'ownStitches'>): Problem[] =>
  ownStitches.flatMap((own, index) => {
    const fault = faultOf(own);
    if (fault === null) return [];
    const { row, code, values } = fault;
    return [
      {
        code: 'own-pattern-does-not-fit',
        severity: 'stop',
        place: 'stitch',
        path:
          row <= own.setupRows.length
            ? ['ownStitches', index, 'setupRows', row - 1]
            : ['ownStitches', index, 'rows', (row - 1 - own.setupRows.length) % own.rows.length],
        values: { row, ...values },
        names: { name: own.name, fault: code },
        repairs: [],
      } satisfies Problem,
    ];
  });

/** The first fault of the rows, with its numbers. */
function faultOf(own: OwnStitch): { row: number; code: string; values: Record<string, number> } | null {
  const rows = [...own.setupRows, ...own.rows];
  const unworkable = rows.findIndex((row) => !beginsWithStitch(row));
  if (unworkable >= 0) return { row: unworkable + 1, code: 'begins-without-stitch', values: {} };
  const found = repeatOfOwn(own);
  if (found.ok) return null;
  const { code, ...values } = found.fault;
  return { row: found.row, code, values };
}
