import type { Drawstring } from '@/core/design';
import { GEOMETRY, MEMORY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';

/** A casing beside the cord, on either side of it, mm: room to slip, and an edge to sew. From memory. */
const CASING_PLAY_MM = 3;

/** The strip that the cord runs in: its stitches across, so that the cord slips in it. */
export const casingStitchesFigure = (
  id: string,
  { cordMm }: Drawstring,
  { pouch, gauge }: Pick<FittingInput, 'pouch' | 'gauge'>,
): Figure =>
  makeFigure(
    id,
    'Stitches across the casing',
    Math.max(3, Math.ceil(((Math.PI / 2) * cordMm + 2 * CASING_PLAY_MM) / pouch.stitchMm)),
    'stitch',
    {
      rule: 'Half round the cord, and room to slip on either side, in whole stitches, up to the next; three at least.',
      inputs: [
        input('Cord, thick', cordMm, 'mm'),
        input('Room on either side', CASING_PLAY_MM, 'mm'),
        inputFrom(gauge.stitchWidth),
      ],
      source: MEMORY,
    },
  );

/** Between the ends of a casing, for each cord that leaves it, mm: twice as wide as the cord, and a little. From memory. */
export const casingGapMm = ({ cordMm }: Drawstring): number => 2 * cordMm + 4;

/** How long that strip is all round, mm: in two halves with two cords. */
export const casingLengthFigure = (id: string, choice: Drawstring, round: Figure): Figure =>
  makeFigure(
    id,
    choice.cords === 2 ? 'Casing, both halves together' : 'Casing, long',
    Math.max(0, round.value - choice.cords * casingGapMm(choice)),
    'mm',
    {
      rule: 'The row all round, less a gap where each cord leaves it: at the middle of the front, and with two cords at the middle of the back.',
      inputs: [
        inputFrom(round),
        input('Gap for a cord', casingGapMm(choice), 'mm'),
        input('Gaps', choice.cords, 'count'),
      ],
      source: GEOMETRY,
    },
    round.plusMinus,
  );

/** What is worked for it, mm²; null without a casing. */
export function casingFabric(
  { casingStitches, casingLength }: { casingStitches: Figure | null; casingLength: Figure | null },
  { pouch, gauge, at }: FittingInput,
): Figure | null {
  if (!casingStitches || !casingLength) return null;
  return makeFigure(
    nameAt(at, 'cord.casingFabric'),
    'Fabric of the casing',
    casingStitches.value * pouch.stitchMm * casingLength.value,
    'mm2',
    {
      rule: 'Its stitches, times the width of one, times its length.',
      inputs: [inputFrom(casingStitches), inputFrom(casingLength), inputFrom(gauge.stitchWidth)],
      source: GEOMETRY,
    },
  );
}
