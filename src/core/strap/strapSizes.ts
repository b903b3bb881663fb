import type { WorkedStrap } from '@/core/design';
import { dropMm, hang, pullAtN } from './hanging';
import { shareAt, type StretchCurve } from './stretch';
import type { StrapLoad } from './strapLoad';

/**
 * Length of strap to work, measured slack, for a length worn.
 *
 * One school measures a strap fully pulled, or under the load it will bear, and works to that: the slack length is the worn length times
 * slack over pulled. The other reinforces it so that it can't stretch, and measures it slack. The sewn-in ends do not stretch and come on top.
 *
 * @param strap `pulledMm` is a piece of it as the worn length is meant: fully pulled, or under the load
 * @returns mm
 * Source: geometry; the schools and the overlap are common practice.
 *
 * @example
 * slackToWorkMm({ wornLengthMm: 1000, school: 'pulled', slackMm: 80, pulledMm: 100, overlapMm: 0 }) // => 800
 * slackToWorkMm({ wornLengthMm: 1000, school: 'slack', slackMm: 80, pulledMm: 100, overlapMm: 30 }) // => 1060
 */
export function slackToWorkMm(strap: {
  wornLengthMm: number;
  school: WorkedStrap['school'];
  slackMm: number;
  pulledMm: number;
  overlapMm: number;
}): number {
  const share = strap.school === 'slack' ? 1 : strap.slackMm / strap.pulledMm;
  return strap.wornLengthMm * share + 2 * strap.overlapMm;
}

/** A strap in numbers, before it is told. Lengths in mm. */
export interface StrapSizes {
  /** How many make its width, and how many are worked along it. */
  acrossCount: number;
  alongCount: number;
  /** Slack, lying flat. */
  widthMm: number;
  /** To work, slack: as it is wished, and as whole rows make it. */
  slackMm: number;
  plannedSlackMm: number;
  /** What of it stretches: all between the feet. */
  stretchingMm: number;
  /** As its worn length is meant, between the feet. */
  wornMm: number;
  /** By what share it is longer than slack then. */
  share: number;
  /** As it hangs. */
  rest: Rest;
}

/** How a strap is worn: by its school, its curve, and what hangs on it. */
export interface Worn {
  /** By what share it is longer than slack, as its worn length is meant. */
  share: number;
  curve: StretchCurve;
  load: Pick<StrapLoad, 'weightN' | 'span'>;
}

/** By what share a strap is longer than slack, as its worn length is meant. */
export function wornShare(
  { school, wornLengthMm }: Pick<WorkedStrap, 'school' | 'wornLengthMm'>,
  curve: StretchCurve,
  { weightN, span }: Worn['load'],
): number {
  switch (school) {
    case 'pulled':
      return curve.mostShare;
    case 'loaded':
      return shareAt(curve, pullAtN(wornLengthMm, weightN, span));
    case 'slack':
      return 0;
  }
}

/** A strap as it hangs under its bag. Round a body it does not hang, and has no drop. */
export interface Rest {
  pullN: number;
  share: number;
  lengthMm: number;
  dropMm: number | null;
}

/** A strap at rest under its load: a tape inside keeps one that is reinforced from stretching. */
export function restOf(slackMm: number, school: WorkedStrap['school'], curve: StretchCurve, load: Worn['load']): Rest {
  const { weightN, span } = load;
  if (school === 'slack')
    return {
      pullN: pullAtN(slackMm, weightN, span),
      share: 0,
      lengthMm: slackMm,
      dropMm: span && dropMm(slackMm, span),
    };
  const hanging = span && hang({ slackMm, stiffMm: 0 }, curve, weightN, span);
  if (hanging) return hanging;
  const pullN = weightN / 2;
  const share = shareAt(curve, pullN);
  return { pullN, share, lengthMm: slackMm * (1 + share), dropMm: null };
}

/**
 * What makes the width of a strap, and what is worked along it.
 *
 * @param across how many make its width, and what they come to
 * @param alongMm what one of those takes that are counted along it
 */
export function strapSizes(
  strap: WorkedStrap,
  across: { count: number; widthMm: number },
  alongMm: number,
  worn: Worn,
): StrapSizes {
  const slackMm = slackToWorkMm({ ...strap, slackMm: 1, pulledMm: 1 + worn.share });
  const alongCount = Math.max(1, Math.round(slackMm / alongMm));
  const plannedSlackMm = alongCount * alongMm;
  const stretchingMm = Math.max(0, plannedSlackMm - 2 * strap.overlapMm);
  const rest = restOf(stretchingMm, strap.school, worn.curve, worn.load);
  const share = strap.school === 'loaded' ? rest.share : worn.share;
  return {
    acrossCount: across.count,
    alongCount,
    widthMm: across.widthMm,
    slackMm,
    plannedSlackMm,
    stretchingMm,
    wornMm: stretchingMm * (1 + share),
    share,
    rest,
  };
}
