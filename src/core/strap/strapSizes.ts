import type { PlainStrap } from '@/core/design';

/**
 * Length of strap to work, measured slack, for a length worn.
 *
 * One school measures a strap fully pulled and works to that: the slack length is the worn length times slack over
 * pulled. The other reinforces it so that it can't stretch, and measures it slack. The sewn-in ends do not
 * stretch and come on top.
 *
 * @returns mm
 * Source: geometry; the schools and the overlap are common practice.
 *
 * @example
 * slackToWorkMm({ wornLengthMm: 1000, school: 'pulled', slackMm: 80, pulledMm: 100, overlapMm: 0 }) // => 800
 * slackToWorkMm({ wornLengthMm: 1000, school: 'slack', slackMm: 80, pulledMm: 100, overlapMm: 30 }) // => 1060
 */
export function slackToWorkMm(strap: {
  wornLengthMm: number;
  school: PlainStrap['school'];
  slackMm: number;
  pulledMm: number;
  overlapMm: number;
}): number {
  const share = strap.school === 'pulled' ? strap.slackMm / strap.pulledMm : 1;
  return strap.wornLengthMm * share + 2 * strap.overlapMm;
}

/** A plain strap in numbers, before it is told. Lengths in mm. */
export interface StrapSizes {
  stitchCount: number;
  rowCount: number;
  /** To work, slack: as it is wished, and as whole rows make it. */
  slackMm: number;
  plannedSlackMm: number;
  /** What of it stretches: all between the feet. */
  stretchingMm: number;
  /** As it is worn, between the feet. */
  wornMm: number;
}

/**
 * Stitches across a plain strap and its rows.
 *
 * @param growth by how much the trial strip grew when it was fully pulled, as a share
 */
export function strapSizes(strap: PlainStrap, stitchMm: number, rowMm: number, growth: number): StrapSizes {
  const slackMm = slackToWorkMm({ ...strap, slackMm: 1, pulledMm: 1 + growth });
  const rowCount = Math.max(1, Math.round(slackMm / rowMm));
  const plannedSlackMm = rowCount * rowMm;
  const stretchingMm = Math.max(0, plannedSlackMm - 2 * strap.overlapMm);
  return {
    stitchCount: Math.max(2, Math.round(strap.widthMm / stitchMm)),
    rowCount,
    slackMm,
    plannedSlackMm,
    stretchingMm,
    wornMm: strap.school === 'pulled' ? stretchingMm * (1 + growth) : stretchingMm,
  };
}
