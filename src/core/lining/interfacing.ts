import { offsetRing, type PatternPiece } from '@/core/cutting';
import type { CutLining } from '@/core/design';
import { pathOf, type FittingInput, type StepRule } from '@/core/fittings';
import { ownCodes, type Problem } from '@/core/problems';
import type { LiningPattern, LiningPieceName } from './liningPattern';

/** What is doubtful of an interfacing. */
export interface InterfacingProblems {
  'interfacing-melts': { stuff: CutLining['stuff'] };
}
export interface InterfacingRepairs {
  'interfacing-out': object;
}
const ours = ownCodes<InterfacingProblems, InterfacingRepairs>();

/** A piece that is stuck to the wrong side of a piece of lining. */
export interface InterfacingPiece extends PatternPiece {
  id: LiningPieceName;
}

/** Inside the holes it ends so far from them, so that it is not perforated, mm. Ours. */
const FROM_HOLES_MM = 2;

/**
 * The pieces of interfacing: each as large as its piece of lining is finished, without allowances, so that no seam is thicker for it; inside the holes of one
 * that is perforated.
 *
 * Source: common practice, no source.
 */
export function interfacingFor(lining: CutLining, patterns: readonly LiningPattern[]): InterfacingPiece[] {
  if (lining.interfacingMm === null) return [];
  const insideMm = lining.joined === 'through-holes' ? lining.holesInMm + FROM_HOLES_MM : 0;
  return patterns.flatMap(({ id, copies, seam, grain }) => {
    const cut = offsetRing(seam, -insideMm, 'mitred');
    return cut ? [{ id, copies, seam: cut, cut, marks: [], grain }] : [];
  });
}

/** It is stuck on while the pieces lie flat. */
export const interfacingSteps = ({ interfacingMm }: CutLining): StepRule[] =>
  interfacingMm === null
    ? []
    : [{ name: 'fuse-interfacing', after: ['cut-lining'], before: ['cloth-joined', 'covered'] }];

/** What is made of plastic melts under the iron that sticks it on. */
export const interfacingProblems = (lining: CutLining, { at }: Pick<FittingInput, 'at'>): Problem[] =>
  lining.interfacingMm !== null && (lining.stuff === 'vinyl' || lining.stuff === 'fleece')
    ? [
        ours.problem({
          code: 'interfacing-melts',
          severity: 'decide',
          place: 'lining',
          path: [...pathOf(at), 'interfacingMm'],
          values: { stuff: lining.stuff },
          repairs: [
            ours.repair({
              code: 'interfacing-out',
              values: {},
              edits: [{ path: [...pathOf(at), 'interfacingMm'], value: null }],
            }),
          ],
        }),
      ]
    : [];
