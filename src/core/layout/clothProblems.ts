import type { Design } from '@/core/design';
import type { Problem } from '@/core/problems';
import { isSimple, ringBounds } from '@/core/cutting';
import { sheetOf } from './clothPieces';
import { convexHull } from './convex';
import { foldedPieces } from './foldedCloth';
import type { LayoutPiece } from './layoutTypes';

/** Cloth is woven so wide at most, mm; the limit of the file. */
const MOST_WIDE_MM = 4000;

/** Cloth that is too narrow for a piece whichever way that may lie, and a print that does not repeat once on what is at hand. */
export function clothProblems(pieces: readonly LayoutPiece[], { cloth }: Pick<Design, 'cloth'>): Problem[] {
  const { selvedgeMm, repeatMm, haveMm, folded, remnants } = cloth;
  const hasMm = sheetOf(cloth).widthMm;
  const laidPieces = folded ? foldedPieces(pieces) : pieces;
  const wideMm = Math.max(
    0,
    ...laidPieces.map(({ ring, turns }) => {
      const bounds = ringBounds(ring);
      return turns.some((turn) => turn % 180 !== 0) ? Math.min(bounds.widthMm, bounds.heightMm) : bounds.widthMm;
    }),
  );
  const problems: Problem[] = [];
  if (pieces.length > 0 && wideMm > hasMm + 1e-6) {
    const wider = Math.ceil(((folded ? 2 * wideMm : wideMm) + 2 * selvedgeMm) / 10) * 10;
    problems.push({
      code: 'cloth-too-narrow',
      severity: 'decide',
      place: 'lining',
      path: ['cloth', 'widthMm'],
      values: { wideMm, hasMm: Math.max(0, hasMm) },
      repairs: [
        ...(folded
          ? [{ code: 'cloth-unfolded' as const, values: {}, edits: [{ path: ['cloth', 'folded'], value: false }] }]
          : []),
        ...(wider <= MOST_WIDE_MM
          ? [
              {
                code: 'cloth-wider' as const,
                values: { widthMm: wider },
                edits: [{ path: ['cloth', 'widthMm'], value: wider }],
              },
            ]
          : []),
      ],
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
  remnants.forEach(({ name, outline }, index) => {
    if (isSimple(outline)) return;
    const hull = convexHull(outline);
    const remedies: Problem['repairs'] = [];
    if (hull.length > 2)
      remedies.push({
        code: 'remnant-hull',
        values: { name },
        edits: [{ path: ['cloth', 'remnants', index, 'outline'], value: hull }],
      });
    remedies.push({
      code: 'remnant-out',
      values: { name },
      edits: [
        { path: ['cloth', 'remnants'], value: remnants.filter((_, other) => other !== index) },
        { path: ['cloth', 'laid'], value: [] },
      ],
    });
    problems.push({
      ...{
        code: 'remnant-crosses',
        severity: 'decide',
        place: 'lining',
        path: ['cloth', 'remnants', index, 'outline'],
      },
      values: { name },
      repairs: remedies,
    });
  });
  return problems;
}
