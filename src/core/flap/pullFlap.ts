import type { Flap } from '@/core/design';
import type { DesignEdit } from '@/core/problems';
import type { PouchStage, FlapStage } from '@/core/stages';
import { flapSize } from './flapStage';
import { shapeHandle, type FlapHandle } from './shapes';

/** The narrowest flap that a design can wish for, mm: the schema's limit. */
const LEAST_WIDTH_MM = 10;

/** What of a flap can be pulled on the drawing: its width, taken hold of over the top, and the size of its shape. */
export function flapHandles(flap: Flap, pouch: PouchStage, stage: FlapStage): FlapHandle[] {
  if (!stage.hasFlap) return [];
  const size = flapSize(pouch, stage);
  const shape = shapeHandle(flap, size);
  const width: FlapHandle = {
    field: 'widthMm',
    valueMm: size.widthMm,
    leastMm: LEAST_WIDTH_MM,
    mostMm: pouch.stitchCount * pouch.stitchMm,
    at: { acrossMm: size.widthMm / 2, downMm: -(stage.bridgeRows * pouch.rowMm) / 2 },
    pulled: 'across',
    perMm: 2,
  };
  return shape === null ? [width] : [width, shape];
}

/**
 * The edits that pull a size of the flap by so much, kept within its limits, to half a millimetre. A flap pulled as wide as the
 * back follows the back again.
 *
 * @param movedMm how far the hand has gone the way that it is pulled, mm
 */
export function pullFlapEdits(handle: FlapHandle, movedMm: number): DesignEdit[] {
  const { field, valueMm, leastMm, mostMm, perMm } = handle;
  const wished = Math.min(mostMm, Math.max(leastMm, valueMm + movedMm * perMm));
  const value = field === 'widthMm' && wished >= mostMm ? null : Math.floor(2 * wished) / 2;
  return [{ path: ['flap', field], value }];
}
