import { edgingFaults, edgingSizes } from '@/core/borders';
import { patternOf } from '@/core/design';
import type { FittingInput } from '@/core/fittings';

/** A hole that is left in the edging along a flap's edge. */
export interface HoleInEdging {
  /** The round of the edging that it is left in, and its middle beyond the flap's last row, mm. */
  round: number;
  beyondMm: number;
}

/**
 * Where a hole in the edging along the flap's edge lies: in the middle one of its plain rounds, so that one is worked over it.
 *
 * @returns null where there is no edging along it, or too few rounds, or the edge is no row
 */
export function holeInEdging({
  design,
  gauge,
  flap,
}: Pick<FittingInput, 'design' | 'gauge' | 'flap'>): HoleInEdging | null {
  if (!flap.onPiece || flap.scallops) return null;
  const faults = edgingFaults(design);
  const edging = design.edgings.find(
    ({ edge }, index) => faults[index] === null && (edge === 'flap' || edge === 'strip'),
  );
  if (!edging || edging.rounds < 2) return null;
  const { plainMm } = edgingSizes(edging, design, {
    stitchMm: gauge.stitchWidth.value,
    rowMm: gauge.rowHeight.value,
    pattern: patternOf(design),
  });
  const round = Math.ceil(edging.rounds / 2);
  return { round, beyondMm: ((round - 0.5) * plainMm) / edging.rounds };
}
