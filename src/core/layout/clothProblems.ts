import type { Design } from '@/core/design';
import type { Problem } from '@/core/problems';
import { ringBounds } from '@/core/cutting';
import type { LayoutPiece } from './layoutTypes';

/** Cloth is woven so wide at most, mm; the limit of the file. */
const MOST_WIDE_MM = 4000;

/** Cloth that is too narrow for a piece whichever way that may lie, and a print that does not repeat once on what is at hand. */
export function clothProblems(pieces: readonly LayoutPiece[], { cloth }: Pick<Design, 'cloth'>): Problem[] {
  const { widthMm, selvedgeMm, repeatMm, haveMm } = cloth;
  const hasMm = widthMm - 2 * selvedgeMm;
  const wideMm = Math.max(
    0,
    ...pieces.map(({ ring, turns }) => {
      const bounds = ringBounds(ring);
      return turns.some((turn) => turn % 180 !== 0) ? Math.min(bounds.widthMm, bounds.heightMm) : bounds.widthMm;
    }),
  );
  const problems: Problem[] = [];
  if (pieces.length > 0 && wideMm > hasMm + 1e-6) {
    const wider = Math.ceil((wideMm + 2 * selvedgeMm) / 10) * 10;
    problems.push({
      code: 'cloth-too-narrow',
      severity: 'decide',
      place: 'lining',
      path: ['cloth', 'widthMm'],
      values: { wideMm, hasMm: Math.max(0, hasMm) },
      repairs:
        wider <= MOST_WIDE_MM
          ? [{ code: 'cloth-wider', values: { widthMm: wider }, edits: [{ path: ['cloth', 'widthMm'], value: wider }] }]
          : [],
    });
  }
  if (pieces.length > 0 && repeatMm !== null && haveMm !== null && repeatMm > haveMm)
    problems.push({
      code: 'cloth-repeat-long',
      severity: 'decide',
      place: 'lining',
      path: ['cloth', 'repeatMm'],
      values: { repeatMm, haveMm },
      repairs: [{ code: 'cloth-no-print', values: {}, edits: [{ path: ['cloth', 'repeatMm'], value: null }] }],
    });
  return problems;
}
