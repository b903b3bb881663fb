import type { CameOut, Design } from '@/core/design';
import { MEASURED, input, makeFigure, type Figure } from '@/core/figures';
import type { Covered } from './covered';

/** A tape measure is read to half a centimetre over soft cloth, mm. From memory. */
const TAPE_MM = 3;

/** What she measured of the finished bag, or of a piece; nothing where she did not. */
export const cameOutAs = (of: CameOut['of'], { cameOut }: Pick<Design, 'cameOut'>): CameOut | undefined =>
  cameOut.find((one) => one.of === of);

/** A size as it was measured in the place of the one that was planned. */
export const asMeasured = (planned: Figure, mm: number | null | undefined): Figure =>
  mm === null || mm === undefined
    ? planned
    : makeFigure(
        planned.id,
        planned.label,
        mm,
        'mm',
        { rule: 'As you measured it on your own.', inputs: [input('Planned', planned.value, 'mm')], source: MEASURED },
        TAPE_MM,
      );

/** What is covered, and by what share it came out wider and longer than planned. */
export interface MeasuredCovered extends Covered {
  cameOut: { across: number; along: number };
}

/** What is covered, as it came out where she measured it: its outline stretched to that. */
export function coveredAsMeasured(covered: Covered, design: Pick<Design, 'cameOut'>): MeasuredCovered {
  const came = cameOutAs(covered.for, design);
  if (!came) return { ...covered, cameOut: { across: 1, along: 1 } };
  const width = asMeasured(covered.width, came.widthMm);
  const length = asMeasured(covered.length, came.heightMm);
  const [across, along] = [width.value / covered.width.value, length.value / covered.length.value];
  return {
    ...covered,
    width,
    length,
    cameOut: { across, along },
    outline:
      covered.outline?.map(({ alongMm, halfMm }) => ({ alongMm: alongMm * along, halfMm: halfMm * across })) ?? null,
  };
}
