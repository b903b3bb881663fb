import type { WorkedStrap } from '@/core/design';
import { dropMm, hang, pullAtN } from './hanging';
import type { HungStrap } from './hungStrap';
import type { StrapLoad } from './strapLoad';
import { strapPieces, type StrapPath } from './strapPath';
import { pullOfMassN, shareAt, type StretchCurve } from './stretch';

/**
 * Length of strap to work, measured slack, for a length worn: less the rings and clasps that are not strap, and with what lies double or is tied.
 *
 * One school measures a strap fully pulled, or under the load it will bear, and works to that: the slack length is the worn length times
 * slack over pulled. The other reinforces it so that it can't stretch, and measures it slack. The sewn-in ends do not stretch and come on top.
 *
 * @param strap `pulledMm` is a piece of it as the worn length is meant: fully pulled, or under the load
 * @returns mm
 * Source: geometry; the schools and the overlap are common practice.
 *
 * @example
 * slackToWorkMm({ wornLengthMm: 1000, school: 'pulled', slackMm: 80, pulledMm: 100, path: { hardwareMm: 0, doubledMm: 0, lossMm: 0 } }) // => 800
 * slackToWorkMm({ wornLengthMm: 1000, school: 'slack', slackMm: 80, pulledMm: 100, path: { hardwareMm: 50, doubledMm: 100, lossMm: 60 } }) // => 1110
 */
export function slackToWorkMm(strap: {
  wornLengthMm: number;
  school: WorkedStrap['school'];
  slackMm: number;
  pulledMm: number;
  path: Pick<StrapPath, 'hardwareMm' | 'doubledMm' | 'lossMm'>;
}): number {
  const share = strap.school === 'slack' ? 1 : strap.slackMm / strap.pulledMm;
  const { hardwareMm, doubledMm, lossMm } = strap.path;
  return (strap.wornLengthMm - hardwareMm + doubledMm) * share + lossMm;
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
  /** What of it stretches: all but what its ends take. */
  stretchingMm: number;
  /** As its worn length is meant, from mouth to mouth. */
  wornMm: number;
  /** By what share it is longer than slack then. */
  share: number;
  /** As it hangs. */
  rest: Rest;
}

/** How a strap is worn: by its school, its curve, and where and under what it hangs. */
export interface Worn {
  /** By what share it is longer than slack, as its worn length is meant. */
  share: number;
  curve: StretchCurve;
  hung: Pick<HungStrap, 'path' | 'wornMm'> & { load: Pick<StrapLoad, 'weightN' | 'span'> };
}

/** By what share a strap is longer than slack, as its worn length is meant. */
export function wornShare(
  { school, given }: Pick<WorkedStrap, 'school' | 'given'>,
  wornLengthMm: number,
  curve: StretchCurve,
  { weightN, span }: Worn['hung']['load'],
): number {
  // A strap she likes says under what it was as long as that: under nothing, or in both arms under a bag.
  if (given.by === 'copy' && school !== 'slack')
    return given.massG === null ? 0 : shareAt(curve, pullOfMassN(given.massG) / 2);
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

/** A strap at rest that does not stretch: what is bought, or has a tape inside. */
export const restUnstretched = (lengthMm: number, { weightN, span }: Worn['hung']['load']): Rest => ({
  pullN: pullAtN(lengthMm, weightN, span),
  share: 0,
  lengthMm,
  dropMm: span && dropMm(lengthMm, span),
});

/**
 * A strap at rest under its load: a tape inside keeps one that is reinforced from stretching.
 *
 * @param stiffMm what is not strap along it, less what of the strap lies double
 */
export function restOf(
  slackMm: number,
  stiffMm: number,
  school: WorkedStrap['school'],
  curve: StretchCurve,
  load: Worn['hung']['load'],
): Rest {
  const { weightN, span } = load;
  if (school === 'slack') return restUnstretched(slackMm + stiffMm, load);
  const hanging = span && hang({ slackMm, stiffMm }, curve, weightN, span);
  if (hanging) return hanging;
  const pullN = weightN / 2;
  const share = shareAt(curve, pullN);
  return { pullN, share, lengthMm: slackMm * (1 + share) + stiffMm, dropMm: null };
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
  const { path, wornMm: wishedMm } = worn.hung;
  const slackMm = slackToWorkMm({ ...strap, wornLengthMm: wishedMm, slackMm: 1, pulledMm: 1 + worn.share, path });
  // Of one that is tied both pieces are alike.
  const pieces = strapPieces(strap.adjust);
  const alongCount = pieces * Math.max(1, Math.round(slackMm / pieces / alongMm));
  const plannedSlackMm = alongCount * alongMm;
  const stretchingMm = Math.max(0, plannedSlackMm - path.lossMm);
  const stiffMm = path.hardwareMm - path.doubledMm;
  const rest = restOf(stretchingMm, stiffMm, strap.school, worn.curve, worn.hung.load);
  const share = strap.school === 'loaded' && strap.given.by !== 'copy' ? rest.share : worn.share;
  return {
    acrossCount: across.count,
    alongCount,
    widthMm: across.widthMm,
    slackMm,
    plannedSlackMm,
    stretchingMm,
    wornMm: stretchingMm * (1 + share) + stiffMm,
    share,
    rest,
  };
}
