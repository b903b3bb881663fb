import { shareAt, type StretchCurve } from './stretch';

/** Where a strap hangs, mm: how far apart its feet are on the bag, and how wide what it lies over is. */
export interface Span {
  feetMm: number;
  supportMm: number;
}

/**
 * How far below what it lies over a strap's feet hang.
 *
 * @param lengthMm from foot to foot
 * @returns null where it is too short to reach
 * Source: geometry. Half the length is its limit, for a strap much longer than the bag is wide.
 *
 * @example
 * dropMm(1000, { feetMm: 400, supportMm: 400 }) // => 300
 * dropMm(600, { feetMm: 260, supportMm: 100 }).toFixed(1) // => '236.9'
 * dropMm(200, { feetMm: 300, supportMm: 100 }) // => null
 */
export function dropMm(lengthMm: number, { feetMm, supportMm }: Span): number | null {
  const armMm = (lengthMm - supportMm) / 2;
  const besideMm = (feetMm - supportMm) / 2;
  return armMm > Math.abs(besideMm) ? Math.sqrt(armMm ** 2 - besideMm ** 2) : null;
}

/**
 * How long a strap must be, from foot to foot, to hang so far down: the other way round.
 *
 * @example
 * lengthForDropMm(300, { feetMm: 400, supportMm: 400 }) // => 1000
 */
export const lengthForDropMm = (drop: number, { feetMm, supportMm }: Span): number =>
  supportMm + 2 * Math.hypot(drop, (feetMm - supportMm) / 2);

/**
 * The pull in a strap of a length, N: half the weight in each arm where they hang straight, and more as they spread. Round a body, where
 * there is no span, half of it.
 *
 * @example
 * pullAtN(1000, 8, { feetMm: 400, supportMm: 400 }) // => 4
 * pullAtN(600, 8, null) // => 4
 */
export function pullAtN(lengthMm: number, weightN: number, span: Span | null): number {
  const drop = span && dropMm(lengthMm, span);
  return span && drop !== null ? ((weightN / 2) * ((lengthMm - span.supportMm) / 2)) / drop : weightN / 2;
}

/** A strap under its bag. */
export interface Hanging {
  /** Pull in the strap, N: half the weight, and more as its arms spread. */
  pullN: number;
  /** Longer than slack, as a share of what stretches. */
  share: number;
  /** From foot to foot. */
  lengthMm: number;
  dropMm: number;
}

const STEPS = 60;

/**
 * A strap at rest under its bag: as long as its pull makes it, with the pull that arms of that length need.
 *
 * @param strap what of it stretches, slack, and what does not (clasps, rings), mm
 * @returns null where it is too short to reach even when it is pulled
 * Source: geometry and statics; the pull is taken as the same all along, as over a smooth support.
 *
 * @example
 * hang({ slackMm: 1000, stiffMm: 0 }, { mostShare: 0, pullN: 5 }, 8, { feetMm: 200, supportMm: 200 }).pullN.toFixed(6) // => '4.000000'
 */
export function hang(
  { slackMm, stiffMm }: { slackMm: number; stiffMm: number },
  curve: Pick<StretchCurve, 'mostShare' | 'pullN'>,
  weightN: number,
  span: Span,
): Hanging | null {
  const under = (pullN: number) => {
    const share = shareAt(curve, pullN);
    const lengthMm = slackMm * (1 + share) + stiffMm;
    return { pullN, share, lengthMm, dropMm: dropMm(lengthMm, span) };
  };
  /** Whether so much pull is more than the weight needs: the longer its arms, the steeper they are. */
  const isEnough = (pullN: number): boolean => {
    const { lengthMm, dropMm: drop } = under(pullN);
    return drop !== null && pullN >= pullAtN(lengthMm, weightN, span);
  };
  let [least, most] = [weightN / 2, Math.max(weightN, 1)];
  while (!isEnough(most)) {
    most *= 2;
    // Beyond this nothing stretches further: it does not reach.
    if (most > MOST_PULL_N) return null;
  }
  if (weightN === 0) most = 0;
  for (let step = 0; step < STEPS && most - least > 1e-12 * most; step += 1) {
    const middle = (least + most) / 2;
    if (isEnough(middle)) most = middle;
    else least = middle;
  }
  const { dropMm: drop, ...rest } = under(most);
  return drop === null ? null : { ...rest, dropMm: drop };
}

/** More than any strap of crochet bears, N. */
const MOST_PULL_N = 1e5;
